/** What is proposed where nothing is decided: cuts, and how long a slab keeps. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { larderOf } from '$core/larder';
import { readMethod, slabFromMethod } from '$core/method';
import { readRecipe } from '$core/recipe';
import { plan, proposedCuts, proposedKeeping } from '$core/usecases';
import { waterActivityOf } from '$core/usecases/proposedKeeping';
import { close } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop, starterIngredients } from '../things';

const starter = larderOf(starterIngredients);
const slabOf = (text: string) => slabFromMethod(readMethod(readRecipe(text, 'metric', starter), '', 'metric'));
const keeps = (text: string) => {
  const found = proposedKeeping(slabOf(text), starter, shop)!;
  return [found.place, found.because];
};

test('an undecided cut has no pieces, no cost of a piece and a check; everything else is planned as before', () => {
  const { cut: _cut, ...uncut } = ryeSlice;
  const [before, after] = [plan(ryeSlice, demoLarder, shop), plan(uncut, demoLarder, shop)];
  assert.deepEqual([after.cut.pieces, after.cut.trimG, after.cost.perPiece], [[], 0, null]);
  assert.ok(after.checks.some(({ code }) => code === 'cut-undecided'));
  assert.ok(!after.checks.some(({ code }) => code === 'cut-does-not-fit'));
  assert.ok(close(after.slab.massG, before.slab.massG) && close(after.cost.used, before.cost.used));
  // An order of pieces decides the cut.
  const ordered = plan({ ...uncut, scale: { mode: 'pieces', count: 12, lengthMm: 40, widthMm: 40 } }, demoLarder, shop);
  assert.ok(ordered.cut.pieces.length > 0 && !ordered.checks.some(({ code }) => code === 'cut-undecided'));
});

test('law: each proposed cut covers the slab with pieces of about its usual mass, none of them a sliver', () => {
  for (const { cut: _cut, ...slab } of demoSlabs) {
    const found = proposedCuts(slab, demoLarder, shop);
    assert.ok(found.length >= 2, slab.name);
    for (const { cut, pieces, size, massG } of found) {
      const made = plan(slab, demoLarder, shop, { cut }).cut;
      const count = made.pieces.reduce((sum, kind) => sum + kind.count, 0);
      assert.ok(Math.abs(count - pieces) <= 1, slab.name);
      assert.ok(
        [15, 20, 40, 75].some((usual) => Math.abs(massG / usual - 1) < 0.25),
        `${slab.name}: ${massG} g`,
      );
      if (size) assert.ok(Math.max(size.lengthMm, size.widthMm) <= 3 * Math.min(size.lengthMm, size.widthMm));
    }
  }
});

test('what is brittle throughout is broken first; a slab without mass has no proposals', () => {
  const bark = demoSlabs.find(({ name }) => /bark/i.test(name))!;
  const fudge = demoSlabs.find(({ name }) => /penuche/i.test(name))!;
  const first = (slab: typeof bark) => proposedCuts({ ...slab, cut: undefined }, demoLarder, shop)[0]!.size;
  assert.equal(first(bark), null);
  assert.notEqual(first(fudge), null);
  assert.deepEqual(proposedCuts({ ...fudge, layers: [], cut: undefined }, demoLarder, shop), []);
});

test('water activity of sugar syrups after Money and Born: published values, and the order', () => {
  // Saturated sucrose at 25 °C: 203 g in 100 g of water, 0.86. A third of sucrose: 0.96 to 0.97.
  assert.ok(Math.abs(waterActivityOf(100, 203, 303) - 0.86) < 0.005);
  assert.ok(Math.abs(waterActivityOf(100, 50, 150) - 0.962) < 0.005);
  assert.equal(waterActivityOf(100, 0, 100), 1);
  for (let sugarsG = 0; sugarsG < 900; sugarsG += 50)
    assert.ok(waterActivityOf(100, sugarsG + 50, sugarsG + 150) < waterActivityOf(100, sugarsG, sugarsG + 100));
});

test('how long kinds of slabs usually keep: dry for months, sugary for weeks, moist for days, with cream or egg in the fridge', () => {
  assert.deepEqual(
    keeps(
      '250 g caster sugar\n200 g butter\n2 tbsp water\nMethod:\nBoil everything to 150 °C and pour into a 20 cm square tin.',
    ),
    ['room', 'dry'],
  );
  assert.deepEqual(
    keeps(
      '400 g caster sugar\n250 ml double cream\n60 g butter\n50 g glucose syrup\nMethod:\nBoil everything to 118 °C. Pour into a 20 cm square tin.',
    ),
    ['room', 'firm'],
  );
  const ganache =
    '200 ml double cream\n150 g dark chocolate\nMethod:\nWarm the cream, add the chocolate. Pour into a 20 cm square tin.';
  assert.deepEqual(keeps(ganache), ['fridge', 'cold']);
  assert.deepEqual(
    keeps(
      '250 g caster sugar\n4 eggs\n150 ml lemon juice\n60 g plain flour\nMethod:\nWhisk everything, pour into a 20 cm square tin and bake at 170 °C for 20 minutes.',
    ),
    ['fridge', 'cold'],
  );
  assert.deepEqual(
    keeps('500 g Greek yoghurt\n60 g honey\nMethod:\nMix, spread in a 20 cm square tin and freeze for 3 hours.'),
    ['freezer', 'frozen'],
  );
  // Of what nobody knows nothing is proposed.
  assert.equal(
    proposedKeeping(slabOf('200 g moon dust\nMethod:\nPress into a 20 cm square tin.'), starter, shop),
    null,
  );
});
