/** Suggestions from runs, worked by hand on a slab of one boil and one layer: how much, from which runs, and when there is none. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  changedSlab,
  driftOf,
  proposalsOf,
  robustOf,
  runBasis,
  runFigures,
  setMinutesOf,
  trendsOf,
  type LoggedRun,
} from '$core/logbook';
import { METRIC } from '$core/measure';
import { runRecord, wholeRunPlan, type RunEvent, type RunStep } from '$core/run';
import { blankSlab, type Slab, type TitledStep } from '$core/slab';
import { writtenSteps } from '$wording/steps';
import { near } from '../figures';

const BEGIN = '2026-11-27T08:00:00Z';
const write = (steps: readonly TitledStep[]) => writtenSteps(steps, METRIC);

/** 300 g, of which 285 g come out as planned; boiled for 20 minutes and beaten for 10; a layer of 285 g that waits for an hour. */
const slab: Slab = {
  ...blankSlab('Fudge'),
  preparations: [
    {
      ...{ id: 'p', name: 'Pot' },
      lines: [
        { ingredient: 'butter', quantity: 100, unit: 'g', also: { quantity: 0.5, unit: 'cup' } },
        { ingredient: 'sugar', quantity: 200, unit: 'g' },
      ],
      steps: [
        { id: 'boil', text: 'Boil', minutes: 20, cooks: true },
        { id: 'beat', text: 'Beat', minutes: 10 },
      ],
    },
  ],
  layers: [
    { id: 'l', name: 'Fudge', spread: 'level', from: [{ preparation: 'p', share: 1 }], set: { minMinutes: 60 } },
  ],
};
const step = (id: string, minutes: number): RunStep => ({
  ...{ id, of: 'p', text: id, minutes, hands: 'busy', occupies: [], ovenC: null, after: [], caution: null },
  planned: { from: 0, to: minutes },
});
const line = (at: number, ingredient: string, massG: number | null) => ({
  ...{ preparation: 'p', preparationName: 'Pot', line: at, ingredient, massG, goesIn: 'boil', measured: '' },
});
const frozen = wholeRunPlan({
  ...{ name: 'Fudge', version: 1, lot: 'L', begin: BEGIN, pieces: 20, pieceG: 14 },
  steps: [step('p/boil', 20), step('p/beat', 10), step('set/l', 60)],
  lines: [line(0, 'butter', 100), line(1, 'sugar', 200)],
  boils: [{ step: 'p/boil', preparation: 'p', targetC: 115, showsC: 114 }],
  // 285 g on 30,000 mm2, 9.5 mm: 1 g/mL.
  layers: [{ id: 'l', name: 'Fudge', preparations: ['p'], thicknessMm: 9.5, areaMm2: 30_000, massG: 285 }],
  pots: [{ preparation: 'p', name: 'Pot', evaporatedG: 0, massOutG: 285 }],
});

let next = 0;
const event = (minute: number, part: object) =>
  ({
    id: `00000000-0000-4000-8000-${String(++next).padStart(12, '0')}`,
    at: new Date(Date.parse(BEGIN) + minute * 60_000).toISOString(),
    ...part,
  }) as RunEvent;
const lasted = (id: string, minutes: number) => [
  event(0, { kind: 'step-begun', step: id }),
  event(minutes, { kind: 'step-done', step: id }),
];
const run = (id: number, events: readonly RunEvent[], part: Partial<LoggedRun> = {}): LoggedRun => {
  const plan = part.plan ?? frozen;
  return { id, plan, slab, record: runRecord(plan, events), costEach: null, costFactor: null, ...part };
};
const runsOf = (of: (i: number) => readonly RunEvent[], count = 3, part: Partial<LoggedRun> = {}) =>
  Array.from({ length: count }, (_, i) => run(i + 1, of(i), part));
const told = (runs: readonly LoggedRun[], of = slab) => proposalsOf(of, runs).map(({ what, change }) => [what, change]);

test('minutes of a step: the median of three, from 1 minute and 5 %, and nothing from two runs', () => {
  const took = (...minutes: number[]) => runsOf((i) => lasted('p/boil', minutes[i]!), minutes.length);
  const [slow] = proposalsOf(slab, took(26, 25, 27));
  assert.deepEqual(slow!.change, { what: 'minutes', preparation: 'p', step: 'boil', byMinutes: 6 });
  assert.deepEqual([slow!.what, slow!.planned, slow!.found.median, slow!.runs], ['pot speed', 20, 26, [1, 2, 3]]);
  assert.deepEqual(told(took(26, 26)), []);
  assert.deepEqual(told(took(20.9, 20.9, 20.9, 20.9, 20.9, 20.9, 20.9)), [], 'less than a minute');
  assert.deepEqual(told(took(15, 26, 40)), [], 'too wide to tell');
  const beaten = told(runsOf(() => lasted('p/beat', 7)));
  assert.deepEqual(beaten, [['step minutes', { what: 'minutes', preparation: 'p', step: 'beat', byMinutes: -3 }]]);
  // A spread of at least 3 %, 0.6 minutes: 4.3 * 1.2533 * 0.6 / sqrt(3) = 1.87.
  near([slow!.found.high - 26], [(4.3 * 1.2533 * 1.4826) / Math.sqrt(3)]);
  near([proposalsOf(slab, took(26, 26, 26))[0]!.found.high], [26 + (4.3 * 1.2533 * 0.6) / Math.sqrt(3)]);
});

test('a run of another size or with an older step is converted to the slab as it was then', () => {
  const twice = { ...frozen, steps: frozen.steps.map((planned) => ({ ...planned, minutes: planned.minutes * 2 })) };
  const [found] = proposalsOf(
    slab,
    runsOf(() => lasted('p/boil', 52), 3, { plan: twice }),
  );
  assert.equal(found!.found.median, 26);
  const then = { ...slab, preparations: [{ ...slab.preparations[0]!, id: 'other' }] };
  assert.deepEqual(told(runsOf(() => lasted('p/boil', 26), 3, { slab: then })), []);
  // Steps of a second tin count with the first.
  const tins = { ...frozen, steps: [...frozen.steps, step('p/boil#2', 20)] };
  const both = runsOf(() => [...lasted('p/boil', 26), ...lasted('p/boil#2', 30)], 3, { plan: tins });
  assert.equal(proposalsOf(slab, both)[0]!.found.median, 28);
});

test('a wait is suggested for the thickness of the last run, and only ever longer', () => {
  const set = (minutes: number, thicknessMm = 9.5) =>
    run(1, lasted('set/l', minutes), { plan: { ...frozen, layers: [{ ...frozen.layers[0]!, thicknessMm }] } });
  assert.deepEqual(told([set(90), set(90), set(90)]), [['set minutes', { what: 'set', layer: 'l', byMinutes: 30 }]]);
  // Half as thick sets in a quarter of the time.
  const thin = [set(22.5, 4.75), set(22.5, 4.75), set(90)];
  near([setMinutesOf(slab, thin)[0]!.found.median], [90]);
  assert.equal(setMinutesOf(slab, thin)[0]!.place, 'room');
  assert.deepEqual(told([set(40), set(40), set(40)]), [], 'shorter: that is the place');
  assert.deepEqual(setMinutesOf(slab, [set(40), set(40), set(40)]).length, 1);
  assert.deepEqual(setMinutesOf(slab, [set(62), set(62), set(62)]), [], 'within 5 %');
  assert.deepEqual(setMinutesOf(slab, [set(90), set(90)]), []);
  const waits = { ...slab, layers: [{ ...slab.layers[0]!, set: { minMinutes: 90 } }] };
  assert.deepEqual(told([set(90), set(90), set(90)], waits), [], 'written already');
});

test('a loss is what is missing of what was weighed in; a boil loses its water as planned', () => {
  const out = (...masses: number[]) =>
    runsOf((i) => [event(1, { kind: 'came-out', preparation: 'p', massG: masses[i]! })], masses.length);
  const [loss] = proposalsOf(slab, out(270, 270, 271));
  assert.deepEqual(loss!.change, { what: 'loss', preparation: 'p', lossPercent: 10 });
  near([loss!.planned, loss!.found.median], [5, 10]);
  assert.deepEqual(told(out(270, 270)), []);
  assert.deepEqual(told(out(286, 286, 286)), [], 'within the scale');
  const boiled = { ...frozen, pots: [{ ...frozen.pots[0]!, evaporatedG: 60, massOutG: 228 }] };
  const cooked = { ...slab, preparations: [{ ...slab.preparations[0]!, cookTo: { celsius: 115 } }] };
  const runs = runsOf(() => [event(1, { kind: 'came-out', preparation: 'p', massG: 216 })], 3, { plan: boiled });
  // Of 240 g without their water 228 g should come out, 216 g did.
  const [pot] = proposalsOf(cooked, runs);
  near([pot!.planned, pot!.found.median], [5, 10]);
  // 250 g were weighed in: 237.5 g that come out are the planned loss of 5 %.
  const less = runsOf(() => [
    event(1, { kind: 'weighed', preparation: 'p', line: 1, massG: 150 }),
    event(2, { kind: 'came-out', preparation: 'p', massG: 237.5 }),
  ]);
  assert.deepEqual(told(less), []);
  const unknown = { ...frozen, lines: [line(0, 'butter', 100), line(1, 'sugar', null)] };
  assert.deepEqual(
    told(runsOf(() => [event(1, { kind: 'came-out', preparation: 'p', massG: 50 })], 3, { plan: unknown })),
    [],
  );
  const written = { ...slab, preparations: [{ ...slab.preparations[0]!, lossPercent: 10 }] };
  assert.deepEqual(told(out(270, 270, 270), written), [], 'written already');
});

test('a density is what was laid divided by the volume that the ruler gave', () => {
  const thick = (mm: number, ...more: RunEvent[]) =>
    runsOf(() => [event(1, { kind: 'thickness', layer: 'l', mm }), ...more]);
  const [airy] = proposalsOf(slab, thick(11.875));
  assert.deepEqual(airy!.change, { what: 'density', preparation: 'p', densityGPerMl: 0.8 });
  near([airy!.planned, airy!.found.median], [1, 0.8]);
  assert.deepEqual(told(thick(9.6)), [], 'within 5 %');
  assert.deepEqual(told(thick(11.875).slice(1)), []);
  // 228 g came out, a fifth less: at 9.5 mm that is 0.8 g/mL.
  const found = proposalsOf(slab, thick(9.5, event(2, { kind: 'came-out', preparation: 'p', massG: 228 })));
  assert.deepEqual(found.find(({ what }) => what === 'density')!.change, {
    ...{ what: 'density', preparation: 'p', densityGPerMl: 0.8 },
  });
  const other = runsOf(() => [event(1, { kind: 'thickness', layer: 'gone', mm: 12 })]);
  assert.deepEqual(told(other), []);
  const second = { id: 'q', name: 'q', lines: [] };
  const both = { preparation: 'q', share: 1 };
  const two = {
    ...{ ...slab, preparations: [...slab.preparations, second] },
    layers: [{ ...slab.layers[0]!, from: [...slab.layers[0]!.from, both] }],
  };
  assert.deepEqual(told(thick(11.875), two), [], 'of two mixtures nobody knows which is lighter');
  const written = { ...slab, preparations: [{ ...slab.preparations[0]!, densityGPerMl: 0.8 }] };
  assert.deepEqual(told(thick(11.875), written), []);
});

test('one line changes with its second amount, and no other; a line that is gone changes nothing', () => {
  const change = { what: 'line', preparation: 'p', line: 0, factor: 1.5 } as const;
  const [butter, sugar] = changedSlab(slab, change, write).preparations[0]!.lines;
  assert.deepEqual([butter!.quantity, butter!.also, sugar!.quantity], [150, { quantity: 0.75, unit: 'cup' }, 200]);
  assert.equal(changedSlab(slab, { ...change, line: 2 }, write), slab);
  const end = { what: 'end point', preparation: 'p', byC: 2 } as const;
  assert.equal(changedSlab(slab, end, write), slab, 'without an end point');
  const shorter = changedSlab(slab, { what: 'minutes', preparation: 'p', step: 'beat', byMinutes: -30 }, write);
  assert.equal(shorter.preparations[0]!.steps![1]!.minutes, 0.5);
  const sooner = changedSlab(slab, { what: 'set', layer: 'l', byMinutes: -90 }, write);
  assert.deepEqual(sooner.layers[0]!.set, { minMinutes: 0 });
});

const made = (count: number, rejects: number, busy: number, watch: number) => {
  const plan = { ...frozen, steps: [step('a', 5), { ...step('b', 5), hands: 'watch' as const }] };
  return {
    plan,
    record: runRecord(plan, [
      ...[...lasted('a', busy), ...lasted('b', watch)],
      event(50, { kind: 'pieces', count }),
      event(51, { kind: 'rejects', count: rejects }),
      event(60, { kind: 'finished' }),
    ]),
  };
};

test('prices from runs: medians of the last ten that are finished and counted', () => {
  const part = { costEach: null, costFactor: 1.2 };
  const runs = [
    run(1, [], { ...made(18, 2, 30, 10), ...part, costFactor: 1.1 }),
    run(2, [], { ...made(15, 5, 40, 14), ...part, costFactor: null }),
    run(3, [], { ...made(20, 0, 36, 11), ...part }),
    run(4, [event(1, { kind: 'pieces', count: 1 })]),
    run(5, [event(1, { kind: 'finished' })]),
  ];
  assert.deepEqual(runBasis(runs), { runs: 3, busy: 36, watch: 11, rejectShare: 0.1, costFactor: (1.1 + 1.2) / 2 });
  const none = run(1, [], made(0, 20, 5, 0));
  assert.deepEqual(runBasis([none]), { runs: 1, busy: 5, watch: 0, rejectShare: 0.9, costFactor: 1 });
  assert.equal(runBasis([run(1, [], made(0, 0, 5, 0))])!.rejectShare, 0);
  const many = Array.from({ length: 12 }, (_, i) => run(i, [], made(20, 0, i, 0)));
  assert.deepEqual([runBasis(many)!.runs, runBasis(many)!.busy], [10, 6.5]);
  assert.equal(runBasis([run(5, [event(1, { kind: 'finished' })])]), null);
});

test('figures of a run, and their trend', () => {
  const events = [
    ...lasted('p/boil', 24),
    ...lasted('p/beat', 8),
    ...lasted('set/l', 70),
    event(20, { kind: 'temperature', step: 'p/boil', celsius: 116 }),
    event(80, { kind: 'pieces', count: 18, each: [13, 15] }),
    event(90, { kind: 'finished' }),
  ];
  const { variation, ...figures } = runFigures(run(7, events, { costEach: 0.4 }));
  assert.deepEqual(figures, {
    ...{
      minutes: 90,
      hands: 24 + 8 + 70,
      boil: 24,
      endPoint: 2,
      set: 70,
      yield: 0.9,
      pieceG: 14,
      rejects: 0,
      costEach: 0.4,
    },
  });
  near([variation!], [Math.SQRT2 / 14]);
  const open = runFigures(run(8, lasted('p/beat', 8)));
  assert.deepEqual([open.minutes, open.hands, open.boil, open.endPoint, open.set, open.rejects], Array(6).fill(null));
  const [minutes, ...others] = trendsOf([run(7, events), run(9, [event(5, { kind: 'note', text: 'x' })])]);
  assert.deepEqual([minutes!.figure, minutes!.values], ['minutes', [{ run: 7, at: Date.parse(BEGIN), value: 90 }]]);
  assert.ok(!others.some(({ figure }) => figure === 'costEach'));
});

test('a trend by hand: six rising points are one, five are too few, and a falling one is reported as such', () => {
  const line = (count: number, by: number) => Array.from({ length: count }, (_, day) => [day, by * day] as const);
  // 15 pairs of 6 rise: (15 - 1) / sqrt(6 * 5 * 17 / 18) = 2.63 > 1.96.
  assert.deepEqual(driftOf(line(6, 2)), { byDay: 2, way: 'rises' });
  assert.deepEqual(driftOf(line(6, -2)), { byDay: -2, way: 'falls' });
  assert.equal(driftOf(line(5, 2)).way, null);
  assert.deepEqual(driftOf([[0, 5]]), { byDay: 0, way: null });
  // Two on one day have no slope between them.
  assert.deepEqual(
    driftOf([
      [0, 1],
      [0, 9],
      [1, 3],
    ]).byDay,
    -2,
  );
});

test("Student's t by the number of values", () => {
  const half = (count: number) => {
    const { median, high } = robustOf(
      Array.from({ length: count }, () => 7),
      1,
    );
    return ((high - median) * Math.sqrt(count)) / 1.2533;
  };
  near([2, 3, 19, 40, 60, 61].map(half), [12.71, 4.3, 2.1, 2.1, 2.1, 1.96]);
});
