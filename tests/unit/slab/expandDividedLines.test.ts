import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { plan, writtenForItsTin } from '$core/usecases';
import { expandDividedLines, parseSlab, withoutPreparation, type Line, type Slab } from '$core/slab';
import { slabs } from '../anySlab';
import { close, sum } from '../figures';
import { demoLarder, ryeSlice, shop } from '../things';
import { deepSquare } from '../tins';

/** The rye slice with a can of evaporated milk written in the caramel, a part of it in the base. */
const canned = (share: number): Slab => {
  const can: Line = {
    ingredient: 'evaporated milk',
    quantity: 1,
    unit: 'pack',
    divided: [{ share, preparation: 'base' }],
  };
  return {
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((preparation) =>
      preparation.id === 'treacle' ? { ...preparation, lines: [...preparation.lines, can] } : preparation,
    ),
  };
};

test('law: the parts of a divided line add up to it, wherever they go', () => {
  fc.assert(
    fc.property(
      slabs,
      fc.array(fc.tuple(fc.nat(), fc.nat(), fc.nat(), fc.double({ min: 0, max: 0.5, noNaN: true }))),
      (slab, cuts) => {
        const preparations = slab.preparations.map((preparation, p) => ({
          ...preparation,
          lines: preparation.lines.map((line, l) => {
            const parts = cuts
              .filter(([at, which]) => at % slab.preparations.length === p && which % preparation.lines.length === l)
              .slice(0, 2)
              .map(([, , to, share]) => ({ share, preparation: slab.preparations[to % slab.preparations.length]!.id }));
            return parts.length > 0 ? { ...line, divided: parts } : line;
          }),
        }));
        const before = { ...slab, preparations };
        const after = expandDividedLines(before);
        for (const [p, { lines }] of preparations.entries()) {
          lines.forEach((line, l) => {
            const parts = after.preparations.flatMap((preparation) =>
              preparation.lines.filter(({ part }) => part?.p === p && part.l === l),
            );
            if (line.divided) assert.ok(close(sum(parts.map(({ quantity }) => quantity)), line.quantity));
          });
        }
        // Rewritten for its tin, a divided slab makes the same slab.
        const made = { ...before, tins: [{ tin: deepSquare, count: 1 }] };
        const again = plan(writtenForItsTin(made, demoLarder, shop), demoLarder, shop);
        const now = plan(made, demoLarder, shop);
        now.layers.forEach(({ massG }, at) => assert.ok(close(massG, again.layers[at]!.massG, 1e-6)));
      },
    ),
    { numRuns: 60 },
  );
});

test('one can in two mixtures is one can: weighed by its parts, bought whole', () => {
  const planned = plan(canned(0.25), demoLarder, shop, { tins: [{ tin: deepSquare, count: 1 }] });
  const [base, caramel] = planned.preparations;
  assert.ok(close(base!.lines.at(-1)!.massG!, 340 * 0.25 * base!.scaleFactor, 1e-9));
  assert.ok(close(caramel!.lines.at(-1)!.massG!, 340 * 0.75 * caramel!.scaleFactor, 1e-9));
  const [can] = planned.wholeThings;
  assert.equal(can!.ingredient, 'evaporated milk');
  assert.equal(can!.lines.length, 2);
  assert.ok(close(can!.exact, 0.25 * base!.scaleFactor + 0.75 * caramel!.scaleFactor));
});

test('a part for a removed mixture stays where its line is written', () => {
  const slab = withoutPreparation(canned(0.25), 0);
  assert.deepEqual(slab.preparations[0]!.lines.at(-1)!.divided, []);
  const known = canned(0.25);
  const lost = { ...known, preparations: known.preparations.slice(1), layers: [] };
  const read = parseSlab(JSON.parse(JSON.stringify(lost)));
  assert.ok(!read.ok && /^\/preparations\/0\/lines\/\d+\/divided\/0\/preparation$/.test(read.problems[0]!.path));
  assert.ok(parseSlab(JSON.parse(JSON.stringify(canned(1)))).ok);
  const over = canned(0.6);
  const twice = {
    ...over,
    preparations: over.preparations.map((preparation) => ({
      ...preparation,
      lines: preparation.lines.map((line) =>
        line.divided ? { ...line, divided: [...line.divided, ...line.divided] } : line,
      ),
    })),
  };
  const refused = parseSlab(JSON.parse(JSON.stringify(twice)));
  assert.ok(!refused.ok && refused.problems[0]!.code === 'parts-over-whole');
});
