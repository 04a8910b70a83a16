/** What a method leaves open or gets wrong: signs as end points, ingredients that no step names, steps that cannot be right. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { assumedOf, choicesFor, readMethod, slabFromMethod } from '$core/method';
import { grammarOf } from '$core/method/grammar';
import { sheetIn } from '$core/method/sheetIn';
import { signIn } from '$core/method/signs';
import { readRecipe } from '$core/recipe';
import { starterIngredients } from '../things';
import { larderOf } from '$core/larder';

const starter = larderOf(starterIngredients);
const read = (text: string, ...more: unknown[]) =>
  readMethod(readRecipe(text, 'metric', starter), '', 'metric', ...(more as []));
const recipe = (lines: string, ...sentences: string[]) => `${lines}\n\nMethod:\n${sentences.join('\n')}`;
const notes = (text: string) => read(text).method.steps.flatMap(({ note }) => note?.code ?? []);

test('where something goes is told from what is acted on', () => {
  for (const [clause, target, object] of [
    ['pour the hot syrup over the whites in a thin stream', 'the whites', 'hot syrup'],
    ['press the remaining dough into the lined tin with a spoon', 'the lined tin', 'remaining dough'],
    ['spread the ganache on top of the cooled caramel layer', 'the cooled caramel layer', 'ganache'],
    ['tip it onto the oiled slab of marble and fold', 'the oiled slab of marble', 'it'],
  ] as const) {
    const { targets, objects } = grammarOf(clause);
    assert.deepEqual(targets, [target], clause);
    assert.ok(objects.includes(object) && !objects.includes(target), clause);
  }
});

test('signs have their usual temperatures; an oven, a bowl or beaten eggs show none', () => {
  const said = (text: string) => signIn(text)?.sign;
  assert.equal(said('cook to a deep amber'), 'deep amber');
  assert.equal(said('boil until it is the colour of peanut butter'), 'peanut-butter brown');
  assert.equal(said('stir until it leaves the sides of the pan'), 'leaves the sides');
  assert.equal(said('simmer until thick and darker'), 'thick and darker');
  assert.equal(said('boil hard for 5 minutes'), undefined);
  const lines = '1 x 397 g tin condensed milk\n100 g butter\n100 g caster sugar\n2 eggs';
  const ends = (sentence: string) => read(recipe(lines, sentence)).method.steps.map(({ celsius }) => celsius);
  assert.deepEqual(ends('Cook the condensed milk, butter and sugar in a pan until thick and darker.'), [106]);
  assert.deepEqual(ends('Beat the eggs and sugar until thick and golden.'), [null]);
  assert.deepEqual(ends('Bake in the oven until deep golden.'), [null]);
});

test('the range of a sign is asked about, with its ends as answers; a temperature later in the same pot decides by itself', () => {
  const lines = '200 g caster sugar\n100 ml double cream';
  const text = recipe(lines, 'Melt the sugar in a pan until amber.', 'Add the cream.', 'Pour into a 20 cm square tin.');
  const [melt] = read(text).method.steps;
  assert.deepEqual(melt!.note, { code: 'sign-range', sign: 'amber', fromC: 165, toC: 174, takenC: 170 });
  assert.deepEqual(
    choicesFor(melt!).map(({ part }) => part),
    [{ celsius: 165 }, { celsius: 170 }, { celsius: 174 }],
  );
  assert.equal(read(text).slab.preparations[0]!.cookTo?.celsius, 170);
  const corrected = read(text, { 0: { ...melt!, celsius: 165, note: null, status: 'read' } });
  assert.equal(corrected.slab.preparations[0]!.cookTo?.celsius, 165);
  assert.deepEqual(
    notes(recipe(lines, 'Melt the sugar in a pan until amber.', 'Add the cream and boil to 118 °C.')),
    [],
  );
});

test('sugar boiled without an end point is asked about; a time, a temperature or other things in the pot answer it', () => {
  const lines = '400 g caster sugar\n200 ml double cream\n50 g butter\n100 g rolled oats';
  const boils = (sentence: string) => notes(recipe(lines, sentence)).includes('no-end-point');
  assert.ok(boils('Boil the sugar and cream, stirring.'));
  assert.ok(!boils('Boil the sugar and cream for 10 minutes.'));
  assert.ok(!boils('Boil the sugar and cream to 116 °C.'));
  assert.ok(!boils('Bring the butter, sugar and oats to the boil.'));
});

test('melted chocolate on a boil that has not cooled is asked about, and the answer lets it stand first', () => {
  const lines = '200 g caster sugar\n100 ml double cream\n50 g butter\n150 g dark chocolate';
  const tin = 'Pour into a 20 cm square tin.';
  const boil = 'Boil the sugar, cream and butter to 118 °C.';
  const text = recipe(lines, boil, tin, 'Melt the chocolate.', 'Pour the chocolate over the caramel.');
  const steps = read(text).method.steps;
  const at = steps.findIndex(({ note }) => note?.code === 'on-hot');
  assert.ok(at > 0);
  const [wait] = choicesFor(steps[at]!);
  const waited = read(text, { [at]: { ...steps[at]!, ...wait!.part, note: null, status: 'read' } });
  assert.equal(waited.slab.layers[0]!.set?.minMinutes, 45);
  assert.deepEqual(notes(recipe(lines, boil, tin, 'Cool for 1 hour.', 'Melt the chocolate and pour it over.')), []);
});

test('an ingredient that no step names is asked about, and goes where the maker says', () => {
  const lines =
    'For the base:\n200 g digestive biscuits\n90 g butter\n\nFor the top:\n200 g dark chocolate\n20 g sesame seeds';
  const text = recipe(
    lines,
    'Mix the biscuits with the butter and press into a 20 cm square tin.',
    'Melt the chocolate and pour it over.',
  );
  const first = read(text);
  assert.deepEqual(first.method.unnamed, [{ ingredient: 'sesame seeds', of: 'top' }]);
  const placed = read(text, {}, { 'sesame seeds': 'base' });
  assert.deepEqual(placed.method.unnamed, []);
  const has = (id: string) =>
    placed.slab.preparations.find((own) => own.id === id)!.lines.map(({ ingredient }) => ingredient);
  assert.ok(has('base').includes('sesame seeds') && !has('top').includes('sesame seeds'));
  // Without a method nothing is asked.
  assert.deepEqual(read(lines).method.unnamed, []);
});

test('spread freely: the thickness in its sentence, and the amounts decide the size; a tin or a sheet of a size does not', () => {
  assert.deepEqual(sheetIn(['Pour onto a lined baking sheet and spread to about 5 mm.']), { thicknessMm: 5 });
  assert.deepEqual(sheetIn(['Turn out on marble.', 'Roll out to 0.25 inch thick.']), { thicknessMm: 6.4 });
  assert.deepEqual(sheetIn(['Turn it out on the marble slab.', 'Roll it out to 6-8 mm.']), { thicknessMm: 7 });
  assert.deepEqual(sheetIn(['Spread over a silicone mat.']), { thicknessMm: null });
  assert.equal(sheetIn(['Pour into the tin.']), null);
  const lines = '400 g dark chocolate\n100 g hazelnuts';
  const bark = slabFromMethod(
    read(
      recipe(
        lines,
        'Melt the chocolate.',
        'Pour onto a baking sheet and spread to about 5 mm.',
        'Scatter over the hazelnuts.',
      ),
    ),
  );
  assert.deepEqual([bark.tin.shape, bark.layers[0]!.thicknessMm, bark.cut], ['sheet', 5, undefined]);
  const inTin = slabFromMethod(read(recipe(lines, 'Melt the chocolate and pour into a 20 x 30 cm tin.')));
  assert.equal(inTin.tin.shape, 'rectangle');
});

test('a cut that the recipe does not state stays undecided', () => {
  const cut = (...sentences: string[]) =>
    slabFromMethod(
      read(recipe('200 g dark chocolate', 'Melt the chocolate and pour into a 20 cm square tin.', ...sentences)),
    ).cut;
  assert.equal(cut(), undefined);
  assert.equal(cut('Cut into bars.'), undefined);
  assert.deepEqual([cut('Cut into 16.')!.columns, cut('Cut into 16.')!.rows], [4, 4]);
  assert.equal(cut('Break up.')!.way, 'break');
});

test('a line without an amount gets a usual one, which is listed as assumed; what is for the tin goes nowhere', () => {
  const lines = '200 g dark chocolate\n200 g marzipan\nsea salt\nicing sugar, for dusting\nbutter, for greasing';
  const whole = read(
    recipe(lines, 'Press the marzipan into a 20 cm square tin.', 'Melt the chocolate and spread it over.').concat(
      '\nSprinkle with sea salt. Dust with icing sugar and cut into 16.',
    ),
  );
  const slab = slabFromMethod(whole);
  const assumed = slab.preparations.flatMap(({ lines: own }) => own.filter(({ amountAssumed }) => amountAssumed));
  assert.deepEqual(
    assumed.map(({ ingredient, quantity, unit }) => [ingredient, quantity, unit]),
    [
      ['sea salt', 1, 'pinch'],
      ['icing sugar', 2, 'tbsp'],
    ],
  );
  assert.deepEqual(
    slab.layers.map(({ spread }) => spread),
    ['level', 'level', 'scatter', 'scatter'],
  );
  const paths = assumedOf(whole.method, slab).flatMap(({ code, path }) => (code === 'amount-not-stated' ? [path] : []));
  assert.equal(paths.length, 2);
  assert.ok(!JSON.stringify(slab.preparations.flatMap(({ lines: own }) => own)).includes('greasing'));
});

test('what is kept back without a share is asked about, and laid when it is named again', () => {
  const lines = '300 g flour\n200 g butter\n100 g caster sugar\n300 g apricot jam';
  const { steps } = read(
    recipe(lines, 'Rub the butter into the flour and sugar.', 'Reserve 1 cup of the crumb mixture.').concat(
      '\nPress the remaining mixture into a 20 cm square tin. Spread with the jam. Sprinkle with the reserved crumbs.',
    ),
  ).method;
  assert.deepEqual(
    steps.flatMap(({ note }) => note ?? []),
    [{ code: 'kept-back', share: 0.25 }],
  );
  assert.equal(steps.filter(({ lays }) => lays !== null).length, 3);
});

test('of two lines with one name the clause decides: by number, by use, by role', () => {
  const adds = (lines: string, sentence: string) =>
    read(recipe(lines, sentence)).method.steps.map(({ adds: own, shares }) => [own.length, Object.keys(shares).length]);
  const numbered = '100 g caster sugar (1)\n900 g caster sugar (2)\n20 g pectin';
  assert.deepEqual(adds(numbered, 'Mix the pectin with sugar (1).'), [[2, 0]]);
  const dusting = '100 g caster sugar\n30 g icing sugar, for dusting\n100 g flour';
  assert.deepEqual(adds(dusting, 'Sift the sugar and flour together.'), [[2, 0]]);
  const roles = '200 g dark chocolate (for the base)\n300 g dark chocolate (for the top)';
  const { slab } = read(
    recipe(`${roles}\n200 g marzipan`, 'Melt the chocolate for the base and spread it in a 20 cm square tin.').concat(
      '\nPress the marzipan over the chocolate. Melt the chocolate for the top and spread it over.',
    ),
  );
  const amounts = slab.layers.map(
    ({ from }) => slab.preparations.find(({ id }) => id === from[0]!.preparation)!.lines[0]!.quantity,
  );
  assert.deepEqual(amounts, [200, 200, 300]);
});
