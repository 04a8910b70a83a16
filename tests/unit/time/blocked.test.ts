/** Blocked times, cold space, and boils that are laid one by one. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { batchesNeeded } from '$core/scale';
import { backwardFrom, forwardFrom, type Activity, type Blockable, type Means } from '$core/time';
import { layOutDay, workOf, type DayOptions, type DayStep } from '$core/usecases';
import { demoLarder, demoShop, demoSlabs, ryeSlice } from '../things';

const MEANS: Means = { hands: 1, ovens: 1, rings: 2 };
const ALL_DAY = [[-10_000, 10_000]] as const;
const activity = (id: string, part: Partial<Activity> = {}): Activity => ({
  ...{ id, of: id, title: { code: 'mix', name: id }, minutes: 30, hands: 'busy', occupies: [], ovenC: null },
  ...{ after: [], caution: null, ...part },
});
const begin = new Date('2026-12-04T08:00:00Z');
const at = (clock: string) => new Date(`2026-12-04T${clock}:00Z`);
const day = (part: Partial<DayOptions>, slab = ryeSlice, tins?: { tin: typeof ryeSlice.tin; count: number }[]) =>
  layOutDay(
    workOf(slab, demoLarder, demoShop, tins ? { tins } : {}),
    { start: begin, hands: 1, ovens: 1, rings: 4, hours: [], zone: 'UTC', ...part },
    begin,
  );
const overlaps = ({ start, end }: DayStep, from: Date, to: Date) => start < to && end > from;

test('nothing bakes while the oven is out, and nobody works while everybody is away; what stands goes on', () => {
  const [from, to] = [at('08:20'), at('11:00')];
  const oven = day({ blocked: [{ what: 'oven', from, to }] });
  assert.ok(oven.feasible);
  for (const step of oven.steps)
    if (step.activity.occupies.includes('oven')) assert.ok(!overlaps(step, from, to), step.activity.id);
  const away = day({ blocked: [{ what: 'people', from, to }] });
  assert.ok(away.feasible);
  for (const step of away.steps)
    if (step.activity.hands !== 'free') assert.ok(!overlaps(step, from, to), step.activity.id);
  assert.ok(oven.earliestEnd! > day({}).earliestEnd!);
});

test('a blocked time holds backward from a deadline too', () => {
  const [from, to] = [at('15:00'), at('17:30')];
  const { feasible, steps } = day({
    start: undefined,
    deadline: new Date('2026-12-04T18:00:00Z'),
    blocked: [{ what: 'ring', from, to }],
  });
  assert.ok(feasible);
  for (const step of steps) if (step.activity.occupies.includes('ring')) assert.ok(!overlaps(step, from, to));
});

test('law: whatever is blocked, no step uses it then, forward and backward', () => {
  const uses: Readonly<Record<Blockable, Partial<Activity>>> = {
    people: { hands: 'busy' },
    oven: { hands: 'free', occupies: ['oven'], ovenC: 160 },
    ring: { hands: 'watch', occupies: ['ring'] },
    mixer: { occupies: ['mixer'] },
    fridge: { hands: 'free', occupies: ['fridge'], areaMm2: 60_000 },
    freezer: { hands: 'free', occupies: ['freezer'] },
  };
  const whats = Object.keys(uses) as Blockable[];
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...whats), { minLength: 1, maxLength: 7 }),
      fc.array(
        fc.tuple(fc.constantFrom(...whats), fc.integer({ min: -300, max: 300 }), fc.integer({ min: 1, max: 200 })),
      ),
      (steps, blocked) => {
        const list = steps.map((what, i) =>
          activity(`s${i}`, { ...uses[what], after: i % 3 === 2 ? [{ on: `s${i - 1}`, least: 5, most: null }] : [] }),
        );
        const means = {
          ...MEANS,
          fridgeMm2: 130_000,
          blocked: blocked.map(([what, from, minutes]) => ({ what, from, to: from + minutes })),
        };
        for (const line of [forwardFrom(list, means, ALL_DAY, 0), backwardFrom(list, means, ALL_DAY, 0)]) {
          assert.ok(line.ok);
          for (const { what, from, to } of means.blocked)
            for (const { activity: own, start, end } of line.steps) {
              const isUsed = what === 'people' ? own.hands !== 'free' : own.occupies.includes(what);
              assert.ok(!isUsed || start >= to - 1e-6 || end <= from + 1e-6, `${own.id} ${what}`);
            }
          // The fridge holds two of them.
          for (const { start } of line.steps) {
            const there = line.steps.filter(
              (other) =>
                other.activity.occupies.includes('fridge') && other.start <= start + 1e-6 && other.end > start + 1e-6,
            );
            assert.ok(there.length <= 2);
          }
        }
      },
    ),
    { numRuns: 60 },
  );
});

test('a tin that is larger than the fridge is named, with both areas', () => {
  const step = activity('set', { hands: 'free', occupies: ['fridge'], areaMm2: 90_000 });
  const line = forwardFrom([step], { ...MEANS, fridgeMm2: 80_000 }, ALL_DAY, 0);
  assert.ok(!line.ok && line.because.code === 'no-cold-space' && line.because.hasMm2 === 80_000);
});

test('a boil fills whole tins where it holds one: three tins of which one fits a pot are three boils, each laid before the next', () => {
  const treacle = ryeSlice.preparations.find(({ cookTo }) => cookTo)!;
  assert.equal(batchesNeeded({ ...treacle, maxScaleFactor: 2 }, 3), 2);
  assert.equal(batchesNeeded({ ...treacle, maxScaleFactor: 2 }, 3, 3), 3);
  assert.equal(batchesNeeded({ ...treacle, maxScaleFactor: 2 }, 4, 4), 2);
  // Where a pot holds less than a tin, boils share tins.
  assert.equal(batchesNeeded({ ...treacle, maxScaleFactor: 0.5 }, 1, 1), 2);
  const slab = {
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((own) => (own === treacle ? { ...own, maxScaleFactor: 1 } : own)),
  };
  const { feasible, steps } = day({ hands: 2 }, slab, [{ tin: slab.tin, count: 3 }]);
  assert.ok(feasible);
  const boils = steps.filter(({ activity: { id } }) => /^treacle\/boil#\d$/.test(id));
  assert.equal(boils.length, 3);
  const lays = steps.filter(({ activity: { id } }) => /^lay\/l2#\d$/.test(id));
  boils.forEach(({ end }, i) => {
    const laid = lays[i]!;
    assert.ok((laid.start.getTime() - end.getTime()) / 60_000 <= 12, 'laid while it is hot');
    if (boils[i + 1]) assert.ok(boils[i + 1]!.start >= laid.end, 'the pot is free first');
  });
});

test('law: every demo slab in three tins has a schedule, and no hot layer waits beyond its limit', () => {
  for (const slab of demoSlabs.values()) {
    const { steps, feasible } = day({ hands: 2 }, slab, [{ tin: slab.tin, count: 3 }]);
    assert.ok(feasible, slab.name);
    const byId = new Map(steps.map((step) => [step.activity.id, step]));
    for (const { activity: own, start } of steps)
      for (const { on, most } of own.after) {
        const before = byId.get(on);
        if (before && most !== null)
          assert.ok(
            (start.getTime() - before.end.getTime()) / 60_000 <= most + 1.01,
            `${slab.name}: ${own.id} after ${on}`,
          );
      }
  }
});
