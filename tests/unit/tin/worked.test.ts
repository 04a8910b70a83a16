/** Figures of tins and linings worked by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  areaMm2At,
  asTin,
  insetTin,
  linerPapers,
  longestMm,
  outlineAt,
  sameTin,
  sheetOfArea,
  thicknessMmOf,
  tinInWords,
  volumeMlTo,
  withoutOutline,
  type SheetTin,
  type Tin,
} from '$core/tin';
import { close } from '../figures';

const box: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 };
const round: Tin = { shape: 'round', diameterMm: 200, depthMm: 50 };
const sheet: SheetTin = { shape: 'sheet', lengthMm: 400, widthMm: 300 };

test('lining of 300 x 200 x 40 mm: walls and flaps of 40 each way, or none where it is turned out', () => {
  assert.deepEqual(linerPapers(box, 'one sheet'), [{ lengthMm: 460, widthMm: 360, what: 'one sheet' }]);
  assert.deepEqual(linerPapers(box, 'turned out'), [{ lengthMm: 380, widthMm: 280, what: 'one sheet' }]);
  assert.deepEqual(linerPapers(box, 'crossed strips'), [
    { lengthMm: 460, widthMm: 200, what: 'strip along' },
    { lengthMm: 360, widthMm: 300, what: 'strip across' },
  ]);
  // A wall that leans by 45 degrees is 1.414 times as long as the tin is deep.
  const [leaning] = linerPapers({ ...box, flareDeg: 45 }, 'turned out');
  assert.ok(close(leaning!.lengthMm, 300 + 80 * Math.SQRT2));
});

test('lining of a round tin: a disc, a wall with 20 mm overlap, a strip to lift by; of a sheet: 20 mm all round', () => {
  const [disc, wall, strip] = linerPapers(round, 'one sheet');
  assert.deepEqual(disc, { lengthMm: 200, widthMm: 200, what: 'disc' });
  assert.ok(close(wall!.lengthMm, Math.PI * 200 + 20) && wall!.widthMm === 50 && wall!.what === 'wall');
  assert.deepEqual(strip, { lengthMm: 380, widthMm: 60, what: 'lifting strip' });
  assert.equal(linerPapers(round, 'turned out').length, 2);
  const small: SheetTin = { ...sheet, outlineMm: { length: 200, width: 290 } };
  assert.deepEqual(linerPapers(small, 'one sheet'), [{ lengthMm: 240, widthMm: 300, what: 'under the slab' }]);
});

test('a film on the walls leaves a smaller tin, and at least a millimetre of it', () => {
  assert.deepEqual(insetTin({ ...box, cornerMm: 12 }, 5), { ...box, lengthMm: 290, widthMm: 190, cornerMm: 7 });
  assert.deepEqual(insetTin({ ...box, cornerMm: 3 }, 5), { ...box, lengthMm: 290, widthMm: 190, cornerMm: 0 });
  assert.deepEqual(insetTin(box, 200), { ...box, lengthMm: 1, widthMm: 1, cornerMm: 0 });
  assert.deepEqual(insetTin(round, 5), { ...round, diameterMm: 190 });
  assert.deepEqual(insetTin(round, 500), { ...round, diameterMm: 1 });
});

test('outlines grow with the flare: at 45 degrees by a mm each side for each mm', () => {
  const flared: Tin = { ...box, flareDeg: 45, cornerMm: 10 };
  const { lengthMm, widthMm, cornerMm } = outlineAt(flared, 20);
  assert.deepEqual([lengthMm.toFixed(9), widthMm.toFixed(9), cornerMm], ['340.000000000', '240.000000000', 10]);
  assert.ok(
    close(outlineAt({ ...round, flareDeg: 45 }, 20).lengthMm, 240) && close(outlineAt(round, 20).cornerMm, 100),
  );
  assert.ok(close(areaMm2At({ ...box, cornerMm: 10 }, 0), 60_000 - (4 - Math.PI) * 100));
  assert.ok(close(volumeMlTo(box, 10), 600) && close(volumeMlTo(round, 10), Math.PI * 100));
  assert.deepEqual([thicknessMmOf(box, 0, 600), thicknessMmOf(box, 0, 0), thicknessMmOf(box, 0, -1)], [10, 0, 0]);
});

test('a sheet is as large as its outline, or entirely used; of an area it has its own proportions', () => {
  assert.deepEqual(asTin(sheet), {
    shape: 'rectangle',
    lengthMm: 400,
    widthMm: 300,
    depthMm: 0,
    cornerMm: 0,
    flareDeg: 0,
  });
  const outlined: SheetTin = { ...sheet, depthMm: 12, outlineMm: { length: 100, width: 90 } };
  assert.deepEqual(asTin(outlined), {
    shape: 'rectangle',
    lengthMm: 100,
    widthMm: 90,
    depthMm: 12,
    cornerMm: 0,
    flareDeg: 0,
  });
  assert.equal(asTin(box), box);
  const { lengthMm, widthMm } = outlineAt(sheetOfArea(sheet, 30_000), 0);
  assert.ok(close(lengthMm, 200) && close(widthMm, 150));
  assert.deepEqual(withoutOutline(outlined), { ...sheet, depthMm: 12, outlineMm: undefined });
  assert.equal(withoutOutline(round), round);
});

test('tins in words, told apart by their inside measures, and by their longest side', () => {
  assert.equal(tinInWords({ ...box, widthMm: 300, flareDeg: 4 }), '300 mm square, 40 deep, flared 4 degrees');
  assert.equal(tinInWords(box), '300 x 200 mm, 40 deep');
  assert.equal(tinInWords(round), '200 mm round, 50 deep');
  assert.equal(
    tinInWords({ ...sheet, depthMm: 10, outlineMm: { length: 1, width: 2 } }),
    '400 x 300 mm sheet, bars of 10, outline 1 x 2',
  );
  assert.equal(tinInWords(sheet), '400 x 300 mm sheet');
  assert.ok(sameTin(box, { ...box, cornerMm: 0, flareDeg: 0 }) && sameTin(sheet, { ...sheet, depthMm: undefined }));
  for (const part of [{ lengthMm: 301 }, { widthMm: 201 }, { depthMm: 41 }, { cornerMm: 1 }, { flareDeg: 1 }])
    assert.ok(!sameTin(box, { ...box, ...part } as Tin));
  for (const part of [{ diameterMm: 201 }, { depthMm: 51 }, { flareDeg: 1 }])
    assert.ok(!sameTin(round, { ...round, ...part } as Tin));
  for (const part of [{ lengthMm: 1 }, { widthMm: 1 }, { depthMm: 1 }, { outlineMm: { length: 1, width: 2 } }])
    assert.ok(!sameTin(sheet, { ...sheet, ...part }));
  assert.ok(!sameTin(box, round));
  assert.deepEqual([longestMm(box), longestMm(round), longestMm(sheet)], [300, 200, 400]);
});
