/** Checks of tins, pots, stages, allergens and imported lines: each rule on a slab that breaks it, and one that nearly does. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { CheckCode } from '$core/check';
import { larderOf, type Ingredient } from '$core/larder';
import { plan, type PlanOptions } from '$core/usecases';
import type { Shop } from '$core/shop';
import type { Layer, Line, Preparation, Slab } from '$core/slab';
import type { RackTin } from '$core/tin';
import { demoIngredients, demoSlabs, ryeSlice, shop } from '../things';
import { deepSquare } from '../tins';
import { added, changed, holds as check } from './holds';

const larder = larderOf([
  ...demoIngredients,
  { name: 'custard', densityGPerMl: 1.05, composition: { water: 70, sugars: 15, fat: 8, protein: 4, other: 3 } },
  { name: 'firm custard', densityGPerMl: 1.1, composition: { water: 34, sugars: 40, fat: 16, protein: 6, other: 4 } },
] satisfies Ingredient[]);
const bark = demoSlabs.find(({ name }) => name === 'Blackcurrant buckwheat bark')!;

type Case = readonly [slab: Slab, shop?: Partial<Shop>, asked?: PlanOptions];
const read = ([slab, more = {}, asked = {}]: Case) => plan(slab, larder, { ...shop, ...more }, asked).checks;
const holds = (code: CheckCode, broken: Case, nearly: Case) => check(code, read, broken, nearly);

const lineWith = (at: number, name: string, part: Partial<Line>) =>
  changed(at, {
    lines: ryeSlice.preparations[at]!.lines.map((line) => (line.ingredient === name ? { ...line, ...part } : line)),
  });

const boiling = (celsius: number, text = 'Boil to the end point') =>
  changed(1, { cookTo: { celsius }, steps: [{ id: 'boil', text, minutes: 10, cooks: true }] });
holds('end-point-under-boil', [boiling(98)], [boiling(101)]);
holds('end-point-under-boil', [boiling(98)], [boiling(98, 'Warm through')]);
const staged = (celsius: number) => [changed(1, { cookTo: { celsius, stage: 'firm ball' } })] as const;
holds('end-point-off-stage', staged(122.5), staged(121.5));
holds('end-point-off-stage', staged(116.5), staged(117.5));

// 844 g of caramel: salt is usually 0.1-1.5 % of a mixture, so three times 1.5 % are 38 g.
const salt = (quantity: number) => [lineWith(1, 'sea salt', { quantity, unit: 'g' })] as const;
holds('amount-slip', salt(45), salt(36));
holds('amount-slip', salt(0.2), salt(0.4));
holds(
  'egg-share',
  [added(0, { ingredient: 'whole egg', quantity: 1000, unit: 'g' })],
  [added(0, { ingredient: 'whole egg', quantity: 900, unit: 'g' })],
);
const also = (quantity: number) => [lineWith(0, 'rye flour', { also: { quantity, unit: 'g' } })] as const;
holds('units-disagree', also(301), also(299));

const topped = (ingredient: string, baked = true): readonly [Slab] => {
  const layers: Layer[] = [
    ryeSlice.layers[0]!,
    { id: 'l2', name: 'Wet', from: [{ preparation: 'wet', share: 1 }], spread: 'level' },
  ];
  const base = { ...ryeSlice.preparations[0]!, steps: baked ? ryeSlice.preparations[0]!.steps : [] };
  const wet: Preparation = { id: 'wet', name: 'Wet', lines: [{ ingredient, quantity: 400, unit: 'g' }] };
  return [{ ...ryeSlice, preparations: [base, wet], layers }];
};
holds('wet-on-crisp', topped('custard'), topped('firm custard'));
test('wet-on-crisp: a film of chocolate between them keeps the base crisp', () => {
  const [slab] = topped('custard');
  const film: Preparation = {
    id: 'film',
    name: 'Film',
    lines: [{ ingredient: 'dark chocolate', quantity: 80, unit: 'g' }],
  };
  const layers: Layer[] = [
    slab.layers[0]!,
    { id: 'f', name: 'Film', from: [{ preparation: 'film', share: 1 }], spread: 'level' },
    slab.layers[1]!,
  ];
  assert.ok(
    !read([{ ...slab, preparations: [...slab.preparations, film], layers }]).some(
      ({ code }) => code === 'wet-on-crisp',
    ),
  );
});

const withGianduja = changed(2, { lines: [{ ingredient: 'gianduja', quantity: 240, unit: 'g' }] });
holds('free-from-broken', [{ ...withGianduja, freeFrom: ['tree nuts'] }], [{ ...withGianduja, freeFrom: ['peanut'] }]);
test('free-from-broken names the path through the compounds', () => {
  const { checks } = plan({ ...withGianduja, freeFrom: ['tree nuts'] }, larder, shop);
  const [first] = checks;
  assert.ok(first?.code === 'free-from-broken');
  const { massG, ...figures } = first.figures;
  assert.equal(massG.toFixed(0), '240');
  assert.deepEqual(figures, {
    ...{ allergen: 'tree nuts', ingredient: 'gianduja' },
    through: ['hazelnut praline paste', 'hazelnuts'],
  });
});

const pots = (volumeMl: number) => ({ vessels: [{ name: 'pan', kind: 'pot' as const, volumeMl }] });
// The caramel starts at 632 mL and rises, with cream, to four times that.
holds('pot-too-small', [ryeSlice, pots(2500)], [ryeSlice, pots(2560)]);
holds(
  'line-never-added',
  [lineWith(1, 'sea salt', { addedAt: 'stir' })],
  [lineWith(1, 'sea salt', { addedAt: 'finish' })],
);

const strewn = (times: number): readonly [Slab] => [
  changed(
    1,
    { lines: bark.preparations[1]!.lines.map((line) => ({ ...line, quantity: line.quantity * times })) },
    bark,
  ),
];
// The bark's berries and groats cover 60 % of its face.
holds('scatter-over-cover', strewn(1.7), strewn(1.6));

const rack = (count: number): RackTin[] => [{ name: 'square', count, tin: deepSquare }];
const inSquares = (count: number): PlanOptions => ({ tins: [{ tin: deepSquare, count }] });
holds('tin-not-on-rack', [ryeSlice, { rack: rack(1) }, inSquares(2)], [ryeSlice, { rack: rack(2) }, inSquares(2)]);
holds('tin-not-on-rack', [ryeSlice, { rack: rack(1) }], [ryeSlice, {}]);
const boxes = (heightMm: number) => ({ boxes: [{ name: 'flat', lengthMm: 100, widthMm: 100, heightMm }] });
holds('no-box-for-height', [ryeSlice, boxes(22)], [ryeSlice, boxes(23)]);

const onSheet = (thicknessMm: number): readonly [Slab] => [
  { ...bark, layers: bark.layers.map((layer, i) => (i === 0 ? { ...layer, thicknessMm } : layer)) },
];
// 399 mL on 400 x 300 mm is 3.33 mm.
holds('sheet-too-small', onSheet(3.3), onSheet(3.4));
holds('unread-line', [changed(0, { unread: ['moon dust'] })], [changed(0, { unread: [] })]);
const leaf: Line = { ingredient: 'gelatine leaf', quantity: 4, unit: 'each' };
holds('gelatine-boiled', [added(1, leaf)], [added(1, { ...leaf, addedAt: 'finish' })]);
const order = (count: number): PlanOptions => ({
  scale: { mode: 'pieces', count, lengthMm: 40, widthMm: 25 },
  tins: [{ tin: deepSquare, count: 1 }],
});
// 5 mm are trimmed on each side: five times eight of the 220 x 220 mm that are left.
holds('order-short', [ryeSlice, {}, order(41)], [ryeSlice, {}, order(40)]);

const spoon = (name: string, unit: Line['unit']) => [added(0, { ingredient: name, quantity: 1, unit })] as const;
holds('no-density', spoon('gelatine leaf', 'cup'), spoon('gelatine leaf', 'g'));
holds('no-unit-mass', spoon('butter', 'each'), spoon('whole egg', 'each'));
holds('no-such-measure', spoon('butter', 'floz'), spoon('butter', 'cup'));
holds('not-in-larder', spoon('moon dust', 'g'), spoon(' Unsalted  BUTTER ', 'g'));
const ownLarder = (packs: Ingredient['packs']): Case => [
  { ...spoon('moon dust', 'pack')[0], larder: [{ name: 'moon dust', packs }] },
];
const jar = { name: 'jar', massG: 10, price: 1 };
holds('no-pack', ownLarder([]), ownLarder([jar]));
holds('no-price', ownLarder([]), ownLarder([jar]));

const treacleShare = (share: number): Case => [
  {
    ...ryeSlice,
    layers: ryeSlice.layers.map((layer, i) =>
      i === 1 ? { ...layer, from: [{ preparation: 'treacle', share }] } : layer,
    ),
  },
];
holds('shares-over-one', treacleShare(1.01), treacleShare(1));
holds(
  'layer-without-preparation',
  [{ ...ryeSlice, layers: ryeSlice.layers.map((layer, i) => (i === 0 ? { ...layer, from: [] } : layer)) }],
  [ryeSlice],
);
const cookedTo = (celsius: number, fahrenheit: number): Case => [changed(1, { cookTo: { celsius, fahrenheit } })];
holds('temperatures-disagree', cookedTo(118, 247), cookedTo(118, 246));
const trimmed = (left: number): Case => [{ ...ryeSlice, cut: { columns: 1, rows: 1, trimMm: { left } } }];
holds('cut-does-not-fit', trimmed(300), trimmed(299));
const wetted = (waterG: number): Case => [
  changed(1, {
    cookTo: { celsius: 118 },
    lines: [
      { ingredient: 'caster sugar', quantity: 500, unit: 'g' },
      { ingredient: 'water', quantity: waterG, unit: 'g' },
    ],
  }),
];
holds('pot-too-dry', wetted(76), wetted(77));
const sweetened = (sugarG: number): Case => [
  changed(1, {
    lines: [
      { ingredient: 'butter', quantity: 500, unit: 'g' },
      { ingredient: 'caster sugar', quantity: sugarG, unit: 'g' },
    ],
  }),
];
holds('boil-unknown', sweetened(25), sweetened(26));
const have = (ingredient: string): Case => [
  ryeSlice,
  {},
  { scale: { mode: 'as-far-as', have: [{ ingredient, quantity: 500, unit: 'g' }] } },
];
holds('have-ignored', have('rolled oats'), have('butter'));

test('an acknowledged check moves to the acknowledged ones with its note, and only that one', () => {
  const slab = changed(0, { unread: ['moon dust', 'star dust'] });
  const before = plan(slab, larder, shop);
  const [first] = before.checks;
  const after = plan({ ...slab, known: [{ ...first!, note: 'weighed by eye' }] }, larder, shop);
  assert.equal(after.checks.length, before.checks.length - 1);
  assert.deepEqual(after.acknowledged, [{ ...first!, note: 'weighed by eye' }]);
});

const ownButter = (allergens: Ingredient['allergens']): Case => [
  { ...spoon('farm butter', 'g')[0], larder: [{ name: 'farm butter', allergens }] },
];
// An ingredient without a declaration is unknown in the allergen statement, which is not a mistake in the larder.
holds('allergen-undeclared', ownButter([]), ownButter(['milk']));
holds('allergen-undeclared', ownButter(['soya']), ownButter(undefined));
const named = (name: string, allergens: Ingredient['allergens']): Case => [
  { ...spoon(name, 'g')[0], larder: [{ name, allergens }] },
];
holds('allergen-denied', named('dairy-free spread', ['milk']), named('dairy-free spread', []));
holds('allergen-denied', named('vegan egg', ['egg', 'soya']), named('vegan cream', ['soya']));
// Oats are a cereal to declare, free from gluten or not.
holds('allergen-denied', named('gluten-free flour', ['gluten']), named('gluten-free oats', ['gluten']));
