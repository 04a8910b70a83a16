/** Tins for a batch that overflows, and an order in the slab's own pieces. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { inTins } from '$core/slab';
import { heightsOf, pieceSizeFor, plan, tinsThatHold } from '$core/usecases';
import { demoLarder, demoShop, demoSlabs, ryeSlice } from '../things';

const rack = demoShop.rack ?? [
  { name: 'deep square', tin: { shape: 'rectangle', lengthMm: 300, widthMm: 300, depthMm: 60 }, count: 1 },
];

test('three times the amounts overflow their tin: as few of the own tin as hold them come first, and every proposal holds', () => {
  const tripled = inTins(ryeSlice, [{ tin: ryeSlice.tin, count: 1 }], { mode: 'scaleFactor', by: 3 });
  assert.ok(plan(tripled, demoLarder, demoShop).checks.some(({ code }) => code === 'tin-overflow'));
  const heights = heightsOf(tripled, demoLarder, demoShop);
  const found = tinsThatHold(tripled, rack, 3, heights);
  assert.equal(found[0]!.name, null);
  assert.deepEqual(found[0]!.tins, [{ tin: ryeSlice.tin, count: 2 }]);
  for (const { tins, scale, heightMm } of found) {
    const made = plan(inTins(tripled, tins, scale), demoLarder, demoShop);
    assert.ok(!made.checks.some(({ code }) => code === 'tin-overflow'));
    assert.ok(Math.abs(made.slab.heightMm - heightMm) < 1e-6);
    assert.equal(made.preparations[0]!.scaleFactor, 3);
  }
});

test('law: an order in the slab’s own pieces cuts the slab as before', () => {
  for (const slab of demoSlabs) {
    if (slab.cut?.way !== undefined && slab.cut.way !== 'grid') continue;
    if (slab.cut?.kinds || slab.cut?.shape) continue;
    const now = plan(slab, demoLarder, demoShop);
    const size = pieceSizeFor(now, {})!;
    const ordered = plan({ ...slab, scale: { mode: 'pieces', count: 100, ...size } }, demoLarder, demoShop);
    const whole = (of: typeof now) =>
      of.cut.pieces.reduce((sum, { kind, count }) => sum + (kind === 'piece' ? count : 0), 0);
    assert.equal(whole(ordered), whole(now), slab.name);
    const [a, b] = [ordered.cut.pieces[0]!.massG, now.cut.pieces[0]!.massG];
    // In a flared tin the outer pieces of the slab are a little larger at the top.
    assert.ok(Math.abs(a - b) < 0.005 * b, `${slab.name}: ${a} ${b}`);
  }
});
