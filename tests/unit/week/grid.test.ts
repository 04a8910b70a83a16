/** One workroom, minute by minute: hours, ovens with heat-up, cold space until somebody takes things out, tins between steps. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { Activity } from '$core/time';
import { Grid, placeBatch, stepsOfBatch, takeBatch, workroomOf, type BatchSteps, type Workroom } from '$core/week';

const DAY = 1440;
const ROOM: Workroom = {
  people: [{ name: 'A', hours: [0, 1, 2].map((d) => ({ from: d * DAY + 480, to: d * DAY + 960 })) }],
  ovens: [{ name: 'oven 1', shelves: 2, heatUpMinutes: 15 }],
  ...{
    rings: 2,
    mixers: 1,
    boards: 1,
    fridgeMm2: 100_000,
    freezerMm2: null,
    tins: new Map([['Long', 2]]),
    blocked: [],
  },
};
const activity = (id: string, minutes: number, part: Partial<Activity> = {}): Activity => ({
  ...{ id, of: id, title: { code: 'mix', name: id }, minutes, hands: 'busy', occupies: [], ovenC: null },
  ...{ caution: null, after: [] },
  ...part,
});
const batch = (activities: Activity[], part: Partial<BatchSteps['batch']> = {}): BatchSteps =>
  stepsOfBatch({ ...{ id: 'b', activities, tins: [], notBefore: 0, due: 3 * DAY }, ...part })!;
const bake = (celsius: number, minutes = 30) =>
  batch([activity('bake', minutes, { hands: 'free', occupies: ['oven'], ovenC: celsius })]);
const forward = { direction: 1, limit: 0 } as const;

test('an oven heats up after opening and between temperatures, and trays of one temperature share it', () => {
  const grid = new Grid(ROOM, 3 * DAY);
  assert.deepEqual(placeBatch(grid, bake(160), forward)!.starts, [480 + 15]);
  assert.deepEqual(placeBatch(grid, bake(160), forward)!.starts, [480 + 15]);
  // Both shelves are in use until 525; another temperature has to be reached first.
  assert.deepEqual(placeBatch(grid, bake(160), forward)!.starts, [525]);
  assert.deepEqual(placeBatch(grid, bake(200), forward)!.starts, [555 + 15]);
});

test('what is cold stays in until somebody is there to take it out', () => {
  const grid = new Grid(ROOM, 3 * DAY);
  const cold = (area: number) =>
    batch([
      activity('lay', 10),
      activity('set', 60, {
        ...{ hands: 'free', occupies: ['fridge'], areaMm2: area },
        after: [{ on: 'lay', least: 0, most: 0 }],
      }),
    ]);
  // Backward from the end of the first day: it sets until after closing, so its place is taken until the morning.
  const late = cold(70_000);
  const placed = placeBatch(grid, late, { direction: -1, limit: DAY })!;
  assert.deepEqual(placed.starts, [950, 960]);
  assert.equal(grid.outAt(late.steps[1]!, 960), DAY + 480);
  const next = placeBatch(grid, cold(40_000), { direction: 1, limit: 940 })!;
  assert.ok(next.starts[1]! >= DAY + 480, String(next.starts[1]));
});

test('a fridge of unknown size limits nothing, but can be blocked', () => {
  const set = batch([activity('set', 60, { hands: 'free', occupies: ['fridge'] })]);
  const room = { ...ROOM, fridgeMm2: null };
  assert.deepEqual(placeBatch(new Grid(room, 3 * DAY), set, forward)!.starts, [0]);
  const blocked = [{ resource: 'fridge', from: 0, to: 600 }];
  assert.deepEqual(placeBatch(new Grid({ ...room, blocked }, 3 * DAY), set, forward)!.starts, [600]);
});

test('tins are held from their first step until the slab is lifted out', () => {
  const made = (id: string) =>
    batch(
      [
        activity('lay', 10, { inTins: { from: 1, to: 1 } }),
        activity('set', 120, { hands: 'free', inTins: { from: 1, to: 1 }, after: [{ on: 'lay', least: 0, most: 0 }] }),
        activity('cut', 10, { lifts: { from: 1, to: 1 }, after: [{ on: 'set', least: 0, most: null }] }),
      ],
      { id, tins: ['Long'] },
    );
  const grid = new Grid({ ...ROOM, tins: new Map([['Long', 1]]) }, 3 * DAY);
  const first = placeBatch(grid, made('one'), forward)!;
  const second = placeBatch(grid, made('two'), forward)!;
  assert.deepEqual(first.starts, [480, 490, 610]);
  // The second is laid when the first is lifted out, at the earliest.
  assert.ok(second.starts[0]! >= 610, String(second.starts[0]));
});

test('law: a batch that is taken out leaves the workroom as it was', () => {
  const step = fc.record({
    minutes: fc.integer({ min: 1, max: 90 }),
    hands: fc.constantFrom('busy', 'watch', 'free'),
    occupies: fc.constantFrom([], ['ring'], ['oven'], ['fridge'], ['mixer']),
  });
  fc.assert(
    fc.property(fc.array(step, { minLength: 1, maxLength: 6 }), fc.integer({ min: 200, max: 3 * DAY }), (made, due) => {
      const steps = made.map(({ minutes, hands, occupies }, i) =>
        activity(`s${i}`, minutes, {
          hands: hands as Activity['hands'],
          occupies,
          ovenC: occupies[0] === 'oven' ? 160 : null,
          areaMm2: 30_000,
          after: i === 0 ? [] : [{ on: `s${i - 1}`, least: 0, most: null }],
        }),
      );
      const of = batch(steps, { due });
      const grid = new Grid(ROOM, 3 * DAY);
      const before = JSON.stringify([
        grid.people.map((left) => [...left]),
        grid.ovens.map((own) => [...own.shelvesUsed]),
      ]);
      for (const room of [forward, { direction: -1, limit: due } as const]) {
        const placed = placeBatch(grid, of, room);
        if (placed) {
          placed.starts.forEach((start, i) => {
            if (i > 0) assert.ok(start >= placed.starts[i - 1]! + of.steps[i - 1]!.minutes);
            if (room.direction < 0) assert.ok(start + of.steps[i]!.minutes <= due);
          });
          takeBatch(grid, of, placed, -1);
        }
        assert.equal(
          JSON.stringify([grid.people.map((left) => [...left]), grid.ovens.map((own) => [...own.shelvesUsed])]),
          before,
        );
      }
    }),
    { numRuns: 30, seed: 11 },
  );
});

test('the workroom of a shop: its people by name, their own hours, ovens, tins', () => {
  const monday = new Date('2026-11-30T00:00:00Z');
  const hours = [{ day: 1, from: '08:00', to: '16:00' }];
  const room = workroomOf({ hours, zone: 'UTC', hands: 2, ovens: 2, rack: [] }, monday, 7);
  assert.deepEqual(
    room.people.map(({ name, hours: own }) => [name, own[0]]),
    ['Maker 1', 'Maker 2'].map((name) => [name, { from: 480, to: 960 }]),
  );
  assert.deepEqual(
    room.ovens.map(({ name, shelves }) => [name, shelves]),
    [
      ['oven 1', 2],
      ['oven 2', 2],
    ],
  );
  const own = [{ day: 1, from: '10:00', to: '12:00' }];
  const named = workroomOf({ hours, zone: 'UTC', people: [{ name: 'Ada' }, { name: 'Bo', hours: own }] }, monday, 7);
  assert.deepEqual(
    named.people.map(({ name, hours: [first] }) => [name, first]),
    [
      ['Ada', { from: 480, to: 960 }],
      ['Bo', { from: 600, to: 720 }],
    ],
  );
});
