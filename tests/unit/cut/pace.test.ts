/** The time at the knife and after it, counted by hand; scoring, snapping, racks; and what a stack asks of the knife. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  cutInWords,
  cutThings,
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
} from '../../../src/core/cut';
import { METRIC } from '../../../src/core/measure';
import type { CutSpec, CutTool, Slab } from '../../../src/core/slab';
import { cutAdvice, scoreAdvice, settingFor, plan, swirlsOf, workOf } from '../../../src/core/usecases';
import { close, demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 } as const;
const cut: CutSpec = { columns: 4, rows: 3 };
const minutes = (tool: CutTool, spec: CutSpec = cut, pieces = 12) =>
  cuttingMinutes(layOut(tin, 20, { ...spec, tool }), { ...spec, tool }, pieces);

test('at the knife: lifting, marks, strokes, turns and parting, by the tool; wires go through all at once', () => {
  // 180 s to lift, 5 strokes of 20 s with 6 s for each mark, one turn of 15 s, 12 pieces of 2.5 s: 355 s.
  assert.ok(close(minutes('hot blade').cutting[1], 355 / 60));
  assert.ok(close(minutes('cold blade').cutting[1], 305 / 60));
  // Two directions in one go each, without marks: 180 + 40 + 15 + 30.
  assert.ok(close(minutes('wire').cutting[1], 265 / 60));
  const [quick, usual, slow] = minutes('hot blade').cutting;
  assert.ok(close(quick, 0.7 * usual) && close(slow, 1.7 * usual));
  // Scored: 5 x 13 + 15 s while it is warm; 180 + 5 x 5 + 30 s when it is cold.
  const scored = minutes('score and snap');
  assert.ok(close(scored.scoring![1], 80 / 60) && close(scored.cutting[1], 235 / 60));
  assert.equal(minutes('hot blade').scoring, null);
  // 28 shards: 90 s to lift, 4 s each.
  assert.ok(close(cuttingMinutes(null, { ...cut, way: 'break' }, 28).cutting[1], 202 / 60));
});

test('after the knife: five minutes and 12 s a piece to coat, two and 5 s for what lies on each', () => {
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

test('a score is taken between two temperatures, and only by what snaps', () => {
  const cooling = [NaN, NaN, 105, 90, 85, 75, 66, 65, 50];
  assert.deepEqual(scoreWindow(cooling, [85, 65]), { fromMinutes: 4, toMinutes: 7 });
  assert.deepEqual(scoreWindow(cooling.slice(0, 6), [85, 65]), { fromMinutes: 4, toMinutes: 5 });
  assert.equal(scoreWindow(cooling.slice(0, 4), [85, 65]), null);
  // Laid when it is ready to be scored; and cooled so fast that there is one minute for it.
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

const named = (name: RegExp): Slab => demoSlabs.find((slab) => name.test(slab.name))!;

test('advice from the stack: what cracks, sticks and crumbles, and soft pieces that stand too high', () => {
  const said = (slab: Slab) => cutAdvice(slab, demoLarder, shop).map(({ text }) => text);
  const rye = said(ryeSlice);
  assert.match(rye.join('\n'), /Base crumbles: press straight down/);
  assert.match(rye.join('\n'), /Caramel sticks: warm the blade/);
  assert.match(rye.join('\n'), /Chocolate top over Caramel cracks/);
  assert.ok(!/lean and fall/.test(rye.join('\n')));
  const caramel: Slab = {
    ...ryeSlice,
    layers: [ryeSlice.layers[1]!],
    scale: { mode: 'total-height', mm: 38 },
    cut: { columns: 12, rows: 8 },
  };
  assert.match(said(caramel).join('\n'), /Soft pieces 38.0 mm high and 25.0 mm wide lean and fall/);
});

test('score and snap: from when to when by how it cools, and what breaks beside its line; nothing of a soft slab', () => {
  const snap: Slab = { ...named(/snap/), cut: { columns: 6, rows: 4, tool: 'score and snap' } };
  const setting = settingFor(snap, demoLarder, shop)!;
  const found = scoreAdvice(snap, demoLarder, shop, setting)!;
  assert.ok(found.fromMinutes! > 0 && found.toMinutes! > found.fromMinutes!);
  const top = setting.layers.find(({ name }) => name === found.layer)!;
  assert.equal(found.layer, 'Snap');
  assert.ok(top.curve.meanC[found.fromMinutes!]! <= 85 && top.curve.meanC[found.fromMinutes! - 1]! > 85);
  assert.ok(found.snapFromMinutes! >= found.toMinutes! && found.count === 24 && found.brokenG > 0);
  const { activities } = workOf(snap, demoLarder, shop);
  const score = activities.find(({ id }) => id === 'score')!;
  assert.deepEqual(
    [score.after[0]!.least, score.after[0]!.most],
    [found.fromMinutes! - top.pouredAt, found.toMinutes! - top.pouredAt],
  );
  const caramel: Slab = { ...ryeSlice, layers: ryeSlice.layers.slice(0, 2) };
  assert.equal(scoreAdvice(caramel, demoLarder, shop, settingFor(caramel, demoLarder, shop)!), null);
});

test('a ruler from the far edge: each cut begins there a kerf before it ends here', () => {
  assert.deepEqual(marksFromFarEdge([5, 100, 195], 200, 0), [5, 100, 195]);
  assert.deepEqual(marksFromFarEdge([60, 125], 190, 2), [63, 128]);
  const mirrored = gridOf(tin, 20, { columns: 3, rows: 1, kerfMm: 2, trimMm: { left: 10 } })!.length;
  const other = gridOf(tin, 20, { columns: 3, rows: 1, kerfMm: 2, trimMm: { right: 12 } })!.length;
  // The same pieces, the trim on the other side: its kerf is part of it there.
  assert.equal(marksFromFarEdge(mirrored.marksMm, 300, 2).length, other.marksMm.length);
});

test('a swirl: shares by mass, which differ the less the larger the piece; stirred or alone they do not', () => {
  // A face of 30 x 30 is four squares of 15: half and half is off by half of a half.
  assert.equal(swirlSpread(0.5, 900), 0.25);
  assert.equal(swirlSpread(0.5, 10), 0.5);
  assert.ok(close(swirlSpread(0.2, 2250), Math.sqrt(0.16 / 10)));
  assert.deepEqual([swirlSpread(0, 900), swirlSpread(1, 900)], [0, 0]);
  const twoTone = named(/two-tone/i);
  const [swirl, ...others] = swirlsOf(twoTone, plan(twoTone, demoLarder, shop));
  assert.equal(others.length, 0);
  assert.ok(
    close(
      swirl!.parts.reduce((sum, { share }) => sum + share, 0),
      1,
    ),
  );
  assert.ok(swirl!.parts.every(({ share, spread }) => share > 0 && spread < 0.2));
});

test('a cut in words: a grid, triangles, kinds by name, wedges, shards; and what is laid ready for it', () => {
  const words = (slab: Slab) => cutInWords(slab.cut!, plan(slab, demoLarder, shop).cut, METRIC);
  assert.equal(words(ryeSlice), '6 x 4, 24 pieces');
  assert.equal(words({ ...ryeSlice, cut: { columns: 3, rows: 2, shape: 'triangle' } }), '12 triangles');
  assert.equal(words(named(/fingers/)), '12 Finger, 6 Square, 14 Bite');
  assert.equal(
    words({
      ...ryeSlice,
      tin: { shape: 'round', diameterMm: 200, depthMm: 40 },
      cut: { columns: 8, rows: 1, way: 'wedges' },
    }),
    '8 wedges',
  );
  assert.equal(words(named(/bark/)), 'broken by hand into about 28 shards of 20 g');
  assert.equal(
    words({ ...ryeSlice, cut: { columns: 2, rows: 2, trimMm: { left: 200, right: 200 } } }),
    'nothing to cut',
  );
  assert.deepEqual(cutThings({ columns: 1, rows: 1, tool: 'wire' }), ['wire cutter']);
  assert.ok(cutThings({ columns: 1, rows: 1, tool: 'wire', way: 'break' }).includes('clean gloves'));
});
