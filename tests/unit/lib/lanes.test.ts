import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workOf, layOutDay } from '$core/usecases';
import { hoursOf, momentOf, type DayForm } from '../../../src/routes/slabs/[id=whole]/schedule/dayForm';
import { axisOf, lanesOf } from '../../../src/lib/ui/lanes';
import { demoLarder, demoSlabs, shop } from '../things';

const WEEK = [0, 1, 2, 3, 4, 5, 6].map((day) => ({ day, from: '07:30', to: '16:00' }));
const start = new Date('2026-12-01T07:30:00Z');
const days = demoSlabs.flatMap((slab) =>
  [1, 3].map((count) => {
    const work = workOf(slab, demoLarder, { ...shop, roomC: 19 }, { tins: [{ tin: slab.tin, count }] });
    return layOutDay(work, { hands: 2, ovens: 1, rings: 4, hours: WEEK, zone: 'UTC', start }, start).steps;
  }),
);

test('law: in a row of a lane nothing overlaps, and every step is in a lane', () => {
  for (const steps of days) {
    const lanes = lanesOf(steps);
    for (const { rows } of lanes)
      for (const row of rows)
        row.slice(1).forEach((step, i) => assert.ok(row[i]!.end.getTime() <= step.start.getTime()));
    const shown = new Set(lanes.flatMap(({ rows }) => rows.flat()).map(({ activity }) => activity.id));
    assert.equal(shown.size, steps.length);
  }
});

test('law: the axis runs from the first moment to the last, never back, and a position maps back to its moment', () => {
  for (const steps of days) {
    const axis = axisOf(steps, 1000);
    const moments = steps.flatMap(({ start: from, end }) => [from.getTime(), end.getTime()]).sort((a, b) => a - b);
    assert.ok(Math.abs(axis.x(moments[0]!)) < 1e-6 && Math.abs(axis.x(moments.at(-1)!) - 1000) < 1e-6);
    moments.slice(1).forEach((moment, i) => assert.ok(axis.x(moment) >= axis.x(moments[i]!) - 1e-9));
    for (const moment of moments) assert.ok(Math.abs(axis.at(axis.x(moment)) - moment) < 1000);
    axis.ticks.slice(1).forEach(({ x }, i) => assert.ok(x - axis.ticks[i]!.x >= 60));
  }
});

test('a field shows a moment by the clock of the shop, in summer and in winter', () => {
  assert.equal(momentOf('2026-12-04T12:00', 'Europe/Lisbon')!.toISOString(), '2026-12-04T12:00:00.000Z');
  assert.equal(momentOf('2026-07-04T12:00', 'Europe/Lisbon')!.toISOString(), '2026-07-04T11:00:00.000Z');
  assert.equal(momentOf('2026-07-04', 'Europe/Lisbon'), null);
  assert.equal(momentOf('', 'Europe/Lisbon'), null);
});

test('the hours shown of a day: the shop’s, mornings and evenings of every day, or none', () => {
  const form = {
    morning: { from: '06:00', to: '08:00' },
    evening: { from: '18:00', to: '22:00' },
  } as DayForm;
  assert.deepEqual(hoursOf({ ...form, within: 'shop' }, WEEK), WEEK);
  assert.deepEqual(hoursOf({ ...form, within: 'always' }, WEEK), []);
  const edges = hoursOf({ ...form, within: 'edges' }, WEEK);
  assert.equal(edges.length, 14);
  assert.deepEqual(edges[1], { day: 0, from: '18:00', to: '22:00' });
});
