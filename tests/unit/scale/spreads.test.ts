import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { plan } from '$core/usecases';
import { volumeOfDose, doseOfVolume } from '$core/scale';
import { SPREADS, type Layer, type Slab } from '$core/slab';
import { areaMm2At, asTin, insetTin, volumeMlTo, type Tin } from '$core/tin';
import { deepSquare, tins } from '../tins';
import { close, sum } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const layer = (part: Partial<Layer>): Layer => ({ id: 'l', name: 'L', from: [], spread: 'level', ...part });
const pieces = { count: 24, surfaceMm2: 90_000 };

test('law: a film of a volume needs that volume, in every way of applying it', () => {
  const films = fc.double({ min: 0.2, max: 12, noNaN: true });
  fc.assert(
    fc.property(
      tins,
      fc.constantFrom(...SPREADS),
      films,
      fc.double({ min: 0, max: 10, noNaN: true }),
      (tin, spread, film, fromMm) => {
        const ground = { tin, fromMm, pieces };
        const spreadLayer = layer({ spread });
        assert.ok(close(doseOfVolume(spreadLayer, ground, volumeOfDose(spreadLayer, ground, film)), film, 1e-6));
      },
    ),
  );
});

test('films worked by hand: a box lined with 2 mm, both faces, a coat, drops', () => {
  const box: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 30 };
  const ground = { tin: box, fromMm: 0, pieces };
  const shell = volumeOfDose(layer({ spread: 'shell', wallMm: 20 }), ground, 2);
  assert.ok(close(shell, (200 * 100 * 20 - 196 * 96 * 18) / 1000));
  assert.ok(close(volumeOfDose(layer({ spread: 'both-faces' }), ground, 1.5), (2 * 20_000 * 1.5) / 1000));
  assert.ok(close(volumeOfDose(layer({ spread: 'coat' }), ground, 1), 90));
  assert.ok(close(volumeOfDose(layer({ spread: 'per-piece' }), ground, 2), 48));
  assert.ok(close(volumeMlTo(insetTin(box, 2), 10), (196 * 96 * 10) / 1000));
});

/** The rye slice with its top applied differently. */
const topped = (part: Partial<Layer>): Slab => ({
  ...ryeSlice,
  layers: [...ryeSlice.layers.slice(0, 2), { ...ryeSlice.layers[2]!, ...part }],
});

test('a coat takes what its film needs, follows the cut, and leaves the rest', () => {
  const coat = topped({ spread: 'coat', thicknessMm: 0.4 });
  const made = plan(coat, demoLarder, shop);
  const [piece] = made.cut.pieces;
  const { lengthMm: l, widthMm: w, heightMm: h } = piece!;
  const surfaceMm2 = 24 * (2 * l * w + 2 * (l + w) * h);
  assert.ok(close(made.layers[2]!.volumeMl, (surfaceMm2 * 0.4) / 1000));
  assert.ok(close(made.preparations[2]!.leftoverG + made.layers[2]!.massG, made.preparations[2]!.massOutG));
  assert.equal(made.slab.heightMm, made.layers[0]!.thicknessMm + made.layers[1]!.thicknessMm);
  // The coat is on the pieces and not on the trim: without it the trim weighs the same.
  const bare = plan({ ...coat, layers: coat.layers.slice(0, 2) }, demoLarder, shop);
  assert.ok(close(made.cut.trimG, bare.cut.trimG));
  assert.ok(close(24 * (piece!.massG - bare.cut.pieces[0]!.massG), made.layers[2]!.massG));
  // Smaller pieces have more surface.
  const smaller = plan(coat, demoLarder, shop, {
    cut: { ...coat.cut!, columns: 12, rows: 8 },
    tins: [{ tin: deepSquare, count: 1 }],
  });
  assert.ok(smaller.layers[2]!.massG > 0);
});

test('films on both faces lift what lies between, and count twice towards the height', () => {
  const made = plan(topped({ spread: 'both-faces', thicknessMm: 1 }), demoLarder, shop);
  const [base, caramel, film] = made.slabs[0]!.layers;
  assert.ok(close(base!.fromMm, 1) && close(film!.footMm, 1));
  assert.ok(close(made.slab.heightMm, base!.thicknessMm + caramel!.thicknessMm + 2));
});

test('a shell narrows what follows, so that it stands higher', () => {
  const shell: Slab = {
    ...ryeSlice,
    layers: [{ ...ryeSlice.layers[2]!, spread: 'shell', thicknessMm: 1.5, wallMm: 20 }, ryeSlice.layers[1]!],
  };
  const [film, caramel] = plan(shell, demoLarder, shop).slabs[0]!.layers;
  const level = plan(ryeSlice, demoLarder, shop).slabs[0]!.layers[1]!;
  assert.ok(caramel!.thicknessMm > level.thicknessMm);
  assert.ok(close(caramel!.fromMm, 1.5));
  assert.ok(close(caramel!.thicknessMm * areaMm2At(insetTin(asTin(ryeSlice.tin), 1.5), 0), caramel!.volumeMl * 1000));
  assert.equal(film!.wallMm, 20);
  // Cut through, the edge pieces hold the wall: all the mass is still there.
  const { cut, slab } = plan({ ...shell, cut: { columns: 4, rows: 4 } }, demoLarder, shop);
  assert.ok(close(sum(cut.pieces.map(({ count, massG }) => count * massG)), slab.massG));
});

test('drops: an amount on each piece, in any tin', () => {
  const made = (tin: Tin) =>
    plan(topped({ spread: 'per-piece', gramsPerPiece: 4 }), demoLarder, shop, { tins: [{ tin, count: 1 }] });
  for (const tin of [asTin(ryeSlice.tin), deepSquare]) assert.ok(close(made(tin).layers[2]!.massG, 24 * 4));
});

test('a total height is met, and the layers keep their proportions', () => {
  const before = plan(ryeSlice, demoLarder, shop);
  const after = plan(ryeSlice, demoLarder, shop, { scale: { mode: 'total-height', mm: 30 } });
  assert.ok(close(after.slab.heightMm, 30));
  after.layers.forEach(({ thicknessMm }, i) =>
    assert.ok(close(thicknessMm / before.layers[i]!.thicknessMm, 30 / before.slab.heightMm)),
  );
});

test('the dipped bar of the demo has enough to dip in', () => {
  const cloud = demoSlabs.find(({ name }) => name === 'Buckthorn cloud bar')!;
  assert.deepEqual(plan(cloud, demoLarder, shop).checks, []);
});
