/** Runs whose mixture is cooked in one pot: what each weighs, uses and waits for, and what of the pot is whose. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { runRecord, runState, type RunEvent } from '$core/run';
import { usedByRun } from '$core/stock';
import { layerEffects, planAsMade, potsForSeveral, sharedPotsOf } from '$core/usecases';
import { demoLarder, runPlanFor, shop } from '../things';
import { oat, rye } from '../week/oatBar';

const BEGIN = '2026-11-27T08:00:00Z';
const at = (minute: number, part: Omit<RunEvent, 'id' | 'at'> & Record<string, unknown>) =>
  ({
    ...{ id: crypto.randomUUID(), at: new Date(Date.parse(BEGIN) + minute * 60_000).toISOString() },
    ...part,
  }) as RunEvent;
const batches = [
  { id: 'rye', slab: rye },
  { id: 'oat', slab: oat, takes: [{ preparation: 'caramel', from: 'rye' }] },
];
const pots = potsForSeveral(batches, demoLarder, shop);
const cooks = runPlanFor(rye, {}, sharedPotsOf(pots, 'rye'));
const takes = runPlanFor(oat, {}, sharedPotsOf(pots, 'oat'));

test('each run weighs and uses its own ingredients, as without the shared pot', () => {
  const finished = [at(200, { kind: 'finished' })];
  for (const [own, alone] of [
    [cooks, runPlanFor(rye)],
    [takes, runPlanFor(oat)],
  ] as const) {
    const masses = (plan: typeof own) => usedByRun(plan, finished).map(({ ingredient, massG }) => [ingredient, massG]);
    assert.deepEqual(masses(own), masses(alone));
  }
  assert.deepEqual(
    [...new Set(takes.lines.flatMap(({ inPotOf = [], goesIn }) => (inPotOf.length > 0 ? [inPotOf, goesIn] : [])))],
    [rye.name, 'gather'],
  );
  assert.ok(cooks.lines.every(({ inPotOf }) => inPotOf === undefined));
});

test('what is weighed out of the pot is divided: all that should be there makes every layer as planned', () => {
  const pot = cooks.pots.find(({ preparation }) => preparation === 'treacle')!;
  const allG = pot.massOutG + pot.othersG!;
  const made = (massG: number) =>
    planAsMade(rye, demoLarder, shop, runRecord(cooks, [at(1, { kind: 'came-out', preparation: 'treacle', massG })]));
  assert.deepEqual(layerEffects(cooks, made(allG)), []);
  const [thinner] = layerEffects(cooks, made(allG * 0.9));
  assert.ok(Math.abs(thinner!.madeMm / thinner!.plannedMm - 0.9) < 0.01);
});

test('the mixture is not expected before its pot is planned to be ready, and only one of the two boils', () => {
  assert.equal(cooks.boils.length, 1);
  assert.deepEqual(takes.boils, []);
  const take = takes.steps.find(({ id }) => id === 'caramel/take')!;
  assert.match(take.text, /^Take .* of Treacle caramel from the pot for Rye and treacle slice$/);
  const waitMinutes = 60;
  const potMinute = take.planned.from + waitMinutes;
  const plan = {
    ...takes,
    steps: takes.steps.map((step) => {
      const { from, to } = step.planned;
      return from < take.planned.from ? step : { ...step, planned: { from: from + waitMinutes, to: to + waitMinutes } };
    }),
  };
  const fromOf = (events: readonly RunEvent[], minute: number) => {
    const { steps } = runState(plan, events, Date.parse(BEGIN) + minute * 60_000);
    return (steps.find(({ step }) => step.id === take.id)!.from - Date.parse(BEGIN)) / 60_000;
  };
  const weighed = [at(5, { kind: 'step-done', step: 'gather' })];
  assert.equal(fromOf(weighed, 5), potMinute);
  assert.ok(fromOf(weighed, potMinute + 30) >= potMinute + 30);
});
