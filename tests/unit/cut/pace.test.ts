/** Cutting time and the time after it, counted by hand; scoring, snapping, racks. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  cuttingMinutes,
  gridOf,
  marksFromFarEdge,
  finishMinutes,
  layOut,
  piecesOnSheet,
  scoredLayer,
  scoreRangeOf,
  scoreWindow,
  snapBreakage,
  swirlSpread,
} from '$core/cut';
import type { CutSpec, CutTool } from '$core/slab';
import { close } from '../figures';

const tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 } as const;
const cut: CutSpec = { columns: 4, rows: 3 };
const minutes = (tool: CutTool, spec: CutSpec = cut, pieces = 12) =>
  cuttingMinutes(layOut(tin, 20, { ...spec, tool }), { ...spec, tool }, pieces);

test('cutting time: lifting, marks, strokes, turns and separating, by the tool; wires cut all at once', () => {
  // 180 s to lift, 5 strokes of 20 s with 6 s for each mark, one turn of 15 s, 12 pieces of 2.5 s: 355 s.
  assert.ok(close(minutes('hot blade').cutting[1], 355 / 60));
  assert.ok(close(minutes('cold blade').cutting[1], 305 / 60));
  // Two directions in one go each, without marks: 180 + 40 + 15 + 30.
  assert.ok(close(minutes('wire').cutting[1], 265 / 60));
  const [quick, usual, slow] = minutes('hot blade').cutting;
  assert.ok(close(quick, 0.7 * usual) && close(slow, 1.7 * usual));
  // Scored: 5 x 13 + 15 s while warm; 180 + 5 x 5 + 30 s when cold.
  const scored = minutes('score and snap');
  assert.ok(close(scored.scoring![1], 80 / 60) && close(scored.cutting[1], 235 / 60));
  assert.equal(minutes('hot blade').scoring, null);
  // 28 shards: 90 s to lift, 4 s each.
  assert.ok(close(cuttingMinutes(null, { ...cut, way: 'break' }, 28).cutting[1], 202 / 60));
});

test('after cutting: five minutes and 12 s a piece to coat, two and 5 s for each topping', () => {
  assert.ok(close(finishMinutes('coat', 40)[1], (300 + 480) / 60));
  assert.ok(close(finishMinutes('per-piece', 40)[1], (120 + 200) / 60));
});

test('pieces on a rack a finger apart, turned whichever way holds more', () => {
  // 400 x 300 with 10 mm between: 11 of 25 along, 6 of 40 across.
  assert.equal(piecesOnSheet({ lengthMm: 400, widthMm: 300 }, { lengthMm: 40, widthMm: 25 }), 66);
  assert.equal(piecesOnSheet({ lengthMm: 100, widthMm: 30 }, { lengthMm: 30, widthMm: 90 }), 1);
  assert.equal(piecesOnSheet({ lengthMm: 100, widthMm: 30 }, { lengthMm: 300, widthMm: 90 }), 0);
  // Two of 45 with 10 between them are 100.
  assert.equal(piecesOnSheet({ lengthMm: 100, widthMm: 45 }, { lengthMm: 45, widthMm: 45 }), 2);
  assert.equal(piecesOnSheet({ lengthMm: 99, widthMm: 45 }, { lengthMm: 45, widthMm: 45 }), 1);
});

test('scoring happens between two temperatures, and only for what snaps', () => {
  const cooling = [NaN, NaN, 105, 90, 85, 75, 66, 65, 50];
  assert.deepEqual(scoreWindow(cooling, [85, 65]), { fromMinutes: 4, toMinutes: 7 });
  assert.deepEqual(scoreWindow(cooling.slice(0, 6), [85, 65]), { fromMinutes: 4, toMinutes: 5 });
  assert.equal(scoreWindow(cooling.slice(0, 4), [85, 65]), null);
  // Laid just when it can be scored; and cooled so fast that there is one minute for it.
  assert.deepEqual(scoreWindow([80, 70, 60], [85, 65]), { fromMinutes: 0, toMinutes: 2 });
  assert.deepEqual(scoreWindow([90, 60, 50], [85, 65]), { fromMinutes: 1, toMinutes: 2 });
  assert.deepEqual(scoreWindow([60, 50], [85, 65]), { fromMinutes: 0, toMinutes: 1 });
  assert.deepEqual(
    [scoreRangeOf('chocolate'), scoreRangeOf('hard boil'), scoreRangeOf('gel')],
    [[25, 22], [85, 65], null],
  );
  // Thin and wide: four of a hundred. As thick as wide: nine times as many.
  assert.deepEqual([snapBreakage(5, 40), snapBreakage(20, 20).toFixed(2), snapBreakage(40, 5)], [0.04, '0.36', 1]);
  assert.deepEqual([snapBreakage(0, 0), snapBreakage(5, 0), snapBreakage(5, -1)], [1, 1, 1]);
  // Of what snaps the thickest is scored.
  const [thin, thick] = [
    { behaviour: 'chocolate', thicknessMm: 3 },
    { behaviour: 'hard boil', thicknessMm: 8 },
  ] as const;
  const soft = { behaviour: 'gel', thicknessMm: 20 } as const;
  assert.deepEqual(
    [scoredLayer([thin, soft, thick]), scoredLayer([thick, thin]), scoredLayer([soft])],
    [thick, thick, undefined],
  );
});

test('a ruler from the far edge: each cut begins there a kerf before it ends here', () => {
  assert.deepEqual(marksFromFarEdge([5, 100, 195], 200, 0), [5, 100, 195]);
  assert.deepEqual(marksFromFarEdge([60, 125], 190, 2), [63, 128]);
  const mirrored = gridOf(tin, 20, { columns: 3, rows: 1, kerfMm: 2, trimMm: { left: 10 } })!.length;
  const other = gridOf(tin, 20, { columns: 3, rows: 1, kerfMm: 2, trimMm: { right: 12 } })!.length;
  // The same pieces, the trim on the other side: its kerf is part of it there.
  assert.equal(marksFromFarEdge(mirrored.marksMm, 300, 2).length, other.marksMm.length);
});

test('a swirl: shares by mass, which vary less in larger pieces; not when stirred or alone', () => {
  // A face of 30 x 30 is four squares of 15: half and half is off by half of a half.
  assert.equal(swirlSpread(0.5, 900), 0.25);
  assert.equal(swirlSpread(0.5, 10), 0.5);
  assert.ok(close(swirlSpread(0.2, 2250), Math.sqrt(0.16 / 10)));
  assert.deepEqual([swirlSpread(0, 900), swirlSpread(1, 900)], [0, 0]);
});
