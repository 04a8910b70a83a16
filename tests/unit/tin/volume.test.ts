import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { areaMm2At, outlineAt, sameTin, thicknessMmOf, tinInWords, volumeMlTo, type Tin } from '$core/tin';
import { tins } from '../tins';
import { close } from '../figures';

const heights = fc.double({ min: 0.1, max: 120, noNaN: true });

test('law: volume is the integral of area (Simpson over 200 slices)', () => {
  fc.assert(
    fc.property(tins, heights, (tin, height) => {
      const n = 200;
      let sum = 0;
      for (let i = 0; i < n; i++) {
        const at = (part: number) => areaMm2At(tin, ((i + part) * height) / n);
        sum += (at(0) + 4 * at(0.5) + at(1)) * (height / n / 6);
      }
      assert.ok(close(volumeMlTo(tin, height), sum / 1000, 1e-9));
    }),
  );
});

test('law: area matches a fine grid of points', () => {
  fc.assert(
    fc.property(tins, (tin) => {
      const { lengthMm: a, widthMm: b, cornerMm: r } = outlineAt(tin, 10);
      const n = 400;
      let inside = 0;
      for (let i = 0; i < n; i++)
        for (let j = 0; j < n; j++) {
          const dx = Math.max(0, Math.abs(((i + 0.5) / n - 0.5) * a) - (a / 2 - r));
          const dy = Math.max(0, Math.abs(((j + 0.5) / n - 0.5) * b) - (b / 2 - r));
          if (dx * dx + dy * dy <= r * r || (dx === 0 && dy === 0)) inside += 1;
        }
      assert.ok(close(areaMm2At(tin, 10) / (a * b), inside / n / n, 2e-3));
    }),
    { numRuns: 20 },
  );
});

test('law: a volume laid at a height is as thick as it takes to hold it', () => {
  fc.assert(
    fc.property(tins, heights, heights, (tin, from, thickness) => {
      const volume = volumeMlTo(tin, from + thickness) - volumeMlTo(tin, from);
      assert.ok(close(thicknessMmOf(tin, from, volume), thickness, 1e-7));
    }),
  );
});

test('published shapes: a litre in a box, a cylinder, a frustum', () => {
  const box: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 50 };
  assert.equal(volumeMlTo(box, 50), 1000);
  assert.equal(thicknessMmOf(box, 0, 1000), 50);
  const can: Tin = { shape: 'round', diameterMm: 100, depthMm: 100 };
  assert.ok(close(volumeMlTo(can, 100), (Math.PI * 2500 * 100) / 1000));
  // A frustum of a cone: pi h (R1^2 + R1 R2 + R2^2) / 3.
  const bowl: Tin = { shape: 'round', diameterMm: 100, depthMm: 50, flareDeg: 45 };
  assert.ok(close(volumeMlTo(bowl, 50), (Math.PI * 50 * (50 ** 2 + 50 * 100 + 100 ** 2)) / 3 / 1000));
  assert.equal(thicknessMmOf(box, 10, 0), 0);
});

test('tins are named by their shape and told apart by their inside measures', () => {
  const square: Tin = { shape: 'rectangle', lengthMm: 230, widthMm: 230, depthMm: 45 };
  assert.equal(tinInWords(square), '230 mm square, 45 deep');
  assert.equal(
    tinInWords({ shape: 'round', diameterMm: 260, depthMm: 40, flareDeg: 4 }),
    '260 mm round, 40 deep, flared 4 degrees',
  );
  assert.ok(sameTin(square, { ...square, cornerMm: 0, flareDeg: 0 }));
  assert.ok(!sameTin(square, { ...square, cornerMm: 8 }));
});
