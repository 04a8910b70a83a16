/** Boxes, wrappers and stacks, worked by hand and compared with exhaustive search. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { boxAnswers, packedIn, papersPerSheet, stackOnRound, levelOf, wrapPaper } from '$core/pack';

const piece = { lengthMm: 75, widthMm: 25, heightMm: 17, massG: 30 };

test('a box by hand: 160 x 110 x 30 holds 8 fingers of 75 x 25 a level, and one level', () => {
  const [answer] = boxAnswers(piece, 24, [{ name: 'flat', lengthMm: 160, widthMm: 110, heightMm: 30, price: 0.3 }], 1);
  assert.equal(answer!.layout.length, 8);
  assert.equal(answer!.levels, 1);
  assert.equal(answer!.boxes, 3);
  assert.equal(answer!.cost, 0.3 * 3);
  assert.ok(Math.abs(answer!.fill - (24 * 75 * 25 * 17) / (3 * 160 * 110 * 30)) < 1e-12);
});

test('rows in both orientations hold what no grid does: 5 of 30 x 20 in 60 x 55, where grids hold 4', () => {
  const small = { lengthMm: 30, widthMm: 20, heightMm: 10, massG: 5 };
  const layout = levelOf({ lengthMm: 60, widthMm: 55 }, small);
  assert.equal(layout.length, 5);
  assert.deepEqual(new Set(layout.map(({ turned }) => turned)), new Set([true, false]));
});

test('levels with paper between: 55 mm hold three of 17 mm and two papers of 2 mm, and not with 3 mm', () => {
  const box = [{ name: 'tall', lengthMm: 80, widthMm: 30, heightMm: 55 }];
  assert.equal(boxAnswers(piece, 9, box, 2)[0]!.perBox, 3);
  assert.equal(boxAnswers(piece, 9, box, 2.1)[0]!.perBox, 2);
  assert.deepEqual(boxAnswers(piece, 9, [{ name: 'low', lengthMm: 80, widthMm: 30, heightMm: 16 }]), []);
});

test('law: pieces of a level lie within the box without overlap, and no arrangement of rows holds more', () => {
  const side = fc.integer({ min: 15, max: 90 });
  fc.assert(
    fc.property(
      fc.integer({ min: 20, max: 400 }),
      fc.integer({ min: 20, max: 400 }),
      side,
      side,
      (length, width, l, w) => {
        const piece = { lengthMm: l, widthMm: w, heightMm: 10, massG: 1 };
        const layout = levelOf({ lengthMm: length, widthMm: width }, piece);
        const placed = layout.map(({ xMm, yMm, turned }) => {
          const [along, across] = turned ? [w, l] : [l, w];
          return [xMm, yMm, xMm + along, yMm + across] as const;
        });
        for (const [x, y, right, back] of placed)
          assert.ok(x >= 0 && y >= 0 && right <= length + 1e-6 && back <= width + 1e-6);
        placed.forEach((a, i) =>
          placed.slice(i + 1).forEach((b) => {
            assert.ok(a[2] <= b[0] + 1e-6 || b[2] <= a[0] + 1e-6 || a[3] <= b[1] + 1e-6 || b[3] <= a[1] + 1e-6);
          }),
        );
        // Every number of rows in each orientation, along either side.
        let most = 0;
        for (const [a, b] of [
          [length, width],
          [width, length],
        ] as const)
          for (let straight = 0; straight * w <= b; straight++)
            for (let turned = 0; straight * w + turned * l <= b; turned++)
              most = Math.max(most, straight * Math.floor(a / l) + turned * Math.floor(a / w));
        assert.equal(layout.length, most);
      },
    ),
  );
});

test('the box with the least waste comes first', () => {
  const boxes = [
    { name: 'large', lengthMm: 300, widthMm: 200, heightMm: 60 },
    { name: 'snug', lengthMm: 150, widthMm: 100, heightMm: 17 },
  ];
  assert.deepEqual(
    boxAnswers(piece, 8, boxes).map(({ box, boxes: many }) => [box, many]),
    [
      ['snug', 1],
      ['large', 1],
    ],
  );
});

test('wrappers by hand: a parcel round 48 x 28 x 16, and a twist', () => {
  const piece = { lengthMm: 48, widthMm: 28, heightMm: 16, massG: 20 };
  assert.deepEqual(wrapPaper(piece, 'parcel'), { roundMm: 98, alongMm: 72 });
  assert.deepEqual(wrapPaper(piece, 'twist'), { roundMm: 98, alongMm: 104 });
  // 450 x 350: 6 x 3 = 18 one way, 4 x 4 = 16 the other.
  assert.equal(papersPerSheet({ lengthMm: 450, widthMm: 350 }, { alongMm: 72, roundMm: 98 }), 18);
});

test('a stack on a round board: four squares of 40 in a circle of 120, one on top of the next', () => {
  const square = { lengthMm: 40, widthMm: 40, heightMm: 20, massG: 40 };
  // Two rows of two have their corners 57 mm from the middle; a row of three would need 126 mm.
  assert.deepEqual(stackOnRound(square, 120, 3, 30), { levels: [4, 1], pieces: 5, heightMm: 40 });
});

test('packed as chosen: wrappers and boxes, bags by mass, and packaging that the shop does not have', () => {
  const things = {
    boxes: [{ name: 'flat', lengthMm: 160, widthMm: 110, heightMm: 30, price: 0.3 }],
    bags: [{ name: 'bag', holdsG: 100, price: 0.1 }],
    wraps: [{ name: 'paper', fold: 'parcel' as const, lengthMm: 450, widthMm: 350, price: 0.05 }],
  };
  const boxed = packedIn({ in: 'flat', pieces: 6, wrap: 'paper' }, things, piece, 24);
  assert.deepEqual([boxed.perPack, boxed.packs], [6, 4]);
  // 100.5 x 94 papers: 4 x 3 from a sheet, so two sheets.
  assert.equal(boxed.wrap!.sheets, 2);
  assert.ok(Math.abs(boxed.cost - (4 * 0.3 + 2 * 0.05)) < 1e-12);
  assert.deepEqual(
    [packedIn({ in: 'bag' }, things, piece, 24).perPack, packedIn({ in: 'bag' }, things, piece, 24).packs],
    [3, 8],
  );
  assert.equal(packedIn({ in: 'crate' }, things, piece, 24).container, null);
  assert.equal(packedIn(undefined, things, piece, 24).cost, 0);
});
