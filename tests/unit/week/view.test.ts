/** The drawing of the week: bars within their lanes, nothing over anything else, days of their real length. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { WeekPlan, WeekPlanStep } from '$core/usecases';
import { bandsOf, laterThan, midnights, shownHours, type Space } from '../../../src/routes/week/weekView';

const MONDAY = Date.parse('2026-11-30T00:00:00Z');
const MINUTE = 60_000;
const at = (minute: number) => new Date(MONDAY + minute * MINUTE);
const SPACE: Space = {
  ...{ people: ['A'], rings: 4, ovens: [{ name: 'oven 1', shelves: 2 }], fridgeMm2: 100_000, freezerMm2: null },
  tins: new Map([['Long', 1]]),
};
const step = (batch: string, id: string, from: number, to: number, part: Partial<WeekPlanStep> = {}): WeekPlanStep => ({
  ...{ batch, step: id, of: id, title: { code: 'mix', name: id }, caution: null, start: at(from), end: at(to) },
  ...{ hands: 'A', attention: 1, attended: true, uses: [], tins: [], after: [] },
  ...part,
});

test('steps of a batch that follow at once are one bar, others are not', () => {
  const days = midnights(MONDAY, 1, 'UTC');
  const steps = [
    step('x', 'a', 480, 490),
    step('x', 'b', 490, 500),
    step('y', 'a', 500, 510),
    step('x', 'c', 510, 520),
  ];
  const [band] = bandsOf(steps, days, SPACE);
  const person = band!.lanes.find(({ kind }) => kind === 'person')!;
  assert.deepEqual(
    person.bars.map(({ batch, from, to }) => [batch, (from - MONDAY) / MINUTE, (to - MONDAY) / MINUTE]),
    [
      ['x', 480, 500],
      ['y', 500, 510],
      ['x', 510, 520],
    ],
  );
});

test('what stands overnight is on both days, to scale, and tins have a lane only where all are in use', () => {
  const days = midnights(MONDAY, 2, 'UTC');
  const uses = [{ resource: 'fridge', areaMm2: 50_000, until: at(1440 + 480) }];
  const cold = { hands: null, attention: 0, attended: false, uses, tins: [{ tin: 'Long', count: 1 }] };
  const bands = bandsOf([step('x', 'set', 900, 1000, cold)], days, SPACE);
  for (const band of bands) {
    const fridge = band.lanes.find(({ key }) => key === 'fridge')!;
    assert.deepEqual(
      fridge.bars.map(({ height, top }) => [height, top]),
      [[0.5, 0.5]],
    );
  }
  assert.ok(bands[0]!.lanes.some(({ kind }) => kind === 'tins'));
  const roomy = bandsOf([step('x', 'set', 900, 1000, cold)], days, { ...SPACE, tins: new Map([['Long', 2]]) });
  assert.ok(!roomy[0]!.lanes.some(({ kind }) => kind === 'tins'));
});

test('law: bars stay within their lane, and no two that overlap in time overlap in it', () => {
  const random = fc.record({
    batch: fc.constantFrom('x', 'y', 'z'),
    from: fc.integer({ min: 400, max: 1000 }),
    lasts: fc.integer({ min: 5, max: 200 }),
    what: fc.constantFrom('ring', 'oven 1', 'fridge', 'mixer'),
    attention: fc.constantFrom(0, 0.5, 1),
  });
  fc.assert(
    fc.property(fc.array(random, { maxLength: 14 }), (made) => {
      const steps = made.map(({ batch, from, lasts, what, attention }, i) =>
        step(batch, `s${i}`, from, from + lasts, {
          ...{ attention, hands: attention > 0 ? 'A' : null },
          uses: [{ resource: what, areaMm2: 30_000, shelves: 1 }],
        }),
      );
      for (const { lanes } of bandsOf(steps, midnights(MONDAY, 1, 'UTC'), SPACE))
        for (const { bars } of lanes)
          for (const a of bars) {
            assert.ok(a.top >= -1e-9 && a.top + a.height <= 1 + 1e-9, `${a.top} ${a.height}`);
            for (const b of bars) {
              if (a === b || a.from >= b.to || b.from >= a.to) continue;
              const isApart = a.top + a.height <= b.top + 1e-9 || b.top + b.height <= a.top + 1e-9;
              assert.ok(isApart, `${a.key} and ${b.key}`);
            }
          }
    }),
    { numRuns: 60, seed: 5 },
  );
});

test('days over a clock change have their real length, and the hours shown cover the work', () => {
  const days = midnights(Date.parse('2026-10-24T12:00:00Z'), 2, 'Europe/Dublin');
  assert.deepEqual(
    [days[1]! - days[0]!, days[2]! - days[1]!].map((ms) => ms / 3_600_000),
    [24, 25],
  );
  const hours = [{ from: at(480).getTime(), to: at(960).getTime() }];
  assert.deepEqual(shownHours([], hours, midnights(MONDAY, 1, 'UTC')), [7, 17]);
  assert.deepEqual(shownHours([step('x', 'a', 300, 1100)], hours, midnights(MONDAY, 1, 'UTC')), [4, 20]);
  assert.deepEqual(shownHours([], [], midnights(MONDAY, 1, 'UTC')), [7, 17]);
});

test('only batches that a move makes late or later are named', () => {
  const late = (list: readonly (readonly [string, number | null])[]) =>
    ({
      late: list.map(([batch, minutes]) => ({ batch, minutes, because: { code: 'too-much' } })),
    }) as unknown as WeekPlan;
  const before = late([
    ['late', 10],
    ['later', 10],
    ['sooner', 10],
    ['nowhere', null],
  ]);
  const moved = late([
    ['late', 10],
    ['later', 11],
    ['sooner', 5],
    ['nowhere', null],
    ['new', 1],
  ]);
  assert.deepEqual(
    laterThan(moved, before).map(({ batch }) => batch),
    ['later', 'new'],
  );
  assert.deepEqual(laterThan(null, before), []);
  assert.equal(laterThan(moved, null).length, 5);
});
