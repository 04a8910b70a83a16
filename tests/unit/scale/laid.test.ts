/** A stack laid in a straight tin, worked by hand: which layer lifts which, what a shell leaves, and what goes on the pieces last. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { stackIn, type Ask, type Ground } from '$core/scale';
import type { Layer, Spread } from '$core/slab';
import { insetTin, type Tin } from '$core/tin';
import { close, near } from '../figures';

const tin: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 50 };
const layer = (spread: Spread, part: Partial<Layer> = {}): Layer => ({
  id: spread,
  name: '',
  from: [],
  spread,
  ...part,
});

test('a coat, a level, films on both faces, a shell up to 40 mm, a level within it: each in its place', () => {
  const layers = [layer('coat'), layer('level'), layer('both-faces'), layer('shell', { wallMm: 40 }), layer('level')];
  const asks: Ask[] = [{ volumeMl: 100 }, { volumeMl: 200 }, { dose: 1 }, { dose: 2 }, { volumeMl: 188.16 }];
  const asked: [number, Ground][] = [];
  const cuts: [Tin, number][] = [];
  const { doses, places, heightMm } = stackIn(
    tin,
    layers,
    (of, atMm) => {
      cuts.push([of, atMm]);
      return { count: 10, surfaceMm2: 50_000 };
    },
    (at, ground) => {
      asked.push([at, ground]);
      return asks[at]!;
    },
  );
  // What goes on after cutting is calculated last, for the pieces of the whole tin.
  assert.deepEqual(
    asked.map(([at]) => at),
    [1, 2, 3, 4, 0],
  );
  assert.deepEqual(
    asked.map(([, { pieces }]) => pieces.count),
    [0, 0, 0, 0, 10],
  );
  assert.equal(cuts.length, 1);
  assert.equal(cuts[0]![0], tin);
  // 200 mL on 200 cm2 are 10 mm; two films of 1 mm; a floor of 2 mm; 188.16 mL in 196 x 96 mm are 10 mm.
  near([heightMm, cuts[0]![1]], [10 + 2 + 2 + 10, 24]);
  near(
    asked.map(([, { fromMm }]) => fromMm),
    [0, 10, 12, 14, 24],
  );
  near(
    places.map(({ fromMm }) => fromMm),
    [24, 1, 11, 12, 14],
  );
  near(
    places.map(({ thicknessMm }) => thicknessMm),
    [0, 10, 1, 2, 10],
  );
  near(
    places.map(({ footMm }) => footMm),
    [0, 0, 1, 0, 0],
  );
  assert.deepEqual(
    places.map(({ wallMm }) => wallMm),
    [null, null, null, 40, null],
  );
  const inside = insetTin(tin, 2);
  assert.deepEqual(
    places.map((place) => place.tin),
    [inside, tin, tin, tin, inside],
  );
  near(
    places.map(({ areaMm2 }) => areaMm2),
    [18_816, 20_000, 20_000, 20_000, 18_816],
  );
  near(
    doses.map(({ dose }) => dose),
    [2, 10, 1, 2, 10],
  );
  // 40 mL of films; a wall from 12 up to 40 mm and its floor, less what is left in it.
  near(
    doses.map(({ volumeMl }) => volumeMl),
    [100, 200, 40, (20_000 * 28 - 18_816 * 26) / 1000, 188.16],
  );
});

test('later films lift what is below them and not what comes on top; a level covers nothing of what it stands on', () => {
  const { places, heightMm } = stackIn(
    tin,
    [layer('level'), layer('both-faces'), layer('level'), layer('both-faces'), layer('scatter')],
    () => ({ count: 0, surfaceMm2: 0 }),
    (at) => ({ dose: [10, 1, 0, 0.5, 3][at]! }),
  );
  // The second pair of films is below the first one too.
  near(
    places.map(({ fromMm }) => fromMm),
    [1.5, 11.5, 12.5, 12.5, 13],
  );
  near([heightMm], [13]);
  near(
    places.map(({ areaMm2 }) => areaMm2),
    [20_000, 20_000, 20_000, 20_000, 20_000],
  );
  // Scattered, it adds no height.
  assert.equal(places[4]!.thicknessMm, 0);
  assert.ok(close(places[3]!.footMm, 0.5));
});

test('in a tin with sloping walls a level covers the mean of all its heights', () => {
  const flared: Tin = { ...tin, flareDeg: 45 };
  const { places } = stackIn(
    flared,
    [layer('level')],
    () => ({ count: 0, surfaceMm2: 0 }),
    () => ({ dose: 25 }),
  );
  // (200 + 2 h) x (100 + 2 h) from 0 to 25 mm, by its mean.
  near([places[0]!.areaMm2], [20_000 + 600 * 12.5 + (4 * 625) / 3]);
});
