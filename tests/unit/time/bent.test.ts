import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { settingFor, layOutDay, workOf } from '$core/usecases';
import { parseSlab, type Slab } from '$core/slab';
import { demoLarder, demoSlabs, shop } from '../things';

const IDS = ['boil', 'bake', 'mix', 'melt', 'rub', 'none'];
const PREPARATIONS = ['base', 'syrup', 'whites', 'treacle', 'top', 'oats', 'apples', 'none'];
/** Odd but valid values of a step, a mixture and a layer. */
const STEP: readonly object[] = [
  ...[{ minutes: 0 }, { minutes: 900, mostMinutes: 900, leastMinutes: 0 }, { grows: 'set' }, { grows: 'mass' }],
  ...[
    { hands: 'free' },
    { occupies: ['ring', 'ring', 'oven'] },
    { occupies: ['moon'] },
    { ovenC: 170 },
    { lays: true },
  ],
  ...[{ after: IDS }, { after: ['none'] }, { cooks: true }, { wait: { minMinutes: 60, maxMinutes: 60 } }],
];
const PREPARATION: readonly object[] = [
  ...PREPARATIONS.map((preparation) => ({ meets: { preparation, aheadMinutes: 5, atStep: 'join' } })),
  ...[{ meets: { preparation: 'syrup' } }, { steps: [] }, { cookTo: { celsius: 150 } }, { maxScaleFactor: 0.1 }],
  { steps: [{ id: 'boil', text: 'Wait for itself', minutes: 3, after: ['boil'] }] },
];
const LAYER: readonly object[] = [
  ...['level', 'both-faces', 'scatter', 'coat', 'per-piece', 'shell'].map((spread) => ({ spread, thicknessMm: 2 })),
  ...['fridge', 'freezer', 'marble'].map((place) => ({ set: { place, minMinutes: 30, maxMinutes: 40 } })),
  ...[
    { set: { toC: -30 } },
    { set: { minMinutes: 5000, maxMinutes: 1 } },
    { from: [] },
    { pourC: 200 },
    { pourC: -20 },
  ],
];

type Change = readonly ['step' | 'preparation' | 'layer', number, object];

function changed(slab: Slab, changes: readonly Change[]): unknown {
  const copy = structuredClone(slab) as unknown as { preparations: { steps?: object[] }[]; layers: object[] };
  for (const [what, at, part] of changes) {
    const steps = copy.preparations.flatMap(({ steps: list = [] }) => list);
    const all = { step: steps, preparation: copy.preparations, layer: copy.layers }[what];
    if (all.length > 0) Object.assign(all[at % all.length]!, structuredClone(part));
  }
  return copy;
}

test('fuzz: whatever a slab says of its steps, pots and layers, it has a day or is told why not', () => {
  const change: fc.Arbitrary<Change> = fc.oneof(
    fc.tuple(fc.constant('step' as const), fc.nat(20), fc.constantFrom(...STEP)),
    fc.tuple(fc.constant('preparation' as const), fc.nat(20), fc.constantFrom(...PREPARATION)),
    fc.tuple(fc.constant('layer' as const), fc.nat(20), fc.constantFrom(...LAYER)),
  );
  const start = new Date('2026-12-01T08:00:00Z');
  const found = { read: 0, feasible: 0 };
  fc.assert(
    fc.property(
      fc.constantFrom(...demoSlabs),
      fc.array(change, { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 1, max: 3 }),
      fc.boolean(),
      (slab, changes, count, backward) => {
        const read = parseSlab(changed(slab, changes));
        if (!read.ok) return;
        found.read++;
        const cool = { ...shop, roomC: 19 };
        for (const { pouredAt, setAfterMinutes } of settingFor(read.value, demoLarder, cool)?.layers ?? [])
          assert.ok(pouredAt >= 0 && (setAfterMinutes ?? 0) >= 0);
        const work = workOf(read.value, demoLarder, cool, { tins: [{ tin: slab.tin, count }] });
        const asked = { hands: 1, ovens: 1, rings: 2, hours: [], zone: 'UTC' };
        const day = layOutDay(work, { ...asked, ...(backward ? { deadline: start } : { start }) }, start);
        assert.ok(day.because !== null || day.steps.length > 0);
        for (const { start: from, end } of day.steps) {
          assert.ok(Number.isFinite(from.getTime()) && end.getTime() >= from.getTime());
        }
        if (day.steps.length > 0) found.feasible++;
      },
    ),
    { numRuns: 60 },
  );
  assert.ok(found.read > 20 && found.feasible > 8, JSON.stringify(found));
});
