/** Selling the demo slabs: prices, other cuts, larger runs, costs over time, free from, and checks. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { CheckCode } from '$core/check';
import type { RunMinutes } from '$core/cost';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import {
  costOverTime,
  LEFT_OUT,
  cutsByMoney,
  plan,
  priceSlab,
  runMinutesOf,
  runsByMoney,
  sellingOf,
  withoutAllergen,
  workOf,
} from '$core/usecases';
import { larderOf } from '$core/larder';
import { tolerableShortG } from '$core/check/selling';
import { figuresIn } from '$core/measure';
import { checkText } from '$wording/checks';
import { isSentence } from '../check/holds';
import { close } from '../figures';
import { demoIngredients, demoLarder, demoShop, demoSlabs, ryeSlice } from '../things';

const planned = plan(ryeSlice, demoLarder, demoShop);
const run: RunMinutes = { busy: 50, watch: 26, oven: 24, ring: 26, mixer: 0, fridge: 0, freezer: 0 };

test('minutes of a schedule: labour by activity, tins in one fridge once', () => {
  const step = (of: string, minutes: number, hands: 'busy' | 'watch' | 'free', ...occupies: string[]) => ({
    ...{ of, minutes, hands, occupies },
  });
  const found = runMinutesOf([
    step('a', 10, 'busy'),
    step('a', 20, 'watch', 'ring'),
    step('b', 30, 'free', 'oven'),
    step('l1', 90, 'free', 'fridge'),
    step('l1', 100, 'free', 'fridge'),
    step('l2', 40, 'free', 'fridge'),
    step('l3', 15, 'free', 'marble'),
  ]);
  assert.deepEqual(found, { busy: 10, watch: 20, oven: 30, ring: 20, mixer: 0, fridge: 140, freezer: 0 });
});

test('every demo slab is priced above its cost, in every channel, packed and labelled without problems', () => {
  for (const slab of demoSlabs) {
    const made = plan(slab, demoLarder, demoShop);
    const minutes = runMinutesOf(workOf(slab, demoLarder, demoShop).activities);
    const { price, label, checks } = sellingOf(slab, demoLarder, demoShop, made, minutes, '2026-11-26');
    for (const kind of price.earned.kinds) assert.ok(kind.margin > 0, `${slab.name} ${kind.name}`);
    for (const { channel, sale } of price.channels) assert.ok(sale.margin > 0, `${slab.name} over ${channel.name}`);
    assert.ok(price.packed.packs > 0, slab.name);
    assert.deepEqual(label.problems, [], slab.name);
    assert.deepEqual(checks, [], slab.name);
  }
});

test('a rise of a tenth equals the extra cost of the run when the pack is a tenth dearer', () => {
  const before = priceSlab(ryeSlice, demoShop, planned, run);
  const butter = before.rises.find(({ ingredient }) => ingredient === 'butter')!;
  const dearer = new Map([...demoIngredients].map((ingredient) => [ingredient.name, ingredient]));
  const pack = dearer.get('butter')!.packs![0]!;
  dearer.set('butter', { ...dearer.get('butter')!, packs: [{ ...pack, price: pack.price! * 1.1 }] });
  const after = priceSlab(ryeSlice, demoShop, plan(ryeSlice, dearer, demoShop), run);
  assert.ok(Math.abs(after.bill.total - before.bill.total - butter.costMore * 100) <= 1);
  assert.ok(close(butter.costMore, 0.3135 / 0.97));
  assert.deepEqual(
    before.rises.map(({ costMore }) => costMore),
    before.rises.map(({ costMore }) => costMore).sort((a, b) => b - a),
  );
});

test('other cuts sell a gram for its current price, or for more by the price endings; the current cut earns no more than itself', () => {
  const now = priceSlab(ryeSlice, demoShop, planned, run);
  const cuts = cutsByMoney(ryeSlice, demoLarder, demoShop, planned, now, run);
  const [sold] = now.earned.kinds;
  const own = cuts.find(({ columns, rows }) => columns === 6 && rows === 4)!;
  assert.equal(own.more, 0);
  assert.equal(own.price, sold!.price);
  assert.ok(cuts.length > 5);
  for (const { price, massG, pieces } of cuts) {
    assert.ok(price >= (sold!.price / sold!.massG) * massG - 1e-6);
    assert.ok(pieces > 0);
  }
  const margins = cuts.map(({ margin }) => margin);
  assert.deepEqual(
    margins,
    [...margins].sort((a, b) => b - a),
  );
  // Sold at its price, the best one earns what was stated.
  const best = cuts[0]!;
  const taken: Slab = {
    ...ryeSlice,
    cut: { ...ryeSlice.cut!, columns: best.columns, rows: best.rows },
    pricing: { price: best.price / 100 },
  };
  const made = plan(taken, demoLarder, demoShop);
  const minutes = runMinutesOf(workOf(taken, demoLarder, demoShop).activities);
  const base = runMinutesOf(workOf(ryeSlice, demoLarder, demoShop).activities);
  const truly = cutsByMoney(
    ryeSlice,
    demoLarder,
    demoShop,
    planned,
    priceSlab(ryeSlice, demoShop, planned, base),
    base,
  );
  assert.ok(Math.abs(priceSlab(taken, demoShop, made, minutes).earned.margin - truly[0]!.margin) <= 1);
});

test('several slabs at once cost less a piece: some work is done once', () => {
  const runs = runsByMoney(ryeSlice, demoLarder, demoShop, [1, 2, 4]);
  assert.deepEqual(
    runs.map(({ pieces }) => pieces),
    [24, 48, 96],
  );
  assert.ok(runs[0]!.costEach > runs[1]!.costEach && runs[1]!.costEach > runs[2]!.costEach);
  assert.ok(runs[2]!.handsMinutes! < 4 * runs[0]!.handsMinutes!);
});

test('costs over time by hand: butter at 2.00, then at 3.00 the pack of 250 g', () => {
  const [day] = costOverTime(planned, demoIngredients, ({ name }) =>
    name === 'butter'
      ? [
          { pack: 'block, 250 g', massG: 250, price: 2, currency: 'EUR', pricedOn: '2026-01-01' },
          { pack: 'block, 250 g', massG: 250, price: 3, currency: 'EUR', pricedOn: '2026-03-01' },
          { pack: 'case, 5 kg', massG: 5000, price: 1, currency: 'EUR', pricedOn: '2026-02-01' },
          { pack: 'block, 250 g', massG: 250, price: 99, currency: 'USD', pricedOn: '2026-02-02' },
        ]
      : [],
  ).reverse();
  const butterG = 285;
  const others = planned.cost.used - (butterG * 2.75) / 250;
  assert.equal(day!.day, '2026-03-01');
  assert.deepEqual(day!.moved, ['butter']);
  assert.ok(close(day!.perPiece * 24, others + (butterG * 3) / 250));
});

test('without milk: lines are answered with their ratio, the claim is checked, and open questions are listed', () => {
  const lime = demoSlabs.find(({ name }) => name.startsWith('Lime'))!;
  const { slab, swaps, open, changes } = withoutAllergen(lime, demoLarder, demoShop, 'milk');
  assert.ok(swaps.some(({ from, to }) => from === 'condensed milk' && to === 'coconut condensed milk'));
  assert.ok(slab.freeFrom!.includes('milk'));
  const left = new Set(open.map(({ where }) => where));
  for (const warning of plan(slab, demoLarder, demoShop).checks.filter(({ code }) => code === 'free-from-broken'))
    assert.ok(left.has(warning.where), warning.where);
  for (const { what, before, after } of changes) assert.ok(before !== null && after !== null, what);
  // Cream has no substitute in the larder.
  const rye = withoutAllergen(ryeSlice, demoLarder, demoShop, 'milk');
  assert.deepEqual(
    rye.open.map(({ ingredient }) => ingredient),
    ['whipping cream'],
  );
  assert.equal(withoutAllergen(ryeSlice, demoLarder, demoShop, 'egg').swaps.length, 0);
});

/** Checks of the rye slice, changed. */
const said = (part: Partial<Slab>, of: Partial<Shop> = {}, minutes: RunMinutes | null = run) => {
  const slab = { ...ryeSlice, ...part };
  const shop = { ...demoShop, ...of };
  const made = plan(slab, demoLarder, shop);
  return sellingOf(slab, demoLarder, shop, made, minutes, '2026-11-26').checks;
};
const codes = (...given: Parameters<typeof said>) => said(...given).map(({ code }) => code);

const METRIC = figuresIn(undefined, 'metric');
const RULES: readonly (readonly [CheckCode, Parameters<typeof said>, Parameters<typeof said>])[] = [
  ['priced-under-cost', [{ pricing: { price: 1 } }], [{ pricing: { price: 1.7 } }]],
  ['margin-under-floor', [{ pricing: { price: 2.1 } }], [{ pricing: { price: 2.2 } }]],
  [
    'channel-loses',
    [{}, { channels: [{ name: 'Stall', discountPercent: 60 }] }],
    [{}, { channels: [{ name: 'Stall', discountPercent: 30 }] }],
  ],
  ['hands-not-priced', [{}, { pricing: {} }], [{}, { pricing: { labourPerHour: 1 } }]],
  ['keeps-too-long', [{ keep: { place: 'room', days: 90 } }], [{ keep: { place: 'room', days: 30 } }]],
  [
    'box-too-small',
    [{ packing: { in: 'low' } }, { boxes: [{ name: 'low', lengthMm: 200, widthMm: 200, heightMm: 22 }] }],
    [{ packing: { in: 'low' } }, { boxes: [{ name: 'low', lengthMm: 200, widthMm: 200, heightMm: 23 }] }],
  ],
  ['packing-gone', [{ packing: { in: 'crate' } }], [{ packing: { in: 'flat box' } }]],
  ['net-short', [{ label: { netG: 370 } }], [{ label: { netG: 343 } }]],
  ['name-over-promises', [{ name: 'Sea salt slice' }], [{ name: 'Treacle slice' }]],
];
const limited = new Map(demoIngredients.map((ingredient) => [ingredient.name, ingredient]));
limited.set('butter', { ...limited.get('butter')!, keepDays: { room: 60 } });

for (const [code, broken, nearly] of RULES)
  test(code, () => {
    if (code === 'keeps-too-long') {
      const of = ([part]: Parameters<typeof said>) => {
        const slab = { ...ryeSlice, ...part };
        return sellingOf(slab, limited, demoShop, plan(slab, limited, demoShop), run, '2026-11-26').checks;
      };
      const found = of(broken).find((check) => check.code === code);
      assert.ok(found);
      isSentence(checkText(found, METRIC));
      assert.ok(!of(nearly).some((check) => check.code === code));
      return;
    }
    const found = said(...broken).find((check) => check.code === code);
    assert.ok(found, 'broken');
    isSentence(checkText(found, METRIC));
    assert.ok(!codes(...nearly).includes(code), 'nearly');
  });

test('nutrition-unknown and claim-unheld: what the larder does not know', () => {
  const lines = [...ryeSlice.preparations[0]!.lines, { ingredient: 'moss', quantity: 60, unit: 'g' as const }];
  const preparations = ryeSlice.preparations.map((preparation, i) =>
    i === 0 ? { ...preparation, lines } : preparation,
  );
  assert.ok(codes({ preparations }).includes('nutrition-unknown'));
  assert.ok(codes({ preparations, freeFrom: ['egg'] }).includes('claim-unheld'));
  assert.ok(!codes({ freeFrom: ['egg'] }).includes('claim-unheld'));
  assert.ok(!codes({}).includes('nutrition-unknown'));
});

test('how much a pack may fall short, at the ends of each range of the directive', () => {
  assert.deepEqual([50, 100, 200, 300, 500, 1000, 2000].map(tolerableShortG), [4.5, 4.5, 9, 9, 15, 15, 30]);
});

test('an acknowledged check is no longer open', () => {
  const slab: Slab = { ...ryeSlice, pricing: { price: 1 }, known: [{ code: 'priced-under-cost', where: '/pricing' }] };
  const { checks, acknowledged } = sellingOf(
    slab,
    demoLarder,
    demoShop,
    plan(slab, demoLarder, demoShop),
    run,
    '2026-11-26',
  );
  assert.ok(!checks.some(({ code }) => code === 'priced-under-cost'));
  assert.equal(acknowledged.length, 1);
});

test('a compound with a component missing from the larder may contain the allergen', () => {
  const mix = { ingredient: 'house mix', quantity: 100, unit: 'g' } as const;
  const [first, ...rest] = ryeSlice.preparations;
  const slab = { ...ryeSlice, preparations: [{ ...first!, steps: undefined, lines: [mix] }, ...rest] };
  const larder = larderOf([...demoIngredients, { name: 'house mix', madeOf: [{ ingredient: 'bottled fog' }] }]);
  const [line] = withoutAllergen(slab, larder, demoShop, 'tree nuts').open;
  assert.deepEqual([line?.ingredient, line?.isUnknown], ['house mix', true]);
});

test('an allergen is left out, or replaced by more of the same mixture; undeclared ingredients need an answer too', () => {
  const oats = { ingredient: 'rolled oats', quantity: 200, unit: 'g' } as const;
  const nuts = { ingredient: 'hazelnuts', quantity: 50, unit: 'g' } as const;
  const fog = { ingredient: 'bottled fog', quantity: 10, unit: 'g' } as const;
  const [first, ...rest] = ryeSlice.preparations;
  const slab = { ...ryeSlice, preparations: [{ ...first!, steps: undefined, lines: [oats, nuts, fog] }, ...rest] };
  const larder = larderOf([
    ...demoIngredients.filter(({ name }) => !['hazelnuts', 'rolled oats'].includes(name)),
    { name: 'hazelnuts', allergens: ['tree nuts'] },
    { name: 'rolled oats', allergens: ['gluten'] },
  ]);
  const none = withoutAllergen(slab, larder, demoShop, 'tree nuts');
  assert.deepEqual(
    none.open.map(({ ingredient, isUnknown, others }) => [ingredient, isUnknown, others]),
    [
      ['hazelnuts', false, ['rolled oats']],
      ['bottled fog', true, ['rolled oats']],
    ],
  );
  const at = (l: number) => `/preparations/0/lines/${l}`;
  const done = withoutAllergen(slab, larder, demoShop, 'tree nuts', { [at(1)]: 'rolled oats', [at(2)]: LEFT_OUT });
  assert.deepEqual(done.open, []);
  assert.deepEqual(
    done.slab.preparations[0]!.lines.map(({ ingredient, quantity }) => [ingredient, quantity]),
    [
      ['rolled oats', 200],
      ['rolled oats', 50],
    ],
  );
  assert.deepEqual(
    done.swaps.map(({ from, to }) => [from, to]),
    [
      ['hazelnuts', 'rolled oats'],
      ['bottled fog', null],
    ],
  );
});
