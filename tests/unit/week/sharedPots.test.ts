/** A mixture of several slabs that is cooked in one pot: its parts, its limits, and its place in the week. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import {
  plan,
  potChoices,
  potsForSeveral,
  prepareWeek,
  sharedPotsOf,
  takesToPropose,
  waysOutOf,
  weekPlanOf,
  workOf,
  type PlannedBatch,
} from '$core/usecases';
import { searchWeek } from '$core/week';
import { demoLarder, demoRack, demoShop } from '../things';
import { cloud, oat, rye, treacle } from './oatBar';
import { wrongsOf } from './validator';

const shop: Shop = { ...demoShop, rack: demoRack, fridgeMm2: 360_000 };
const FRIDAY = Date.parse('2026-12-04T00:00:00Z');
const at = (hour: number, day = 0) => new Date(FRIDAY + (day * 24 + hour) * 3_600_000);
const takes = [{ preparation: 'caramel', from: 'rye' }];
const batchOf = (id: string, slab: Slab, due = at(16), more: Partial<PlannedBatch> = {}): PlannedBatch => ({
  ...{ id, slab, due, ...more },
});
const people = [{ name: 'Maker', hours: [-1, 0, 1].map((day) => ({ from: at(7, day), to: at(16, day) })) }];
const week = (batches: readonly PlannedBatch[]) => {
  const asked = { from: at(0, -1), to: at(24, 1), batches, people };
  const prepared = prepareWeek(asked, demoLarder, shop);
  const found = weekPlanOf(
    prepared,
    searchWeek(prepared.question, (n) => n < 60),
  );
  const room = { ...prepared.question.workroom, people, blocked: [] };
  return {
    plan: found,
    wrongs: wrongsOf({ ...{ from: asked.from, batches, room }, steps: found.steps, late: found.late }),
  };
};

test('one pot holds the sum of what each slab takes, and neither slab weighs less than alone', () => {
  const batches = [batchOf('rye', rye), batchOf('oat', oat, at(16), { takes })];
  const [pot, ...others] = potsForSeveral(batches, demoLarder, shop);
  assert.deepEqual(others, []);
  const alone = [rye, oat].map((slab) => plan(slab, demoLarder, shop).preparations[1]!.massOutG);
  assert.deepEqual(
    pot!.parts.map(({ batch, preparation }) => [batch, preparation]),
    [
      ['rye', 'treacle'],
      ['oat', 'caramel'],
    ],
  );
  pot!.parts.forEach(({ massG }, i) => assert.ok(Math.abs(massG - alone[i]!) < 1e-6));
  assert.ok(Math.abs(pot!.massG - alone[0]! - alone[1]!) < 1e-6);
});

test('law: a pot for several is within the largest pot and one boil, and its parts add up', () => {
  const count = fc.integer({ min: 1, max: 3 });
  fc.assert(
    fc.property(count, count, fc.integer({ min: 500, max: 9000 }), (ryeTins, oatTins, potMl) => {
      const inTins = (slab: Slab, n: number) => [{ tin: slab.tin, count: n }];
      const batches = [
        batchOf('rye', rye, at(16), { tins: inTins(rye, ryeTins) }),
        batchOf('oat', oat, at(16), { takes, tins: inTins(oat, oatTins) }),
      ];
      const small = { ...shop, vessels: [{ name: 'pot', kind: 'pot' as const, volumeMl: potMl }] };
      const alone = plan(rye, demoLarder, small, { tins: batches[0]!.tins }).preparations[1]!;
      const pots = potsForSeveral(batches, demoLarder, small);
      const other = plan(oat, demoLarder, small, { tins: batches[1]!.tins }).preparations[1]!;
      const growth = (alone.massOutG + other.massOutG) / alone.massOutG;
      const neededMl = alone.vessel.volumeMl * alone.batches * growth;
      const fits = neededMl <= potMl + 1e-6 && alone.scaleFactor * growth <= 2 + 1e-9;
      assert.equal(pots.length, fits ? 1 : 0);
      if (!fits) return;
      assert.ok(Math.abs(pots[0]!.volumeMl - neededMl) < 1e-6);
      assert.ok(Math.abs(pots[0]!.massG - pots[0]!.parts.reduce((sum, { massG }) => sum + massG, 0)) < 1e-9);
    }),
  );
});

test('a pot is for several only where the mixture is the same and the other batch is there', () => {
  const pots = (slab: Slab, from = 'rye') =>
    potsForSeveral(
      [batchOf('rye', rye), batchOf('oat', slab, at(16), { takes: [{ preparation: 'caramel', from }] })],
      demoLarder,
      shop,
    ).length;
  const changed = (change: Partial<Slab['preparations'][number]>): Slab => ({
    ...oat,
    preparations: oat.preparations.map((one) => (one.id === 'caramel' ? { ...one, ...change } : one)),
  });
  assert.equal(pots(oat), 1);
  assert.equal(pots(oat, 'gone'), 0);
  assert.equal(pots(oat, 'oat'), 0);
  assert.equal(pots(changed({ cookTo: { celsius: 121 } })), 0);
  assert.equal(pots(changed({ lines: treacle.lines.slice(1) })), 0);
});

test('the batch that takes has no boil of its own, and the one that cooks boils for longer', () => {
  const batches = [batchOf('rye', rye), batchOf('oat', oat, at(16), { takes })];
  const pots = potsForSeveral(batches, demoLarder, shop);
  const stepsOf = (slab: Slab, shared = sharedPotsOf([], '')) =>
    workOf(slab, demoLarder, shop, { shared }).activities.filter(({ of }) => of === 'treacle' || of === 'caramel');
  const minutes = (slab: Slab, shared = sharedPotsOf([], '')) =>
    stepsOf(slab, shared).reduce((sum, step) => sum + step.minutes, 0);
  assert.ok(minutes(rye, sharedPotsOf(pots, 'rye')) > minutes(rye));
  const [take, ...more] = stepsOf(oat, sharedPotsOf(pots, 'oat')).filter(({ id }) => id.startsWith('caramel/'));
  assert.deepEqual(more, []);
  assert.equal(take!.title.code, 'take');
  assert.equal(take!.caution, 'burn');
});

test('in the week both are laid from one boil within its limit, and the plan stands up to the validator', () => {
  const { plan: together, wrongs } = week([batchOf('rye', rye), batchOf('oat', oat, at(16), { takes })]);
  assert.deepEqual(wrongs, []);
  assert.ok(together.feasible);
  const stepOf = (batch: string, step: string) =>
    together.steps.find((own) => own.batch === batch && own.step.startsWith(step))!;
  const take = stepOf('oat', 'caramel/take');
  const [link] = take.after.filter(({ batch }) => batch === 'rye');
  const laid = stepOf('rye', link!.step);
  assert.match(laid.step, /^lay\//);
  const wait = (take.start.getTime() - laid.end.getTime()) / 60_000;
  assert.ok(wait >= 0 && wait <= 6, `${wait} min`);
  const weighed = stepOf('oat', 'gather');
  assert.ok(weighed.end <= together.steps.find(({ batch, of }) => batch === 'rye' && of === 'treacle')!.start);
  const boils = (steps: typeof together.steps) =>
    steps.filter(({ uses }) => uses.some(({ resource }) => resource === 'ring'));
  const apart = week([batchOf('rye', rye), batchOf('oat', oat)]).plan;
  assert.ok(boils(together.steps).length < boils(apart.steps).length);
  assert.ok(together.bound.handsMinutes < apart.bound.handsMinutes);
});

test('each of two batches with one pot is late by its own due time only', () => {
  const { plan: late, wrongs } = week([batchOf('rye', rye, at(16)), batchOf('oat', oat, at(7.5, -1), { takes })]);
  assert.deepEqual(wrongs, []);
  assert.deepEqual(
    late.late.map(({ batch }) => batch),
    ['oat'],
  );
});

test('where one pot makes a batch late, cooking separately is a way out', () => {
  // The oat bar begins when the base of the rye slice is ready, and then is late.
  const batches = [batchOf('rye', rye, at(16), { notBefore: at(11) }), batchOf('oat', oat, at(13), { takes })];
  const asked = { from: at(0, -1), to: at(24, 1), batches, people };
  const prepared = prepareWeek(asked, demoLarder, shop);
  const found = searchWeek(prepared.question, (n) => n < 60);
  assert.ok(found.score.lateMinutes > 0);
  const ways = waysOutOf(prepared, found, () => false);
  const apart = ways.find(({ change }) => change.what === 'apart');
  assert.deepEqual(apart, { change: { what: 'apart', batches: ['rye', 'oat'] }, lateMinutes: 0 });
});

test('batches are proposed to share a cooked mixture on the same day, from one pot, and other slabs only', () => {
  const same = () => true;
  const proposed = (batches: readonly PlannedBatch[], isWith = same) =>
    takesToPropose(batches, demoLarder, shop, isWith);
  const two = [batchOf('rye', rye), batchOf('oat', oat)];
  assert.deepEqual(proposed(two), [{ batch: 'oat', ...takes[0]! }]);
  assert.deepEqual(
    proposed(two, () => false),
    [],
  );
  assert.deepEqual(proposed([batchOf('rye', rye), batchOf('again', rye)]), []);
  // What does not fit into the first pot has another one.
  const more = ['third', 'fourth', 'fifth'].map((id) => batchOf(id, { ...oat, name: `Bar ${id}` }));
  const five = proposed([...two, ...more]);
  assert.equal(new Set(five.map(({ batch }) => batch)).size, five.length);
  const cooking = [...two, ...more].filter(({ id }) => !five.some(({ batch }) => batch === id)).map(({ id }) => id);
  assert.ok(cooking.length > 1 && five.every(({ from }) => cooking.includes(from)));
  const given = [...two, ...more].map((one) => ({ ...one, takes: five.filter(({ batch }) => batch === one.id) }));
  const parts = potsForSeveral(given, demoLarder, shop).flatMap((pot) => pot.parts);
  assert.equal(parts.length, five.length + new Set(five.map(({ from }) => from)).size);
  const taken = [two[0]!, { ...two[1]!, takes }];
  assert.deepEqual(potChoices(taken[1]!, taken, demoLarder, shop), []);
});

test('law: weeks in which batches share pots stand up to the validator', () => {
  const batch = fc.record({
    slab: fc.constantFrom(rye, oat, cloud),
    hour: fc.integer({ min: 9, max: 16 }),
    day: fc.integer({ min: -1, max: 1 }),
  });
  fc.assert(
    fc.property(fc.array(batch, { minLength: 2, maxLength: 6 }), (made) => {
      const batches = made.map(({ slab, hour, day }, i) => batchOf(`b${i}`, slab, at(hour, day)));
      const day = (id: string) => made[Number(id.slice(1))]!.day;
      const shared = takesToPropose(batches, demoLarder, shop, (a, b) => day(a) === day(b));
      const { wrongs } = week(
        batches.map((one) => ({ ...one, takes: shared.filter((take) => take.batch === one.id) })),
      );
      assert.deepEqual(wrongs, []);
    }),
    { numRuns: 25 },
  );
});
