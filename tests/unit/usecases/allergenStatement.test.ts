/** What is known about a slab's allergens: declared, assumed from the starter list or a name, and unknown. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { ALLERGENS, larderOf, type Ingredient } from '$core/larder';
import type { Slab } from '$core/slab';
import { allergenStatement, undeclaredNames } from '$core/usecases';
import { scorePasted } from '../../bench/pastedRecipes';
import { demoLarder, starterIngredients } from '../things';
import { allergenText, containsText, unknownForText } from '$wording/allergens';

const slabOf = (names: readonly string[], unread: readonly string[] = []): Slab =>
  ({
    preparations: [
      { id: 'p', name: 'P', unread, lines: names.map((ingredient) => ({ ingredient, quantity: 1, unit: 'g' })) },
    ],
    layers: [],
  }) as unknown as Slab;

const larder = larderOf([
  { name: 'butter', allergens: ['milk'] },
  { name: 'caster sugar', allergens: [] },
  { name: 'secret syrup' },
  { name: 'praline', madeOf: [{ ingredient: 'hazelnuts' }, { ingredient: 'caster sugar' }] },
  { name: 'house crumb', madeOf: [{ ingredient: 'butter' }, { ingredient: 'mystery crumbs' }] },
  { name: 'hazelnuts', allergens: ['tree nuts'] },
] satisfies Ingredient[]);
const starter = larderOf([
  { name: 'peanut butter', aliases: ['smooth peanut butter'], allergens: ['peanut'] },
  { name: 'golden syrup', allergens: [] },
  { name: 'margarine' },
] satisfies Ingredient[]);
const of = (names: readonly string[], unread?: readonly string[]) =>
  allergenStatement(slabOf(names, unread), larder, starter);

test('layers of compounds that each contain the whole next layer are read once', () => {
  const layers = Array.from({ length: 30 }, (_, level) =>
    ['a', 'b', 'c'].map((side): Ingredient => ({
      name: `${side}${level}`,
      madeOf: ['a', 'b', 'c'].map((next) => ({ ingredient: level < 29 ? `${next}${level + 1}` : 'butter' })),
    })),
  );
  const layered = larderOf([...layers.flat(), { name: 'butter', allergens: ['milk'] }]);
  const expected = { contains: ['milk'], assumed: [], unknownFor: [] };
  assert.deepEqual(allergenStatement(slabOf(['a0']), layered, starter), expected);
});

test('a peanut and cracker slab: milk is declared, peanut assumed, and the crackers are unknown', () => {
  assert.deepEqual(of(['butter', 'caster sugar', 'smooth peanut butter', 'saltine squares']), {
    contains: ['milk'],
    assumed: ['peanut'],
    unknownFor: ['saltine squares'],
  });
});

test('a declaration of none is complete; a missing one is taken from the starter list', () => {
  assert.deepEqual(of(['caster sugar', 'golden syrup']), { contains: [], assumed: [], unknownFor: [] });
  assert.deepEqual(of(['secret syrup', 'margarine']).unknownFor, ['secret syrup', 'margarine']);
});

test('what a name states is assumed, and the rest of that ingredient stays unknown', () => {
  assert.deepEqual(of(['graham crackers']), {
    contains: [],
    assumed: ['gluten', 'wheat'],
    unknownFor: ['graham crackers'],
  });
});

test('components count, and an unknown component makes its ingredient unknown', () => {
  assert.deepEqual(of(['praline']), { contains: ['tree nuts'], assumed: [], unknownFor: [] });
  assert.deepEqual(of(['house crumb']), { contains: ['milk'], assumed: [], unknownFor: ['house crumb'] });
});

test('lines that were not recognised are unknown, cut to a readable length', () => {
  const text = 'a very long line that goes on and on about the moon dust from the top shelf';
  const { unknownFor } = of(['butter'], ['moon dust', text]);
  assert.deepEqual([unknownFor[0], unknownFor[1]!.length, unknownFor[1]!.endsWith('…')], ['moon dust', 60, true]);
});

test('an ingredient with an amount of 0 is not in the slab, and circular components are read to an end', () => {
  const none = slabOf(['peanut butter']);
  const zero = {
    ...none,
    preparations: [{ ...none.preparations[0]!, lines: [{ ...none.preparations[0]!.lines[0]!, quantity: 0 }] }],
  };
  assert.deepEqual(allergenStatement(zero, larder, starter), { contains: [], assumed: [], unknownFor: [] });
  const circle = larderOf([
    { name: 'a', madeOf: [{ ingredient: 'b' }] },
    { name: 'b', allergens: ['soya'], madeOf: [{ ingredient: 'a' }] },
  ]);
  assert.deepEqual(allergenStatement(slabOf(['a']), circle, starter).contains, ['soya']);
});

test('law: every ingredient is declared, listed or unknown, and no allergen is both contained and assumed', () => {
  const names = [
    'butter',
    'caster sugar',
    'secret syrup',
    'praline',
    'peanut butter',
    'golden syrup',
    'margarine',
    'fog',
  ];
  fc.assert(
    fc.property(fc.subarray(names), (chosen) => {
      const { contains, assumed, unknownFor } = of(chosen);
      assert.ok(contains.every((allergen) => !assumed.includes(allergen)));
      assert.ok([...contains, ...assumed].every((allergen) => ALLERGENS.includes(allergen)));
      const unknown = chosen.filter((name) => ['secret syrup', 'margarine', 'fog'].includes(name));
      assert.deepEqual(unknownFor, unknown);
    }),
  );
});

test('names to look up in the starter list: missing ones, and those without a declaration', () => {
  assert.deepEqual(undeclaredNames(['butter', 'secret syrup', 'fog', 'praline', 'caster sugar'], larder), [
    'secret syrup',
    'fog',
  ]);
});

test('the text states what is contained, assumed and unknown, and never "none" while something is unknown', () => {
  assert.equal(
    allergenText({ contains: ['milk'], assumed: ['peanut'], unknownFor: ['graham crackers', 'fog'] }),
    'Contains: milk, peanut (assumed). Unknown for: graham crackers and fog.',
  );
  assert.equal(allergenText({ contains: [], assumed: [], unknownFor: [] }), 'Contains: no declarable allergens.');
  assert.equal(containsText({ contains: [], assumed: [], unknownFor: ['fog'] }), 'unknown');
  assert.equal(unknownForText({ contains: ['milk'], assumed: [], unknownFor: [] }), '');
});

test('every allergen of sixty pasted recipes is stated, or reported as unknown for its ingredient, and no other', () => {
  const whole = larderOf(starterIngredients);
  for (const own of [larderOf([]), demoLarder]) assert.deepEqual(scorePasted(own, whole).missed, []);
});
