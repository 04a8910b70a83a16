/** From a reading to a slab: cuts for the tin by hand, and the result of each kind of step. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cutIn } from '$core/method/cutIn';
import { keepIn, placeIn } from '$core/method/keepIn';
import { tinIn } from '$core/method/tinIn';
import { readMethod, slabFromMethod } from '$core/method';
import { readRecipe } from '$core/recipe';
import type { Slab } from '$core/slab';
import { demoLarder } from '../things';

const read = (text: string) => readMethod(readRecipe(text, 'metric', demoLarder), '', 'metric');
const slabOf = (text: string) => slabFromMethod(read(text));
const LINES = '200 g caster sugar\n100 g butter\n150 g whipping cream\n50 g hazelnuts';
const method = (...sentences: string[]) => slabOf(`${LINES}\n\nMethod:\n${sentences.join('\n')}`);
const steps = (slab: Slab, at = 0) => slab.preparations[at]!.steps ?? [];
const cutOf = (...sentences: string[]) => method('Melt the butter and sugar.', ...sentences).cut!;
const grid = (...sentences: string[]) => {
  const { columns, rows } = cutOf(...sentences);
  return [columns, rows];
};

test('columns run along the length of the tin, in the orientation that gives more pieces', () => {
  const tin = 'Pour into a 30 x 20 cm tin.';
  // Nothing is trimmed: 300 x 200 mm.
  assert.deepEqual(grid(tin, 'Cut into 5 x 3.'), [5, 3]);
  assert.deepEqual(grid(tin, 'Cut into 4 cm squares.'), [7, 5]);
  // 9.5 x 4.5 cm: 6 x 2 with the short side along the length, 3 x 4 with the long one.
  assert.deepEqual(grid(tin, 'Cut into pieces of 9.5 x 4.5 cm.'), [6, 2]);
  // 60 x 45 mm: 5 x 4 = 20 against 6 x 3 = 18. 70 x 45 mm: 6 x 2 = 12 against 4 x 4 = 16.
  assert.deepEqual(grid(tin, 'Cut into pieces of 6 x 4.5 cm.'), [5, 4]);
  assert.deepEqual(grid(tin, 'Cut into pieces of 7 x 4.5 cm.'), [4, 4]);
  assert.deepEqual(grid(tin, 'Cut into 3 cm wide bars.'), [10, 1]);
  assert.deepEqual(grid(tin, 'Cut into pieces of 100 x 90 cm.'), [1, 1]);
});

test('a number of pieces becomes a grid with almost square faces, or long ones for bars', () => {
  const tin = 'Pour into a 30 x 20 cm tin.';
  assert.deepEqual(grid(tin, 'Cut into 24 squares.'), [6, 4]);
  assert.deepEqual(grid(tin, 'Cut into 54 pieces.'), [9, 6]);
  // 75 x 33.3 mm, a ratio of 2.25; 25 x 100 mm would be 4.
  assert.deepEqual(grid(tin, 'Cut into 24 bars.'), [4, 6]);
  assert.deepEqual(grid('Pour into a 20 cm square tin.', 'Cut into 16 squares.'), [4, 4]);
  assert.deepEqual(grid('Pour into a 24 cm round tin.', 'Cut into 16 pieces.'), [4, 4]);
  assert.equal(cutOf(tin, 'Cut into 24 diamonds.').shape, 'diamond');
  assert.equal(cutOf(tin, 'Cut into 16 triangles.').shape, 'triangle');
  const broken = cutOf(tin, 'Break into shards.');
  assert.deepEqual([broken.way, broken.tool, broken.kerfMm], ['break', 'hand', 0]);
});

test('what a sentence says about a cut', () => {
  const said = (sentence: string) => {
    const found = cutIn(sentence);
    return found && [found.pieces, found.columns, found.rows, found.lengthMm, found.widthMm, found.shape, found.way];
  };
  assert.deepEqual(said('Cut into 4 x 6'), [24, 4, 6, null, null, 'rectangle', 'grid']);
  assert.deepEqual(said('Cut into 1 inch squares'), [null, null, null, 25.4, 25.4, 'rectangle', 'grid']);
  assert.deepEqual(said('Cut into 30 mm squares'), [null, null, null, 30, 30, 'rectangle', 'grid']);
  assert.deepEqual(said('Cut into 2 cm fingers'), [null, null, null, null, 20, 'rectangle', 'grid']);
  assert.deepEqual(said('Cut into 8 wedges'), [8, null, null, null, null, 'rectangle', 'wedges']);
  assert.deepEqual(said('Cut into triangles'), [null, null, null, null, null, 'triangle', 'grid']);
  assert.deepEqual(said('Makes 36 pieces'), [36, null, null, null, null, 'rectangle', 'grid']);
  assert.deepEqual(said('Break into pieces'), [null, null, null, null, null, 'rectangle', 'break']);
  assert.deepEqual(said('Cut into 16'), [16, null, null, null, null, 'rectangle', 'grid']);
  for (const none of ['Cut the butter into the flour', 'Chop the nuts', 'Bake for 20 minutes'])
    assert.equal(said(none), null, none);
});

test('where and how long it keeps, by word and by container', () => {
  const keeps = (sentence: string) => {
    const found = keepIn(sentence);
    return found && `${found.place} ${found.days}`;
  };
  assert.equal(keeps('Keeps at -18 °C for 3 months.'), 'freezer 90');
  assert.equal(keeps('Keep at 4 °C for 10 days.'), 'fridge 10');
  assert.equal(keeps('Store below 18 °C for up to 6 weeks.'), 'room 42');
  assert.equal(keeps('Store at 10 °C for 1 week.'), 'room 7');
  assert.equal(keeps('Keeps for a fortnight: 1 fortnight in the fridge.'), 'fridge 14');
  assert.equal(keeps('Store in an airtight tin for 5-7 days, or freeze for 2 months.'), 'room 5');
  assert.equal(keeps('Chill for 2 days.'), null);
  assert.equal(keeps('Keep it in the fridge.'), null);
  assert.equal(placeIn('Set on a marble slab, not in the fridge'), 'marble');
  assert.equal(placeIn('Leave at -5 °C'), 'fridge');
  assert.equal(placeIn('Stir well'), null);
});

test('tins in their units, and half sheets', () => {
  const size = (sentence: string) => {
    const tin = tinIn(sentence);
    return tin?.shape === 'rectangle'
      ? [tin.lengthMm, tin.widthMm, tin.depthMm]
      : tin?.shape === 'round'
        ? [tin.diameterMm]
        : null;
  };
  assert.deepEqual(size('Line a 300 x 200 mm tin'), [300, 200, 40]);
  assert.deepEqual(size('Line a 30 x 20 x 5 cm tin'), [300, 200, 50]);
  assert.deepEqual(size('Grease an 8-inch square pan'), [203.2, 203.2, 50]);
  assert.deepEqual(size('Use a 23 cm round tin'), [230]);
  assert.deepEqual(size('Line a quarter sheet pan')?.slice(0, 2), [300, 210]);
  assert.equal(size('Stir for 5 minutes'), null);
});

test('scattered, laid, dipped, pressed: how each applies the layer', () => {
  const two = (...sentences: string[]) =>
    slabOf(
      `For the base:\n100 g rye flour\n60 g butter\n\nFor the top:\n80 g hazelnuts\n\nMethod:\n${sentences.join('\n')}`,
    );
  const base = 'Rub the butter into the flour and press into a 20 cm square tin.';
  assert.equal(two(base, 'Scatter the hazelnuts over the base.').layers[1]!.spread, 'scatter');
  assert.equal(two(base, 'Toast the hazelnuts.', 'Spread the topping over the base.').layers[1]!.spread, 'level');
  const poured = method(
    'Boil the sugar and cream to 118 °C for 10 minutes.',
    'Pour at 95 °C into a 20 cm square tin.',
    'Chill for 2 hours.',
    'Leave at room temperature for 30 minutes.',
  );
  assert.deepEqual([poured.layers[0]!.pourC, poured.layers[0]!.set], [95, { place: 'fridge', minMinutes: 150 }]);
  assert.deepEqual(poured.preparations[0]!.cookTo, { celsius: 118 });
  assert.deepEqual(
    steps(poured).map(({ id, cooks, minutes }) => [id, cooks, minutes]),
    [['boil', true, 10]],
  );
});

test('a boil below 80 degrees has no end point; of two boils the last one counts', () => {
  const warm = method('Boil the sugar and cream to 79 °C.', 'Pour into a 20 cm square tin.');
  assert.equal(warm.preparations[0]!.cookTo, undefined);
  assert.ok(steps(warm).every(({ cooks }) => cooks === undefined));
  const twice = method(
    'Boil the sugar and butter to 110 °C.',
    'Add the cream and boil to 120 °C.',
    'Pour into a 20 cm square tin.',
  );
  assert.equal(twice.preparations[0]!.cookTo!.celsius, 120);
  assert.equal(steps(twice).filter(({ cooks }) => cooks).length, 1);
  assert.ok(steps(twice).at(-1)!.cooks);
  assert.equal(twice.preparations[0]!.lines[2]!.addedAt, steps(twice).at(-1)!.id);
});

test('notes that are not steps make none', () => {
  const slab = method(
    'Total time: 40 minutes.',
    'Melt the butter and sugar.',
    "Don't stir.",
    'Makes 24 squares.',
    'Pour into a 20 cm square tin.',
  );
  assert.deepEqual(
    steps(slab).map(({ id }) => id),
    ['melt'],
  );
  assert.deepEqual(
    slab.preparations[0]!.lines.map(({ addedAt }) => addedAt),
    [undefined, undefined, undefined, undefined],
  );
});
