import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  behaviourOf,
  settingBehaviourOf,
  butterfatG,
  chocolateG,
  isBaked,
  isBoiled,
  isEggCooked,
  isHardBoil,
  isKind,
  isThickBoil,
  lookOf,
  type IngredientKind,
} from '$core/classify';
import type { Ingredient } from '$core/larder';
import type { Layer, Preparation, Slab } from '$core/slab';
import { plan, settingFor } from '$core/usecases';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const known = (name: string) => ({ name, ingredient: demoLarder.get(name)! });
const unknown = (name: string) => ({ name, ingredient: null });

/** Ingredients of each kind in the demo's larder, and names that only sound like it. */
const OF_KIND: readonly (readonly [IngredientKind, readonly string[], readonly string[]])[] = [
  [
    'chocolate',
    ['dark chocolate', 'milk chocolate', 'gianduja', 'cocoa butter'],
    ['cocoa powder', 'hazelnut praline paste'],
  ],
  [
    'milk',
    ['whole milk', 'whipping cream', 'condensed milk', 'cream cheese'],
    ['cream of tartar', 'butter', 'peanut butter', 'coconut cream', 'milk powder', 'milk chocolate'],
  ],
  ['milk fat', ['butter'], ['peanut butter', 'cocoa butter', 'whipping cream']],
  [
    'syrup',
    ['golden syrup', 'black treacle', 'honey', 'glucose syrup', 'maple syrup'],
    ['caster sugar', 'raisins', 'marshmallows', 'condensed milk', 'dextrose'],
  ],
  ['keeps from graining', ['glucose syrup', 'cream of tartar', 'lemon juice', 'dextrose'], ['caster sugar', 'water']],
  ['nut', ['hazelnuts', 'pecans', 'peanut butter', 'sesame seeds'], ['desiccated coconut', 'butter', 'rolled oats']],
  ['egg', ['whole egg', 'egg white', 'egg yolk'], ['marshmallows', 'whole milk']],
  ['raw egg', ['whole egg', 'egg yolk'], ['marshmallows']],
  ['egg white', ['egg white'], ['whole egg', 'egg yolk', 'gelatine leaf']],
  [
    'fat',
    ['butter', 'coconut oil', 'sunflower oil', 'dairy-free block', 'cocoa butter'],
    ['peanut butter', 'pecans', 'whipping cream'],
  ],
  ['flour', ['rye flour', 'plain flour', 'buckwheat flour'], ['ground almonds', 'rolled oats']],
  ['crumb', ['rye flour', 'rolled oats', 'oat biscuit crumbs', 'wheaten biscuits'], ['ground almonds', 'cocoa powder']],
  ['gelling agent', ['gelatine leaf', 'agar powder', 'pectin'], ['egg white']],
  ['honey', ['honey'], ['golden syrup']],
  ['salt', ['sea salt'], ['baking powder', 'peanut butter']],
  ['leavening', ['baking powder', 'bicarbonate of soda'], ['cream of tartar']],
  ['extract', ['vanilla extract'], ['ground coffee']],
  ['acid', ['citric acid', 'cream of tartar'], ['lemon juice']],
];

test('the composition in the larder decides what an ingredient is', () => {
  for (const [kind, are, areNot] of OF_KIND) {
    for (const name of are) assert.ok(isKind(kind, known(name)), `${name} is ${kind}`);
    for (const name of areNot) assert.ok(!isKind(kind, known(name)), `${name} is not ${kind}`);
  }
});

test('without a composition the name decides, and names that only sound alike do not count', () => {
  const cases: [IngredientKind, string[], string[]][] = [
    ['milk', ['goat milk', 'clotted cream'], ['cream of tartar', 'coconut milk', 'peanut butter', 'oat drink']],
    ['milk fat', ['brown butter', 'ghee'], ['peanut butter', 'cocoa butter', 'apple butter']],
    ['chocolate', ['ruby chocolate', 'Dark Couverture'], ['cocoa powder']],
    ['syrup', ['rice syrup', 'molasses'], ['caster sugar']],
    ['nut', ['cashews', 'salted almonds'], ['almond milk', 'almond extract', 'hazelnut oil']],
    ['egg', ['duck egg'], ['veggie block', 'eggplant']],
    ['raw egg', ['duck eggs'], ['pasteurised egg', 'dried egg white']],
    ['fat', ['goose lard', 'rape oil'], ['peanut butter', 'soil']],
  ];
  for (const [kind, are, areNot] of cases) {
    for (const name of are) assert.ok(isKind(kind, unknown(name)), `${name} is ${kind}`);
    for (const name of areNot) assert.ok(!isKind(kind, unknown(name)), `${name} is not ${kind}`);
  }
  // Drinking chocolate is named chocolate and is not.
  const drink: Ingredient = {
    name: 'chocolate drink',
    composition: { water: 80, sugars: 12, fat: 3, protein: 3, other: 2 },
  };
  assert.ok(!isKind('chocolate', { name: 'chocolate drink', ingredient: drink }));
  const dried: Ingredient = {
    ...demoLarder.get('egg white')!,
    name: 'dried egg white',
    composition: { water: 7, sugars: 1, fat: 0, protein: 85, other: 7 },
  };
  assert.ok(!isKind('raw egg', { name: 'dried egg white', ingredient: dried }));
});

const to = (celsius: number): Pick<Preparation, 'cookTo'> => ({ cookTo: { celsius } });

test('stages of boils change at the same temperatures in Celsius and Fahrenheit', () => {
  assert.deepEqual(
    [100, 100.1].map((c) => isBoiled(to(c))),
    [false, true],
  );
  assert.deepEqual(
    [109.9, 110].map((c) => isThickBoil(to(c))),
    [false, true],
  );
  assert.deepEqual(
    [129.9, 130].map((c) => isHardBoil(to(c))),
    [false, true],
  );
  assert.ok(isHardBoil({ cookTo: { fahrenheit: 300 } }) && !isHardBoil({ cookTo: { fahrenheit: 240 } }));
  assert.ok(isBoiled({ cookTo: { fahrenheit: 240 } }) && !isBoiled({}));
  const oven = (ovenC: number) => ({ steps: [{ id: 'b', text: 'Bake', minutes: 9, ovenC }] });
  assert.ok(isBaked(oven(0)) && !isBaked({ steps: [] }));
  assert.deepEqual(
    [isEggCooked(oven(70.9)), isEggCooked(oven(71)), isEggCooked(to(70.9)), isEggCooked(to(71))],
    [false, true, false, true],
  );
});

const part = (
  names: readonly [string, number][],
  preparation: Pick<Preparation, 'cookTo' | 'steps'> = {},
  share = 1,
) => ({
  preparation,
  share,
  things: names.map(([name, massG]) => ({ ...known(name), massG })),
});
const bake = { steps: [{ id: 'b', text: 'Bake', minutes: 20, ovenC: 160 }] };

test('chocolate from 35 % sets a mixture that nothing else sets, without making it chocolate', () => {
  const both = (chocolateG: number, other: string, preparation = {}) => {
    const parts = [
      part(
        [
          ['dark chocolate', chocolateG],
          [other, 100 - chocolateG],
        ],
        preparation,
      ),
    ];
    return [behaviourOf(parts), settingBehaviourOf(parts)];
  };
  assert.deepEqual(both(36, 'hazelnut praline paste'), ['loose', 'chocolate']);
  assert.deepEqual(both(34, 'hazelnut praline paste'), ['loose', 'loose']);
  assert.deepEqual(both(36, 'oat biscuit crumbs'), ['crumb', 'chocolate']);
  assert.deepEqual(both(36, 'butter'), ['butter-bound', 'chocolate']);
  assert.deepEqual(both(36, 'rye flour', bake), ['baked', 'baked']);
  assert.deepEqual(both(36, 'caster sugar', to(116)), ['soft boil', 'soft boil']);
  assert.deepEqual(both(60, 'butter'), ['chocolate', 'chocolate']);
});

test('a layer behaves by its contents and by how far it is cooked', () => {
  const cases = [
    [
      'chocolate',
      part([
        ['dark chocolate', 51],
        ['whipping cream', 49],
      ]),
    ],
    [
      'loose',
      part([
        ['dark chocolate', 49],
        ['whipping cream', 0],
        ['golden syrup', 51],
      ]),
    ],
    [
      'gel',
      part(
        [
          ['caster sugar', 90],
          ['gelatine leaf', 3],
        ],
        to(118),
      ),
    ],
    [
      'hard boil',
      part(
        [
          ['caster sugar', 90],
          ['butter', 60],
        ],
        to(146),
      ),
    ],
    [
      'baked',
      part(
        [
          ['rye flour', 60],
          ['butter', 40],
        ],
        bake,
      ),
    ],
    [
      'crumb',
      part([
        ['oat biscuit crumbs', 31],
        ['golden syrup', 69],
      ]),
    ],
    [
      'butter-bound',
      part([
        ['butter', 19],
        ['icing sugar', 81],
      ]),
    ],
    [
      'loose',
      part([
        ['butter', 18],
        ['icing sugar', 82],
      ]),
    ],
    [
      'soft boil',
      part(
        [
          ['caster sugar', 90],
          ['whipping cream', 60],
        ],
        to(118),
      ),
    ],
    ['loose', part([])],
  ] as const;
  for (const [behaviour, of] of cases)
    assert.equal(behaviourOf([of]), behaviour, JSON.stringify(of.things.map(({ name }) => name)));
  // Half of a pot counts half: 40 g of chocolate beside 30 g of cream.
  assert.equal(chocolateG([part([['dark chocolate', 80]], {}, 0.5)]), 40);
  assert.equal(behaviourOf([part([['dark chocolate', 80]], {}, 0.5), part([['whipping cream', 30]])]), 'chocolate');
  // 100 g of butter hold 82 g of fat; milk chocolate's counts with the chocolate.
  assert.equal(
    butterfatG([
      part([
        ['butter', 100],
        ['milk chocolate', 100],
        ['coconut oil', 100],
      ]),
    ]),
    82,
  );
});

test('how a layer looks and how it sets are separate: setting its look changes nothing else', () => {
  const looks: Layer['texture'][] = ['crumb', 'smooth', 'crystal', 'air', 'nut', 'chocolate'];
  for (const slab of demoSlabs) {
    const setting = settingFor(slab, demoLarder, shop);
    const codes = plan(slab, demoLarder, shop).checks;
    for (const texture of looks) {
      const painted: Slab = { ...slab, layers: slab.layers.map((layer) => ({ ...layer, texture })) };
      assert.deepEqual(settingFor(painted, demoLarder, shop), setting, `${slab.name} ${texture}`);
      assert.deepEqual(plan(painted, demoLarder, shop).checks, codes);
    }
  }
});

test('an end point in Fahrenheit sets like the same one in Celsius', () => {
  const snap = demoSlabs.find(({ name }) => /snap/i.test(name))!;
  const fahrenheit: Slab = {
    ...snap,
    preparations: snap.preparations.map((preparation) =>
      preparation.cookTo?.celsius === undefined
        ? preparation
        : { ...preparation, cookTo: { fahrenheit: (preparation.cookTo.celsius * 9) / 5 + 32 } },
    ),
  };
  const [a, b] = [snap, fahrenheit].map((slab) =>
    settingFor(slab, demoLarder, shop)!.layers.map(({ setAfterMinutes }) => setAfterMinutes),
  );
  assert.deepEqual(a, b);
  assert.deepEqual(
    snap.layers.map((layer) => lookOf(layer, snap.preparations)),
    snap.layers.map((layer) => lookOf(layer, fahrenheit.preparations)),
  );
});

test('the look of the cut face comes from the contents', () => {
  const faces = ryeSlice.layers.map((layer) => lookOf(layer, ryeSlice.preparations));
  assert.deepEqual(faces, ['crumb', 'smooth', 'chocolate']);
  const pot = (ingredient: string, celsius?: number): Preparation => ({
    id: 'p',
    name: 'P',
    lines: [{ ingredient, quantity: 100, unit: 'g' }],
    ...(celsius === undefined ? {} : { cookTo: { celsius } }),
  });
  const layer: Layer = { id: 'l', name: 'L', from: [{ preparation: 'p', share: 1 }], spread: 'level' };
  assert.deepEqual(
    [pot('egg white'), pot('hazelnuts'), pot('caster sugar', 130), pot('caster sugar', 129)].map((part) =>
      lookOf(layer, [part]),
    ),
    ['air', 'nut', 'crystal', 'smooth'],
  );
  assert.equal(lookOf({ ...layer, texture: 'air' }, [pot('hazelnuts')]), 'air');
  assert.equal(lookOf({ ...layer, from: [] }, []), 'smooth');
});

test('milk, milk fat and egg do not depend on the declared allergens', () => {
  const butter = { water: 16, sugars: 0.5, fat: 82, protein: 0.5, other: 1 };
  const egg = { water: 76, sugars: 0.4, fat: 9.5, protein: 12.5, other: 1.6 };
  const things = (name: string, composition: Ingredient['composition']) =>
    [undefined, [], ['soya']].map((allergens) => ({
      name,
      ingredient: { name, composition, allergens } as Ingredient,
    }));
  for (const thing of things('farm butter', butter)) assert.ok(isKind('milk fat', thing));
  for (const thing of things('hen eggs', egg)) assert.ok(isKind('raw egg', thing));
  for (const thing of things('peanut butter', { ...butter, protein: 25, fat: 65 }))
    assert.ok(!isKind('milk fat', thing));
  for (const thing of things('vegan butter', butter)) assert.ok(!isKind('milk fat', thing));
  for (const thing of things('egg-free binder', egg)) assert.ok(!isKind('raw egg', thing));
});
