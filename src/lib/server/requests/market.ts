import { marketAskSchema, marketDaySchema, type MarketAsk, type MarketDayEntry } from '$core/market';
import { readBy, REQUIRED, type Read } from '$core/validation';

const ask = marketAskSchema.required(REQUIRED);
const day = marketDaySchema.required(REQUIRED);

export const readMarketAsk = (found: unknown): Read<MarketAsk> => readBy(ask, found) as Read<MarketAsk>;
export const readMarketDay = (found: unknown): Read<MarketDayEntry> => readBy(day, found) as Read<MarketDayEntry>;
