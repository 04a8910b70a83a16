/** The contents of a layer, which decide its behaviour. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { layerParts } from '$core/scale';
import { expandDividedLines } from '$core/slab';
import { scaleSlab } from '$core/usecases';
import { demoLarder, ryeSlice, shop } from '../things';

const laid = expandDividedLines(ryeSlice);
const { mixtures } = scaleSlab(laid, demoLarder, shop, {});
const [first, second] = laid.preparations;
const layer = (from: { preparation: string; share: number }[]) => ({ ...laid.layers[0]!, from });

test('what a layer is made of: its mixtures in order, each with its lines and their weights', () => {
  const parts = layerParts(
    layer([
      { preparation: second!.id, share: 0.5 },
      { preparation: first!.id, share: 1 },
    ]),
    laid,
    mixtures,
  );
  assert.deepEqual(
    parts.map(({ preparation, share, things }) => [preparation, share, things.map(({ name }) => name)]),
    [second!, first!].map((preparation, i) => [
      preparation,
      i === 0 ? 0.5 : 1,
      preparation.lines.map(({ ingredient }) => ingredient),
    ]),
  );
  assert.deepEqual(
    parts[1]!.things.map(({ massG }) => massG),
    mixtures[0]!.lines.map(({ massG }) => massG ?? 0),
  );
  assert.ok(parts.every(({ things }) => things.every(({ massG, ingredient }) => massG > 0 && ingredient !== null)));
});

test('nothing of a mixture that is missing, or of which the layer takes nothing', () => {
  const of = (preparation: string, share: number) => layerParts(layer([{ preparation, share }]), laid, mixtures).length;
  assert.deepEqual([of(first!.id, 0), of('no such', 1), of(first!.id, 0.01)], [0, 0, 1]);
});
