import assert from 'node:assert/strict';
import { test } from 'node:test';
import { plan } from '../../../src/core/plan';
import type { Line, Slab } from '../../../src/core/slab';
import { demoLarder, ryeSlice, shop } from '../things';

const codes = (slab: Slab) => plan(slab, demoLarder, shop).warnings.map(({ code }) => code);
const said = (slab: Slab, code: string) => plan(slab, demoLarder, shop).warnings.find((one) => one.code === code);
const withLine = (line: Line): Slab => ({
  ...ryeSlice,
  preparations: ryeSlice.preparations.map((one, i) => (i === 0 ? { ...one, lines: [...one.lines, line] } : one)),
});

test('a sound slab has nothing to be said of it', () => assert.deepEqual(codes(ryeSlice), []));

test('tin-overflow: a slab above the rim, and not one just below it', () => {
  const height = plan(ryeSlice, demoLarder, shop).slab.heightMm;
  const inDepth = (depthMm: number): Slab => ({ ...ryeSlice, tin: { ...ryeSlice.tin, depthMm } });
  assert.deepEqual(codes(inDepth(height + 0.01)), []);
  const warning = said(inDepth(height - 1), 'tin-overflow')!;
  assert.equal(warning.where, '/layers/2');
  assert.match(warning.message, /1\.0 mm too much/);
});

test('no-density: cups of what has none, and not grams of it', () => {
  assert.equal(
    said(withLine({ ingredient: 'gelatine leaf', quantity: 1, unit: 'cup' }), 'no-density')?.where,
    '/preparations/0/lines/3',
  );
  assert.deepEqual(codes(withLine({ ingredient: 'gelatine leaf', quantity: 1, unit: 'g' })), []);
});

test('not-in-larder: a name nobody knows, and not an alias', () => {
  assert.match(
    said(withLine({ ingredient: 'moon dust', quantity: 5, unit: 'g' }), 'not-in-larder')!.message,
    /no "moon dust"/,
  );
  assert.deepEqual(codes(withLine({ ingredient: ' Unsalted  BUTTER ', quantity: 5, unit: 'g' })), []);
  const own = {
    ...withLine({ ingredient: 'moon dust', quantity: 1, unit: 'tsp' }),
    larder: [{ name: 'moon dust', densityGPerMl: 2, packs: [{ name: 'jar', massG: 10, price: 1 }] }],
  };
  assert.deepEqual(codes(own), []);
});

test('no-unit-mass, no-pack, no-such-measure, no-price', () => {
  assert.ok(codes(withLine({ ingredient: 'butter', quantity: 1, unit: 'each' })).includes('no-unit-mass'));
  assert.ok(codes(withLine({ ingredient: 'butter', quantity: 1, unit: 'floz' })).includes('no-such-measure'));
  const bare = { ...withLine({ ingredient: 'x', quantity: 1, unit: 'pack' }), larder: [{ name: 'x' }] };
  assert.ok(codes(bare).includes('no-pack'));
  assert.ok(codes(bare).includes('no-price'));
});

test('temperatures-disagree: by over one degree', () => {
  const cookTo = (celsius: number, fahrenheit: number): Slab => ({
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((one, i) => (i === 1 ? { ...one, cookTo: { celsius, fahrenheit } } : one)),
  });
  assert.deepEqual(codes(cookTo(118, 245)), []);
  assert.ok(said(cookTo(118, 248), 'temperatures-disagree')?.message.includes('2 degrees C apart'));
});

test('shares-over-one: and mass is conserved all the same', () => {
  const layers = ryeSlice.layers.map((layer) => ({ ...layer, from: [{ preparation: 'treacle', share: 0.5 }] }));
  const over = { ...ryeSlice, layers };
  assert.match(said(over, 'shares-over-one')!.message, /150 % of Treacle caramel/);
  const { preparations, slab } = plan(over, demoLarder, shop);
  assert.ok(Math.abs(preparations[1]!.massOutG - slab.massG) < 1e-9);
});

test('layer-without-preparation, assumed-density, film-short, cut-does-not-fit', () => {
  const [first, ...rest] = ryeSlice.layers;
  assert.equal(
    said({ ...ryeSlice, layers: [{ ...first!, from: [] }, ...rest] }, 'layer-without-preparation')?.where,
    '/layers/0',
  );
  const airy = {
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((one) => ({ ...one, densityGPerMl: undefined })),
  };
  assert.deepEqual(codes(airy), [], 'compositions tell the density');
  const bare = {
    ...withLine({ ingredient: 'puffs', quantity: 900, unit: 'g' }),
    larder: [{ name: 'puffs', packs: [{ name: 'bag', massG: 1, price: 1 }] }],
  };
  const unknown = { ...bare, preparations: bare.preparations.map((one) => ({ ...one, densityGPerMl: undefined })) };
  assert.ok(codes(unknown).includes('assumed-density'));
  const coated = (thicknessMm: number): Slab => ({
    ...ryeSlice,
    layers: [...ryeSlice.layers.slice(0, 2), { ...ryeSlice.layers[2]!, spread: 'coat', thicknessMm }],
  });
  assert.ok(!codes(coated(0.5)).includes('film-short'));
  assert.match(said(coated(5), 'film-short')!.message, /% of what a film of 5 mm needs/);
  assert.ok(
    codes({ ...ryeSlice, cut: { columns: 2, rows: 2, trimMm: { left: 200, right: 200 } } }).includes(
      'cut-does-not-fit',
    ),
  );
});
