/** A slab in strips, every position worked by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { layOut, type Layout } from '$core/cut';
import type { CutSpec } from '$core/slab';
import type { Tin } from '$core/tin';

const box: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 40 };
const turnedBox: Tin = { ...box, lengthMm: 100, widthMm: 200 };
const ALL = [-Infinity, Infinity] as const;
const spec = (strips: CutSpec['strips'], rest: Partial<CutSpec> = {}): CutSpec => ({
  columns: 1,
  rows: 1,
  strips,
  ...rest,
});
const strip = (atMm: number, widthMm: number, linesMm: number[] = [], kinds?: string[]) => ({
  atMm,
  widthMm,
  linesMm,
  ...(kinds ? { kinds } : {}),
});

type Spans = readonly [x1: number, x2: number, y1: number, y2: number];
const face = ([x1, x2, y1, y2]: Spans) => [
  [x1, y1],
  [x2, y1],
  [x2, y2],
  [x1, y2],
];
/** No edge reaches a wall. */
const inside = (spans: Spans, kind?: string) => ({
  face: face(spans),
  takes: spans,
  lengthMm: spans[1] - spans[0],
  widthMm: spans[3] - spans[2],
  faceMm2: (spans[1] - spans[0]) * (spans[3] - spans[2]),
  ...(kind === undefined ? {} : { kind }),
});
const along = (y: number, x1 = -100, x2 = 100) => ({ from: [x1, y], to: [x2, y], set: 'along' });
const across = (x: number, y1: number, y2: number) => ({ from: [x, y1], to: [x, y2], set: 'across' });

const FINGER = { id: 'finger', name: 'Finger', lengthMm: 60, widthMm: 40 };
const BITE = { id: 'bite', name: 'Bite', lengthMm: 40, widthMm: 30 };
/** Trims of 10 and 6, a kerf of 2, unsorted strips; the last line of the first would be beyond the trim. */
const cut = spec([strip(52, 40, [100]), strip(10, 40, [112, 70], ['finger', 'bite', ''])], {
  kerfMm: 2,
  trimMm: { left: 10, right: 6 },
  kinds: [FINGER, BITE],
});

test('two strips within trims: fingers, bites narrower than their strip, the remainder, and two pieces', () => {
  assert.deepEqual(layOut(box, 10, cut), {
    outline: { lengthMm: 200, widthMm: 100, cornerMm: 0 },
    regions: [
      inside([-90, -30, -40, 0], 'finger'),
      inside([-28, 12, -40, -10], 'bite'),
      inside([-28, 12, -8, 0], ''),
      inside([14, 94, -40, 0], ''),
      inside([-90, 0, 2, 42]),
      inside([2, 94, 2, 42]),
    ],
    frame: [-90, 94, -40, 42],
    strokes: [
      along(-40),
      along(-10, -28, 12),
      across(-90, -40, 0),
      across(12, -40, 0),
      across(-30, -40, 0),
      across(94, -40, 0),
      along(2),
      across(-90, 2, 42),
      across(0, 2, 42),
      across(94, 2, 42),
      along(42),
    ],
    marksMm: { length: [], width: [10, 52] },
  });
});

test('law: strips the other way are the same slab turned by a quarter', () => {
  const other = layOut(turnedBox, 10, {
    ...cut,
    strips: cut.strips!.map((strip) => ({ ...strip, along: 'width' as const })),
    trimMm: { front: 10, back: 6 },
  })!;
  const swapped = ([x, y]: readonly number[]) => [y, x];
  const swappedBox = ([x1, x2, y1, y2]: Layout['frame']) => [y1, y2, x1, x2];
  const { regions, frame, strokes } = layOut(box, 10, cut)!;
  assert.deepEqual(
    other.regions,
    regions.map(({ lengthMm, widthMm, takes, ...rest }) => ({
      ...rest,
      // Corners go round the same way after the turn.
      face: rest.face.map(swapped).reverse(),
      takes: swappedBox(takes as Layout['frame']),
      lengthMm: widthMm,
      widthMm: lengthMm,
    })),
  );
  assert.deepEqual(other.frame, swappedBox(frame));
  assert.deepEqual(
    other.strokes,
    strokes.map(({ from, to, set }) => ({
      from: swapped(from),
      to: swapped(to),
      set: set === 'along' ? 'across' : 'along',
    })),
  );
  assert.deepEqual(other.marksMm, { length: [10, 52], width: [] });
});

test('what lies at a wall reaches to it; nothing is cut there', () => {
  const { regions, frame, strokes, marksMm } = layOut(box, 10, spec([strip(0, 50, [100]), strip(50, 50)]))!;
  assert.deepEqual(
    regions.map(({ takes }) => takes),
    [
      [-Infinity, 0, -Infinity, 0],
      [0, Infinity, -Infinity, 0],
      [...ALL, 0, Infinity],
    ],
  );
  assert.deepEqual(frame, [...ALL, ...ALL]);
  assert.deepEqual(strokes, [across(0, -50, 0), along(0)]);
  assert.deepEqual(marksMm, { length: [], width: [50] });
});

test('a piece type lies along its strip or across it; the remainder is cut off where it is wider than a kerf', () => {
  const regionsIn = (widthMm: number) =>
    layOut(
      box,
      10,
      spec([strip(0, widthMm, [60, 92], ['bar', 'bar', ''])], {
        kerfMm: 2,
        kinds: [{ id: 'bar', name: 'Bar', lengthMm: 60, widthMm: 30 }],
      }),
    )!.regions.map(({ lengthMm, widthMm: wideMm, kind }) => [kind, lengthMm, wideMm]);
  // The first lies along, the second, of 30 mm from 62, across.
  assert.deepEqual(regionsIn(64), [
    ['bar', 60, 30],
    ['', 60, 32],
    ['bar', 30, 60],
    ['', 30, 2],
    ['', 106, 64],
  ]);
  assert.deepEqual(
    regionsIn(62).map(([, , wideMm]) => wideMm),
    [30, 30, 60, 62],
  );
  // In a strip narrower than the piece type it is no wider than the strip.
  assert.deepEqual(
    regionsIn(20).map(([, , wideMm]) => wideMm),
    [20, 20, 20],
  );
});

test('strips that overlap, leave the slab, lie both ways or are consumed by kerfs are not a cut', () => {
  const laid = (strips: CutSpec['strips'], kerfMm = 0) => layOut(box, 10, spec(strips, { kerfMm }))?.regions.length;
  // Correct to a twentieth of a mm.
  assert.equal(laid([strip(0, 50), strip(49.96, 50)]), 2);
  assert.equal(laid([strip(0, 50), strip(49.9, 50)]), undefined);
  assert.equal(laid([strip(50, 50.04)]), 1);
  assert.equal(laid([strip(50, 50.1)]), undefined);
  assert.equal(laid([strip(0, 50), { ...strip(50, 50), along: 'width' as const }]), undefined);
  assert.equal(laid([strip(0, 50, [100, 100.5])], 1), undefined);
  // The last piece may be empty, where the last line is cut along the wall.
  assert.equal(laid([strip(0, 50, [100, 199.9])]), 3);
  assert.equal(laid([strip(0, 50, [100, 199.96])]), 2);
  assert.equal(laid([strip(0, 50, [100, 200])], 2), 2);
  assert.equal(laid([strip(0, 50, [100, 200.1])], 2), undefined);
  const strokes = (line: number) => layOut(box, 10, spec([strip(0, 100, [line])]))!.strokes.length;
  assert.deepEqual([strokes(199.9), strokes(199.97)], [1, 0]);
});
