import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { readMethod, slabFromMethod } from '$core/method';
import { massOf } from '$core/measure';
import { MEASURES } from '$core/measure';
import { lineInWords, readLine, readRecipe, recipesFromJsonLd, slabFromRecipe } from '$core/recipe';
import { parseSlab } from '$core/slab';
import { lineNotesText } from '$wording/reading';
import { jsonLdOf } from '$wording/recipeDocument';
import { close } from '../figures';
import { demoLarder, demoSlabs } from '../things';
import { CORPUS } from './corpus';

const PASTED = `Harbour squares

For the base:
180 g rye flour
1 stick cold butter, cubed
CARAMEL
1 x 340 g tin evaporated milk
2 tbsp golden syrup or honey
moon dust from the top shelf

Method
Press, bake at 165 C, boil and pour.`;

test('headings divide a recipe into mixtures; the first names the slab; the method is a note; nothing is dropped', () => {
  const reads = readRecipe(PASTED, 'us', demoLarder);
  const slab = slabFromMethod(readMethod(reads, '', 'us'));
  assert.equal(slab.name, 'Harbour squares');
  assert.deepEqual(
    slab.preparations.map(({ name, lines, unread }) => [name, lines.map(({ ingredient }) => ingredient), unread]),
    [
      ['Base', ['rye flour', 'butter'], undefined],
      ['Caramel', ['evaporated milk', 'golden syrup'], ['moon dust from the top shelf']],
    ],
  );
  assert.equal(slab.notes, 'Press, bake at 165 C, boil and pour.');
  assert.deepEqual(
    slab.layers.map(({ name }) => name),
    ['Base', 'Caramel'],
  );
  assert.ok(parseSlab(JSON.parse(JSON.stringify(slab))).ok);
});

test('the documented reading: two sticks of butter', () => {
  const read = readLine('2 sticks butter, cubed', 'us', demoLarder);
  const { text, status, quantity, quantityMax, unit, ingredient, larder, state, alternatives, optional } = read;
  assert.deepEqual(
    { text, status, quantity, quantityMax, unit, ingredient, larder, state, alternatives, optional },
    {
      text: '2 sticks butter, cubed',
      status: 'read',
      quantity: 2,
      quantityMax: null,
      unit: 'stick',
      ingredient: 'butter',
      larder: 'butter',
      state: 'cubed',
      alternatives: [],
      optional: false,
    },
  );
  assert.ok(close(read.massG!, 226.796, 1e-6));
});

test('two amounts are asked about when they differ by over 10 %, and not just below', () => {
  // A metric cup of brown sugar, packed, is 232.5 g by the larder.
  assert.equal(readLine('1 cup (256 g) light brown sugar, packed', 'metric', demoLarder).status, 'read');
  const apart = readLine('1 cup (260 g) light brown sugar, packed', 'metric', demoLarder);
  assert.equal(apart.status, 'check');
  assert.match(lineNotesText(apart.notes), /233 g .* 260 g. Choose one/);
});

test('law: a line written out is read back as the same amount of the same ingredient', () => {
  for (const { preparations, measures = 'metric' } of demoSlabs) {
    for (const line of preparations.flatMap(({ lines }) => lines)) {
      const read = readLine(lineInWords(line), measures, demoLarder);
      assert.equal(read.status, 'read', lineInWords(line));
      assert.ok(close(read.quantity!, line.quantity, 1e-4), lineInWords(line));
      assert.equal(read.unit, line.unit);
      assert.equal(read.larder, demoLarder.get(line.ingredient)!.name);
    }
  }
});

test('law: a slab exported as a recipe document is imported with its mixtures and lines', () => {
  for (const slab of demoSlabs) {
    const [found] = recipesFromJsonLd(JSON.stringify(jsonLdOf(slab, 24)));
    const reads = readRecipe(found!.text, slab.measures ?? 'metric', demoLarder);
    const back = slabFromMethod(readMethod(reads, found!.name, 'metric'));
    assert.equal(back.name, slab.name);
    const lines = (of: typeof slab) =>
      of.preparations.map(({ lines: list }) =>
        list.map(({ ingredient, quantity, unit }) => [
          demoLarder.get(ingredient)!.name,
          Number(quantity.toPrecision(4)),
          unit,
        ]),
      );
    assert.deepEqual(lines(back), lines(slab), slab.name);
  }
});

test('recipe documents are found in a saved page, in a graph and in a list; entities and markup are removed', () => {
  const recipe = {
    '@type': ['Recipe'],
    name: 'Harbour &amp; squares',
    recipeIngredient: ['<b>100&nbsp;g</b> butter', '&frac12; tsp salt'],
    recipeInstructions: [
      { '@type': 'HowToSection', itemListElement: [{ '@type': 'HowToStep', text: 'Melt.' }] },
      'Pour.',
    ],
  };
  const documents = [
    JSON.stringify(recipe),
    JSON.stringify({ '@graph': [{ '@type': 'WebPage' }, recipe] }),
    JSON.stringify([{ '@type': 'ItemList', itemListElement: [{ item: recipe }] }]),
    `<html><script type="application/ld+json">${JSON.stringify(recipe)}</script></html>`,
  ];
  for (const text of documents) {
    const [found] = recipesFromJsonLd(text);
    assert.equal(found?.name, 'Harbour & squares');
    assert.equal(found.text, '100 g butter\n½ tsp salt\n\nMethod:\nMelt.\nPour.');
  }
  assert.deepEqual(recipesFromJsonLd('{"@type": "Recipe"'), []);
});

/** Texts that look like lines, and texts that do not. */
const scraps = fc.oneof(
  fc.string({ unit: 'binary' }),
  fc.string({ unit: 'grapheme' }),
  fc
    .array(fc.constantFrom(...CORPUS.flatMap(([, list]) => list.flatMap(([line]) => line.split(' ')))), {
      maxLength: 14,
    })
    .map((words) => words.join(' ')),
  fc.stringMatching(/^[\d ./,½¼x()-]{0,20}(g|oz|cup|tbsp|can|x)?[ a-z(),/-]{0,30}$/),
);

test('fuzz: any line gives a valid reading, and its text stays as it was', () => {
  fc.assert(
    fc.property(scraps, fc.constantFrom(...MEASURES), (text, measures) => {
      const read = readLine(text, measures, demoLarder);
      assert.equal(read.text, text);
      assert.ok(['read', 'check', 'unread', 'heading'].includes(read.status));
      if (read.status !== 'read') return;
      assert.ok(read.quantity !== null && Number.isFinite(read.quantity) && read.quantity >= 0);
      assert.ok(read.unit !== null && read.ingredient !== null && /\p{L}/u.test(read.ingredient));
      if (read.larder === null) return;
      const amount = {
        quantity: read.quantity,
        unit: read.unit,
        state: read.state ?? undefined,
        packG: read.packG ?? undefined,
      };
      const weighed = massOf(amount, demoLarder.get(read.larder.toLowerCase())!, measures);
      if (weighed.ok) assert.ok(close(weighed.massG, read.massG!, 1e-9));
    }),
    { numRuns: 1500 },
  );
});

test('an amount too large for the file stays as text', () => {
  for (const line of ['①𝕖㉑ butter', '1e9 g butter', '0 g butter', '1 cup (0 g) sugar', '3 x 9999999 g tins milk'])
    assert.equal(readLine(line, 'us', demoLarder).status, 'unread', line);
});

test('fuzz: any text gives a valid slab file that contains every line', () => {
  fc.assert(
    fc.property(fc.array(scraps, { maxLength: 12 }), (lines) => {
      const reads = readRecipe(lines.join('\n'), 'us', demoLarder);
      const written = lines
        .join('\n')
        .split(/\r\n|[\n\r\u2028\u2029]/)
        .map((line) => line.trim())
        .filter((line) => line !== '');
      // A line that lists several amounts is read as several, or as a heading with a line.
      const plain = (text: string) => text.replace(/[^\p{L}\p{N}]/gu, '');
      const all = plain(reads.map(({ text }) => text).join(' '));
      for (const line of written) assert.ok(all.includes(plain(line)), line);
      assert.ok(reads.length >= written.length);
      const slab = slabFromMethod(readMethod(reads, '', 'us'));
      const file = parseSlab(JSON.parse(JSON.stringify(slab)));
      assert.ok(file.ok, JSON.stringify(file));
      const kept = new Set([
        slab.name,
        ...slab.preparations.flatMap((preparation) => [
          ...preparation.lines.map(({ text }) => text),
          ...(preparation.unread ?? []),
        ]),
        ...(slab.notes ?? '').split('\n'),
      ]);
      for (const { text, status } of reads) if (status !== 'heading') assert.ok(kept.has(text), text);
    }),
    { numRuns: 400 },
  );
});

test('fuzz: any JSON is searched for recipes without an error', () => {
  fc.assert(
    fc.property(fc.jsonValue({ maxDepth: 6 }), fc.string(), (value, name) => {
      recipesFromJsonLd(JSON.stringify(value));
      recipesFromJsonLd(
        JSON.stringify({ '@type': 'Recipe', name, recipeIngredient: value, recipeInstructions: value }),
      );
      recipesFromJsonLd(name);
    }),
  );
});

test('a title above lines without headings names the slab and its mixture; words that are no title stay as text', () => {
  const read = (text: string) => slabFromRecipe(readRecipe(text, 'metric', demoLarder), '', 'metric');
  assert.equal(read('Harbour squares\n200 g butter').name, 'Harbour squares');
  const named = read('my aunt and her squares for the fair\n200 g butter\n100 g caster sugar');
  const title = 'My aunt and her squares for the fair';
  assert.deepEqual([named.name, named.preparations.map(({ name }) => name)], [title, [title]]);
  assert.equal(named.preparations[0]!.unread, undefined);
  assert.equal(named.notes, 'my aunt and her squares for the fair');
  const bare = read('200 g butter\nsomething lovely');
  assert.deepEqual([bare.name, bare.preparations[0]!.name], ['Pasted recipe', 'Mixture']);
  assert.deepEqual(bare.preparations[0]!.unread, ['something lovely']);
});

test('gaps in a line: less a spoonful, the remainder, large spoons, a bag of unknown size, more than needed', () => {
  const read = (text: string) => readLine(text, 'us', demoLarder);
  // 16 tbsp to the cup: 2 cups minus 1 tbsp are 31 of 16.
  assert.ok(close(read('2 cups minus 1 tablespoon flour').quantity!, 31 / 16, 1e-4));
  assert.equal(read('1 tbsp minus 1 cup flour').quantity, 1);
  const asked = (text: string) => [read(text).status, lineNotesText(read(text).notes).split('.')[0]];
  assert.deepEqual(asked('the remaining half of the milk'), ['check', 'This is the rest of another line']);
  assert.deepEqual(asked('4 big tablespoons honey'), ['check', 'A big measure can hold twice as much as a level one']);
  assert.deepEqual(asked('a generous cup of oats'), [
    'check',
    'A generous measure can hold twice as much as a level one',
  ]);
  assert.deepEqual(asked('1 bag chocolate chips'), ['check', 'How much does the bag hold?']);
  assert.equal(read('1 full can evaporated milk').status, 'read');
  const plenty = read('1 1/2 cups plain flour, you may not need all');
  assert.deepEqual([plenty.status, plenty.quantity, plenty.larder], ['read', 1.5, 'plain flour']);
});

test('entities of imported documents are decoded, however often they were encoded', () => {
  const lineOf = (line: string) =>
    recipesFromJsonLd(JSON.stringify({ '@type': 'Recipe', name: 'x', recipeIngredient: [line] }))[0]!.text.trim();
  for (const [written, meant] of [
    ['Heat to 350 &amp;deg;F', 'Heat to 350 °F'],
    ['200 ml cr&egrave;me fra&icirc;che', '200 ml crème fraîche'],
    ['&frac23; cup sugar', '⅔ cup sugar'],
    ['&#8531; cup oats', '⅓ cup oats'],
    ['&#x2153; cup oats', '⅓ cup oats'],
    ['1&ndash;2 tsp baker&rsquo;s yeast', '1–2 tsp baker’s yeast'],
    ['&lt;b&gt;100 g&lt;/b&gt; butter', '100 g butter'],
    ['salt &amp; pepper', 'salt & pepper'],
    ['jalape&ntilde;o &copy', 'jalapeño ©'],
    ['5 &unknown; things', '5 &unknown; things'],
  ] as const)
    assert.equal(lineOf(written), meant);
});
