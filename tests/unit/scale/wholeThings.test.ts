import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { plan } from '$core/usecases';
import { deepSquare, tins } from '../tins';
import { close, sum } from '../figures';
import { demoLarder, demoSlabs, shop } from '../things';

const cloud = demoSlabs.find(({ name }) => name === 'Buckthorn cloud bar')!;

test('in the base recipe all packs and eggs are whole', () =>
  assert.deepEqual(plan(cloud, demoLarder, shop).wholeThings, []));

test('law: an answer in whole eggs or packs is whole, and close to the request', () => {
  fc.assert(
    fc.property(tins, (tin) => {
      const into = [{ tin, count: 1 }];
      for (const { lines, exact, options } of plan(cloud, demoLarder, shop, { tins: into }).wholeThings) {
        assert.ok(options.length > 0);
        for (const { count, scaleFactor } of options) {
          assert.ok(Number.isInteger(count) && count > 0 && Math.abs(count - exact) < 1);
          const made = plan(cloud, demoLarder, shop, { tins: into, scale: { mode: 'scaleFactor', by: scaleFactor } });
          assert.ok(close(sum(lines.map(({ p, l }) => made.preparations[p]!.lines[l]!.quantity)), count));
        }
      }
    }),
  );
});

test('the cloud bar in a square tin needs part of an egg white', () => {
  const [egg] = plan(cloud, demoLarder, shop, { tins: [{ tin: deepSquare, count: 1 }] }).wholeThings;
  assert.equal(egg!.ingredient, 'pasteurised egg white');
  assert.ok(egg!.exact > 4 && egg!.exact < 5);
  assert.deepEqual(egg!.options, [
    { count: 4, scaleFactor: 1 },
    { count: 5, scaleFactor: 1.25 },
  ]);
});
