import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { areaWithin, divide, cutSlab, gridOf, layOut, movedLine, type CutLine, type Stratum } from '$core/cut';
import { areaMm2At, outlineAt, volumeMlTo, type Tin } from '$core/tin';
import { cuts, tins } from '../tins';
import { close, sum } from '../figures';

/** Two layers that fill the tin evenly, 1 g per mL. */
function strataOf(tin: Tin): Stratum[] {
  const massG = (from: number, to: number) => volumeMlTo(tin, to) - volumeMlTo(tin, from);
  return [
    { fromMm: 0, thicknessMm: 9, massG: massG(0, 9) },
    { fromMm: 9, thicknessMm: 5, massG: massG(9, 14) },
    { fromMm: 14, thicknessMm: 0, massG: 30 },
  ];
}
const HEIGHT = 14;

test('law: pieces + trims + kerf = slab, in mass and in area', () => {
  fc.assert(
    fc.property(tins, cuts, (tin, cut) => {
      const strata = strataOf(tin);
      const slabG = sum(strata.map(({ massG }) => massG));
      const { pieces, trimG, kerfG } = cutSlab(tin, HEIGHT, strata, cut);
      assert.ok(close(sum(pieces.map(({ count, massG }) => count * massG)) + trimG + kerfG, slabG, 1e-9));
      assert.ok(trimG > -1e-6 && kerfG > -1e-6);
      const grid = layOut(tin, HEIGHT, cut);
      if (!grid) return;
      const divided = divide(tin, HEIGHT, strata, grid);
      const allMm2 = sum(divided.piecesMm2) + divided.trimMm2 + divided.kerfMm2;
      assert.ok(close(allMm2, areaMm2At(tin, HEIGHT / 2), 1e-9));
    }),
  );
});

test('law: the part of an outline within a rectangle matches a fine grid of points', () => {
  const side = fc.double({ min: -220, max: 220, noNaN: true });
  fc.assert(
    fc.property(tins, side, side, side, side, (tin, a, b, c, d) => {
      const outline = outlineAt(tin, 0);
      const [x1, x2, y1, y2] = [Math.min(a, b), Math.max(a, b), Math.min(c, d), Math.max(c, d)];
      const { lengthMm, widthMm, cornerMm: r } = outline;
      const n = 300;
      let inside = 0;
      for (let i = 0; i < n; i++)
        for (let j = 0; j < n; j++) {
          const x = x1 + ((i + 0.5) / n) * (x2 - x1);
          const y = y1 + ((j + 0.5) / n) * (y2 - y1);
          const dx = Math.abs(x) - (lengthMm / 2 - r);
          const dy = Math.abs(y) - (widthMm / 2 - r);
          const out = Math.hypot(Math.max(0, dx), Math.max(0, dy));
          if (Math.abs(x) <= lengthMm / 2 && Math.abs(y) <= widthMm / 2 && (dx <= 0 || dy <= 0 || out <= r))
            inside += 1;
        }
      const counted = (inside / n / n) * (x2 - x1) * (y2 - y1);
      assert.ok(Math.abs(areaWithin(outline, x1, x2, y1, y2) - counted) < 0.012 * (x2 - x1) * (y2 - y1) + 1);
    }),
    { numRuns: 60 },
  );
});

test('a rectangle with square corners is cut into pieces of equal mass: (L - trims - (n - 1) kerf) / n', () => {
  const tin: Tin = { shape: 'rectangle', lengthMm: 230, widthMm: 230, depthMm: 45 };
  const cut = { columns: 6, rows: 6, trimMm: { left: 5, right: 5, front: 5, back: 5 }, kerfMm: 2 };
  const { pieces, massVariation, marksMm } = cutSlab(tin, 20, [{ fromMm: 0, thicknessMm: 20, massG: 1000 }], cut);
  const pieceMm = (230 - 10 - 10) / 6;
  assert.equal(pieces.length, 1);
  assert.equal(pieces[0]!.count, 36);
  assert.ok(close(pieces[0]!.lengthMm, pieceMm));
  assert.ok(close(pieces[0]!.massG, (1000 * pieceMm ** 2) / 230 ** 2));
  assert.ok(massVariation < 1e-9);
  // Marks are cumulative from one edge: the trim, then where each cut begins, then the far trim.
  assert.deepEqual(
    marksMm.length.map((mm) => Number(mm.toFixed(6))),
    [5, 40, 77, 114, 151, 188, 225],
  );
});

test('without trims the walls get no mark', () => {
  const tin: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 };
  const { marksMm } = cutSlab(tin, 20, [{ fromMm: 0, thicknessMm: 20, massG: 1 }], { columns: 3, rows: 1 });
  assert.deepEqual(marksMm, { length: [100, 200], width: [] });
});

test('a round tin gives rim pieces, and flare makes edge pieces heavier', () => {
  const round: Tin = { shape: 'round', diameterMm: 260, depthMm: 40 };
  const { pieces } = cutSlab(round, 20, [{ fromMm: 0, thicknessMm: 20, massG: 1000 }], { columns: 6, rows: 6 });
  const [whole, rim] = pieces;
  assert.equal(whole!.kind, 'piece');
  assert.equal(rim!.kind, 'rim');
  assert.ok(rim!.massG < whole!.massG);
  const flared: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 200, depthMm: 50, flareDeg: 10 };
  // A little more mass near the top, where the edges reach out further.
  const top = cutSlab(flared, 20, [{ fromMm: 15, thicknessMm: 5, massG: 100 }], { columns: 4, rows: 4 });
  assert.ok(top.pieces[0]!.heaviestG > top.pieces[0]!.lightestG * 1.02);
  assert.ok(top.massVariation > 0.01);
});

test('trims and kerf that leave nothing give no pieces, and all of it is trim', () => {
  const tin: Tin = { shape: 'rectangle', lengthMm: 100, widthMm: 100, depthMm: 40 };
  const cut = { columns: 4, rows: 4, trimMm: { left: 60, right: 60 } };
  const { pieces, trimG } = cutSlab(tin, 10, [{ fromMm: 0, thicknessMm: 10, massG: 500 }], cut);
  assert.deepEqual([pieces.length, trimG], [0, 500]);
});

test('law: a moved line stays where it was put, and the rest of the grid stays even', () => {
  const tin: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 };
  const lines: fc.Arbitrary<CutLine> = fc.oneof(
    fc.record({ side: fc.constant('length' as const), end: fc.constantFrom('start' as const, 'end' as const) }),
    fc.record({ side: fc.constant('length' as const), after: fc.integer({ min: 1, max: 5 }) }),
  );
  fc.assert(
    fc.property(lines, fc.integer({ min: 10, max: 290 }), (line, to) => {
      const cut = { columns: 6, rows: 4, trimMm: { left: 5, right: 5, front: 5, back: 5 }, kerfMm: 1 };
      const next = movedLine(cut, line, to, 300);
      const grid = gridOf(tin, 20, next);
      assert.ok(grid, 'there is always something left to cut');
      if (next === cut) return;
      const { spans } = grid.length;
      const at = 'after' in line ? spans[line.after - 1]![1] : line.end === 'start' ? spans[0]![0] : spans.at(-1)![1];
      const stopped = Object.values(next.trimMm ?? {}).includes(0);
      assert.ok(stopped || Math.abs(at - to) < 0.06, `${JSON.stringify(line)} put at ${to} is at ${at}`);
    }),
  );
});
