/** Tins and cuts for the tests: a square tin, and arbitrary ones for the laws. */
import fc from 'fast-check';
import type { CutSpec } from '$core/slab';
import type { Tin } from '$core/tin';

export const deepSquare: Tin = {
  shape: 'rectangle',
  lengthMm: 230,
  widthMm: 230,
  depthMm: 45,
  cornerMm: 10,
  flareDeg: 0,
};

export const real = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });

export const tins: fc.Arbitrary<Tin> = fc.oneof(
  fc.record({
    shape: fc.constant('rectangle' as const),
    lengthMm: real(80, 600),
    widthMm: real(80, 400),
    depthMm: real(15, 90),
    cornerMm: real(0, 40),
    flareDeg: fc.oneof(fc.constant(0), real(0, 25)),
  }),
  fc.record({
    shape: fc.constant('round' as const),
    diameterMm: real(80, 400),
    depthMm: real(15, 90),
    flareDeg: fc.oneof(fc.constant(0), real(0, 25)),
  }),
);

export const cuts: fc.Arbitrary<CutSpec> = fc.record({
  columns: fc.integer({ min: 1, max: 12 }),
  rows: fc.integer({ min: 1, max: 12 }),
  trimMm: fc.record({ left: real(0, 12), right: real(0, 12), front: real(0, 12), back: real(0, 12) }),
  kerfMm: real(0, 2),
});
