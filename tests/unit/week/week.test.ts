/** Weeks of several batches in one workroom: every plan stands up to the validator, and none is worse than one batch after another. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { Shop } from '$core/shop';
import { tinsOf } from '$core/slab';
import { prepareWeek, waysOutOf, weekPlanOf, type PlannedBatch, type WeekAsk, type WeekPlan } from '$core/usecases';
import { searchWeek } from '$core/week';
import { demoLarder, demoRack, demoShop, demoSlabs } from '../things';
import { wrongsOf } from './validator';

const shop: Shop = { ...demoShop, rack: demoRack, fridgeMm2: 360_000 };
const MONDAY = Date.parse('2026-11-30T00:00:00Z');
const at = (day: number, hour: number, minute = 0) => new Date(MONDAY + ((day * 24 + hour) * 60 + minute) * 60_000);
const HOURS = (from: number, to: number, days: readonly number[]) =>
  days.map((day) => ({ from: at(day, from), to: at(day, to) }));
const WEEKDAYS = [0, 1, 2, 3, 4];

interface Room {
  readonly people: NonNullable<WeekAsk['people']>;
  readonly ovens?: number;
  readonly rings?: number;
  readonly fridgeMm2?: number;
  readonly blocked?: WeekAsk['blocked'];
}

function askOf(batches: readonly PlannedBatch[], room: Room): WeekAsk {
  const ovens = Array.from({ length: room.ovens ?? 1 }, (_, i) => ({
    ...{ name: `oven ${i + 1}`, shelves: 2, heatUpMinutes: 12 },
  }));
  return {
    ...{ from: at(0, 0), to: at(5, 0), batches, people: room.people, blocked: room.blocked },
    workroom: { ovens, rings: room.rings ?? 4, mixers: 1, boards: 1, fridgeMm2: room.fridgeMm2 ?? 360_000 },
  };
}

function planned(asked: WeekAsk, attempts = 60) {
  const prepared = prepareWeek(asked, demoLarder, shop);
  const found = searchWeek(prepared.question, (n) => n < attempts);
  return { prepared, found, plan: weekPlanOf(prepared, found) };
}

function wrongsIn(asked: WeekAsk, plan: WeekPlan): string[] {
  return wrongsOf({
    from: asked.from,
    batches: asked.batches,
    room: {
      people: asked.people!,
      ovens: asked.workroom!.ovens!,
      rings: asked.workroom!.rings!,
      mixers: 1,
      fridgeMm2: asked.workroom!.fridgeMm2!,
      freezerMm2: shop.freezerMm2 ?? null,
      tins: new Map(demoRack.map(({ name, count }) => [name, count])),
      blocked: asked.blocked ?? [],
    },
    steps: plan.steps,
    late: plan.late,
  });
}

const MAKER = { name: 'Maker', hours: HOURS(7, 16, WEEKDAYS) };

test('three slabs for the same Friday share one oven and one pair of hands', () => {
  const slabs = demoSlabs.filter(({ name }) => /Rye|Orchard|Hazelnut/.test(name));
  const batches = slabs.map((slab, i) => ({ id: String(i), slab, due: at(4, 15) }));
  const asked = askOf(batches, { people: [MAKER] });
  const { plan } = planned(asked);
  assert.ok(plan.feasible, JSON.stringify(plan.late));
  assert.deepEqual(wrongsIn(asked, plan), []);
});

test('law: every plan of a generated week stands up to the validator, and says what is late', () => {
  const batch = fc.record({
    slab: fc.integer({ min: 0, max: demoSlabs.length - 1 }),
    tins: fc.integer({ min: 1, max: 3 }),
    day: fc.integer({ min: 0, max: 4 }),
    hour: fc.integer({ min: 8, max: 20 }),
    notBefore: fc.option(fc.integer({ min: 0, max: 4 })),
  });
  const room = fc.record({
    second: fc.option(fc.integer({ min: 6, max: 14 })),
    ovens: fc.integer({ min: 1, max: 2 }),
    rings: fc.integer({ min: 1, max: 4 }),
    fridgeMm2: fc.constantFrom(70_000, 150_000, 360_000),
    blocked: fc.array(
      fc.record({
        resource: fc.constantFrom('oven 1', 'oven', 'people', 'Maker', 'ring', 'mixer', 'fridge'),
        day: fc.integer({ min: 0, max: 4 }),
        hour: fc.integer({ min: 7, max: 14 }),
        hours: fc.integer({ min: 1, max: 4 }),
      }),
      { maxLength: 3 },
    ),
  });
  fc.assert(
    fc.property(fc.array(batch, { minLength: 3, maxLength: 12 }), room, (made, { second, blocked, ...means }) => {
      const people = [
        MAKER,
        ...(second === null ? [] : [{ name: 'Helper', hours: HOURS(second, second + 5, [1, 3, 4]) }]),
      ];
      const batches = made.map(({ slab, tins, day, hour, notBefore }, i): PlannedBatch => {
        const own = demoSlabs[slab]!;
        return {
          ...{ id: `b${i}`, slab: own, due: at(day, hour), tins: tinsOf(own).map(({ tin }) => ({ tin, count: tins })) },
          ...(notBefore === null ? {} : { notBefore: at(Math.min(notBefore, day), 0) }),
        };
      });
      const asked = askOf(batches, {
        ...{ people, ...means },
        blocked: blocked.map(({ resource, day, hour, hours }) => ({
          ...{ resource, from: at(day, hour), to: at(day, hour + hours) },
        })),
      });
      const { plan } = planned(asked, 25);
      assert.deepEqual(wrongsIn(asked, plan), []);
      assert.ok(plan.lateMinutes >= plan.bound.lateMinutes || plan.late.some(({ minutes }) => minutes === null));
      assert.ok(plan.late.length > 0 || plan.paidMinutes >= plan.bound.handsMinutes);
    }),
    { numRuns: Number(process.env.WEEKS ?? 25), seed: 7 },
  );
});

test('the validator sees a plan that was tampered with', () => {
  const rye = demoSlabs.find(({ name }) => name.startsWith('Rye'))!;
  const batches = [0, 1, 2].map((i) => ({ id: String(i), slab: rye, due: at(4, 15) }));
  const asked = askOf(batches, { people: [MAKER] });
  const { plan } = planned(asked);
  const later = (minutes: number) => (step: WeekPlan['steps'][number]) => ({
    ...step,
    start: new Date(step.start.getTime() + minutes * 60_000),
    end: new Date(step.end.getTime() + minutes * 60_000),
  });
  for (const step of plan.steps.filter(({ hands }) => hands !== null)) {
    const steps = plan.steps.map((own) => (own === step ? later(20 * 60)(own) : own));
    assert.notDeepEqual(wrongsIn(asked, { ...plan, steps }), [], step.step);
  }
  const bakes = plan.steps.filter(({ uses }) => uses.some(({ celsius }) => celsius !== undefined));
  const cooler = plan.steps.map((own) =>
    own === bakes[0] ? { ...own, uses: own.uses.map((use) => ({ ...use, shelves: 3 })) } : own,
  );
  assert.match(wrongsIn(asked, { ...plan, steps: cooler }).join(), /oven 1 is used 3 of 2/);
  assert.match(wrongsIn(asked, { ...plan, steps: plan.steps.slice(1) }).join(), /which is not planned/);
});

test('a step that is kept stays, and nothing else moves without need', () => {
  const slabs = demoSlabs.slice(0, 4);
  const batches = slabs.map((slab, i) => ({ id: String(i), slab, due: at(4, 15) }));
  const asked = askOf(batches, { people: [MAKER] });
  const first = planned(asked).plan;
  const before = first.steps.map(({ batch, step, start }) => ({ batch, step, start }));
  const same = planned({ ...asked, before }).plan;
  assert.deepEqual(
    same.steps.map(({ start }) => start),
    first.steps.map(({ start }) => start),
  );
  // An oven that fails moves what bakes then, and leaves most of the rest.
  const bake = first.steps.find(({ uses }) => uses.some(({ resource }) => resource === 'oven 1'))!;
  const out = { resource: 'oven 1', from: bake.start, to: new Date(bake.start.getTime() + 2 * 3_600_000) };
  const moved = { ...asked, before, blocked: [out] };
  const { plan } = planned(moved);
  assert.deepEqual(wrongsIn(moved, plan), []);
  const others = plan.steps.filter(({ batch }) => batch !== bake.batch);
  const stays = others.filter(({ batch, step, start }) =>
    before.some((own) => own.batch === batch && own.step === step && own.start.getTime() === start.getTime()),
  );
  assert.ok(stays.length >= others.length * 0.6, `${stays.length} of ${others.length}`);
});

test('what cannot be met is late by the least that is possible, with ways out that hold', () => {
  const rye = demoSlabs.find(({ name }) => name.startsWith('Rye'))!;
  const batches = [0, 1, 2].map((i) => ({ id: String(i), slab: rye, due: at(0, 11) }));
  const asked = askOf(batches, { people: [MAKER] });
  const { prepared, found, plan } = planned(asked, 300);
  assert.equal(plan.feasible, false);
  assert.ok(plan.bound.lateMinutes > 0 && plan.lateMinutes >= plan.bound.lateMinutes);
  const ways = waysOutOf(prepared, found, () => false);
  assert.ok(ways.length > 0);
  for (const { change, lateMinutes } of ways) {
    assert.ok(lateMinutes < plan.lateMinutes, JSON.stringify(change));
    if (change.what !== 'hours') continue;
    const longer = [{ ...MAKER, hours: [...MAKER.hours, { from: change.from, to: change.to }] }];
    const other = { ...asked, people: longer };
    const { plan: again } = planned(other, 300);
    assert.deepEqual(wrongsIn(other, again), []);
    assert.ok(again.lateMinutes <= plan.lateMinutes);
  }
});

test('a slab that cannot be planned does not hold up the others, and is said not to be planned', () => {
  const rye = demoSlabs.find(({ name }) => name.startsWith('Rye'))!;
  const tall = { mode: 'total-height', mm: 3000 } as const;
  const batches = [
    { id: 'sound', slab: rye, due: at(4, 15) },
    { id: 'tall', slab: rye, scale: tall, due: at(4, 15) },
  ];
  const asked = askOf(batches, { people: [MAKER] });
  const { plan } = planned(asked);
  assert.deepEqual([plan.feasible, plan.late.map(({ batch, minutes }) => [batch, minutes])], [false, [['tall', null]]]);
  assert.ok(plan.steps.some(({ batch }) => batch === 'sound'));
  assert.deepEqual(wrongsIn(asked, plan), []);
});

test('a week of which most is new is searched; one in which a little is new is mended at once', () => {
  const batches = demoSlabs.slice(0, 4).map((slab, i) => ({ id: String(i), slab, due: at(3, 10 + i) }));
  const asked = askOf(batches, { people: [MAKER] });
  const { plan } = planned(asked);
  const attemptsWith = (old: number) => {
    const before = plan.steps.filter(({ batch }) => Number(batch) < old);
    let attempts = 0;
    const { question } = prepareWeek({ ...asked, before }, demoLarder, shop);
    const found = searchWeek(question, (n) => (attempts = n) < 20);
    for (const [b, placement] of found.placements.entries())
      if (b < old) assert.deepEqual(placement?.starts, question.before![b]!.starts);
    return attempts;
  };
  assert.deepEqual([0, 1, 2, 3].map(attemptsWith), [20, 20, 0, 0]);
});

test('a step that is moved into the time of another batch is there, and the plan stands up to the validator', () => {
  const batches = demoSlabs.slice(0, 5).map((slab, i) => ({ id: String(i), slab, due: at(4, 10 + i) }));
  const asked = askOf(batches, { people: [MAKER] });
  const { plan } = planned(asked, 200);
  assert.ok(plan.feasible);
  const work = plan.steps.filter(({ hands, attended }) => hands !== null && attended);
  for (const step of work.filter((_, i) => i % 6 === 2)) {
    const other = work.find(({ batch, start }) => batch !== step.batch && start > step.end);
    if (!other) continue;
    const keep = [{ batch: step.batch, step: step.step, start: other.start }];
    const moved = planned({ ...asked, keep, before: plan.steps }, 30).plan;
    assert.deepEqual(wrongsIn({ ...asked, keep }, moved), [], `${step.batch} ${step.step}`);
    const isThere = moved.steps.find(({ batch, step: id }) => batch === step.batch && id === step.step);
    if (isThere) assert.deepEqual(isThere.start, other.start);
  }
});

test('a step that is moved by a few minutes moves the batches around it by single steps, and nothing becomes late', () => {
  const batches = demoSlabs.map((slab, i) => ({ id: String(i), slab, due: at(1 + (i % 4), 16) }));
  const asked = askOf(batches, { people: [MAKER] });
  const { plan } = planned(asked, 300);
  assert.ok(plan.feasible);
  const startOf = new Map(plan.steps.map(({ batch, step, start }) => [`${batch} ${step}`, start.getTime()]));
  const counts: number[] = [];
  for (const step of plan.steps.filter(({ hands }, i) => hands !== null && i % 5 === 0)) {
    const keep = [{ batch: step.batch, step: step.step, start: new Date(step.start.getTime() + 10 * 60_000) }];
    const { plan: moved } = planned({ ...asked, keep, before: plan.steps }, 30);
    assert.deepEqual(wrongsIn({ ...asked, keep }, moved), []);
    if (!moved.feasible) continue;
    const others = moved.steps.filter(({ batch }) => batch !== step.batch);
    const isMoved = ({ batch, step: id, start }: (typeof others)[number]) =>
      startOf.get(`${batch} ${id}`) !== start.getTime();
    counts.push(others.filter(isMoved).length);
  }
  assert.ok(counts.length > 5);
  const sorted = counts.sort((a, b) => a - b);
  const figures = `median ${sorted[sorted.length >> 1]} of ${plan.steps.length}, at most ${sorted.at(-1)}`;
  assert.ok(sorted[sorted.length >> 1]! <= plan.steps.length / 20, figures);
  assert.ok(sorted.at(-1)! <= plan.steps.length / 3, figures);
});
