import { type TitledStep } from '$core/slab';
import { writtenSteps } from '$wording/steps';
import { changeText } from '$wording/history';
/** What runs suggest: the robust median and the trend by hand, planted deviations found within their spread, changes and their words. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { randomFrom } from '../../../devices/random.mjs';
import { PAST_RUNS, pastEvents, PLANTED } from '../../../demo/runs/past';
import { changedSlab, driftOf, proposalsOf, robustOf, runBasis, trendsOf } from '$core/logbook';
import { METRIC } from '$core/measure';
import { loggedRun, plan, priceFromRuns, priceSlab, slabLog } from '$core/usecases';
import { demoIngredients, demoLarder, demoSlabs, runPlanFor, ryeSlice, shop } from '../things';

const near = (found: number, wanted: number, within: number) =>
  assert.ok(Math.abs(found - wanted) <= within, `${found} is not ${wanted} within ${within}`);

const write = (steps: readonly TitledStep[]) => writtenSteps(steps, METRIC);

test('the median and its range, by hand; one outlier hardly moves them', () => {
  const five = robustOf([10, 11, 12, 13, 14]);
  assert.equal(five.median, 12);
  near(five.spread, 1.4826, 1e-9);
  near(five.high - five.median, (2.78 * 1.2533 * 1.4826) / Math.sqrt(5), 1e-9);
  const withOne = robustOf([10, 11, 12, 13, 900]);
  assert.equal(withOne.median, 12);
  assert.equal(withOne.spread, five.spread);
  assert.equal(robustOf([5]).low, -Infinity);
});

test('a trend is reported where values rise beyond chance, and not where they only scatter', () => {
  const rising = driftOf([0, 1, 2, 3, 4, 5, 6, 7].map((day) => [day, 10 + 2 * day + (day % 2)]));
  assert.equal(rising.way, 'rises');
  near(rising.byDay, 2, 0.3);
  assert.equal(driftOf([0, 1, 2, 3, 4, 5, 6, 7].map((day) => [day, day % 2])).way, null);
  assert.equal(
    driftOf([
      [0, 1],
      [1, 2],
      [2, 3],
    ]).way,
    null,
  );
  const random = randomFrom(5);
  let told = 0;
  for (let i = 0; i < 300; i++)
    if (driftOf(Array.from({ length: 12 }, (_, day) => [day, random()] as const)).way !== null) told++;
  // One in twenty by chance.
  assert.ok(told < 30, `${told} of 300`);
});

const DAY_MS = 86_400_000;
function past(name: string, seed?: number) {
  const slab = demoSlabs.find((slab) => slab.name === name)!;
  const frozen = runPlanFor(slab, { hands: 2 });
  return PAST_RUNS.flatMap((run, i) => {
    if (run.slab !== name) return [];
    const plan = { ...frozen, begin: new Date(Date.parse(frozen.begin) - run.daysAgo * DAY_MS).toISOString() };
    const events = pastEvents(run, plan, i, seed);
    return [loggedRun({ id: i + 1, plan, events, slab, ingredients: demoIngredients, shop })];
  });
}

test('what is true of the simulated workroom is found in its runs, as often as its range says, and nothing else is suggested', () => {
  const planted = {
    'pot speed': 18 * PLANTED.boilTimes,
    // 5 % are planned, and another 4.5 % of the rest are lost.
    loss: 100 * (1 - 0.95 * (1 - PLANTED.baseLossMore)),
  };
  const held = { 'pot speed': 0, loss: 0 };
  const HALF_YEARS = 15;
  for (let half = 0; half < HALF_YEARS; half++) {
    const proposals = proposalsOf(ryeSlice, past('Rye and treacle slice', 9000 + 100 * half));
    for (const what of ['pot speed', 'loss'] as const) {
      const found = proposals.find((proposal) => proposal.what === what)?.found;
      if (found && found.low <= planted[what] && found.high >= planted[what]) held[what] += 1;
    }
  }
  // Nineteen in twenty are expected; of fifteen at least this many.
  for (const [what, often] of Object.entries(held)) assert.ok(often >= 12, `${what}: ${often} of ${HALF_YEARS}`);
});

test('the demo’s half year suggests what was planted in it, with its runs, and a change for each', () => {
  const runs = past('Rye and treacle slice');
  assert.equal(runs.length, 11);
  const proposals = proposalsOf(ryeSlice, runs);
  assert.deepEqual([...new Set(proposals.map(({ what }) => what))].sort(), [
    'density',
    'loss',
    'pot speed',
    'set minutes',
  ]);
  const of = (what: string) => proposals.find((proposal) => proposal.what === what)!;
  const boil = of('pot speed');
  near(boil.found.median, 18 * PLANTED.boilTimes, boil.found.spread);
  assert.deepEqual([boil.change.what, 'step' in boil.change && boil.change.step], ['minutes', 'boil']);
  const density = of('density');
  const airier = (density.planned * (1 - PLANTED.baseLossMore)) / PLANTED.baseThicker;
  near(density.found.median, airier, 2 * density.found.spread);
  assert.equal(of('set minutes').change.what, 'set');
  for (const { runs: from } of proposals) assert.ok(from.length >= 3);
  const beat = proposalsOf(
    demoSlabs.find(({ name }) => name === 'Pear penuche')!,
    past('Pear penuche'),
  );
  assert.deepEqual(
    beat.map(({ what, change }) => [what, 'step' in change ? change.step : '']),
    [['step minutes', 'beat']],
  );
  near(beat[0]!.found.median, 10 * PLANTED.beatTimes, 2 * beat[0]!.found.spread);
});

test('two runs suggest nothing, and a shop that works as planned gets no suggestions', () => {
  assert.deepEqual(proposalsOf(ryeSlice, past('Rye and treacle slice').slice(0, 2)), []);
  const plain = demoSlabs.find(({ name }) => name === 'Lime and coconut two-tone')!;
  assert.deepEqual(proposalsOf(plain, past(plain.name)), []);
});

test('trends have every figure that was noted; the place of a slow set is fitted to it', () => {
  const runs = past('Rye and treacle slice');
  const log = slabLog(ryeSlice, demoLarder, shop, runs);
  assert.deepEqual(
    log.runs.map(({ id }) => id),
    runs.map(({ id }) => id),
  );
  const yieldTrend = log.trends.find(({ figure }) => figure === 'yield')!;
  assert.equal(yieldTrend.values.length, 11);
  assert.ok(yieldTrend.middle.median > 0.9 && yieldTrend.middle.median <= 1);
  const planned = plan(ryeSlice, demoLarder, shop).cost.perPiece!;
  near(log.trends.find(({ figure }) => figure === 'costEach')!.middle.median, planned, 0.1 * planned);
  assert.deepEqual(trendsOf([]), []);
  const [room] = log.places;
  assert.equal(room!.place, 'room');
  // It took a fifth longer: the heat transfer is below the usual 8 W/m2 K.
  assert.ok(room!.h < 8 && room!.h > 4, String(room!.h));
});

test('a change is applied to the slab and described in its terms; what is gone is left alone', () => {
  const hotter = changedSlab(ryeSlice, { what: 'end point', preparation: 'treacle', byC: 3 }, write);
  assert.deepEqual(hotter.preparations[1]!.cookTo, { celsius: 121 });
  const words = (change: Parameters<typeof changeText>[0]) => changeText(change, ryeSlice, METRIC);
  assert.equal(words({ what: 'end point', preparation: 'treacle', byC: 3 }), 'Treacle caramel: end point 3 °C higher');
  const half = changedSlab(ryeSlice, { what: 'amount', preparation: 'top', factor: 0.5 }, write);
  assert.equal(half.preparations[2]!.lines[0]!.quantity, 120);
  assert.equal(words({ what: 'amount', preparation: 'top', factor: 0.5 }), 'Dark top: half as much');
  const longer = changedSlab(ryeSlice, { what: 'minutes', preparation: 'treacle', step: 'boil', byMinutes: 6 }, write);
  assert.deepEqual(
    ['minutes', 'leastMinutes', 'mostMinutes'].map((key) => longer.preparations[1]!.steps![0]![key as 'minutes']),
    [24, 20, 30],
  );
  const set = changedSlab(ryeSlice, { what: 'set', layer: 'l2', byMinutes: 30 }, write);
  assert.equal(set.layers[1]!.set!.minMinutes, 90);
  assert.equal(
    changedSlab(ryeSlice, { what: 'loss', preparation: 'base', lossPercent: 9 }, write).preparations[0]!.lossPercent,
    9,
  );
  assert.equal(
    changedSlab(ryeSlice, { what: 'density', preparation: 'base', densityGPerMl: 0.8 }, write).preparations[0]!
      .densityGPerMl,
    0.8,
  );
  const tins = [{ tin: { ...ryeSlice.tin, lengthMm: 330 }, count: 1 }];
  assert.deepEqual(changedSlab(ryeSlice, { what: 'tins', tins }, write).tins, tins);
  assert.equal(changedSlab(ryeSlice, { what: 'set', layer: 'gone', byMinutes: 30 }, write), ryeSlice);
  assert.equal(
    changedSlab(ryeSlice, { what: 'minutes', preparation: 'treacle', step: 'gone', byMinutes: 3 }, write),
    ryeSlice,
  );
  assert.equal(changedSlab(ryeSlice, { what: 'amount', preparation: 'gone', factor: 2 }, write), ryeSlice);
});

test('a price from runs: their labour, rejects and ingredients, the rest as planned', () => {
  const log = slabLog(ryeSlice, demoLarder, shop, past('Rye and treacle slice'));
  const basis = log.basis!;
  assert.equal(basis.runs, 10);
  assert.ok(Math.abs(basis.costFactor - 1) < 0.02);
  const planned = plan(ryeSlice, demoLarder, shop);
  const minutes = { busy: 40, watch: 20, oven: 24, ring: 26, mixer: 0, fridge: 0, freezer: 0 };
  const slab = { ...ryeSlice, pricing: { labourPerHour: 20 } };
  const byPlan = priceSlab(slab, shop, planned, minutes);
  const same = { runs: 3, busy: 40, watch: 20, rejectShare: byPlan.pricing.rejectShare, costFactor: 1 };
  assert.deepEqual(priceFromRuns(slab, shop, planned, minutes, same).bill, byPlan.bill);
  const went = priceFromRuns(slab, shop, planned, minutes, { ...same, busy: 80, rejectShare: 0.2, costFactor: 1.5 });
  near(went.bill.coins.ingredients, byPlan.bill.coins.ingredients * 1.5, 1.5);
  assert.ok(went.bill.coins.labour > 1.6 * byPlan.bill.coins.labour);
  assert.ok(went.bill.coins.rejects > 0);
  assert.equal(runBasis([]), null);
});

test('a suggestion that was applied is not made again', () => {
  for (const name of ['Rye and treacle slice', 'Pear penuche']) {
    const runs = past(name);
    const slab = demoSlabs.find((slab) => slab.name === name)!;
    const before = proposalsOf(slab, runs);
    assert.ok(before.length > 0);
    const taken = before.reduce((now, { change }) => changedSlab(now, change, write), slab);
    assert.deepEqual(proposalsOf(taken, runs), []);
  }
  const [room] = slabLog(ryeSlice, demoLarder, shop, past('Rye and treacle slice')).places;
  const own = { ...shop, placeH: { [room!.place]: room!.h } };
  assert.deepEqual(slabLog(ryeSlice, demoLarder, own, past('Rye and treacle slice')).places, []);
});
