/** Steps that are moved on their own: every wait, hour and resource is kept, and no day becomes longer. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { prepareWeek, weekPlanOf, type WeekAsk } from '$core/usecases';
import { compareScores, Grid, gridOf, justified, placeBatch, scoreOf, stepsOfBatch, takeBatch } from '$core/week';
import type { Placement, WeekBatch, Workroom } from '$core/week';
import type { Activity } from '$core/time';
import { demoLarder, demoRack, demoShop, demoSlabs } from '../things';
import { wrongsOf } from './validator';

const MONDAY = Date.parse('2026-11-30T00:00:00Z');
const at = (day: number, hour: number) => new Date(MONDAY + (day * 24 + hour) * 3_600_000);
const ROOM = {
  ovens: [{ name: 'oven 1', shelves: 2, heatUpMinutes: 12 }],
  ...{ rings: 4, mixers: 1, boards: 1, fridgeMm2: 360_000 },
};

test('law: a plan whose steps were moved stands up to the validator, is no longer and no later, and the grid holds just that', () => {
  let closed = 0;
  for (let from = 0; from + 3 <= demoSlabs.length; from++) {
    const people = [{ name: 'Maker', hours: [0, 1, 2].map((day) => ({ from: at(day, 7), to: at(day, 17) })) }];
    const batches = demoSlabs
      .slice(from, from + 3)
      .map((slab, i) => ({ id: String(i), slab, due: at(1 + (i % 2), 16) }));
    const asked: WeekAsk = { from: at(0, 0), to: at(4, 0), batches, people, workroom: ROOM };
    const prepared = prepareWeek(asked, demoLarder, { ...demoShop, rack: demoRack });
    const { question } = prepared;
    const grid = gridOf(question);
    // One after the other from the first morning: a plan with pauses.
    const first = question.batches.map((of): Placement | null => placeBatch(grid, of, { direction: 1, limit: 0 }));
    const score = (placements: readonly (Placement | null)[]) =>
      scoreOf(grid, question.batches, placements, question.days, null);
    let placements: readonly (Placement | null)[] = first;
    for (const direction of [-1, 1] as const) {
      const before = score(placements);
      placements = justified(
        { grid, batches: question.batches, placements, kept: new Map(), days: question.days },
        direction,
      );
      const after = score(placements);
      assert.ok(after.paidMinutes <= before.paidMinutes, `${after.paidMinutes} of ${before.paidMinutes}`);
      assert.ok(after.lateMinutes <= before.lateMinutes);
      const plan = weekPlanOf(prepared, { placements, score: after });
      const wrongs = wrongsOf({
        ...{ from: asked.from, batches, steps: plan.steps, late: plan.late },
        room: {
          ...{ people, ...ROOM, freezerMm2: demoShop.freezerMm2 ?? null, blocked: [] },
          tins: new Map(demoRack.map(({ name, count }) => [name, count])),
        },
      });
      assert.deepEqual(wrongs, []);
      closed += before.paidMinutes - after.paidMinutes;
    }
    // With everything taken out, the grid is empty again: the same plan fits in.
    placements.forEach((placement, b) => placement && takeBatch(grid, question.batches[b]!, placement, -1));
    assert.deepEqual(grid.people, gridOf(question).people);
    const again = question.batches.map((of) => placeBatch(grid, of, { direction: 1, limit: 0 }));
    assert.deepEqual(again, first);
  }
  assert.ok(closed > 0, 'no pause was closed');
});

/** A batch of one step of work before and after one that is watched or goes on by itself. */
function batchOf(id: string, part: Partial<Activity>): WeekBatch {
  const step = (name: string, more: Partial<Activity>): Activity => ({
    ...{ id: name, of: name, title: { code: 'mix', name }, minutes: 10, hands: 'busy', occupies: [] },
    ...{ ovenC: null, caution: null, after: [], ...more },
  });
  const after = (on: string, most: number | null) => [{ on, least: 0, most }];
  const activities = [
    step('weigh', {}),
    step('boil', { hands: 'watch', occupies: ['ring'], minutes: 20, after: after('weigh', null), ...part }),
    step('lay', { after: after('boil', 60) }),
  ];
  return { id, activities, tins: [], notBefore: 0, due: 1440 };
}

test('a step that is watched goes on beside another one, and fixed steps stay', () => {
  const workroom: Workroom = {
    ...{ people: [{ name: 'Maker', hours: [{ from: 480, to: 960 }] }], ovens: [], rings: 2, mixers: 1, boards: 1 },
    ...{ fridgeMm2: 0, freezerMm2: 0, tins: new Map(), blocked: [] },
  };
  const grid = new Grid(workroom, 1440);
  const batches = ['a', 'b'].map((id) => stepsOfBatch(batchOf(id, {}))!);
  const place = (starts: readonly number[]): Placement => ({ starts, people: [0, 0, 0], ovens: [-1, -1, -1] });
  const placements = [place([480, 500, 520]), place([490, 530, 550])];
  batches.forEach((of, b) => takeBatch(grid, of, placements[b]!, 1));
  const planned = { grid, batches, placements, days: [0, 1440] };
  const stay = new Map([['b', new Map([['boil', 530]])]]);
  assert.equal(justified({ ...planned, kept: stay }, 1)[1]!.starts[1], 530);
  assert.equal(justified({ ...planned, kept: new Map() }, 1)[1]!.starts[1], 500);
});

test('nothing moves where nothing can: the placements are the same objects', () => {
  const workroom: Workroom = {
    ...{ people: [{ name: 'Maker', hours: [{ from: 480, to: 960 }] }], ovens: [], rings: 2, mixers: 1, boards: 1 },
    ...{ fridgeMm2: 0, freezerMm2: 0, tins: new Map(), blocked: [] },
  };
  const grid = new Grid(workroom, 1440);
  const batches = [stepsOfBatch(batchOf('a', {}))!];
  const placements = [placeBatch(grid, batches[0]!, { direction: 1, limit: 0 })];
  const days = [0, 1440];
  const again = justified({ grid, batches, placements, kept: new Map(), days }, 1);
  assert.equal(again[0], placements[0]);
  const score = scoreOf(grid, batches, again, days, null);
  assert.equal(compareScores(score, scoreOf(grid, batches, placements, days, null)), 0);
});
