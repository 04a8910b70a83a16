import { randomUUID } from 'node:crypto';
import { inThousandths } from '$core/stock';
import larder from '../../../demo/larder.json';
import demo from '../../../demo/stock.json';
import type { Db } from './db/open';
import { ingredientsNamed } from './larder';
import { addEvents, runsOfSlab } from './runs';
import type { KeptSlab } from './slabs';
import { addEntry, countWhole } from './stock/ledger';

const DAY_MS = 86_400_000;

/** Brings in what the demo's shelves held a few days ago, lots that were delivered then, and mixtures that are left over. */
export function bringInStock(db: Db, slabs: readonly KeptSlab[], now: string): void {
  const before = new Date(Date.parse(now) - 3 * DAY_MS).toISOString();
  const inLots = new Set(demo.lots.map(({ ingredient }) => ingredient));
  db.transaction(() => {
    for (const { name, heldG } of larder as readonly { readonly name: string; readonly heldG?: number }[]) {
      const [own] = heldG === undefined || inLots.has(name) ? [] : ingredientsNamed(db, [name], 0);
      if (own) countWhole(db, own, heldG!, before);
    }
    for (const { ingredient, lot, massG, daysLeft } of demo.lots) {
      const [own] = ingredientsNamed(db, [ingredient], 0);
      if (!own) continue;
      addEntry(db, {
        ...{ of: { ingredient: own.id, lot }, name: own.name, change: inThousandths(massG), why: 'delivery' },
        at: before,
        keepsUntil: new Date(Date.parse(now) + daysLeft * DAY_MS).toISOString(),
      });
    }
    const lastRun = (name: string) => {
      const kept = slabs.find(({ slab }) => slab.name === name);
      const run = kept && runsOfSlab(db, kept.id, 5).findLast(({ plan }) => plan.begin < now);
      return run ? { kept, run } : null;
    };
    for (const { slab, ...leftOver } of demo.leftOver) {
      const last = lastRun(slab);
      if (last)
        addEvents(db, last.run.id, [{ id: randomUUID(), at: last.run.plan.begin, kind: 'leftover', ...leftOver }]);
    }
  }).immediate();
}
