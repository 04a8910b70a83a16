import { TZDate } from '@date-fns/tz';
import { addDays, startOfDay } from 'date-fns';
import type { Db } from './db/open';
import { wholeShop } from './shop';

/** Returns the end of a moment's day in the shop's time zone. */
export const endOfShopDay = (db: Db, moment: Date): Date =>
  new Date(addDays(startOfDay(new TZDate(moment.getTime(), wholeShop(db).zone ?? 'UTC')), 1).getTime());
