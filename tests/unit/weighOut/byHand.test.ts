/** What to make and to weigh for small slabs, worked by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { batchesNeeded } from '$core/scale';
import { weighOutList, inOrderOfUse, poursOf, sharedMixturesOf, type PlannedWork } from '$core/weighOut';
import { larderOf, type Ingredient } from '$core/larder';
import { figuresIn } from '$core/measure';
import type { PotLine, Preparation } from '$core/slab';
import type { Vessel } from '$core/tin';
import { near } from '../figures';
import { ryeSlice } from '../things';

type Line = Partial<PotLine> & Pick<PotLine, 'ingredient' | 'quantity'>;

const line = (of: Line): PotLine => ({ unit: 'g', ...of });

interface Planned {
  readonly scaleFactor?: number;
  readonly massesG?: readonly (number | null)[];
  readonly vessel?: { readonly kind: 'pot' | 'bowl'; readonly volumeMl: number };
  readonly massOutG?: number;
  readonly inTinsG?: readonly number[];
}

/** A planned slab of one mixture; its lines weigh their amounts times the scale factor. */
function workOf(
  key: string,
  lines: readonly Line[],
  of: Partial<Preparation> = {},
  planned: Planned = {},
): PlannedWork {
  const { scaleFactor = 1, massesG, vessel = { kind: 'bowl', volumeMl: 1000 }, massOutG = 0, inTinsG = [] } = planned;
  const preparation = { id: 'p', name: 'Base', ...of, lines: lines.map(line) };
  return {
    key,
    slab: { ...ryeSlice, name: `Slab ${key}`, preparations: [preparation] } as PlannedWork['slab'],
    preparations: [
      {
        ...{ scaleFactor, massOutG, vessel, inTinsG },
        batches: batchesNeeded(preparation, scaleFactor),
        lines: lines.map(({ quantity }, l) => ({ massG: massesG ? massesG[l]! : quantity * scaleFactor })),
      },
    ],
  };
}

const SHELF: readonly Ingredient[] = [
  { name: 'butter', aliases: ['best butter'], heldG: 100, packs: [{ name: 'block', massG: 250, price: 2 }] },
  { name: 'salt' },
  { name: 'eggs', packs: [{ name: 'box', massG: 600, price: 3 }] },
] as readonly Ingredient[];

const gathered = (works: readonly PlannedWork[], vessels: readonly Vessel[] = [], owns?: ReadonlyMap<string, never>) =>
  weighOutList(
    works,
    { larder: larderOf(SHELF), measures: 'metric', scaleStepG: 1, figures: figuresIn(undefined, 'metric'), vessels },
    owns,
  );

test('lines go in with their step; those without a step, or with a missing one, go in first, in order', () => {
  const lines = [
    { ingredient: 'late', addedAt: 'second' },
    { ingredient: 'first' },
    { ingredient: 'middle', addedAt: 'first' },
    { ingredient: 'also first', addedAt: 'gone' },
    { ingredient: 'also late', addedAt: 'second' },
  ].map((of) => line({ quantity: 1, ...of }));
  const steps = ['zero', 'first', 'second'].map((id) => ({ id, text: id, minutes: 1 }));
  assert.deepEqual(inOrderOfUse({ lines, steps }), [1, 3, 2, 0, 4]);
  assert.deepEqual(inOrderOfUse({ lines }), [0, 1, 2, 3, 4]);
});

test('the same proportions make one mixture: masses, quantities and the vessel grow with the total', () => {
  const mixtures = sharedMixturesOf([
    workOf(
      'a',
      [
        { ingredient: 'butter', quantity: 100 },
        { ingredient: 'salt', quantity: 2, unit: 'tsp' },
      ],
      { maxScaleFactor: 2 },
      { scaleFactor: 2, massesG: [200, null], vessel: { kind: 'pot', volumeMl: 900 }, massOutG: 190 },
    ),
    // The same in half the amounts: 3 times these are 1.5 times those.
    workOf(
      'b',
      [
        { ingredient: ' Butter', quantity: 50 },
        { ingredient: 'salt', quantity: 1, unit: 'tsp' },
      ],
      { maxScaleFactor: 2 },
      { scaleFactor: 3, massesG: [150, null], massOutG: 140 },
    ),
  ]);
  assert.equal(mixtures.length, 1);
  const [mixture] = mixtures;
  assert.deepEqual(
    [mixture!.id, mixture!.name, mixture!.goesInto],
    [
      'a/p',
      'Base',
      [
        { key: 'a', slab: 'Slab a', massOutG: 190, inTinsG: [] },
        { key: 'b', slab: 'Slab b', massOutG: 140, inTinsG: [] },
      ],
    ],
  );
  // 2 + 3 / 2 times as much, in two batches of at most twice; 900 mL x 3.5 / 2 in all.
  near([mixture!.scaleFactor, mixture!.batches, mixture!.vessel.volumeMl], [3.5, 2, (900 * 3.5) / 2 / 2]);
  assert.equal(mixture!.vessel.kind, 'pot');
  assert.deepEqual(
    mixture!.lines.map(({ massG, quantity }) => [massG, quantity]),
    [
      [350, 350],
      [null, 7],
    ],
  );
});

test('where nothing is made of the first, the next counts by its own amounts', () => {
  const [mixture] = sharedMixturesOf([
    workOf('a', [{ ingredient: 'butter', quantity: 100 }], {}, { scaleFactor: 0 }),
    workOf('b', [{ ingredient: 'butter', quantity: 50 }], {}, { scaleFactor: 3 }),
  ]);
  assert.equal(mixture!.scaleFactor, 3);
});

test('another proportion, unit, state, step, pack, end point or name is another mixture; no lines make none', () => {
  const base: Line[] = [
    { ingredient: 'butter', quantity: 100 },
    { ingredient: 'salt', quantity: 2 },
  ];
  const count = (lines: readonly Line[], of: Partial<Preparation> = {}) =>
    sharedMixturesOf([workOf('a', base), workOf('b', lines, of)]).length;
  const second = (of: Partial<Line>): Line[] => [base[0]!, { ...base[1]!, ...of }];
  assert.equal(count(base), 1);
  assert.equal(count(second({})), 1);
  for (const of of [
    { ingredient: 'sea salt' },
    { quantity: 3 },
    { unit: 'oz' },
    { state: 'ground' },
    { addedAt: 'x' },
    { packG: 5 },
  ] as const)
    assert.equal(count(second(of)), 2, JSON.stringify(of));
  assert.equal(count(base, { name: 'Top' }), 2);
  assert.equal(count(base, { cookTo: { celsius: 115 } } as Partial<Preparation>), 2);
  assert.equal(count(base.map((of) => ({ ...of, unit: 'oz' as const }))), 2);
  assert.equal(count([]), 1);
  assert.deepEqual(sharedMixturesOf([workOf('a', [])]), []);
});

test('one ingredient under two names is weighed once; another unit or state stays apart, and so does another bowl', () => {
  const { items } = gathered([
    workOf(
      'a',
      [
        { ingredient: 'butter', quantity: 100 },
        { ingredient: 'best butter', quantity: 20 },
        { ingredient: 'butter', quantity: 30, state: 'melted' },
        { ingredient: 'butter', quantity: 1, unit: 'oz' },
        { ingredient: 'nothing', quantity: 0 },
      ],
      {},
      { massesG: [100, 20, 30, 28.35, 0] },
    ),
    workOf('b', [{ ingredient: 'butter', quantity: 40 }], { name: 'Top' }),
  ]);
  assert.deepEqual(
    items.map(({ key, name }) => [key, name]),
    [['butter', 'butter']],
  );
  const [butter] = items;
  assert.deepEqual(
    butter!.divisions.map(({ mixture, name, massG, measured, state }) => [mixture, name, massG, measured, state]),
    [
      ['a/p', 'Base', 120, '120 g', null],
      ['a/p', 'Base', 30, '30 g', 'melted'],
      ['a/p', 'Base', 28.35, '28 g', null],
      ['b/p', 'Top', 40, '40 g', null],
    ],
  );
  // Where units differ the total is given by mass.
  near([butter!.massG!], [218.35]);
  assert.equal(butter!.measured, '218 g');
  // 100 of 218.35 g are in stock: one block of 250 g at 2.
  assert.deepEqual([butter!.heldG, butter!.toBuy], [100, { packs: 1, pack: 'block', cash: 2 }]);
});

test('whole amounts in one unit are measured in that unit; where a part cannot be weighed there is no mass', () => {
  const spoons = gathered([
    workOf(
      'a',
      [
        { ingredient: 'salt', quantity: 1, unit: 'tsp' },
        { ingredient: 'salt', quantity: 1, unit: 'tsp', state: 'ground' },
      ],
      {},
      { massesG: [6, null] },
    ),
  ]).items[0]!;
  assert.deepEqual([spoons.massG, spoons.measured, spoons.toBuy], [null, '2 tsp', null]);
  const mixed = gathered([
    workOf(
      'a',
      [
        { ingredient: 'salt', quantity: 1, unit: 'tsp' },
        { ingredient: 'salt', quantity: 4 },
      ],
      {},
      { massesG: [null, 4] },
    ),
  ]).items[0]!;
  assert.deepEqual([mixed.massG, mixed.measured], [null, 'see below']);
  const unknown = gathered([workOf('a', [{ ingredient: 'moon dust', quantity: 5 }])]).items[0]!;
  assert.deepEqual([unknown.key, unknown.name, unknown.heldG, unknown.toBuy], ['moon dust', 'moon dust', null, null]);
});

test('two lines of which one cannot be weighed have no mass together; nothing is bought of it', () => {
  for (const massesG of [
    [null, 20],
    [20, null],
  ]) {
    const [eggs] = gathered([
      workOf(
        'a',
        [
          { ingredient: 'eggs', quantity: 1, unit: 'each' },
          { ingredient: 'eggs', quantity: 2, unit: 'each' },
        ],
        {},
        { massesG },
      ),
    ]).items;
    assert.deepEqual(
      [eggs!.massG, eggs!.measured, eggs!.divisions.length, eggs!.toBuy],
      [null, '3', 1, { packs: 0, pack: 'box', cash: 0 }],
    );
  }
});

test('the total is the cash for whole packs, of everything that has packs', () => {
  const { basket } = gathered([
    workOf('a', [
      { ingredient: 'butter', quantity: 700 },
      { ingredient: 'eggs', quantity: 650 },
      { ingredient: 'salt', quantity: 5 },
    ]),
  ]);
  // 600 g of butter are missing: 3 blocks at 2. Eggs: 2 boxes at 3.
  assert.equal(basket, 12);
});

test('a vessel that is just large enough is chosen, and one of the other kind is not', () => {
  const vessels: Vessel[] = [
    { name: 'big bowl', kind: 'bowl', volumeMl: 4000 },
    { name: 'bowl', kind: 'bowl', volumeMl: 1000 },
    { name: 'pot', kind: 'pot', volumeMl: 1500 },
  ];
  const named = (kind: 'pot' | 'bowl', volumeMl: number) =>
    gathered([workOf('a', [{ ingredient: 'salt', quantity: 1 }], {}, { vessel: { kind, volumeMl } })], vessels).vessels;
  assert.deepEqual(named('bowl', 1000), [
    { mixture: 'a/p', name: 'Base', kind: 'bowl', neededMl: 1000, batches: 1, pours: [], vessel: 'bowl' },
  ]);
  assert.equal(named('bowl', 1001)[0]!.vessel, 'big bowl');
  assert.equal(named('pot', 900)[0]!.vessel, 'pot');
  assert.equal(named('pot', 1600)[0]!.vessel, null);
});

test('a boil that fills one tin and a half goes on into the next', () => {
  const goesInto = [
    { key: 'a', slab: 'A', massOutG: 600, inTinsG: [300, 300] },
    { key: 'b', slab: 'B', massOutG: 300, inTinsG: [300] },
  ];
  assert.deepEqual(
    poursOf({ goesInto, batches: 2 }).map(({ boil, slab, tin, of, massG }) => [boil, slab, tin, of, massG]),
    [
      [1, 'A', 1, 2, 300],
      [1, 'A', 2, 2, 150],
      [2, 'A', 2, 2, 150],
      [2, 'B', 1, 1, 300],
    ],
  );
});

test('law: pours conserve the mass of every tin, and all boils are of one size', () => {
  const tins = fc.array(fc.double({ min: 1, max: 5000, noNaN: true }), { minLength: 1, maxLength: 4 });
  fc.assert(
    fc.property(fc.array(tins, { minLength: 1, maxLength: 4 }), fc.integer({ min: 1, max: 5 }), (works, batches) => {
      const goesInto = works.map((inTinsG, w) => ({ key: String(w), slab: String(w), massOutG: 0, inTinsG }));
      const pours = poursOf({ goesInto, batches });
      const sum = (of: typeof pours) => of.reduce((all, { massG }) => all + massG, 0);
      const allG = works.flat().reduce((all, massG) => all + massG, 0);
      works.forEach((inTinsG, w) =>
        inTinsG.forEach((massG, t) => {
          const own = pours.filter(({ key, tin }) => key === String(w) && tin === t + 1);
          assert.ok(Math.abs(sum(own) - massG) < 1e-6);
        }),
      );
      for (let boil = 1; boil <= batches; boil++)
        assert.ok(Math.abs(sum(pours.filter((pour) => pour.boil === boil)) - allG / batches) < 1e-6);
    }),
  );
});

test('batches keep their mixtures apart, unless one takes from the pot of the other', () => {
  const one = (key: string, takes?: PlannedWork['takes']) => ({
    ...workOf(key, [{ ingredient: 'butter', quantity: 100 }]),
    ...(takes ? { takes } : {}),
  });
  assert.equal(sharedMixturesOf([one('a', []), one('b', [])]).length, 2);
  assert.equal(sharedMixturesOf([one('a', []), one('b', [{ preparation: 'p', from: 'a' }])]).length, 1);
  assert.equal(sharedMixturesOf([one('a', []), one('b', [{ preparation: 'other', from: 'a' }])]).length, 2);
});

test('what is made together is made in as many boils as the largest pot asks for', () => {
  const pot = { kind: 'pot', volumeMl: 2000 } as const;
  const works = ['a', 'b', 'c'].map((key) =>
    workOf(key, [{ ingredient: 'butter', quantity: 100 }], {}, { vessel: pot }),
  );
  const boils = (potMl: number) => {
    const [mixture] = sharedMixturesOf(works, [{ name: 'pan', kind: 'pot', volumeMl: potMl }]);
    return [mixture!.batches, mixture!.vessel.volumeMl];
  };
  assert.deepEqual(boils(6000), [1, 6000]);
  assert.deepEqual(boils(5999), [2, 3000]);
});
