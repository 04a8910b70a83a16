/** Layers that were neither boiled nor tempered: how they set, what helps, and a recipe's own wait beside the calculated one. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { behaviourOf, hasMilk, isKind } from '$core/classify';
import { larderOf, type Ingredient } from '$core/larder';
import { chocolateFirmness, firmLater, firmnessOf, lagAt } from '$core/setting';
import type { Layer, Line, Preparation, Slab } from '$core/slab';
import { rangedSettingFor } from '$core/usecases';
import { cutLimitText, statedWaitText, waitAnswersText } from '../../../src/wording/en/setting';
import { demoIngredients, shop } from '../things';

const minutes = (count: number) => `${count} min`;
const slabOf = (
  lines: readonly [string, number][],
  layer: Partial<Layer> = {},
  part: Partial<Preparation> = {},
): Slab => ({
  format: 'knife-tray/slab',
  version: 1,
  name: 'Plain',
  tin: { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 60 },
  preparations: [
    {
      id: 'p',
      name: 'Mixture',
      lines: lines.map(([ingredient, quantity]): Line => ({ ingredient, quantity, unit: 'g' })),
      ...part,
    },
  ],
  layers: [
    {
      id: 'l',
      name: 'Layer',
      from: [{ preparation: 'p', share: 1 }],
      spread: 'level',
      set: { place: 'room' },
      ...layer,
    },
  ],
  cut: { columns: 4, rows: 4 },
  scale: { mode: 'layer-thickness', mm: { l: 4 } },
});
const waitOf = (slab: Slab, roomC = 20) =>
  rangedSettingFor(slab, larderOf(demoIngredients), { ...shop, roomC })!.layers[0]!;

test('untempered dark chocolate at 20 °C sets in hours; tempering, the fridge and less soft fat help, each with its time', () => {
  const melted = waitOf(slabOf([['dark chocolate', 300]], { pourC: 40 }));
  assert.ok(melted.setAfterMinutes! > 90 && melted.setAfterMinutes! < 300, String(melted.setAfterMinutes));
  assert.deepEqual(
    melted.answers.map(({ code }) => code),
    ['temper', 'fridge'],
  );
  assert.ok(melted.answers.every((answer) => answer.minutes! < melted.setAfterMinutes! / 2));
  const buttery = waitOf(
    slabOf(
      [
        ['dark chocolate', 300],
        ['butter', 60],
      ],
      { pourC: 40 },
    ),
  );
  assert.deepEqual(
    buttery.answers.map(({ code }) => code),
    ['temper', 'fridge', 'no-soft-fat'],
  );
  assert.match(
    waitAnswersText(melted.answers, minutes),
    /^What helps: Tempered: after \d+ min\. In the fridge: after \d+ min\.$/,
  );
  const tempered = slabOf([['dark chocolate', 300]], { pourC: 31 });
  assert.deepEqual(waitOf(tempered).answers, []);
});

test('untempered chocolate sets at its fastest in the cold, and e times slower eleven kelvins warmer', () => {
  const melted = chocolateFirmness(false, 0);
  assert.equal(lagAt(melted, 2), lagAt(melted, 8));
  assert.ok(Math.abs(lagAt(melted, 19) / lagAt(melted, 8) - Math.E) < 1e-9);
  assert.ok(firmLater(0, melted, 18, 30) < firmLater(0, melted, 8, 30));
  assert.equal(lagAt(firmnessOf('milk fat'), 20), firmnessOf('milk fat').lagMinutes);
});

const own = (name: string, more: Partial<Ingredient> = {}): Ingredient => ({ name, ...more });

test('milk chocolate is softer than dark, and milk counts whether declared or only named', () => {
  const at = (name: string) => waitOf(slabOf([[name, 300]], { pourC: 38, set: { place: 'fridge' } })).setAfterMinutes!;
  assert.ok(at('milk chocolate') > at('dark chocolate'));
  assert.ok(hasMilk({ name: 'milk chocolate', ingredient: null }));
  assert.ok(hasMilk({ name: 'spread', ingredient: own('spread', { allergens: ['milk'] }) }));
  assert.ok(!hasMilk({ name: 'cocoa butter', ingredient: null }));
  const butter = own('butter', { composition: { water: 16, sugars: 0.6, fat: 82, protein: 0.6, other: 0.8 } });
  const part = (ingredient: Ingredient) => [
    { preparation: {}, share: 1, things: [{ name: ingredient.name, ingredient, massG: 100 }] },
  ];
  assert.equal(behaviourOf(part(butter)), 'butter-bound');
  assert.equal(behaviourOf(part({ ...butter, allergens: [] })), 'butter-bound');
});

test('bought caramel only has to cool; a biscuit or a chocolate that tastes of it is not caramel', () => {
  const kinds = [
    'soft caramels',
    'dulce de leche',
    'caramelised condensed milk',
    'caramelised biscuits',
    'caramel chocolate',
  ];
  assert.deepEqual(
    kinds.map((name) => isKind('caramel', { name, ingredient: null })),
    [true, true, true, false, false],
  );
});

test('nuts support a boil that is still soft: it cuts sooner than without them', () => {
  const boil = (almondsG: number) =>
    waitOf(
      slabOf(
        [
          ['butter', 75],
          ['caster sugar', 75],
          ['golden syrup', 40],
          ['whipping cream', 40],
          ...(almondsG > 0 ? [['chopped almonds', almondsG] as [string, number]] : []),
        ],
        { pourC: 105 },
        { cookTo: { celsius: 116 } },
      ),
    ).setAfterMinutes!;
  assert.ok(boil(150) < boil(0));
});

test('a recipe’s own wait is shown beside the calculated one where one is half as long again as the other', () => {
  const stated = (minMinutes: number) =>
    waitOf(
      slabOf(
        [['oat biscuit crumbs', 300]],
        { pourC: 120, set: { place: 'room', minMinutes } },
        { steps: [{ id: 'b', text: 'Bake', minutes: 15, ovenC: 177 }] },
      ),
    );
  const short = stated(5);
  assert.ok(short.calculatedMinutes! > 7.5, String(short.calculatedMinutes));
  assert.equal(short.setAfterMinutes, short.calculatedMinutes);
  assert.equal(statedWaitText(short, minutes), `Stated wait: 5 min. Calculated: ${short.calculatedMinutes} min.`);
  const near = stated(short.calculatedMinutes! + 1);
  assert.equal(near.calculatedMinutes, short.calculatedMinutes);
  assert.equal(statedWaitText(near, minutes), '');
  const long = stated(600);
  assert.equal(long.setAfterMinutes, 600);
  assert.match(statedWaitText(long, minutes), /^Stated wait: 600 min\. Calculated: /);
  assert.equal(statedWaitText({ statedMinutes: null, calculatedMinutes: 20 }, minutes), '');
  assert.equal(
    statedWaitText({ statedMinutes: 30, calculatedMinutes: null }, minutes),
    'Stated wait: 30 min. Calculated: never here.',
  );
});

test('the latest moment to cut, in words: what cracks, what is too firm later, and what is too firm already', () => {
  const minutes = (n: number) => `${n} min`;
  const says = (why: 'cracks' | 'too-firm', toMinutes: number | null) =>
    cutLimitText(
      { cutWindow: { fromMinutes: 60, toMinutes }, cutLimit: toMinutes === null ? null : { layer: 'Caramel', why } },
      minutes,
    );
  assert.equal(says('cracks', 80), 'Cut within the next 20 min. After that Caramel cracks under a cold blade.');
  assert.match(says('too-firm', 90), /^Cut within the next 30 min\. After that Caramel is too firm/);
  assert.equal(says('too-firm', 60), 'By then Caramel is too firm to cut. Let the slab warm up first.');
  assert.equal(says('cracks', null), '');
});
