import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  areaWithin,
  cutSlab,
  divide,
  gridOf,
  isOnLines,
  layOut,
  madeEven,
  momentsWithin,
  movedAlone,
  surfaceOf,
  type LockedLines,
  type Point,
} from '$core/cut';
import type { CutSpec } from '$core/slab';
import { areaMm2At, outlineAt, type Tin } from '$core/tin';
import { tins } from '../tins';
import { close, sum } from '../figures';

const HEIGHT = 20;
const box: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 };
const slabOf = (massG: number) => [{ fromMm: 0, thicknessMm: HEIGHT, massG }];

const mm = (max: number) => fc.double({ min: 0, max, noNaN: true });
const trims = fc.record({ left: mm(15), right: mm(15), front: mm(15), back: mm(15) });
const base = fc.record({
  columns: fc.integer({ min: 1, max: 9 }),
  rows: fc.integer({ min: 1, max: 9 }),
  trimMm: fc.oneof(fc.constant({}), trims),
  kerfMm: fc.oneof(fc.constant(0), mm(3)),
});
/** Strips of equal width, each with its own cuts. */
const strips = fc
  .record({
    along: fc.constantFrom('length' as const, 'width' as const),
    shares: fc.array(fc.double({ min: 0.1, max: 0.9, noNaN: true }), { minLength: 1, maxLength: 5 }),
  })
  .map(({ along, shares }) => ({
    strips: shares.map((share, i) => ({ atMm: 2 + i * 16, widthMm: 15, linesMm: [20 + share * 40], along })),
  }));
const extra = fc.oneof(
  fc.constant({}),
  fc.constantFrom('triangle' as const, 'diamond' as const).map((shape) => ({ shape })),
  fc.constant({ way: 'wedges' as const }),
  strips,
  fc.constant({ linesMm: { length: [31.5, 60], width: [40] } }),
  fc.constant({ way: 'break' as const, break: { aimG: 17, spread: 0.3 } }),
);
const readings = fc.oneof(
  fc.constant({}),
  fc
    .array(fc.record({ xMm: mm(90), yMm: mm(90), mm: fc.double({ min: 15, max: 25, noNaN: true }) }), {
      minLength: 1,
      maxLength: 9,
    })
    .map((thicknessAt) => ({ thicknessAt })),
);
const cuts: fc.Arbitrary<CutSpec> = fc
  .tuple(base, extra, readings)
  .map((parts) => Object.assign({}, ...parts) as CutSpec);

test('law: whatever the cut, pieces + trims + kerf = slab, in mass and in area', () => {
  let [tried, laid] = [0, 0];
  fc.assert(
    fc.property(tins, cuts, (tin, cut) => {
      tried += 1;
      const strata = slabOf(500);
      const { pieces, trimG, kerfG } = cutSlab(tin, HEIGHT, strata, cut);
      assert.ok(close(sum(pieces.map(({ count, massG }) => count * massG)) + trimG + kerfG, 500, 1e-7));
      const layout = layOut(tin, HEIGHT, cut);
      if (!layout) return;
      laid += 1;
      // Nothing is counted twice: neither trims nor kerf are negative.
      const divided = divide(tin, HEIGHT, strata, layout);
      assert.ok(divided.trimG > -1e-4 && divided.kerfG > -1e-4, `${divided.trimG} ${divided.kerfG}`);
      const allMm2 = sum(divided.piecesMm2) + divided.trimMm2 + divided.kerfMm2;
      assert.ok(close(allMm2, areaMm2At(tin, HEIGHT / 2), 1e-7));
    }),
    { numRuns: 300 },
  );
  assert.ok(laid > tried / 3, `${laid} of ${tried}`);
});

test('law: a polygon within an outline equals the closed form for rectangles; its moments match a fine grid of points', () => {
  const side = fc.double({ min: -220, max: 220, noNaN: true });
  fc.assert(
    fc.property(tins, side, side, side, side, (tin, a, b, c, d) => {
      const outline = outlineAt(tin, HEIGHT);
      const [x1, x2, y1, y2] = [Math.min(a, b), Math.max(a, b), Math.min(c, d), Math.max(c, d)];
      const corners: Point[] = [
        [x1, y1],
        [x2, y1],
        [x2, y2],
        [x1, y2],
      ];
      assert.ok(Math.abs(momentsWithin(outline, corners)[0] - areaWithin(outline, x1, x2, y1, y2)) < 1e-4);
    }),
  );
  const outline = { lengthMm: 300, widthMm: 200, cornerMm: 60 };
  const corners: Point[] = [
    [-200, -50],
    [100, -120],
    [160, 90],
    [-40, 100],
  ];
  const inside = ([x, y]: Point) => {
    const [u, v] = [Math.abs(x) - 90, Math.abs(y) - 40];
    const within = Math.abs(x) < 150 && Math.abs(y) < 100 && !(u > 0 && v > 0 && Math.hypot(u, v) > 60);
    return (
      within &&
      corners.every(([px, py], i) => {
        const [qx, qy] = corners[(i + 1) % 4]!;
        return (qx - px) * (y - py) - (qy - py) * (x - px) >= 0;
      })
    );
  };
  const counted = [0, 0, 0, 0, 0, 0];
  for (let x = -149.5; x < 150; x++)
    for (let y = -99.5; y < 100; y++)
      if (inside([x, y])) [1, x, y, x * x, x * y, y * y].forEach((term, i) => (counted[i]! += term));
  const scales = [1, 100, 100, 1e4, 1e4, 1e4];
  momentsWithin(outline, corners).forEach((moment, i) =>
    assert.ok(Math.abs(moment - counted[i]!) < 0.002 * counted[0]! * scales[i]!, `${i}: ${moment} ${counted[i]}`),
  );
});

test('triangles: a rectangle of 50 x 40 is two of 25 x 40 in area, and a kerf takes equally from both', () => {
  const cut: CutSpec = { columns: 6, rows: 5, shape: 'triangle' };
  const [kind, ...others] = cutSlab(box, HEIGHT, slabOf(600), cut).pieces;
  assert.deepEqual([kind!.count, others.length, kind!.kind], [60, 0, 'piece']);
  assert.ok(close(kind!.massG, 10) && close(kind!.heaviestG, 10));
  // With 2 mm: legs of 48.33 and 38.4, each shortened by half a kerf across the diagonal.
  const [length, width] = [(300 - 5 * 2) / 6, (200 - 4 * 2) / 5];
  const diagonal = Math.hypot(length, width);
  const each = ((length - diagonal / width) * (width - diagonal / length)) / 2;
  const { pieces } = cutSlab(box, HEIGHT, slabOf(600), { ...cut, kerfMm: 2 });
  assert.ok(close(pieces[0]!.massG, (each / 60000) * 600));
});

test('law: faces of triangles have their stated area, lie in their rectangle, and stay a kerf apart', () => {
  const area = (face: readonly Point[]) =>
    Math.abs(sum(face.map(([x, y], i) => x * face[(i + 1) % face.length]![1] - face[(i + 1) % face.length]![0] * y))) /
    2;
  fc.assert(
    fc.property(base, (cut) => {
      const [halves, wholes] = [{ ...cut, shape: 'triangle' as const }, cut].map((asked) => layOut(box, HEIGHT, asked));
      fc.pre(halves !== null && halves !== undefined && halves.regions.length === 2 * wholes!.regions.length);
      wholes!.regions.forEach((whole, at) => {
        const xs = whole.face.map(([x]) => x);
        const ys = whole.face.map(([, y]) => y);
        const both = halves!.regions.slice(2 * at, 2 * at + 2);
        for (const { face, faceMm2 } of both) {
          assert.ok(close(area(face), faceMm2, 1e-6));
          for (const [x, y] of face) {
            assert.ok(x >= Math.min(...xs) - 1e-9 && x <= Math.max(...xs) + 1e-9);
            assert.ok(y >= Math.min(...ys) - 1e-9 && y <= Math.max(...ys) + 1e-9);
          }
        }
        // The long sides are parallel, and a kerf lies between them.
        const [[a, b], [c]] = both.map(({ face }) => face) as [[Point, Point], [Point]];
        const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
        const apart = Math.abs(dx * (c[1] - a[1]) - dy * (c[0] - a[0])) / Math.hypot(dx, dy);
        assert.ok(Math.abs(apart - (cut.kerfMm ?? 0)) < 1e-6);
      });
    }),
  );
});

test('straight lines both ways can be moved one by one; diamonds, strips, wedges and shards have none', () => {
  assert.ok(isOnLines({ columns: 2, rows: 2 }) && isOnLines({ columns: 2, rows: 2, way: 'grid', strips: [] }));
  assert.ok(isOnLines({ columns: 2, rows: 2, shape: 'triangle' }));
  const others: Partial<CutSpec>[] = [
    { shape: 'diamond' },
    { way: 'wedges' },
    { way: 'break' },
    { strips: [{ atMm: 0, widthMm: 20, linesMm: [] }] },
  ];
  for (const other of others) assert.ok(!isOnLines({ columns: 2, rows: 2, ...other }));
});

test('diamonds: sides of 50 mm in rows of 40 mm lean by 60 degrees; clipped ones are counted apart, and less than half of one is trim', () => {
  const { pieces, trimG } = cutSlab(box, HEIGHT, slabOf(600), { columns: 6, rows: 5, shape: 'diamond' });
  const [whole, clipped] = pieces;
  assert.equal(whole!.kind, 'piece');
  assert.ok(close(whole!.heaviestG, (50 * 40 * 600) / 60000));
  assert.ok(close(whole!.lengthMm, 50) && close(whole!.widthMm, 40));
  // A row is shifted by 40 / tan 60 = 23.1 mm against the one before it: each holds five that lost under a tenth, and clipped ends.
  assert.equal(whole!.count, 25);
  assert.ok(clipped!.kind === 'rim' && clipped!.count >= 5 && trimG > 0);
});

test('strips: piece types are named, one narrower than its strip is trimmed to size, and the rest is trim', () => {
  const cut: CutSpec = {
    columns: 1,
    rows: 1,
    way: 'mixed',
    kinds: [
      { id: 'finger', name: 'Finger', lengthMm: 100, widthMm: 50 },
      { id: 'bite', name: 'Bite', lengthMm: 50, widthMm: 40 },
    ],
    strips: [
      { atMm: 0, widthMm: 50, linesMm: [100, 200, 250], kinds: ['finger', 'finger', 'bite', 'bite'] },
      { atMm: 50, widthMm: 50, linesMm: [100], kinds: ['finger', ''] },
    ],
  };
  const { pieces, trimG } = cutSlab(box, HEIGHT, slabOf(600), cut);
  assert.deepEqual(
    pieces.map(({ id, name, count, massG }) => [id, name, count, Math.round(massG)]),
    [
      ['finger', 'Finger', 3, 50],
      ['bite', 'Bite', 2, 20],
    ],
  );
  // Half of the slab beyond the strips, 200 x 50 of the second, and 10 mm under each bite.
  assert.ok(close(trimG, 300 + 100 + 2 * 5));
  assert.equal(layOut(box, HEIGHT, { ...cut, strips: [cut.strips![0]!, { ...cut.strips![1]!, atMm: 40 }] }), null);
});

test('lines of the maker: pieces lie between them, and lines that leave none are not a cut', () => {
  const cut: CutSpec = { columns: 9, rows: 9, linesMm: { length: [200, 100], width: [50] }, kerfMm: 0 };
  const { pieces, marksMm } = cutSlab(box, HEIGHT, slabOf(600), cut);
  assert.equal(pieces[0]!.count, 6);
  assert.ok(close(pieces[0]!.lightestG, 50) && close(pieces[0]!.heaviestG, 150));
  assert.deepEqual(marksMm, { length: [100, 200], width: [50] });
  assert.equal(layOut(box, HEIGHT, { ...cut, linesMm: { length: [100, 100.2] } }), null);
});

test('broken by hand: mass over target weight, nothing lost', () => {
  const { pieces, massVariation, trimG } = cutSlab(box, HEIGHT, slabOf(600), {
    columns: 1,
    rows: 1,
    way: 'break',
    break: { aimG: 25, spread: 0.4 },
  });
  assert.deepEqual([pieces[0]!.kind, pieces[0]!.count, pieces[0]!.massG], ['shard', 24, 25]);
  assert.equal(massVariation, 0.4);
  assert.equal(trimG, 0);
  assert.ok(pieces[0]!.lightestG < 13 && pieces[0]!.heaviestG > 40);
});

test('a tilted slab: readings of 18 and 22 mm make a piece at either end lighter and heavier, and the slab keeps its mass', () => {
  const thicknessAt = [0, 150, 300].flatMap((xMm) =>
    [20, 100, 180].map((yMm) => ({ xMm, yMm, mm: 18 + (4 * xMm) / 300 })),
  );
  const cut: CutSpec = { columns: 3, rows: 1, thicknessAt };
  const { piecesG } = divide(box, HEIGHT, slabOf(600), layOut(box, HEIGHT, cut)!, surfaceOf(box, HEIGHT, cut));
  // Mean thickness over the thirds: 18.667, 20 and 21.333 of 20.
  piecesG.forEach((massG, i) => assert.ok(close(massG, (200 * (18 + (4 * (i + 0.5)) / 3)) / 20, 1e-6)));
});

test('one line moved alone stays between its neighbours; evened out again, locked lines stay', () => {
  const cut: CutSpec = { columns: 4, rows: 1, kerfMm: 2, trimMm: { left: 6, right: 6 } };
  const grid = gridOf(box, HEIGHT, cut)!;
  const moved = movedAlone(cut, grid, { side: 'length', after: 2 }, 130.2);
  // (300 - 12 - 3 x 2) / 4 = 70.5 each: cuts at 76.5, 149 and 221.5.
  assert.deepEqual(moved.linesMm, { length: [76.5, 130, 221.5] });
  const far = movedAlone(cut, grid, { side: 'length', after: 2 }, 900);
  assert.deepEqual(far.linesMm, { length: [76.5, 218.5, 221.5] });
  const none: LockedLines = { length: new Set(), width: new Set() };
  const again = madeEven(moved, gridOf(box, HEIGHT, moved)!, none);
  assert.deepEqual(again, { ...cut });
  const locked = madeEven(moved, gridOf(box, HEIGHT, moved)!, { ...none, length: new Set([1]) });
  // Two of 61 mm up to 130, and two of 80 mm from 132 to 294.
  assert.deepEqual(locked.linesMm, { length: [67, 130, 212] });
});

test('an endless cut is refused: diamonds of a twentieth of a mm that lean over metres', () => {
  const narrow: Tin = { shape: 'rectangle', lengthMm: 10, widthMm: 5000, depthMm: 40 };
  assert.equal(layOut(narrow, HEIGHT, { columns: 200, rows: 200, shape: 'diamond' }), null);
  const started = performance.now();
  assert.equal(layOut(box, HEIGHT, { columns: 200, rows: 1, way: 'wedges' })!.regions.length, 200);
  assert.ok(performance.now() - started < 2000);
});

test('readings that would bend the surface below zero are not followed: no piece weighs less than nothing', () => {
  const thicknessAt = [20, 150, 280].flatMap((xMm) =>
    [20, 100, 180].map((yMm) => ({ xMm, yMm, mm: xMm < 100 ? 0.5 : xMm / 10 })),
  );
  assert.equal(surfaceOf(box, HEIGHT, { columns: 6, rows: 4, thicknessAt }), null);
  const { pieces } = cutSlab(box, HEIGHT, slabOf(600), { columns: 6, rows: 4, thicknessAt });
  assert.ok(close(pieces[0]!.lightestG, 25));
});
