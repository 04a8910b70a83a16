/** Figures of the cut worked by hand, at the limits of what counts as a piece. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cutBySize, divide, cutSlab, gridOf, layOut, movedLine, pieceFaces, wholePieces } from '$core/cut';
import { cutProblems, cutWork, type CutSpec } from '$core/slab';
import type { Tin } from '$core/tin';
import { close, near, sum } from '../figures';

const box: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 40 };
const round: Tin = { shape: 'round', diameterMm: 200, depthMm: 40 };
const slabOf = (massG: number) => [{ fromMm: 0, thicknessMm: 10, massG }];
const grid = (columns: number, rows: number, rest: Partial<CutSpec> = {}): CutSpec => ({ columns, rows, ...rest });

test('200 x 100 mm, trims of 5 and 10, a kerf of 2, 4 by 2: pieces of 45.25 x 41.5 mm, marks and masses', () => {
  const cut = grid(4, 2, { trimMm: { left: 5, right: 8, front: 5, back: 10 }, kerfMm: 2 });
  const { length, width } = gridOf(box, 10, cut)!;
  // (200 - 13 - 6) / 4 and (100 - 15 - 2) / 2.
  assert.deepEqual([length.pieceMm, width.pieceMm], [45.25, 41.5]);
  assert.deepEqual(length.marksMm, [5, 50.25, 97.5, 144.75, 192]);
  assert.deepEqual(width.marksMm, [5, 46.5, 90]);
  const made = cutSlab(box, 10, slabOf(200), cut);
  const [piece] = made.pieces;
  // 200 g over 20000 mm2 are 0.01 g a mm2.
  assert.ok(close(piece!.massG, 45.25 * 41.5 * 0.01) && piece!.count === 8 && made.massVariation < 1e-9);
  assert.ok(close(made.kerfG, (187 * 85 - 8 * 45.25 * 41.5) * 0.01) && close(made.trimG, (20_000 - 187 * 85) * 0.01));
});

test('a finish is spread equally over pieces, and is no part of trims', () => {
  const bare = cutSlab(box, 10, slabOf(200), grid(4, 1));
  const dressed = cutSlab(box, 10, slabOf(200), grid(4, 1), 20);
  assert.equal(dressed.pieces[0]!.massG, bare.pieces[0]!.massG + 5);
  assert.equal(cutSlab(box, 10, slabOf(200), grid(1, 1, { trimMm: { left: 200 } }), 20).trimG, 220);
});

test('a piece that lost over a tenth of its face is a rim piece, one with less than a fiftieth is trim', () => {
  // A corner of 60 mm takes (1 - pi / 4) 3600 = 772.6 mm2 of a face of 100 x 100 or of 100 x 50.
  const cornered = (cornerMm: number): Tin => ({ ...box, cornerMm });
  const kinds = (tin: Tin, cut: CutSpec) =>
    cutSlab(tin, 10, slabOf(200), cut).pieces.map(({ kind, count }) => `${count} ${kind}`);
  assert.deepEqual(kinds(cornered(48), grid(2, 1)), ['2 piece']); // 989 of 10000 lost on two corners
  assert.deepEqual(kinds(cornered(49), grid(2, 1)), ['2 rim']); // 1031 lost
  // A circle of 100 mm takes 217 mm2 of the 2500 of a piece at its side, and over half of one in the corner.
  assert.deepEqual(kinds(round, grid(4, 4)), ['12 piece', '4 rim']);
  // In a fine grid the outermost squares of a circle are almost nothing.
  const fine = cutSlab(round, 10, slabOf(200), grid(20, 20));
  const { piecesMm2 } = divide(round, 10, [], layOut(round, 10, grid(20, 20))!);
  const counted = piecesMm2.filter((mm2) => mm2 >= 0.02 * 100).length;
  assert.equal(sum(fine.pieces.map(({ count }) => count)), counted);
  assert.ok(counted < 400 && fine.trimG > 0);
  const [whole] = fine.pieces.filter(({ kind }) => kind === 'piece');
  assert.equal(whole!.count, piecesMm2.filter((mm2) => mm2 >= 0.9 * 100).length);
  assert.equal(pieceFaces(round, 10, grid(20, 20)).count, counted);
});

test('variation: 1, 2 and 3 g vary by 40.8 % of their mean', () => {
  // A flared tin of three rows; masses by area: compared with the definition.
  const { piecesG } = divide(round, 10, slabOf(300), layOut(round, 10, grid(3, 1))!);
  const mean = sum(piecesG) / 3;
  const deviation = Math.sqrt(sum(piecesG.map((value) => (value - mean) ** 2)) / 3);
  assert.ok(close(cutSlab(round, 10, slabOf(300), grid(3, 1)).massVariation, deviation / mean));
  const [kind] = cutSlab(round, 10, slabOf(300), grid(3, 1)).pieces.filter((kind) => kind.kind === 'rim');
  assert.ok(kind!.lightestG <= kind!.massG && kind!.massG <= kind!.heaviestG);
  assert.ok(close(kind!.lightestG, Math.min(...piecesG)) || close(kind!.heaviestG, Math.max(...piecesG)));
});

test('faces of a piece: 50 x 100 x 10 mm has 2 x 5000 + 2 x 150 x 10 mm2', () => {
  assert.deepEqual(pieceFaces(box, 10, grid(4, 1)), { count: 4, surfaceMm2: 4 * 13_000 });
  assert.deepEqual(pieceFaces(box, 10, grid(1, 1, { trimMm: { left: 200 } })), { count: 0, surfaceMm2: 0 });
});

test('walls that lean out by 45 degrees, a base of 100 x 100 mm, 20 mm high: of three pieces the outer ones are heavier', () => {
  const leaning: Tin = { shape: 'rectangle', lengthMm: 100, widthMm: 100, depthMm: 40, flareDeg: 45 };
  const thirds = (strata: Parameters<typeof divide>[2]) =>
    divide(leaning, 20, strata, layOut(leaning, 20, grid(3, 1))!).piecesG;
  // Half way up it is 120 mm long: the middle one is 40 mm of it all the way up, 40 x (100 + 2 z); all of it is (100 + 2 z)^2.
  const whole = (from: number, to: number) => ((100 + 2 * to) ** 3 - (100 + 2 * from) ** 3) / 6;
  const middle = (from: number, to: number) => 40 * (100 * (to - from) + to ** 2 - from ** 2);
  const share = middle(0, 20) / whole(0, 20);
  near(thirds([{ fromMm: 0, thicknessMm: 20, massG: 300 }]), [150 * (1 - share), 300 * share, 150 * (1 - share)]);
  // Each layer by itself: 100 g below, 300 g above.
  const middleG = (100 * middle(0, 10)) / whole(0, 10) + (300 * middle(10, 20)) / whole(10, 20);
  const layers = thirds([
    { fromMm: 0, thicknessMm: 10, massG: 100 },
    { fromMm: 10, thicknessMm: 10, massG: 300 },
  ]);
  near(layers, [(400 - middleG) / 2, middleG, (400 - middleG) / 2]);
});

test('broken by hand: 240 g of about 48 g are five shards of 4000 mm2, dipped as squares 10 mm high', () => {
  const broken = (aimG: number): CutSpec => grid(1, 1, { way: 'break', break: { aimG, spread: 0.3 } });
  const { pieces, massVariation, marksMm } = cutSlab(box, 10, slabOf(240), broken(48));
  const side = Math.sqrt(4000);
  assert.deepEqual([pieces[0]!.count, pieces[0]!.lengthMm, pieces[0]!.widthMm, pieces[0]!.massG], [5, side, side, 48]);
  assert.deepEqual([massVariation, marksMm], [0.3, { length: [], width: [] }]);
  assert.equal(cutSlab(box, 10, slabOf(240), broken(240)).massVariation, 0);
  assert.deepEqual(cutSlab(box, 10, slabOf(0), broken(48)).pieces, []);
  // Its weight is unknown there: 200 mL at 1.2 g.
  assert.deepEqual(pieceFaces(box, 10, broken(48)), { count: 5, surfaceMm2: 5 * (8000 + 4 * side * 10) });
  assert.deepEqual(pieceFaces(box, 0, broken(48)), { count: 0, surfaceMm2: 0 });
});

test('pieces of a size: along or across, whichever gives more, trimmed equally on both sides', () => {
  // 60 x 30 in 200 x 100: along 3 x 3 = 9, across 6 x 1 = 6.
  assert.deepEqual(cutBySize(box, 10, { lengthMm: 60, widthMm: 30 }), {
    columns: 3,
    rows: 3,
    trimMm: { left: 10, right: 10, front: 5, back: 5 },
    kerfMm: 0,
  });
  // 30 x 60 is the same the other way round; equal counts stay along.
  assert.equal(cutBySize(box, 10, { lengthMm: 30, widthMm: 60 })!.columns, 3);
  assert.deepEqual(cutBySize(box, 10, { lengthMm: 50, widthMm: 50 })!.columns, 4);
  // With a kerf of 2: 3 pieces and 2 kerfs are 184.
  assert.deepEqual(cutBySize(box, 10, { lengthMm: 60, widthMm: 30 }, 2)!.trimMm, {
    left: 8,
    right: 8,
    front: 3,
    back: 3,
  });
  assert.equal(cutBySize(box, 10, { lengthMm: 201, widthMm: 101 }), null);
  assert.equal(cutBySize(box, 10, { lengthMm: 200, widthMm: 100 })!.columns, 1);
  // A corner of 20 mm takes 86 mm2: of 2500 that is 3.4 %, of 3333 2.6 %; two of them of 5000 are 3.4 %.
  assert.equal(wholePieces({ ...box, cornerMm: 20 }, 10, grid(4, 2)), 4);
  assert.equal(wholePieces({ ...box, cornerMm: 20 }, 10, grid(3, 2)), 6);
  assert.equal(wholePieces({ ...box, cornerMm: 20 }, 10, grid(4, 1)), 2);
});

test('lines moved by hand: a trim is set, a line between stretches what lies before it, to a tenth of a mm', () => {
  const cut = grid(4, 2, { trimMm: { left: 10, right: 10, front: 0, back: 0 }, kerfMm: 0 });
  assert.deepEqual(movedLine(cut, { side: 'length', end: 'start' }, 12.34, 200).trimMm, {
    left: 12.3,
    right: 10,
    front: 0,
    back: 0,
  });
  assert.deepEqual(movedLine(cut, { side: 'length', end: 'end' }, 180, 200).trimMm!.right, 20);
  // Behind the second piece at 90: pieces of 40, four of them end at 170.
  assert.deepEqual(movedLine(cut, { side: 'length', after: 2 }, 90, 200).trimMm, {
    left: 10,
    right: 30,
    front: 0,
    back: 0,
  });
  assert.equal(movedLine(cut, { side: 'length', end: 'start' }, 187, 200), cut);
  assert.equal(movedLine(cut, { side: 'length', end: 'start' }, 186, 200).trimMm!.left, 186);
  assert.equal(movedLine(cut, { side: 'width', end: 'start' }, -5, 100).trimMm!.front, 0);
});

test('the work of a cut: pieces, times their needs, over the kinds of tin', () => {
  const layers = Array.from({ length: 6 }, (_, i) => ({ id: `l${i}`, name: '', from: [], spread: 'level' as const }));
  const tins = [{ tin: box, count: 7 }];
  const cut = grid(100, 100);
  assert.equal(cutWork({ layers, tins, cut }), (10_000 * 3) / 1e6);
  assert.equal(cutWork({ layers, tins: [{ tin: { ...box, flareDeg: 5 }, count: 1 }], cut }), (10_000 * 21) / 1e6);
  assert.equal(
    cutWork({ layers: [...layers.slice(1), { ...layers[0]!, spread: 'shell' }], tins, cut }),
    (10_000 * 39) / 1e6,
  );
  assert.equal(cutWork({ layers, tins }), 3 / 1e6);
  const scale = { mode: 'pieces', count: 1, lengthMm: 10, widthMm: 10 } as const;
  assert.equal(cutWork({ layers, tins, cut, scale }), (20 * 10 * 3) / 1e6);
  assert.deepEqual(cutProblems({ layers, tins, cut }), []);
  const fine = {
    layers,
    tins: Array.from({ length: 20 }, () => ({ tin: { ...box, flareDeg: 5 }, count: 1 })),
    cut: grid(200, 200),
  };
  assert.deepEqual(cutProblems(fine), [{ path: '/cut', code: 'too-much-cutting', figures: { times: 17 } }]);
});

test('a shell of 10 mm with a filling: the outer pieces have the wall, and all adds up', () => {
  const box: Tin = { shape: 'rectangle', lengthMm: 120, widthMm: 100, depthMm: 40 };
  const inner: Tin = { ...box, lengthMm: 100, widthMm: 80, cornerMm: 0 };
  // The shell at 1 g/mL: 120 of base and 80 of wall; the filling at 2 g/mL: 100 x 80 x 20 mm.
  const shell = { fromMm: 0, thicknessMm: 10, massG: 200, wallMm: 30 };
  const filling = { fromMm: 10, thicknessMm: 20, massG: 320, tin: inner };
  const whole = { columns: 3, rows: 1, trimMm: { left: 0, right: 0, front: 0, back: 0 }, kerfMm: 0 };
  const masses = (tin: Tin, heightMm: number, strata: Parameters<typeof divide>[2]) =>
    divide(tin, heightMm, strata, layOut(tin, heightMm, whole)!).piecesG;
  // Outside: 40 of base, 32 of wall, 96 of filling; in the middle: 40, 16 and 128.
  masses(box, 30, [shell, filling]).forEach((massG, i) => assert.ok(close(massG, [168, 184, 168][i]!)));
  // A wall no higher than the base is a plain layer.
  masses(box, 10, [{ ...shell, wallMm: 5 }]).forEach((massG) => assert.ok(close(massG, 200 / 3)));
  // Films on both faces, and one without height.
  const films = [
    { fromMm: 12, thicknessMm: 2, massG: 40, footMm: 2 },
    { fromMm: 14, thicknessMm: 0, massG: 6 },
  ];
  masses(box, 14, films).forEach((massG) => assert.ok(close(massG, 46 / 3)));
  // With sloping walls each half is wider the higher it lies, and its mass stays the same.
  const leaning: Tin = { ...box, flareDeg: 30 };
  const divided = divide(leaning, 30, [shell, ...films], layOut(leaning, 30, whole)!);
  assert.ok(close(sum(divided.piecesG) + divided.trimG + divided.kerfG, 246));
});
