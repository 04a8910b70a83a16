/** Whose cups a recipe means. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { measuresOf } from '$core/recipe';

test('a recipe with cups and °F, inches or sticks is American; one without cups or signs says nothing', () => {
  for (const text of [
    '2 cups flour\n\nBake at 350°F.',
    '1 cup oats\nA 9-inch pan',
    '2 sticks butter',
    '1 tbsp oil, 350 F',
  ])
    assert.equal(measuresOf(text), 'us', text);
  for (const text of [
    '1 cup desiccated coconut\nA slice tin',
    '2 tbs golden syrup\n1 cup flour',
    '1 cup oats\nA lamington tin',
  ])
    assert.equal(measuresOf(text), 'au', text);
  for (const text of ['250 g flour\nBake at 350°F.', '1 cup flour\nBake at 180 °C.', '2 tsp salt', ''])
    assert.equal(measuresOf(text), null, text);
});
