/** Facts of a run, from records written by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { diagnose, FACTS, SEEN, type FactId, type Recorded, type Told, type Trait } from '$core/diagnose';

type Step = Recorded['record']['steps'][number];
type Line = Recorded['record']['lines'][number];

interface Written {
  readonly steps?: readonly (Partial<Omit<Step, 'step'>> & { readonly step: object })[];
  readonly lines?: readonly object[];
  readonly curves?: readonly object[];
  readonly temperatures?: readonly object[];
  readonly setReadings?: readonly object[];
  readonly areaFactor?: number;
}

/** A record in which only the given entries happened; its plan has the same steps, and the lines as planned. */
function recorded({ steps = [], lines = [], areaFactor = 1, ...of }: Written): Recorded {
  const whole = steps.map(({ step, ...at }) => ({
    ...{ from: null, to: null, minutes: null, skippedWhy: null },
    ...at,
    step: { id: 's', text: 'A step', minutes: 10, after: [], occupies: [], ovenC: null, of: null, ...step },
  })) as unknown as Step[];
  const known = lines.map((line) => ({
    ...{ preparation: 'p', massG: 100, weighedG: null, changedG: 0, massInG: 100, why: null },
    ...line,
  })) as unknown as Line[];
  return {
    plan: {
      ...{ steps: whole.map(({ step }) => step), lines: known },
      boils: (of.curves ?? []).map((_, at) => ({ step: `boil ${at}` })),
    } as unknown as Recorded['plan'],
    record: {
      ...{ steps: whole, lines: known, curves: [], temperatures: [], setReadings: [], potSigns: [] },
      ...of,
    } as unknown as Recorded['record'],
    areaFactor,
    thingNamed: (name) => ({ name, ingredient: null }),
    humidityPercent: null,
    probeCheckedDaysAgo: null,
  };
}

const told = (fact: keyof typeof FACTS, of: Written | Recorded): Told | null =>
  FACTS[fact]('plan' in of ? of : recorded(of));

test('of several boils the one furthest from its end point counts; without a reading none does', () => {
  const curves = (...ends: (number | null)[]) => ({ curves: ends.map((peakC) => ({ peakC, showsC: 115 })) });
  assert.equal(told('boilOver', curves()), null);
  assert.equal(told('boilOver', curves(null)), null);
  assert.deepEqual(told('boilOver', curves(115, 118, 113)), {
    holds: true,
    finding: { code: 'boil-ended', shownC: 118, wantedC: 115 },
  });
  assert.deepEqual(
    [told('boilOver', curves(114, 110))?.holds, told('boilUnder', curves(114, 110))?.holds],
    [false, true],
  );
  assert.deepEqual([told('boilOver', curves(116))?.holds, told('boilUnder', curves(114, null))?.holds], [false, false]);
});

test('of the steps in question the one furthest from its minutes counts; those not both started and ended do not', () => {
  const bakes = (...minutes: (number | null)[]) => ({
    steps: [
      { minutes: 90, step: { id: 'stir' } },
      { minutes: 5, step: { id: 'none', ovenC: 170, minutes: 0 } },
      ...minutes.map((taken, at) => ({ minutes: taken, step: { id: `bake ${at}`, text: 'Bake it', ovenC: 170 } })),
    ],
  });
  assert.equal(told('bakedLong', bakes()), null);
  assert.equal(told('bakedLong', bakes(null)), null);
  assert.deepEqual(told('bakedLong', bakes(10.5, 13, 9)), {
    holds: true,
    finding: { code: 'step-took', step: 'Bake it', minutes: 13, plannedMinutes: 10 },
  });
  assert.deepEqual(told('bakedShort', bakes(11, 7, null)), {
    holds: true,
    finding: { code: 'step-took', step: 'Bake it', minutes: 7, plannedMinutes: 10 },
  });
  assert.equal(told('bakedShort', bakes(9))?.holds, false);
  assert.equal(told('bakedLong', bakes(11))?.holds, false);
});

test('amounts of a kind count together, of lines that were weighed or changed', () => {
  const fat = (...lines: object[]) => ({ lines: lines.map((line) => ({ ingredient: 'butter', ...line })) });
  assert.equal(told('lessFat', fat({})), null);
  assert.equal(told('lessFat', fat({ massG: 0, weighedG: 5, massInG: 5 })), null);
  assert.equal(told('lessFat', fat({ massG: null, weighedG: 5, massInG: 5 })), null);
  assert.equal(told('lessFat', { lines: [{ ingredient: 'oats', weighedG: 5, massInG: 5 }] }), null);
  assert.deepEqual(told('lessFat', fat({ weighedG: 90, massInG: 90 })), {
    holds: true,
    finding: { code: 'amount', ingredients: ['butter'], times: 0.9 },
  });
  assert.deepEqual(told('moreFat', fat({ changedG: 10, massInG: 110 })), {
    holds: true,
    finding: { code: 'amount', ingredients: ['butter'], times: 1.1 },
  });
  assert.deepEqual(told('lessFat', fat({ weighedG: 100.4, massInG: 100.4 })), {
    holds: false,
    finding: { code: 'amount', ingredients: ['butter'], times: 1.004 },
  });
  assert.deepEqual(
    told('lessFat', fat({ weighedG: 80, massInG: 80 }, { ingredient: 'ghee', weighedG: 120, massInG: 120 }, {})),
    { holds: false, finding: { code: 'amount', ingredients: ['butter', 'ghee'], times: 1 } },
  );
});

test('the longest excess over its maximum wait counts; late is more than a minute and a quarter of it', () => {
  const laid = (...froms: (number | null)[]) => ({
    steps: [
      { to: 20, step: { id: 'boil', text: 'Boil the caramel' } },
      { to: null, step: { id: 'open' } },
      ...froms.map((from, at) => ({
        from,
        step: {
          ...{ id: `lay/${at}`, text: 'Lay the caramel' },
          after: [
            { on: 'boil', most: 8 },
            { on: 'open', most: 1 },
            { on: 'gone', most: 1 },
            { on: 'boil', most: null },
          ],
        },
      })),
      { from: 90, step: { id: 'cut', after: [{ on: 'boil', most: 1 }] } },
    ],
  });
  assert.equal(told('laidLate', laid()), null);
  assert.equal(told('laidLate', laid(null)), null);
  assert.deepEqual(told('laidLate', laid(22, 31)), {
    holds: true,
    finding: {
      ...{ code: 'waited', step: 'Lay the caramel', minutes: 11, after: 'Boil the caramel' },
      maxMinutes: 8,
    },
  });
  assert.equal(told('laidLate', laid(29.5))?.holds, false);
  assert.equal(told('cutLate', laid(22))?.holds, true);
});

test('a layer found soft had too little time, whatever its minutes say; its tins count as one', () => {
  const readings = (reading: string, step: string, minutes: number | null = 60) => ({
    steps: [
      { minutes, step: { id: 'set/base#2', text: 'Leave the base', minutes: 60 } },
      { minutes, step: { id: 'set/top#1', text: 'Leave the top', minutes: 60 } },
    ],
    setReadings: [{ step, reading }],
  });
  assert.deepEqual(told('belowSoft', readings('still soft', 'set/base#2')), {
    holds: true,
    finding: { code: 'found-soft', step: 'Leave the base', reading: 'still soft' },
  });
  assert.deepEqual(told('belowSoft', readings('still sticky', 'set/base#7', null)), {
    holds: true,
    finding: { code: 'found-soft', step: 'set/base#7', reading: 'still sticky' },
  });
  assert.equal(told('belowSoft', readings('firm', 'set/base#2'))?.holds, false);
  // The last layer is the one that is cut, in any tin.
  assert.equal(told('cutSoon', readings('still soft', 'set/top#2'))?.holds, true);
  assert.equal(told('belowSoft', readings('still soft', 'set/top#2'))?.holds, false);
  assert.deepEqual(told('cutSoon', readings('still soft', 'set/top#1', 30)), {
    holds: true,
    finding: { code: 'step-took', step: 'Leave the top', minutes: 30, plannedMinutes: 60 },
  });
  assert.equal(told('cutSoon', readings('firm', 'set/top#1', null)), null);
});

test('another tin is reported with how much larger or smaller it is', () => {
  assert.deepEqual(told('tinSmaller', {}), { holds: false, finding: { code: 'tins', areaFactor: 1 } });
  assert.deepEqual(told('tinSmaller', { areaFactor: 0.9 }), {
    holds: true,
    finding: { code: 'tins', areaFactor: 0.9 },
  });
  assert.deepEqual(told('tinLarger', { areaFactor: 1.25 }), {
    holds: true,
    finding: { code: 'tins', areaFactor: 1.25 },
  });
  assert.equal(told('tinLarger', { areaFactor: 1.05 })?.holds, false);
  assert.equal(told('tinSmaller', { areaFactor: 0.95 })?.holds, false);
});

test('chocolate is as hot as at its last reading, in a pot that melts it and does not boil', () => {
  const melted = (...temperatures: readonly (readonly [step: string, celsius: number])[]) => ({
    steps: [{ step: { id: 'melt', of: 'p' } }, { step: { id: 'other', of: 'q' } }, { step: { id: 'boil 0', of: 'p' } }],
    lines: [{ ingredient: 'dark chocolate' }, { preparation: 'q', ingredient: 'sugar' }],
    curves: [{ peakC: null, showsC: 115 }],
    temperatures: temperatures.map(([step, celsius]) => ({ step, celsius })),
  });
  assert.equal(told('chocolateHot', melted()), null);
  assert.equal(told('chocolateHot', melted(['other', 60], ['boil 0', 60], ['gone', 60])), null);
  assert.deepEqual(told('chocolateHot', melted(['melt', 45], ['melt', 31])), {
    holds: false,
    finding: { code: 'chocolate-at', celsius: 31 },
  });
  assert.equal(told('chocolateHot', melted(['melt', 36], ['other', 20]))?.holds, true);
});

test('the room, the place and the thermometer', () => {
  const of = (more: Partial<Recorded>, written: Written = {}) => ({ ...recorded(written), ...more });
  assert.equal(told('damp', of({})), null);
  assert.deepEqual(told('damp', of({ humidityPercent: 60 })), {
    holds: true,
    finding: { code: 'humidity', percent: 60 },
  });
  assert.equal(told('damp', of({ humidityPercent: 59.4 }))?.holds, false);
  const boil = { curves: [{ peakC: null, showsC: 115 }] };
  assert.equal(told('probeUnchecked', of({})), null);
  assert.deepEqual(told('probeUnchecked', of({}, boil)), {
    holds: true,
    finding: { code: 'thermometer-checked', daysAgo: null },
  });
  assert.deepEqual(told('probeUnchecked', of({ probeCheckedDaysAgo: 61 }, boil)), {
    holds: true,
    finding: { code: 'thermometer-checked', daysAgo: 61 },
  });
  assert.equal(told('probeUnchecked', of({ probeCheckedDaysAgo: 60 }, boil))?.holds, false);
  const set = (place: string) => ({ steps: [{ step: { id: 'set/top', text: 'Leave it', occupies: [place] } }] });
  assert.deepEqual(told('coldPlace', set('fridge')), {
    holds: true,
    finding: { code: 'cold-place', step: 'Leave it' },
  });
  assert.deepEqual(told('coldPlace', set('marble')), { holds: false, finding: { code: 'cold-place', step: null } });
});

test('how likely a cause is in words, and what supports and contradicts it', () => {
  const all: ReadonlySet<Trait> = new Set(['boiled', 'beaten', 'baked', 'chocolate', 'layers', 'gel', 'crumb', 'tin']);
  const finding = { code: 'boil-ended', shownC: 110, wantedC: 118 } as const;
  const words = new Set<string>();
  for (const seen of SEEN)
    for (const holds of [true, false])
      for (const { weight, likely } of diagnose([seen], new Map([['boilUnder', { holds, finding }]]), all)) {
        words.add(likely);
        assert.equal(
          likely,
          weight >= 0.5 ? 'very likely' : weight >= 0.2 ? 'likely' : weight >= 0.06 ? 'possible' : 'unlikely',
        );
      }
  assert.equal(words.size, 4);
  const [first] = diagnose(['soft', 'sticky'], new Map([['boilUnder', { holds: true, finding }]]), all);
  assert.deepEqual([first!.cause, first!.because, first!.against], ['boiledTooLittle', [finding], []]);
  const denied = diagnose(['soft'], new Map([['boilUnder', { holds: false, finding }]]), all);
  assert.deepEqual(denied.find(({ cause }) => cause === 'boiledTooLittle')!.against, [finding]);
});

test('what was noted of a pot supports a cause; what was not noted counts neither way', () => {
  const noted = recorded({ potSigns: [{ kind: 'pot-sign', sign: 'soft-in-cold-water' }] } as never);
  assert.deepEqual(told('softInColdWater', noted), {
    holds: true,
    finding: { code: 'pot-sign', sign: 'soft-in-cold-water' },
  });
  assert.equal(told('hardInColdWater', noted), null);
  const traits = new Set<Trait>(['boiled', 'layers', 'tin']);
  const rank = (facts: ReadonlyMap<FactId, Told>) =>
    diagnose(['soft'], facts, traits).findIndex(({ cause }) => cause === 'boiledTooLittle');
  const facts = new Map<FactId, Told>([['softInColdWater', told('softInColdWater', noted)!]]);
  assert.equal(rank(facts), 0);
  const grained = new Map<FactId, Told>([
    ['stirredLong', { holds: true, finding: { code: 'pot-sign', sign: 'stirred-long' } }],
  ]);
  assert.equal(diagnose(['grainy'], grained, traits)[0]!.cause, 'seeded');
});
