/** Parts of the recipe reader: every word for a unit, names in singular and plural, limits, documents, and headings. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { larderOf, type Ingredient } from '$core/larder';
import {
  larderMatch,
  lineFromReading,
  lineInWords,
  namesIn,
  readLine,
  readRecipe,
  recipesFromJsonLd,
  slabFromRecipe,
  type LineRead,
} from '$core/recipe';
import { tidied } from '$core/recipe/tidy';
import { demoLarder } from '../things';

const read = (text: string) => readLine(text, 'us', demoLarder);
const amount = (text: string) => {
  const { quantity, unit, ingredient, larder } = read(text);
  return `${quantity === null ? '?' : Number(quantity.toFixed(4))} ${unit} ${larder ?? ingredient}`;
};

/** How a unit is written, and its amount for two. */
const WORDS: readonly (readonly [words: string, two: string])[] = [
  ['g g. gr gr. gm gms gramme grammes gram grams G', '2 g butter'],
  ['kg kg. kgs kilo kilos Kg KG kilogram kilograms', '2 kg butter'],
  ['oz oz. ozs OZ Oz ounce ounces', '2 oz butter'],
  ['lb lb. lbs lbs. LB pound pounds', '2 lb butter'],
  ['ml mL ml. mls ML cc millilitre millilitres milliliter milliliters', '2 ml butter'],
  ['cl cL cl. centilitre centilitres centiliter centiliters', '20 ml butter'],
  ['dl dL dl. decilitre decilitres deciliter deciliters', '200 ml butter'],
  ['l L l. litre litres ltr lt liter liters', '2 l butter'],
  ['c c. C cup cups Cup Cups cupful cupfuls', '2 cup butter'],
  [
    'tbsp tbsp. tbsps tbsps. tbs tbs. tbl tbl. Tbl Tbl. tblsp tblsp. tblsps Tbsp Tbsp. Tbs Tbs. TBSP T T.',
    '2 tbsp butter',
  ],
  ['tablespoon tablespoons tablespoonful tablespoonfuls Tablespoon Tablespoons', '2 tbsp butter'],
  [
    'tsp tsp. tsps tsps. Tsp Tsp. TSP t t. teaspoon teaspoons teaspoonful teaspoonfuls Teaspoon Teaspoons',
    '2 tsp butter',
  ],
  ['dsp dsp. dstspn dessertspoon dessertspoons dessertspoonful', '20 ml butter'],
  [
    'can cans tin tins jar jars packet packets pkt pkts package pkg pkg. pkgs bag box boxes carton cartons',
    '2 pack butter',
  ],
  ['tub tubs bar bars block blocks sachet sachets envelope bottle tube container pot pack packs', '2 pack butter'],
  ['quart quarts', '4 pint butter'],
  ['pint pints', '2 pint butter'],
  ['gallon', '16 pint butter'],
  ['drop drops', '0.1 ml butter'],
  ['stick sticks', '2 stick butter'],
  ['pinch pinches', '2 pinch butter'],
  ['dash dashes', '2 dash butter'],
  ['piece pieces', '2 each butter'],
  ['dozen', '24 each butter'],
];

test('every word for a unit is read, however it is written', () => {
  for (const [words, two] of WORDS)
    for (const word of words.split(' ')) assert.equal(amount(`2 ${word} butter`), two, word);
  // Words of size and parts are not units.
  for (const word of ['large', 'medium', 'small', 'lg.', 'med'])
    assert.equal(amount(`2 ${word} eggs`), '2 each whole egg', word);
});

test('leaves and sheets count gelatine; leaves of anything else are just leaves', () => {
  assert.equal(amount('2 sheets gelatine'), '2 each gelatine leaf');
  assert.equal(readLine('2 sheets gelatine', 'us', larderOf([])).ingredient, 'gelatine leaf');
  assert.equal(readLine('3 leaves of gelatine', 'us', larderOf([])).ingredient, 'gelatine leaf');
  assert.equal(readLine('1 sheet puff pastry', 'us', larderOf([])).ingredient, 'puff pastry');
});

test('numbers in words, fractions of every kind, and signs', () => {
  const cases: readonly (readonly [string, string])[] = [
    ['three-quarters of a cup', '3/4 cup'],
    ['three quarter cup', '3/4 cup'],
    ['a couple of eggs', '2 eggs'],
    ['a couple eggs', '2 eggs'],
    ['two-thirds of a cup', '2/3 cup'],
    ['one and a half cups', '1 1/2 cups'],
    ['twelve eggs', '12 eggs'],
    ['1 and 1/2 cups', '1 1/2 cups'],
    ['12 and 11/16 in', '12 11/16 in'],
    ['1-1/2 cups', '1 1/2 cups'],
    ['1-3/2 cups', '1-3/2 cups'],
    ['1,5 dl', '1.5 dl'],
    ['1,500 g', '1,500 g'],
    ['2 – 3 tbsp', '2 - 3 tbsp'],
    ['baker’s sugar', "baker's sugar"],
    ['1 ⁄ 2 cup', '1/2 cup'],
    ['☐ about approx. 2 cups', '2 cups'],
    ['1 level tbsp honey', '1 tbsp honey'],
    ['1 levelled teaspoon salt', '1 teaspoon salt'],
    ['the level of the tin', 'the level of the tin'],
    ['stir in a couple of eggs', 'stir in a couple of eggs'],
  ];
  for (const [written, plain] of cases) assert.equal(tidied(written), plain, written);
  const fractions = '⅐1/7 ⅑1/9 ⅒1/10 ⅕1/5 ⅖2/5 ⅗3/5 ⅘4/5 ⅙1/6 ⅚5/6 ⅛1/8 ⅜3/8 ⅝5/8 ⅞7/8 ¼1/4 ½1/2 ¾3/4 ⅓1/3 ⅔2/3';
  for (const [sign, ...figures] of fractions.split(' ')) assert.equal(tidied(`${sign} cup`), `${figures.join('')} cup`);
});

const named = larderOf(
  ['cherry', 'leaf', 'box', 'peach', 'dish', 'tomato', 'hazelnuts', 'berries', 'loaves', 'glass', 'whole egg'].map(
    (name) => (name === 'whole egg' ? { name, aliases: ['egg'] } : { name }),
  ) satisfies Ingredient[],
);

test('names match in singular and plural, and without words of size and quality', () => {
  const cases: readonly (readonly [string, string | null])[] = [
    ['cherries', 'cherry'],
    ['leaves', 'leaf'],
    ['boxes', 'box'],
    ['peaches', 'peach'],
    ['dishes', 'dish'],
    ['tomatoes', 'tomato'],
    ['hazelnut', 'hazelnuts'],
    ['berry', 'berries'],
    ['loaf', 'loaves'],
    ['glasses', 'glass'],
    ['eggs', 'whole egg'],
    ['large free-range organic eggs', 'whole egg'],
    ['glas', null],
    ['eggplant', null],
    ['', null],
    ['42', null],
    ['large', null],
  ];
  for (const [written, found] of cases) assert.equal(larderMatch(written, named)?.name ?? null, found, written);
});

test('words that could be a name: every group of up to six, and parts of compounds', () => {
  assert.deepEqual(namesIn('2 Eggs'), ['2', '2 eggs', 'eggs']);
  assert.ok(namesIn('zest of 1 lime').includes('lime zest'));
  assert.ok(namesIn('rind of 1 lime').includes('lime zest'));
  const long = namesIn('a b c d e f g h');
  assert.ok(long.includes('a b c d e f') && !long.includes('a b c d e f g'));
  assert.ok(!namesIn(Array.from({ length: 60 }, (_, i) => `w${i}`).join(' ')).includes('w40'));
});

test('states before and after a name, notes in brackets, substitutes', () => {
  const parts = (text: string) => {
    const { larder, ingredient, state, alternatives, optional } = read(text);
    return [larder ?? ingredient, state, alternatives, optional];
  };
  assert.deepEqual(parts('100 g cold, cubed butter'), ['butter', 'cold, cubed', [], false]);
  assert.deepEqual(parts('100 g butter melted'), ['butter', 'melted', [], false]);
  assert.deepEqual(parts('100 g butter, plus extra for greasing'), ['butter', 'plus extra for greasing', [], false]);
  assert.deepEqual(parts('100 g butter (optional)'), ['butter', null, [], true]);
  assert.deepEqual(parts('100 g butter, optional'), ['butter', null, [], true]);
  assert.deepEqual(parts('optional: 100 g butter')[3], true);
  assert.deepEqual(parts('100 g butter (or ghee)'), ['butter', null, ['ghee'], false]);
  assert.deepEqual(parts('100 g light or dark brown sugar'), ['light brown sugar', null, ['dark brown sugar'], false]);
  assert.deepEqual(parts('2 limes, zested'), ['lime zest', 'zested', [], false]);
  assert.deepEqual(parts('2 limes, zested and juiced')[0], 'limes');
  assert.deepEqual(parts('2 limes, juiced and zested')[0], 'limes');
  assert.deepEqual(parts('juice of 2 large limes, strained'), ['lime juice', 'strained', [], false]);
});

test('a thousands separator is asked about with both readings', () => {
  const asked = (text: string) => {
    const { quantity, notes } = read(text);
    const [note] = notes;
    return note?.code === 'ambiguous-thousands'
      ? [quantity, note.text, note.decimal, note.whole]
      : [quantity, note?.code];
  };
  assert.deepEqual(asked('1,500 g butter'), [1500, '1,500', '1.500', '1500']);
  assert.deepEqual(asked('1.500 g butter'), [1.5, '1.500', '1.500', '1500']);
  assert.deepEqual(asked('12,250 g butter'), [12250, '12,250', '12.250', '12250']);
  assert.deepEqual(asked('1,50 g butter'), [1.5, 'weighed']);
  assert.deepEqual(asked('1,5000 g butter')[1] === 'ambiguous-thousands', false);
});

test('zest and juice of one fruit are two ingredients; a bag has its own size, and one with a size needs none', () => {
  const codes = (text: string) => read(text).notes.map(({ code }) => code);
  assert.deepEqual(codes('zest and juice of 2 limes'), ['zest-and-juice']);
  assert.deepEqual(codes('1 bag marshmallows'), ['pack-size-unknown']);
  assert.ok(!codes('1 bag (200 g) marshmallows').includes('pack-size-unknown'));
  assert.ok(!codes('200 g marshmallows, from 1 bag').includes('pack-size-unknown'));
  assert.deepEqual(codes('butter'), ['no-measurable-amount']);
  assert.deepEqual(codes('moon dust'), ['no-amount-in-front']);
  assert.deepEqual(codes('the rest of the butter'), ['rest-of-line']);
});

test('heaped and scant measures keep their word in the state, and their amount', () => {
  for (const [text, state] of [
    ['heaped tablespoon honey', 'heaped'],
    ['1 Heaped tablespoon honey', 'heaped'],
    ['2 rounded teaspoons honey', 'rounded'],
    ['scant cup honey', 'scant'],
  ] as const)
    assert.equal(read(text).state, state, text);
  assert.equal(read('2 rounded teaspoons honey').quantity, 2);
});

test('a heading is marked, ends in a colon, says "for the …", or is in capitals; an amount is not a heading', () => {
  const isHeading = (text: string) => read(text).status === 'heading';
  for (const text of ['## Base', '**Base**', 'Base:', 'For the base', 'THE BASE', `${'b'.repeat(119)}:`])
    assert.ok(isHeading(text), text);
  for (const text of ['200 g butter:', '## 200 g butter', 'BUTTER', `${'b'.repeat(120)}:`, 'Base'])
    assert.ok(!isHeading(text), text);
});

test('a line goes into a slab with its amount, unit and name, or not at all', () => {
  const good = read('100 g butter, cold');
  assert.deepEqual(lineFromReading(good), {
    ingredient: 'butter',
    quantity: 100,
    unit: 'g',
    state: 'cold',
    text: '100 g butter, cold',
  });
  const without = (part: Partial<LineRead>) => lineFromReading({ ...good, ...part });
  for (const part of [
    { quantity: null },
    { quantity: 1e-9 },
    { unit: null },
    { ingredient: null },
    { ingredient: ' ' },
  ])
    assert.equal(without(part), null, JSON.stringify(part));
  assert.equal(without({ text: 'x'.repeat(2000) })!.text!.length, 1000);
  assert.equal(without({ larder: null, ingredient: 'ghee' })!.ingredient, 'ghee');
  const also = { quantity: 4, unit: 'oz' } as const;
  assert.deepEqual([without({ also })!.also, without({ also, unit: 'pack', packG: 250 })!.also], [also, undefined]);
});

test('a line in words: counts without a unit, packs by their contents', () => {
  const line = { ingredient: 'butter', quantity: 2 } as const;
  assert.equal(lineInWords({ ...line, unit: 'each' }), '2 butter');
  assert.equal(lineInWords({ ...line, unit: 'pack', packG: 250 }), '2 x 250 g pack butter');
  assert.equal(lineInWords({ ...line, unit: 'pack' }), '2 pack butter');
  assert.equal(lineInWords({ ...line, unit: 'g', state: 'cold', optional: true }), '2 g butter, cold (optional)');
});

const readAll = (text: string) => readRecipe(text, 'metric', demoLarder);

test('lines beyond a thousand and lines that are too long are returned unread, with the reason', () => {
  const lines = readAll(`${'100 g butter\n'.repeat(1001)}`);
  assert.equal(lines[999]!.status, 'read');
  assert.deepEqual([lines[1000]!.status, lines[1000]!.notes], ['unread', [{ code: 'past-limit', max: 1000 }]]);
  const long = (length: number) => readAll(`100 g butter, ${'x'.repeat(length - 14)}`)[0]!;
  assert.deepEqual([long(400).status, long(401).status, long(401).notes[0]!.code], ['read', 'unread', 'line-too-long']);
  const inMethod = readAll(`100 g butter\nMethod:\n${'Stir. '.repeat(100)}`).at(-1)!;
  assert.deepEqual([inMethod.status, inMethod.notes[0]!.code, inMethod.text.length], ['unread', 'method-note', 599]);
});

test('a short line before an amount is a heading if it follows an empty line', () => {
  const statuses = (text: string) => readAll(text).map(({ status }) => status);
  assert.deepEqual(statuses('Dark base\n100 g butter'), ['heading', 'read']);
  assert.deepEqual(statuses('100 g honey\n\nDark base\n100 g butter'), ['read', 'heading', 'read']);
  assert.deepEqual(statuses('100 g honey\nDark base\n100 g butter'), ['read', 'unread', 'read']);
  assert.deepEqual(statuses('The dark base of my aunt\n100 g butter')[0], 'unread', 'six words');
  assert.deepEqual(statuses('The dark base of rye\n100 g butter')[0], 'heading', 'five words');
  for (const line of ['Dark base.', 'Dark base;', '- Dark base', 'A dark base', 'some base'])
    assert.notEqual(statuses(`${line}\n100 g butter`)[0], 'heading', line);
});

test('ids are readable and unique; a heading of the list starts nothing; empty sections are dropped', () => {
  const slab = slabFromRecipe(
    readAll(
      'For the Crème brûlée base:\n100 g butter\n\nFor the crème brûlée base:\n50 g honey\n\n## 焦糖\n10 g honey\n\n## Empty\n',
    ),
    '',
    'metric',
  );
  assert.deepEqual(
    slab.preparations.map(({ id, name }) => [id, name]),
    [
      ['cre-me-bru-le-e-base', 'Crème brûlée base'],
      ['cre-me-bru-le-e-base2', 'Crème brûlée base'],
      ['p3', '焦糖'],
    ],
  );
  assert.deepEqual(
    slab.layers.map(({ id, from }) => [id, from[0]!.preparation]),
    [
      ['l1', 'cre-me-bru-le-e-base'],
      ['l2', 'cre-me-bru-le-e-base2'],
      ['l3', 'p3'],
    ],
  );
  const listed = slabFromRecipe(readAll('Ingredients:\n100 g butter'), '', 'metric');
  assert.deepEqual(
    [listed.name, listed.preparations.map(({ name }) => name), listed.notes],
    ['Pasted recipe', ['Mixture'], undefined],
  );
  const titled = slabFromRecipe(readAll('# Harbour bars\n\n## Base\n100 g butter'), '', 'metric');
  assert.deepEqual([titled.name, titled.preparations.map(({ name }) => name)], ['Harbour bars', ['Base']]);
  const alone = slabFromRecipe(readAll('TREACLE TOFFEE\n100 g butter'), '', 'metric');
  assert.deepEqual([alone.name, alone.preparations.map(({ name }) => name)], ['Treacle toffee', ['Treacle toffee']]);
  assert.equal(slabFromRecipe(readAll('100 g butter'), ' Own name ', 'metric').name, 'Own name');
});

test('documents: the yield, the times, a method in any form, the lines under either name', () => {
  const [first] = [
    {
      ...{
        '@type': 'Recipe',
        name: 'Bars',
        ingredients: '100 g butter',
        recipeYield: [16, '16 bars'],
        totalTime: 'P1DT2H5M',
      },
      recipeInstructions: [
        'Melt.\nStir.',
        { '@type': 'HowToSection', name: 'Base:', itemListElement: [{ '@type': 'HowToStep', text: 'Press.' }] },
        { '@type': 'HowToStep', name: 'Bake.' },
        { '@type': 'HowToStep', name: 'Ignored', itemListElement: [{ text: 'Cool.' }] },
        5,
      ],
    },
  ].flatMap((node) =>
    recipesFromJsonLd(
      `\uFEFF<script type="application/ld+json">\uFEFF${JSON.stringify({ '@graph': [[node]] })}</script>`,
    ),
  );
  assert.equal(
    first!.text,
    '100 g butter\n\nMethod:\nMelt.\nStir.\nBase:\nPress.\nBake.\nCool.\nMakes 16 bars.\nTotal time: 26 h 5 min.',
  );
  const time = (totalTime: unknown) =>
    recipesFromJsonLd(JSON.stringify({ '@type': 'Recipe', name: 'x', recipeIngredient: ['1 egg'], totalTime }))[0]!
      .text.split('\n')
      .at(-1);
  assert.deepEqual(['PT45M', 'PT1H', 'PT0M', 'soon', 5].map(time), [
    'Total time: 45 min.',
    'Total time: 1 h.',
    '1 egg',
    '1 egg',
    '1 egg',
  ]);
  const makes = (recipeYield: unknown) =>
    recipesFromJsonLd(JSON.stringify({ '@type': 'Recipe', name: 'x', recipeIngredient: ['1 egg'], recipeYield }))[0]!
      .text.split('\n')
      .at(-1);
  assert.deepEqual(['24', 'many', '24 bars', 24].map(makes), ['1 egg', '1 egg', 'Makes 24 bars.', '1 egg']);
  assert.deepEqual(recipesFromJsonLd('<script type="application/ld+json">{broken</script>'), []);
  const nested = (depth: number): unknown =>
    depth === 0 ? { '@type': 'Recipe', name: 'x' } : { item: nested(depth - 1) };
  assert.deepEqual(
    [11, 12, 13].map((depth) => recipesFromJsonLd(JSON.stringify(nested(depth))).length),
    [1, 1, 0],
  );
});
