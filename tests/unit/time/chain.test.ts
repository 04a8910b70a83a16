import { METRIC } from '$core/measure';
import { dayText } from '$wording/schedule';
import { stepText } from '$wording/steps';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { readRecipe, slabFromRecipe } from '$core/recipe';
import type { Slab, Step } from '$core/slab';
import { forwardFrom, isAttended, PACES, stepMinutes, workingWindows, type Activity, type Timed } from '$core/time';
import { layOutDay, workOf } from '$core/usecases';
import { close } from '../figures';
import { demoLarder, demoSlabs, shop } from '../things';

const cool = { ...shop, roomC: 19 };
const means = { hands: 1, ovens: 1, rings: 4 };
const always = [[-100_000, 100_000]] as const;
const slabNamed = (part: string): Slab => demoSlabs.find(({ name }) => name.includes(part))!;

function dayAtBench(slab: Slab, count = 1): (id: string) => Timed {
  const { activities } = workOf(slab, demoLarder, cool, { tins: [{ tin: slab.tin, count }] });
  const line = forwardFrom(activities, means, always, 0);
  assert.ok(line.ok, line.ok ? '' : line.because.code);
  return (id) => {
    const found = line.steps.find(({ activity }) => activity.id === id);
    assert.ok(found, `${id} is not among ${line.steps.map(({ activity }) => activity.id).join(' ')}`);
    return found;
  };
}

test('pots that meet are ready at one moment, the egg whites a minute ahead', () => {
  for (const count of [1, 2, 3]) {
    const at = dayAtBench(slabNamed('cloud'), count);
    const syrup = at('syrup/boil').end;
    assert.ok(close(at('whites/join').start, syrup, 1e-9));
    assert.ok(close(at('whites/whisk').end, syrup - 1, 1e-9));
  }
});

test('layers that bake together are laid raw, one on the other, and bake once', () => {
  const at = dayAtBench(slabNamed('Orchard'));
  assert.ok(at('oats/mix').end <= at('lay/l1').start);
  assert.ok(at('lay/l1').end <= at('lay/l2').start && at('lay/l2').end <= at('lay/l3').start);
  assert.ok(at('lay/l3').end <= at('bake').start && at('bake').end <= at('set/l3').start);
  assert.equal(at('bake').activity.ovenC, 170);
  assert.throws(() => at('apples/bake2'));
  // Three tins do not fit on two shelves: the oven is filled twice.
  const three = dayAtBench(slabNamed('Orchard'), 3)('bake');
  assert.ok(close(three.end - three.start, 80, 1e-9));
});

test('what is scattered goes on while it is wet, and setting counts from there', () => {
  const at = dayAtBench(slabNamed('bark'));
  const wet = at('lay/l2').start - at('lay/l1').end;
  assert.ok(wet >= 0 && wet <= 5);
  assert.ok(close(at('set/l1').start, at('lay/l2').end, 1e-9));
});

test('chocolate scattered on the hot slab waits for it, and no longer than is permitted', () => {
  const snap = slabNamed('snap');
  const at = dayAtBench(snap);
  const { minMinutes, maxMinutes } = snap.layers.find(({ name }) => name === 'Snap')!.set!;
  const wait = at('chocolate/strew').start - at('lay/l2').end;
  assert.ok(wait >= minMinutes! - 1e-6 && wait <= maxMinutes! + 1e-6, String(wait));
  assert.throws(() => at('lay/l3'));
});

test('law: each tin is laid and cut, however many there are, and all are packed', () => {
  fc.assert(
    fc.property(fc.constantFrom(...demoSlabs), fc.integer({ min: 1, max: 24 }), (slab, count) => {
      const { activities } = workOf(slab, demoLarder, cool, { tins: [{ tin: slab.tin, count }] });
      const work = workOf(slab, demoLarder, cool, { tins: [{ tin: slab.tin, count: 1 }] });
      const cutOne = work.activities.find(({ id }) => id === 'cut')!.minutes;
      assert.ok(cutOne > 2 && cutOne < 40, String(cutOne));
      const minutes = (part: (activity: Activity) => boolean) =>
        activities.filter(part).reduce((sum, value) => sum + value.minutes, 0);
      assert.ok(
        close(
          minutes(({ id }) => id.startsWith('cut')),
          cutOne * count,
          1e-9,
        ),
      );
      assert.ok(
        close(
          minutes(({ id }) => id === 'pack'),
          10 * count,
          1e-9,
        ),
      );
      assert.ok(activities.filter(({ id }) => id.startsWith('cut')).length <= 6);
      assert.equal(new Set(activities.map(({ id }) => id)).size, activities.length);
      const known = new Set(activities.map(({ id }) => id));
      for (const { after } of activities) for (const { on } of after) assert.ok(known.has(on), on);
    }),
    { numRuns: 60 },
  );
});

test('every slab of the demo has a schedule in one to seven tins, for one person in the shop’s hours', () => {
  const hours = [2, 3, 4, 5, 6].map((day) => ({ day, from: '07:30', to: '16:00' }));
  const start = new Date('2026-12-01T07:30:00Z');
  for (const slab of demoSlabs)
    for (const count of [1, 2, 3, 4, 7]) {
      const work = workOf(slab, demoLarder, cool, { tins: [{ tin: slab.tin, count }] });
      const day = layOutDay(work, { ...means, hours, zone: 'UTC', start }, start);
      assert.ok(day.feasible, `${count} x ${slab.name}: ${day.because}`);
    }
});

test('law: the least times are never longer than the usual ones, nor those than the longest', () => {
  for (const slab of demoSlabs) {
    const [least, usual, most] = PACES.map((pace) => workOf(slab, demoLarder, cool, {}, pace).activities);
    usual!.forEach(({ id, minutes }, i) => {
      assert.equal(least![i]!.id, id);
      assert.ok(least![i]!.minutes <= minutes && minutes <= most![i]!.minutes, `${slab.name} ${id}`);
    });
  }
});

test('law: how a step grows: not at all, with the amount, with the square of the thickness, or as its kind does', () => {
  const sizes = fc.record({
    scaleFactor: fc.double({ min: 0.1, max: 30, noNaN: true }),
    batches: fc.integer({ min: 1, max: 6 }),
    thicknessFactor: fc.double({ min: 0.2, max: 5, noNaN: true }),
    ovenfuls: fc.integer({ min: 1, max: 5 }),
  });
  const step: Step = { id: 'a', text: 'Stir', minutes: 10, leastMinutes: 6, mostMinutes: 20, hands: 'free' };
  fc.assert(
    fc.property(sizes, (size) => {
      const takes = (part: Partial<Step>) => stepMinutes({ ...step, ...part }, size, 'usual');
      assert.equal(takes({ grows: 'fixed' }), 10);
      assert.ok(close(takes({ grows: 'mass' }), 10 * size.scaleFactor, 1e-9));
      assert.ok(close(takes({ grows: 'set' }), 10 * size.thicknessFactor ** 2, 1e-9));
      assert.equal(takes({ ovenC: 170 }), 10 * size.ovenfuls);
      assert.ok(
        takes({ hands: 'busy' }) >= 10 && takes({ hands: 'busy' }) <= 10 * Math.max(1, size.scaleFactor) + 1e-9,
      );
      const boil = takes({ cooks: true });
      assert.ok(boil >= 10 * size.batches - 1e-9 && boil <= 10 * Math.max(size.batches, size.scaleFactor) + 1e-9);
      assert.equal(stepMinutes({ ...step, grows: 'fixed' }, size, 'least'), 6);
      assert.equal(stepMinutes({ ...step, grows: 'fixed' }, size, 'most'), 20);
    }),
  );
});

test('a pasted recipe without steps has a complete schedule', () => {
  const pasted = slabFromRecipe(
    readRecipe(
      'For the base:\n200 g plain flour\n100 g butter\nFor the fudge:\n300 g caster sugar\n100 ml whole milk\nFor the top:\n200 g dark chocolate',
      'metric',
      demoLarder,
    ),
    'Pasted',
    'metric',
  );
  const cooked: Slab = {
    ...pasted,
    preparations: pasted.preparations.map((preparation, p) =>
      p === 1 ? { ...preparation, cookTo: { celsius: 115 } } : preparation,
    ),
  };
  const { activities, hindrance } = workOf(cooked, demoLarder, cool);
  assert.equal(hindrance, null);
  assert.deepEqual(
    activities
      .filter(({ of }) => cooked.preparations.some(({ id }) => id === of))
      .map(({ title }) => stepText(title, METRIC)),
    ['Mix Base', 'Boil Fudge to 115 °C', 'Melt Top gently'],
  );
  assert.equal(activities.find(({ title }) => title.code === 'boil')!.caution, 'burn');
  assert.equal(activities.find(({ id }) => id === 'cut')!.caution, 'blade');
});

test('what is stored cold must stay cold until it is sold', () => {
  const pack = (slab: Slab) => workOf(slab, demoLarder, cool).activities.find(({ id }) => id === 'pack')!.caution!;
  assert.equal(pack(slabNamed('Lime')), 'label-and-cold');
  assert.equal(pack(slabNamed('Rye')), 'label');
});

test('raw egg has a caution at its step, and a layer that never sets in its place blocks the schedule', () => {
  const eggs: Slab = {
    ...slabNamed('Lime'),
    preparations: slabNamed('Lime').preparations.map((preparation) => ({
      ...preparation,
      lines: [...preparation.lines, { ingredient: 'eggs', quantity: 1, unit: 'each' as const }],
    })),
  };
  assert.ok(workOf(eggs, demoLarder, cool).activities.some(({ caution }) => caution === 'raw-egg'));
  const hot = workOf(slabNamed('Rye'), demoLarder, { ...shop, roomC: 30 });
  assert.equal(hot.hindrance!.code, 'never-firm');
  const asked = { ...means, hours: [], zone: 'UTC', start: new Date('2026-12-01T08:00:00Z') };
  const day = layOutDay(hot, asked, asked.start);
  assert.ok(!day.feasible && day.steps.length === 0 && day.because?.code === 'layer-never-sets');
});

test('a step waits after another one as long as stated, and no longer', () => {
  const rests = (wait: Step['wait']): Slab => ({
    ...slabNamed('Rye'),
    preparations: slabNamed('Rye').preparations.map((preparation) => ({
      ...preparation,
      steps: preparation.steps?.map((step) => (step.id === 'bake' ? { ...step, wait } : step)),
    })),
  });
  const between = (wait: Step['wait']) => {
    const at = dayAtBench(rests(wait));
    return at('base/bake').start - at('base/rub').end;
  };
  assert.ok(between(undefined) <= 30);
  assert.ok(close(between({ minMinutes: 45, maxMinutes: 45 }), 45, 1e-9));
  assert.ok(between({ minMinutes: 60 }) >= 60);
});

test('in tins of two kinds each layer waits as long as in the slower one', () => {
  const slab = slabNamed('Rye');
  const wait = (tins: Parameters<typeof workOf>[3]) => {
    const found = workOf(slab, demoLarder, cool, tins).activities.find(({ id }) => id.startsWith('set/l2'));
    return found!.minutes;
  };
  const scale = { mode: 'scaleFactor', by: 1.5 } as const;
  // The walls of a flared tin make its lower layers thicker for the same share of the amounts.
  const flared = { shape: 'round', diameterMm: 260, depthMm: 40, flareDeg: 8 } as const;
  const [one, other] = [slab.tin, flared].map((tin) => ({ tin, count: 1 }));
  const both = wait({ tins: [one!, other!], scale });
  assert.equal(both, wait({ tins: [other!, one!], scale }));
});

test('a missing oven is named', () => {
  const work = workOf(slabNamed('Rye'), demoLarder, cool);
  const line = forwardFrom(work.activities, { ...means, ovens: 0 }, always, 0);
  assert.ok(!line.ok && line.because.code === 'no-oven');
});

test('a wait that no working day allows is named, and not the length of the schedule', () => {
  const work = workOf(slabNamed('Lime'), demoLarder, cool);
  const start = new Date('2026-12-01T08:00:00Z');
  const hours = [{ day: 2, from: '08:00', to: '09:00' }];
  const day = layOutDay(work, { ...means, hours, zone: 'UTC', start }, start);
  assert.ok(!day.feasible);
  assert.match(dayText(day, METRIC), /"Lift, trim and cut" cannot follow "Lime half sets in the fridge" in time/);
});

test('working hours of a night end on the next day, and adjoining hours are one', () => {
  const night = workingWindows([{ day: 2, from: '22:00', to: '06:00' }], 'UTC', new Date('2026-12-01T00:00:00Z'), 0, 2);
  assert.deepEqual(night, [[22 * 60, 30 * 60]]);
  const touching = workingWindows(
    [
      { day: 2, from: '08:00', to: '12:00' },
      { day: 2, from: '12:00', to: '14:30' },
    ],
    'UTC',
    new Date('2026-12-01T00:00:30Z'),
    0,
    1,
  );
  assert.deepEqual(touching, [[8 * 60 - 0.5, 14.5 * 60 - 0.5]]);
});

test('mornings and evenings: every attended step is within them, the base before, the filling after', () => {
  const spans = [0, 1, 2, 3, 4, 5, 6].flatMap((day) => [
    { day, from: '06:00', to: '08:00' },
    { day, from: '18:00', to: '22:00' },
  ]);
  const start = new Date('2026-12-01T05:12:40Z');
  const work = workOf(slabNamed('Rye'), demoLarder, cool);
  const day = layOutDay(work, { ...means, hours: spans, zone: 'UTC', start }, start);
  assert.ok(day.feasible);
  for (const { activity, start: from, end } of day.steps) {
    if (activity.hands === 'free') continue;
    const [a, b] = [from, end].map((at) => at.getUTCHours() + at.getUTCMinutes() / 60) as [number, number];
    assert.ok((a >= 6 && b <= 8) || (a >= 18 && b <= 22), `${activity.id} ${from.toISOString()}`);
  }
  assert.equal(day.steps[0]!.start.toISOString(), '2026-12-01T06:00:00.000Z');
});

test('law: nothing is hot in an empty workroom: whatever the start or the deadline, bakes and boils are within working hours', () => {
  const hours = [1, 2, 3, 4, 5].map((day) => ({ day, from: '08:00', to: '17:00' }));
  const means = { hands: 1, ovens: 1, rings: 2, hours, zone: 'UTC' };
  const now = new Date('2026-12-01T00:00:00Z');
  const works = demoSlabs.map((slab) => workOf(slab, demoLarder, cool));
  const within = (moment: Date) => {
    const minute = moment.getUTCHours() * 60 + moment.getUTCMinutes();
    return [1, 2, 3, 4, 5].includes(moment.getUTCDay()) && minute >= 480 && minute <= 1020;
  };
  const isHot = (activity: Activity) => isAttended(activity) && activity.occupies.length > 0;
  assert.ok(works.filter(({ activities }) => activities.some(isHot)).length > 3);
  fc.assert(
    fc.property(
      fc.constantFrom(...works),
      fc.integer({ min: 0, max: 7 * 1440 }),
      fc.boolean(),
      (work, minute, back) => {
        const moment = new Date(now.getTime() + (minute + (back ? 8 * 1440 : 0)) * 60_000);
        const day = layOutDay(work, { ...means, ...(back ? { deadline: moment } : { start: moment }) }, now);
        for (const { activity, start, end } of day.steps) {
          if (!isAttended(activity)) continue;
          assert.ok(within(start) && within(end), `${activity.id} ${start.toISOString()} ${end.toISOString()}`);
        }
        if (!back || !day.feasible) return;
        assert.equal(day.endsBeforeDeadline, !within(moment));
        assert.ok(day.steps.every(({ end }) => end <= moment));
      },
    ),
    { numRuns: 60 },
  );
});

test('a wait on a coat or on something scattered is kept like any other, in its own place', () => {
  const rye = slabNamed('Rye');
  const last = rye.layers[2]!;
  const chain = (...tops: Slab['layers']) =>
    new Map(
      workOf({ ...rye, layers: [...rye.layers.slice(0, 2), ...tops] }, demoLarder, cool).activities.map((activity) => [
        activity.id,
        activity,
      ]),
    );
  const follows = (activities: ReturnType<typeof chain>, id: string, on: string) =>
    activities.get(id)!.after.some((link) => link.on === on);
  const set = { minMinutes: 133, place: 'fridge' } as const;
  const coated = chain({ ...last, spread: 'coat', thicknessMm: 1, set });
  const sets = coated.get(`set/${last.id}`)!;
  assert.deepEqual([sets.minutes, sets.hands, sets.occupies], [133, 'free', ['fridge']]);
  assert.deepEqual(sets.after, [{ on: `lay/${last.id}`, least: 0, most: 0 }]);
  assert.ok(follows(coated, 'pack', sets.id));
  // Scattered on the caramel while it is wet, the caramel waits for as long.
  const strewn = chain({ ...last, spread: 'scatter', thicknessMm: undefined, set });
  const waits = strewn.get('set/l2')!;
  assert.deepEqual([waits.minutes, waits.occupies], [133, ['fridge']]);
  assert.ok(follows(strewn, 'set/l2', `lay/${last.id}`) && follows(strewn, 'cut', 'set/l2'));
  const short = chain({ ...last, spread: 'scatter', thicknessMm: undefined, set: { minMinutes: 5 } });
  const without = chain({ ...last, spread: 'scatter', thicknessMm: undefined, set: {} });
  assert.equal(short.get('set/l2')!.minutes, without.get('set/l2')!.minutes);
  assert.ok(!chain({ ...last, spread: 'coat', thicknessMm: 1, set: {} }).has(`set/${last.id}`));
});
