/** Beaten layers hold air: their kinds and usual densities, and a layer's volume with it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { foamOf, type LayerPart } from '$core/classify';
import { larderOf } from '$core/larder';
import { readMethod, slabFromMethod } from '$core/method';
import { readRecipe } from '$core/recipe';
import { plan } from '$core/usecases';
import { near } from '../figures';
import { shop, starterIngredients } from '../things';

const starter = larderOf(starterIngredients);
const part = (things: Record<string, number>, preparation: LayerPart['preparation'] = {}): LayerPart => ({
  preparation,
  things: Object.entries(things).map(([name, massG]) => ({ name, ingredient: starter.get(name) ?? null, massG })),
  share: 1,
});
const beat = { steps: [{ id: 'beat', text: 'Beat', minutes: 5 }] };
const bake = { id: 'bake', text: 'Bake', minutes: 20, ovenC: 170 };
const kind = (...parts: LayerPart[]) => foamOf(parts)?.kind ?? null;

test('each kind of foam is known by what is beaten in it; the same things stirred hold no air', () => {
  const syrup = part({ 'caster sugar': 300, water: 100 }, { cookTo: { celsius: 121 } });
  const whites = { 'egg white': 60 };
  assert.equal(kind(syrup, part(whites, beat)), 'nougat');
  assert.equal(kind(part({ ...whites, 'caster sugar': 120 }, beat)), 'meringue');
  assert.equal(
    kind(part({ 'caster sugar': 300, water: 100, gelatine: 15 }, { ...beat, cookTo: { celsius: 115 } })),
    'marshmallow',
  );
  assert.equal(kind(part({ 'whipping cream': 300, 'icing sugar': 30 }, beat)), 'whipped cream');
  assert.equal(kind(part({ butter: 100, 'icing sugar': 200 }, beat)), 'butter cream');
  const cake = { 'whole egg': 200, 'caster sugar': 120, 'plain flour': 120 };
  assert.equal(kind(part(cake, { steps: [...beat.steps, bake] })), 'sponge');
  const flat: readonly Record<string, number>[] = [
    whites,
    { 'whipping cream': 300 },
    { butter: 100, 'icing sugar': 200 },
    cake,
  ];
  for (const stirred of flat)
    assert.equal(kind(part(stirred, { steps: [{ id: 'mix', text: 'Stir together', minutes: 5 }] })), null);
  // Butter rubbed with flour, and a brownie, are no foams.
  assert.equal(kind(part({ butter: 100, 'icing sugar': 100, 'plain flour': 200 }, beat)), null);
  assert.equal(kind(part({ ...cake, 'dark chocolate': 200 }, { steps: [...beat.steps, bake] })), null);
  assert.equal(foamOf([]), null);
});

test('a nougat is half as dense as its syrup; nuts in it hold no air, and a density of its own wins', () => {
  const text = (nuts: string) => `300 g caster sugar\n100 g glucose syrup\n100 ml water\n60 g egg white\n${nuts}
Method:
Boil the sugar, glucose syrup and water to 145 °C.
Whisk the egg whites to soft peaks, pour in the syrup and whisk until thick.${nuts ? '\nFold in the almonds.' : ''}
Scrape into a 20 cm square tin.`;
  const slab = (nuts = '') => slabFromMethod(readMethod(readRecipe(text(nuts), 'metric', starter), '', 'metric'));
  const layer = (of: ReturnType<typeof slab>) => plan(of, starter, shop).slabs[0]!.layers[0]!;
  const [plain, nutty] = [layer(slab()), layer(slab('200 g almonds'))];
  near([plain.massG / plain.volumeMl], [0.9]);
  assert.ok(nutty.massG / nutty.volumeMl > 0.9);
  const own = slab();
  const given = layer({ ...own, layers: own.layers.map((one) => ({ ...one, densityGPerMl: 0.7 })) });
  near([given.massG / given.volumeMl], [0.7]);
});
