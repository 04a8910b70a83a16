import { readSlab } from '$core/slab';
import { type Read } from '$core/validation';
import type { Db } from './db/open';
import { bringInOrders, planDemoWeek } from './demoOrders';
import { bringInRuns, bringInToday } from './demoRuns';
import { bringInSales } from './demoSales';
import { bringInStock } from './demoStock';
import { saveIngredient } from './larder';
import { importCsv } from './larderCsv';
import { readIngredient, readShop, readTin } from './requests/kept';
import { keptSettings, saveSettings } from './shop';
import { addSlab, allSlabs, slabById } from './slabs';
import { addTin, allTins } from './tins';
import ingredients from '../../../demo/larder.json';
import prices from '../../../demo/prices.csv?raw';
import shop from '../../../demo/shop.json';
import tins from '../../../demo/tins.json';

const slabFiles = Object.values(
  import.meta.glob<string>('../../../demo/slabs/*.slab.json', { query: '?raw', import: 'default', eager: true }),
);

function sound<T>(read: Read<T>): T {
  if (!read.ok) throw new Error(`The demo does not read: ${JSON.stringify(read.problems)}`);
  return read.value;
}

/**
 * Brings the made-up demo shop into this one, by the readers that a user's own files go through. Ingredients that the larder
 * has already stay as they are; tins, settings and past runs come only into a shop without slabs.
 *
 * @param withToday whether a run is in progress, and others are planned
 */
export async function bringInDemo(db: Db, now: string, withToday: boolean): Promise<void> {
  const slabs = db.transaction(() => {
    const fresh = allSlabs(db).length === 0 && allTins(db).length === 0;
    for (const ingredient of ingredients) {
      const { heldG, ...facts } = sound(readIngredient(ingredient));
      // What is on the shelf comes in with the stock.
      saveIngredient(db, fresh && withToday ? facts : { ...facts, ...(heldG === undefined ? {} : { heldG }) });
    }
    if (fresh) {
      importCsv(db, prices, 'prices', now.slice(0, 10));
      saveSettings(db, keptSettings(db).revision, sound(readShop(shop)));
      for (const tin of tins) addTin(db, sound(readTin(tin)));
    }
    const ids = slabFiles.map((text) => addSlab(db, sound(readSlab(text)), now));
    return fresh ? ids.flatMap((id) => slabById(db, id) ?? []) : [];
  })();
  await bringInRuns(db, slabs, now);
  if (!withToday) return;
  bringInStock(db, slabs, now);
  bringInSales(db, slabs, now);
  bringInToday(db, slabs, now);
  bringInOrders(db, slabs, now);
  // The slabs can be seen meanwhile; a week that is opened before is planned by its page.
  void planDemoWeek(db, new Date(now)).catch((error: unknown) => console.error('The demo week was not planned', error));
}
