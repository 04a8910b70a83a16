import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { CheckCode, CheckFigures } from '$core/check';
import { plan } from '$core/usecases';
import type { Line, Slab } from '$core/slab';
import { near } from '../figures';
import { demoLarder, ryeSlice, shop } from '../things';

const codes = (slab: Slab) => plan(slab, demoLarder, shop).checks.map(({ code }) => code);
/** The figures of a check that a slab fails. */
function figuresOf<C extends CheckCode>(slab: Slab, wanted: C): CheckFigures[C] {
  const found = plan(slab, demoLarder, shop).checks.find(({ code }) => code === wanted);
  assert.ok(found, wanted);
  return found.figures as CheckFigures[C];
}
const withLine = (line: Line): Slab => ({
  ...ryeSlice,
  preparations: ryeSlice.preparations.map((preparation, i) =>
    i === 0 ? { ...preparation, lines: [...preparation.lines, line] } : preparation,
  ),
});

test('a sound slab has no checks', () => assert.deepEqual(codes(ryeSlice), []));

test('tin-overflow: a slab above the rim, and not one just below it', () => {
  const height = plan(ryeSlice, demoLarder, shop).slab.heightMm;
  const inDepth = (depthMm: number): Slab => ({ ...ryeSlice, tin: { ...ryeSlice.tin, depthMm } });
  assert.deepEqual(codes(inDepth(height + 0.01)), []);
  const { heightMm, depthMm, layer } = figuresOf(inDepth(height - 1), 'tin-overflow');
  near([heightMm - depthMm], [1]);
  assert.equal(layer, ryeSlice.layers[2]!.name);
});

test("a slab's own larder is as good as the shop's", () => {
  const own = {
    ...withLine({ ingredient: 'moon dust', quantity: 1, unit: 'tsp' }),
    larder: [{ name: 'moon dust', densityGPerMl: 2, packs: [{ name: 'jar', massG: 10, price: 1 }] }],
  };
  assert.deepEqual(codes(own), []);
});

test('shares-over-one: mass is conserved all the same', () => {
  const layers = ryeSlice.layers.map((layer) => ({ ...layer, from: [{ preparation: 'treacle', share: 0.5 }] }));
  const over = { ...ryeSlice, layers };
  assert.deepEqual(figuresOf(over, 'shares-over-one'), { preparation: 'Treacle caramel', share: 1.5 });
  const { preparations, slab } = plan(over, demoLarder, shop);
  assert.ok(Math.abs(preparations[1]!.massOutG - slab.massG) < 1e-9);
});

test('assumed-density, film-short', () => {
  const airy = {
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((preparation) => ({ ...preparation, densityGPerMl: undefined })),
  };
  assert.deepEqual(codes(airy), [], 'compositions tell the density');
  const bare = {
    ...withLine({ ingredient: 'puffs', quantity: 900, unit: 'g' }),
    larder: [{ name: 'puffs', packs: [{ name: 'bag', massG: 1, price: 1 }] }],
  };
  const unknown = {
    ...bare,
    preparations: bare.preparations.map((preparation) => ({ ...preparation, densityGPerMl: undefined })),
  };
  assert.ok(codes(unknown).includes('assumed-density'));
  const coated = (thicknessMm: number): Slab => ({
    ...ryeSlice,
    layers: [...ryeSlice.layers.slice(0, 2), { ...ryeSlice.layers[2]!, spread: 'coat', thicknessMm }],
  });
  assert.ok(!codes(coated(1)).includes('film-short'));
  const { share, thicknessMm, perPieceG } = figuresOf(coated(1.1), 'film-short');
  assert.ok(share > 0.8 && share < 1);
  assert.deepEqual([thicknessMm, perPieceG], [1.1, null]);
});
