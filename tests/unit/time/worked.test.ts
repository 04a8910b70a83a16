import { METRIC } from '$core/measure';
import { stepText } from '$wording/steps';
/** Figures of a schedule worked by hand: maximum waits, and what makes it impossible. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Behaviour } from '$core/classify';
import { titled, type Preparation, type Slab } from '$core/slab';
import { cautionFor, chainOf, stepMinutes, stepsOf, type Activity, type ChainOf } from '$core/time';
import { ryeSlice } from '../things';

const preparation = (id: string, part: Partial<Preparation> = {}): Preparation => ({
  id,
  name: id,
  lines: [],
  ...part,
});
const boiled = preparation('boil', { cookTo: { celsius: 118 } });
const slabOf = (
  preparations: readonly Preparation[],
  spreads: readonly ('level' | 'scatter' | 'coat')[] = [],
): Slab => ({
  ...ryeSlice,
  keep: undefined,
  preparations,
  layers: preparations.map(({ id }, i) => ({
    id: `l${i}`,
    name: `Layer ${i}`,
    from: [{ preparation: id, share: 1 }],
    spread: spreads[i] ?? 'level',
  })),
});
function chain(
  slab: Slab,
  behaviours: readonly Behaviour[] = [],
  rest: Partial<Pick<ChainOf, 'slabs' | 'cutWithin' | 'pace' | 'cutting' | 'scoring'>> = {},
) {
  const activities = chainOf({
    slab,
    batchSizes: slab.preparations.map(() => ({ scaleFactor: 1, thicknessFactor: 1 })),
    behaviours: new Map(slab.layers.map(({ id }, i) => [id, behaviours[i] ?? 'loose'])),
    slabs: 1,
    tinMm2: 0,
    waits: [],
    cutWithin: null,
    cutting: { scoring: null, cutting: [8, 12, 20] },
    finishing: new Map(slab.layers.map(({ id }) => [id, [10, 15, 25]])),
    scoring: null,
    pace: 'usual',
    ...rest,
  });
  return (id: string): Activity => activities.find((activity) => activity.id === id)!;
}
const mostBehind = (activity: Activity, on: string) => activity.after.find((link) => link.on === on)?.most;

test('a boil is laid within 6 minutes, chocolate within 15, anything else within 4 hours', () => {
  assert.equal(mostBehind(chain(slabOf([boiled]))('lay/l0'), 'boil/boil'), 6);
  const melted = preparation('dark', { lines: [{ ingredient: 'dark chocolate', quantity: 200, unit: 'g' }] });
  assert.equal(mostBehind(chain(slabOf([melted]), ['chocolate'])('lay/l0'), 'dark/melt'), 15);
  assert.equal(mostBehind(chain(slabOf([melted]), ['loose'])('lay/l0'), 'dark/melt'), 240);
  assert.equal(mostBehind(chain(slabOf([preparation('mix')]))('lay/l0'), 'mix/mix'), 240);
});

test('what is scattered goes on within 5 minutes of the wet layer; in further tins, of the tin before', () => {
  const slab = slabOf([boiled, preparation('nuts')], ['level', 'scatter']);
  assert.equal(mostBehind(chain(slab)('lay/l1'), 'lay/l0'), 5);
  const two = chain(slab, [], { slabs: 2 });
  assert.equal(mostBehind(two('lay/l1#1'), 'lay/l0#1'), 5);
  assert.equal(mostBehind(two('lay/l1#2'), 'lay/l0#2'), 5);
});

test('cut within its window, or at any time', () => {
  assert.equal(mostBehind(chain(slabOf([boiled]), [], { cutWithin: 37 })('cut'), 'lay/l0'), 37);
  assert.equal(mostBehind(chain(slabOf([boiled]))('cut'), 'lay/l0'), null);
  // What is broken by hand may be brittle.
  const broken: Slab = { ...slabOf([boiled]), cut: { columns: 1, rows: 1, way: 'break' } };
  assert.equal(mostBehind(chain(broken, [], { cutWithin: 37 })('cut'), 'lay/l0'), null);
  assert.deepEqual(chain(broken)('cut').title, { code: 'cut', how: 'break' });
});

test('scored while warm, counted from when the top was laid; snapped when it has set, whenever that is', () => {
  const scored = { cutting: { scoring: [2, 3, 5], cutting: [4, 6, 9] }, cutWithin: 37 } as const;
  const at = chain(slabOf([boiled]), [], { ...scored, scoring: { layer: 'l0', fromMinutes: 6, toMinutes: 14 } });
  assert.deepEqual(at('score').after, [{ on: 'lay/l0', least: 6, most: 14 }]);
  assert.deepEqual([at('score').minutes, at('cut').minutes], [3, 6]);
  assert.equal(mostBehind(at('cut'), 'lay/l0'), null);
  assert.deepEqual(at('cut').after.at(-1), { on: 'score', least: 0, most: null });
  assert.equal(chain(slabOf([boiled]), [], { ...scored, scoring: null })('score'), undefined);
});

test('a step follows a boil within 2 minutes, other work within 30, or as stated', () => {
  const step = (id: string, part: object = {}) => ({ id, text: id, minutes: 5, ...part });
  const waits = (cooks: boolean, wait?: { minMinutes?: number; maxMinutes?: number }) => {
    const steps = [step('a', { cooks }), step('b', { after: ['a'], wait })];
    return chain(slabOf([preparation('p', { steps })]))('p/b').after[0]!;
  };
  assert.deepEqual(waits(true), { on: 'p/a', least: 0, most: 2 });
  assert.deepEqual(waits(false), { on: 'p/a', least: 0, most: 30 });
  assert.deepEqual(waits(true, { minMinutes: 10 }), { on: 'p/a', least: 10, most: 12 });
  assert.deepEqual(waits(false, { minMinutes: 10, maxMinutes: 90 }), { on: 'p/a', least: 10, most: 90 });
});

test('usual minutes: weighing, mixing, boiling, melting, laying, cutting, finishing, packing; shortest, usual, longest', () => {
  const melted = preparation('dark', { lines: [{ ingredient: 'dark chocolate', quantity: 200, unit: 'g' }] });
  const slab = slabOf([preparation('mix'), boiled, melted], ['level', 'level', 'coat']);
  const minutes = (pace: 'least' | 'usual' | 'most', slabs = 1) => {
    const at = chain(slab, [], { pace, slabs });
    return [
      'gather',
      'mix/mix',
      'boil/boil',
      'dark/melt',
      `lay/l0${slabs > 1 ? '#1' : ''}`,
      `cut${slabs > 1 ? '#1' : ''}`,
      'lay/l2',
      'pack',
    ].map((id) => at(id).minutes);
  };
  assert.deepEqual(minutes('least'), [8, 5, 15, 6, 2, 8, 10, 7]);
  assert.deepEqual(minutes('usual'), [12, 8, 20, 9, 4, 12, 15, 10]);
  assert.deepEqual(minutes('most'), [20, 15, 30, 14, 7, 20, 25, 18]);
  assert.deepEqual(minutes('usual', 3).slice(4), [4, 12, 45, 30]);
  // Seven tins go in six runs: the last takes two.
  const seven = chain(slab, [], { slabs: 7 });
  assert.deepEqual(
    [1, 2, 3, 4, 5, 6].map((n) => seven(`cut#${n}`).minutes / 12),
    [1, 1, 1, 1, 1, 2],
  );
  assert.equal(seven('cut#7'), undefined);
});

test('the usual steps where none are written: a boil is watched on the hob, chocolate melted, the rest mixed', () => {
  assert.deepEqual(
    stepsOf(boiled).map(({ id, hands, occupies, cooks }) => [id, hands, occupies, cooks]),
    [['boil', 'watch', ['ring'], true]],
  );
  const [boil] = stepsOf(preparation('p', { cookTo: { fahrenheit: 244 } }));
  assert.match(stepText(boil!.title, METRIC), /to 118 °C/);
  assert.deepEqual(
    stepsOf(preparation('p')).map(({ id, hands }) => [id, hands]),
    [['mix', 'busy']],
  );
});

test('how steps scale: labour by the root, a boil by its batches and almost by the rest, ovens by their fillings', () => {
  const size = { scaleFactor: 4, batches: 2, thicknessFactor: 1.5, ovenfuls: 3 };
  const minutes = (part: object) => Number(stepMinutes({ id: 's', minutes: 10, ...part }, size, 'usual').toFixed(4));
  assert.equal(minutes({}), 20);
  assert.equal(minutes({ hands: 'watch' }), 10);
  assert.equal(minutes({ hands: 'free', ovenC: 160 }), 30);
  assert.equal(minutes({ grows: 'mass' }), 40);
  assert.equal(minutes({ grows: 'set', hands: 'free' }), 22.5);
  assert.equal(minutes({ grows: 'fixed' }), 10);
  // 10 min x 2 batches x (4 / 2) ^ 0.8.
  assert.equal(minutes({ cooks: true }), Number((20 * 2 ** 0.8).toFixed(4)));
  assert.equal(minutes({ cooks: true, grows: 'fixed' }), 20);
  assert.equal(stepMinutes({ id: 's', minutes: 10 }, { ...size, scaleFactor: 0.25 }, 'usual'), 10);
});

test('cautions: boiling sugar burns, steam scalds, raw egg should be pasteurised, and none for the rest', () => {
  const step = (part: object = {}) => ({ id: 's', text: 'Mix', minutes: 5, ...part });
  const titledStep = (part: object = {}) => titled(step(part));
  const egg = preparation('p', { lines: [{ ingredient: 'whole egg', quantity: 1, unit: 'each' }] });
  assert.equal(cautionFor(titledStep(), boiled), 'burn');
  assert.equal(cautionFor(titledStep({ cooks: true }), preparation('p')), 'burn');
  assert.equal(cautionFor(titledStep({ text: 'Melt over simmering water' }), preparation('p')), 'steam');
  assert.equal(cautionFor(titledStep(), egg), 'raw-egg');
  assert.equal(cautionFor(titledStep(), { ...egg, steps: [step({ ovenC: 160 })] }), null);
  assert.equal(cautionFor(titledStep(), preparation('p')), null);
});
