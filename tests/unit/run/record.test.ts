/** A run compared with its plan: figures worked by hand, and the simulated runs. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { randomFrom } from '../../../devices/random.mjs';
import { PLAIN, simulateRun } from '../../../demo/runs/simulator';
import { runRecord, runState, wholeRunPlan, type RunEvent, type RunPlan } from '$core/run';
import { layerEffects, planAsMade, plan as planOf } from '$core/usecases';
import { demoLarder, demoSlabs, runPlanFor, ryeSlice, shop } from '../things';

const BEGIN = '2026-11-27T08:00:00Z';
let next = 0;
const at = (minute: number, part: object): RunEvent =>
  ({
    id: `00000000-0000-4000-8000-${String(++next).padStart(12, '0')}`,
    at: new Date(Date.parse(BEGIN) + minute * 60_000).toISOString(),
    ...part,
  }) as RunEvent;

const step = (id: string, from: number, to: number, hands: 'busy' | 'watch' | 'free' = 'busy') => ({
  ...{ id, of: 'p', text: id, minutes: to - from, hands, occupies: [], ovenC: null, after: [], caution: null },
  planned: { from, to },
});
const plan: RunPlan = wholeRunPlan({
  ...{ name: 'Slab', version: 3, lot: 'L1', begin: BEGIN, pieces: 20, pieceG: 50, slabG: 1000, trimG: 40 },
  steps: [step('weigh', 0, 10), step('boil', 10, 30, 'watch')],
  boils: [{ step: 'boil', preparation: 'p', targetC: 118, showsC: 117 }],
  lines: [
    {
      preparation: 'p',
      preparationName: 'Pot',
      line: 0,
      ingredient: 'butter',
      massG: 100,
      measured: '100 g',
      goesIn: 'boil',
    },
  ],
});

test('minutes, amounts, the highest confirmed temperature, pieces and their spread, by hand', () => {
  const record = runRecord(plan, [
    at(0, { kind: 'step-begun', step: 'weigh' }),
    at(4, { kind: 'weighed', preparation: 'p', line: 0, massG: 96 }),
    at(5, { kind: 'amount-changed', preparation: 'p', line: 0, byG: -6, why: 'looked rich' }),
    at(12, { kind: 'step-done', step: 'weigh' }),
    at(12, { kind: 'step-begun', step: 'boil' }),
    ...[100, 110, 150, 116, 119.5, 118].map((celsius, i) => at(14 + i, { kind: 'temperature', step: 'boil', celsius })),
    at(37, { kind: 'step-done', step: 'boil' }),
    at(60, { kind: 'pieces', count: 12, massG: 588, each: [48, 50, 52] }),
    at(61, { kind: 'pieces', count: 6, massG: 300 }),
    at(62, { kind: 'rejects', count: 2, why: 'a corner' }),
    at(63, { kind: 'trim', massG: 45 }),
    at(64, { kind: 'finished' }),
  ]);
  assert.equal(record.status, 'finished');
  assert.equal(record.minutes, 64);
  assert.deepEqual(
    record.steps.map(({ minutes }) => minutes),
    [12, 25],
  );
  assert.deepEqual(record.hands, { busy: 12, watch: 25 });
  assert.equal(record.lines[0]!.massInG, 90);
  assert.equal(record.lines[0]!.why, 'looked rich');
  // 150 stands out from its neighbours: a jump of the probe.
  assert.equal(record.curves[0]!.peakC, 119.5);
  assert.equal(record.curves[0]!.readings[0]![0], 120);
  const { outcome } = record;
  assert.equal(outcome.pieces, 18);
  assert.equal(outcome.yieldShare, 0.9);
  assert.ok(Math.abs(outcome.pieceG! - 888 / 18) < 1e-9);
  assert.ok(Math.abs(outcome.pieceVariation! - 2 / 50) < 1e-9);
  assert.deepEqual([outcome.rejects, outcome.trimG, outcome.leftoverG], [2, 45, null]);
});

test('what was not noted is unknown, and what was undone never happened', () => {
  const trim = at(3, { kind: 'trim', massG: 45 });
  const record = runRecord(plan, [trim, at(4, { kind: 'taken-back', event: trim.id })]);
  assert.deepEqual(
    [record.outcome.pieces, record.outcome.trimG, record.outcome.pieceVariation, record.curves[0]!.peakC],
    [null, null, null, null],
  );
  assert.equal(record.lines[0]!.massInG, 100);
});

test('a run that is not finished, has no start, or lacks the end of a step', () => {
  const open = runRecord(plan, [
    at(2, { kind: 'step-done', step: 'weigh' }),
    at(9, { kind: 'step-begun', step: 'boil' }),
  ]);
  assert.deepEqual([open.status, open.endedAt, open.minutes], ['open', null, 7]);
  assert.deepEqual(
    open.steps.map(({ from, to, minutes }) => [from, to, minutes]),
    [
      [null, 2, null],
      [9, null, null],
    ],
  );
  assert.deepEqual(runRecord(plan, []).minutes, 0);
  const stopped = runRecord(plan, [
    at(5, { kind: 'note', text: 'x' }),
    at(8, { kind: 'stopped' }),
    at(9, { kind: 'note', text: 'y' }),
  ]);
  assert.deepEqual([stopped.status, stopped.minutes], ['stopped', 3]);
});

test('everything noted at the bench is in the record, and repeated entries count once or add up', () => {
  const tins = [{ tin: { ...ryeSlice.tin }, count: 2 }];
  const record = runRecord(plan, [
    at(1, { kind: 'lot', ingredient: 'butter', lot: 'B7' }),
    at(2, { kind: 'came-out', preparation: 'p', massG: 700 }),
    at(3, { kind: 'came-out', preparation: 'p', massG: 710 }),
    at(4, { kind: 'thickness', layer: 'l', mm: 8 }),
    at(5, { kind: 'tin-changed', tins }),
    at(6, { kind: 'set-reading', step: 'boil', reading: 'firm' }),
    at(7, { kind: 'pot-sign', preparation: 'p', sign: 'set-in-pot' }),
    at(8, { kind: 'step-skipped', step: 'weigh', why: 'done before' }),
    at(8, { kind: 'step-skipped', step: 'boil' }),
    at(9, { kind: 'note', text: 'a' }),
    at(10, { kind: 'tasted', text: 'b' }),
    at(11, { kind: 'leftover', massG: 30 }),
    at(12, { kind: 'leftover', massG: 12 }),
    at(13, { kind: 'trim', massG: 20 }),
    at(14, { kind: 'trim', massG: 21 }),
    at(15, { kind: 'rejects', count: 2 }),
    at(16, { kind: 'next-time', text: 'c' }),
    at(17, { kind: 'pieces', count: 4 }),
    at(18, { kind: 'pieces', count: 0, massG: 90 }),
    at(19, { kind: 'pieces', count: 5, massG: 240 }),
    at(20, { kind: 'stopped', why: 'power' }),
  ]);
  assert.deepEqual([...record.cameOut], [['p', 710]]);
  assert.deepEqual([...record.thickness], [['l', 8]]);
  assert.deepEqual(record.tins, tins);
  const counts = [record.lots, record.setReadings, record.potSigns, record.nextTime].map(({ length }) => length);
  assert.deepEqual(counts, [1, 1, 1, 1]);
  assert.deepEqual(
    record.said.map(({ kind }) => kind),
    ['pot-sign', 'note', 'tasted', 'rejects', 'stopped'],
  );
  assert.deepEqual(
    record.steps.map(({ skippedWhy }) => skippedWhy),
    ['done before', ''],
  );
  const { outcome } = record;
  assert.deepEqual([outcome.leftoverG, outcome.trimG, outcome.rejects, outcome.pieces], [42, 41, 2, 9]);
  // Only pieces weighed together count for the mass of one.
  assert.equal(outcome.pieceG, 48);
  assert.equal(outcome.pieceVariation, null);
});

test('pieces weighed one by one give their mass; a line without a weight stays unknown', () => {
  const unknown = { ...plan, lines: [{ ...plan.lines[0]!, massG: null }] };
  const each = runRecord(unknown, [at(1, { kind: 'pieces', count: 2, each: [40, 44] })]);
  assert.equal(each.outcome.pieceG, 42);
  assert.equal(each.lines[0]!.massInG, null);
  const changed = runRecord(plan, [at(1, { kind: 'amount-changed', preparation: 'p', line: 0, byG: -150 })]);
  assert.deepEqual([changed.lines[0]!.massInG, changed.lines[0]!.why], [0, null]);
  const other = runRecord(plan, [
    at(1, { kind: 'weighed', preparation: 'q', line: 0, massG: 7 }),
    at(2, { kind: 'weighed', preparation: 'p', line: 1, massG: 8 }),
  ]);
  assert.equal(other.lines[0]!.weighedG, null);
});

test('the highest temperature is one that its neighbours confirm', () => {
  const peak = (...readings: number[]) =>
    runRecord(
      plan,
      readings.map((celsius, i) => at(i, { kind: 'temperature', step: 'boil', celsius })),
    ).curves[0]!.peakC;
  // First: above the next by more than 4. Last: above the trend.
  assert.equal(peak(130, 100, 104), 104);
  assert.equal(peak(104, 100, 103), 104);
  assert.equal(peak(100, 103, 120), 103);
  assert.equal(peak(100, 106, 121), 121, 'a pot that rises 6 at a time may rise 16');
  assert.equal(peak(100, 106, 123), 106);
  assert.equal(peak(118), 118);
  // Above its predecessor alone, and above its successor alone: a pot that heats, and one that cools.
  assert.equal(peak(100, 110, 110), 110);
  assert.equal(peak(110, 110, 100), 110);
});

test('readings count from the start of the boil, otherwise from the first of them; those of other boils do not', () => {
  const events = [
    at(10, { kind: 'temperature', step: 'boil', celsius: 90 }),
    at(12, { kind: 'temperature', step: 'weigh', celsius: 200 }),
  ];
  const without = runRecord(plan, events).curves[0]!;
  assert.deepEqual([without.readings, without.peakC], [[[0, 90]], 90]);
  const begun = runRecord(plan, [
    at(8, { kind: 'step-begun', step: 'boil' }),
    at(7, { kind: 'step-begun', step: 'weigh' }),
    ...events,
  ]);
  assert.deepEqual(begun.curves[0]!.readings, [[120, 90]]);
});

test('a run as planned costs as planned; less butter makes its layer thinner, and another tin all of them', () => {
  const frozen = runPlanFor(ryeSlice);
  const planned = planOf(ryeSlice, demoLarder, shop);
  const made = planAsMade(ryeSlice, demoLarder, shop, runRecord(frozen, []));
  assert.ok(Math.abs(made.cost.used - planned.cost.used) < 1e-6 * planned.cost.used);
  assert.deepEqual(layerEffects(frozen, made), []);
  const butter = frozen.lines.find(({ preparation, ingredient }) => preparation === 'base' && ingredient === 'butter')!;
  const held = runRecord(frozen, [at(1, { kind: 'weighed', preparation: 'base', line: butter.line, massG: 150 })]);
  const thinner = planAsMade(ryeSlice, demoLarder, shop, held);
  const [effect, ...others] = layerEffects(frozen, thinner);
  assert.equal(effect!.layer, 'l1');
  // 75 of 615 g are missing: an eighth of the base.
  assert.ok(Math.abs(effect!.madeMm / effect!.plannedMm - (615 - 75) / 615) < 0.03);
  assert.deepEqual(others, []);
  const tins = [{ tin: { ...ryeSlice.tin, lengthMm: 280, widthMm: 180, cornerMm: 0 }, count: 1 }];
  const smaller = runRecord(frozen, [at(1, { kind: 'tin-changed', tins })]);
  const thicker = layerEffects(frozen, planAsMade(ryeSlice, demoLarder, shop, smaller));
  assert.equal(thicker.length, 3);
  for (const { plannedMm, madeMm } of thicker) assert.ok(madeMm / plannedMm > 1.1);
});

test('what came out of a pot counts, and not what should have: a tenth less is a layer a tenth thinner', () => {
  const frozen = runPlanFor(ryeSlice);
  for (const id of ['base', 'treacle']) {
    const pot = frozen.pots.find(({ preparation }) => preparation === id)!;
    const out = (massG: number) =>
      planAsMade(ryeSlice, demoLarder, shop, runRecord(frozen, [at(1, { kind: 'came-out', preparation: id, massG })]));
    const [effect, ...others] = layerEffects(frozen, out(pot.massOutG * 0.9));
    const layer = frozen.layers.find(({ preparations }) => preparations.includes(id))!;
    assert.equal(effect!.layer, layer.id);
    assert.ok(Math.abs(effect!.madeMm / effect!.plannedMm - 0.9) < 0.01);
    assert.deepEqual(others, []);
    assert.deepEqual(layerEffects(frozen, out(pot.massOutG)), []);
  }
});

test('every demo slab can be made by the simulator: all steps end, in order, and the run is finished', () => {
  demoSlabs.forEach((slab, i) => {
    const frozen = runPlanFor(slab, { hands: 2 });
    const events = simulateRun(frozen, PLAIN, null, {}, randomFrom(40 + i));
    const state = runState(frozen, events, Date.parse(events.at(-1)!.at));
    assert.equal(state.status, 'finished');
    const record = runRecord(frozen, events);
    for (const { step: planned, from, to } of record.steps) {
      assert.ok(from !== null && to !== null && to >= from, `${slab.name}: ${planned.id}`);
      for (const { on } of planned.after) {
        const before = record.steps.find(({ step: other }) => other.id === on);
        if (before) assert.ok(from >= before.to! - 0.1, `${slab.name}: ${planned.id} behind ${on}`);
      }
    }
    for (const { peakC, showsC } of record.curves) assert.ok(Math.abs(peakC! - showsC) < 2.5, slab.name);
  });
});
