/** Figures of weighing and scaling worked by hand, for every constant that matters. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { larderOf, type Ingredient } from '$core/larder';
import { batchesNeeded, mixtureOf, SPREAD, usualMaxScaleFactor, vesselNeed } from '$core/scale';
import type { Layer, Preparation, Slab } from '$core/slab';
import { plan, writtenForItsTin } from '$core/usecases';
import { close } from '../figures';
import { demoLarder, ryeSlice, shop } from '../things';

const sugar: Ingredient = { name: 'sugar', composition: { water: 0, sugars: 100, fat: 0, protein: 0, other: 0 } };
const water: Ingredient = { name: 'water', composition: { water: 100, sugars: 0, fat: 0, protein: 0, other: 0 } };
const grain: Ingredient = { ...sugar, name: 'grain', grainMm: 4, densityGPerMl: 0.5, densities: { fine: 0.8 } };
const larder = larderOf([sugar, water, grain, { name: 'dust' }]);
const made = (of: readonly [string, number][], rest: Partial<Preparation> = {}) =>
  mixtureOf(
    { id: 'p', name: 'P', lines: of.map(([ingredient, quantity]) => ({ ingredient, quantity, unit: 'g' })), ...rest },
    larder,
    undefined,
    'metric',
  );
const bake = [{ id: 'b', text: 'Bake', minutes: 20, ovenC: 160 }];

test('what sticks: 1 % of a mix, 3 % of a boil, or as stated; where it bakes, the stated loss evaporates', () => {
  const mix = made([['sugar', 200]]);
  assert.ok(close(mix.massOutG, 198) && close(mix.stuckG, 2) && mix.evaporatedG === 0);
  const said = made([['sugar', 200]], { lossPercent: 5 });
  assert.ok(close(said.massOutG, 190) && close(said.stuckG, 10));
  const baked = made([['sugar', 200]], { lossPercent: 5, steps: bake });
  assert.ok(close(baked.massOutG, 190) && close(baked.evaporatedG, 10) && close(baked.stuckG, 0));
  const unsaid = made([['sugar', 200]], { steps: bake });
  assert.ok(close(unsaid.stuckG, 2) && unsaid.evaporatedG === 0);
  const boil = made(
    [
      ['sugar', 300],
      ['water', 100],
    ],
    { cookTo: { celsius: 120 } },
  );
  assert.ok(boil.evaporatedG > 55 && close(boil.massOutG, (400 - boil.evaporatedG) * 0.97));
  const warmed = made(
    [
      ['sugar', 300],
      ['water', 100],
    ],
    { cookTo: { celsius: 100 } },
  );
  assert.ok(warmed.boil === null && !warmed.boilUnknown && close(warmed.massOutG, 396));
  // Cooked without an end point that boils: the given loss evaporates.
  const simmered = made([['sugar', 200]], {
    lossPercent: 10,
    steps: [{ id: 's', text: 'Simmer', minutes: 5, cooks: true }],
  });
  assert.ok(close(simmered.evaporatedG, 20));
});

test('a boil is calculated where nine tenths are known and a twentieth is sugar', () => {
  const unknown = (dust: number, sweet = 90) =>
    made(
      [
        ['sugar', sweet],
        ['water', 100 - dust - sweet],
        ['dust', dust],
      ],
      { cookTo: { celsius: 120 } },
    ).boilUnknown;
  assert.deepEqual([unknown(10), unknown(10.1, 80)], [false, true]);
  const share = (sweet: number) =>
    made(
      [
        ['sugar', sweet],
        ['water', 100 - sweet],
      ],
      { cookTo: { celsius: 120 } },
    ).boilUnknown;
  assert.deepEqual([share(5), share(4.9)], [false, true]);
  // And its density and water where nine tenths are known.
  assert.equal(
    made([
      ['sugar', 90],
      ['dust', 10],
    ]).densityFrom,
    'composition',
  );
  const half = made([
    ['sugar', 89],
    ['dust', 11],
  ]);
  assert.deepEqual([half.densityFrom, half.densityGPerMl, half.waterShare, half.grams], ['assumed', 1, null, null]);
  assert.deepEqual(
    [made([]).densityFrom, made([['sugar', 1]], { densityGPerMl: 0.7 }).densityFrom],
    ['assumed', 'given'],
  );
  assert.ok(
    close(
      made([
        ['sugar', 50],
        ['water', 50],
      ]).waterShare!,
      0.5,
    ),
  );
});

test('pots: a boil rises to three times its volume, with milk to four; a bowl is half as large again', () => {
  const thing = (name: string) => ({ name, ingredient: demoLarder.get(name) ?? null });
  const need = (name: string, boils: boolean) => vesselNeed([thing(name)], 1000, boils);
  assert.deepEqual(need('caster sugar', true), { kind: 'pot', volumeMl: 3000, times: 3 });
  assert.deepEqual(need('whole milk', true), { kind: 'pot', volumeMl: 4000, times: 4 });
  assert.deepEqual(need('butter', true), { kind: 'pot', volumeMl: 3000, times: 3 });
  assert.deepEqual(need('cream of tartar', true).times, 3);
  assert.deepEqual(need('whole milk', false), { kind: 'bowl', volumeMl: 1500, times: 1.5 });
  // 250 g of water are 250.75 mL.
  assert.ok(close(made([['water', 250]]).vessel.volumeMl, (250 / 0.997) * 1.5));
  assert.ok(close(made([['dust', 250]]).vessel.volumeMl, 250 * 1.5));
});

test('one pot takes twice the base amount from 110 C up, or as the mixture says', () => {
  const to = (celsius: number, maxScaleFactor?: number): Preparation => ({
    id: 'p',
    name: 'P',
    lines: [],
    cookTo: { celsius },
    maxScaleFactor,
  });
  assert.deepEqual([to(110), to(109.9)].map(usualMaxScaleFactor), [2, Infinity]);
  assert.deepEqual(
    [1, 2, 2.01, 4, 4.01].map((factor) => batchesNeeded(to(118), factor)),
    [1, 1, 2, 2, 3],
  );
  assert.deepEqual(
    [3, 3.1].map((factor) => batchesNeeded(to(118, 3), factor)),
    [1, 2],
  );
  assert.equal(batchesNeeded(to(100), 50), 1);
  assert.equal(batchesNeeded(to(118), 0), 1);
});

test('grains: 40 g at half a gram a mL are 80 mL, which cover 200 square cm at a height of 4 mm', () => {
  assert.equal(made([['grain', 40]]).coversMm2, 20_000);
  const fine = mixtureOf(
    { id: 'p', name: 'P', lines: [{ ingredient: 'grain', quantity: 40, unit: 'g', state: 'fine' }] },
    larder,
    undefined,
    'metric',
  );
  assert.equal(fine.coversMm2, 12_500);
  assert.deepEqual(
    [
      made([
        ['grain', 40],
        ['sugar', 1],
      ]).coversMm2,
      made([]).coversMm2,
    ],
    [null, null],
  );
});

test('how layers differ: for each piece, counted in the height, lining walls, scattered, of a set thickness', () => {
  const facts = Object.entries(SPREAD).map(([name, rule]) => [
    name,
    rule.onPieces,
    rule.filmsInHeight,
    rule.linesWalls,
    rule.strewn,
    rule.takesThickness,
    rule.doseUnit,
  ]);
  assert.deepEqual(facts, [
    ['level', false, 1, false, false, true, 'mm'],
    ['shell', false, 1, true, false, true, 'mm'],
    ['both-faces', false, 2, false, false, true, 'mm'],
    ['scatter', false, 0, false, true, false, 'mm'],
    ['coat', true, 0, false, false, true, 'mm'],
    ['per-piece', true, 0, false, false, false, 'mL per piece'],
  ]);
});

const box = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 40 } as const;
const mixed = (id: string, grams: number): Preparation => ({
  id,
  name: id,
  lines: [{ ingredient: 'water', quantity: grams, unit: 'g' }],
  lossPercent: 0,
  densityGPerMl: 1,
});
const layer = (id: string, part: Partial<Layer> = {}): Layer => ({
  id,
  name: id,
  spread: 'level',
  from: [{ preparation: id, share: 1 }],
  ...part,
});
const slab: Slab = {
  ...ryeSlice,
  tin: box,
  preparations: [mixed('a', 200), mixed('b', 100)],
  layers: [layer('a'), layer('b')],
  cut: { columns: 2, rows: 1 },
};

test('modes worked by hand: 200 g and 100 g in 200 cm2 are 10 and 5 mm high', () => {
  const heights = (scale?: Slab['scale'], tins?: Slab['tins']) => {
    const { layers, preparations } = plan({ ...slab, scale, tins }, demoLarder, shop);
    return [...layers.map(({ thicknessMm }) => thicknessMm), ...preparations.map(({ scaleFactor }) => scaleFactor)].map(
      (value) => Number(value.toFixed(6)),
    );
  };
  const twice = [{ tin: { ...box, lengthMm: 400 }, count: 1 }];
  assert.deepEqual(heights(), [10, 5, 1, 1]);
  assert.deepEqual(heights(undefined, twice), [10, 5, 2, 2]);
  assert.deepEqual(heights({ mode: 'scaleFactor', by: 1.5 }, twice), [7.5, 3.75, 1.5, 1.5]);
  assert.deepEqual(heights({ mode: 'total-height', mm: 30 }), [20, 10, 2, 2]);
  assert.deepEqual(heights({ mode: 'layer-thickness', mm: { b: 20 } }), [10, 20, 1, 4]);
  assert.deepEqual(heights({ mode: 'layer-thickness', mm: { b: 20 } }, twice), [10, 20, 2, 8]);
  assert.deepEqual(heights({ mode: 'pieces', count: 1, lengthMm: 50, widthMm: 50, heightMm: 7.5 }), [5, 2.5, 0.5, 0.5]);
  assert.deepEqual(
    heights({ mode: 'as-far-as', have: [{ ingredient: 'water', quantity: 600, unit: 'g' }] }),
    [20, 10, 2, 2],
  );
  const two = [
    { tin: box, count: 1 },
    { tin: { ...box, lengthMm: 400 }, count: 2 },
  ];
  assert.deepEqual(heights({ mode: 'scaleFactor', by: 5 }, two), [10, 5, 5, 5]);
});

test('a layer that takes a quarter of a mixture leaves three; unused ones are scaled with the tins', () => {
  const quarter: Slab = { ...slab, layers: [layer('a', { from: [{ preparation: 'a', share: 0.25 }] })] };
  const wide = [{ tin: { ...box, lengthMm: 400 }, count: 1 }];
  const { preparations } = plan({ ...quarter, tins: wide }, demoLarder, shop);
  assert.deepEqual(
    preparations.map(({ scaleFactor, leftoverG }) => [scaleFactor, leftoverG]),
    [
      [2, 300],
      [2, 200],
    ],
  );
});

test('rewritten for its tin: a divided line is what its parts now need, a film keeps its thickness, a sheet its layout', () => {
  const level = (id: string, preparation: string) =>
    ({ id, name: id, from: [{ preparation, share: 1 }], spread: 'level' }) as const;
  const box = { shape: 'rectangle', lengthMm: 100, widthMm: 100, depthMm: 60 } as const;
  const slab: Slab = {
    format: 'knife-tray/slab',
    version: 1,
    name: 'Divided',
    tin: box,
    preparations: [
      {
        id: 'a',
        name: 'A',
        lines: [{ ingredient: 'sugar', quantity: 100, unit: 'g', divided: [{ share: 0.4, preparation: 'b' }] }],
        lossPercent: 0,
        densityGPerMl: 1,
      },
      {
        id: 'b',
        name: 'B',
        lines: [{ ingredient: 'water', quantity: 60, unit: 'g' }],
        lossPercent: 0,
        densityGPerMl: 1,
      },
    ],
    layers: [level('la', 'a'), level('lb', 'b')],
  };
  // A is 60 g, so 6 mm of a face of 100 cm2; B is 40 + 60 g, so 10 mm. B twice as thick takes twice of all that goes into it.
  const thicker: Slab = { ...slab, scale: { mode: 'layer-thickness', mm: { lb: 20 } } };
  const anew = writtenForItsTin(thicker, larder, shop);
  const [line] = anew.preparations[0]!.lines;
  assert.ok(close(line!.quantity, 60 + 80) && close(line!.divided![0]!.share, 80 / 140));
  assert.ok(close(anew.preparations[1]!.lines[0]!.quantity, 120));
  assert.equal(anew.scale, undefined);
  const masses = (of: Slab) => plan(of, larder, shop).layers.map(({ massG }) => Math.round(massG * 1000) / 1000);
  assert.deepEqual(
    [masses(slab), masses(thicker), masses(anew)],
    [
      [60, 100],
      [60, 200],
      [60, 200],
    ],
  );
  // A coat of 0.5 mm stays a coat of 0.5 mm; what it needs follows the tin.
  const coated: Slab = {
    ...slab,
    preparations: [
      ...slab.preparations,
      { id: 'c', name: 'C', lines: [{ ingredient: 'sugar', quantity: 500, unit: 'g' }] },
    ],
    layers: [...slab.layers, { ...level('lc', 'c'), spread: 'coat', thicknessMm: 0.5 }],
    cut: { columns: 2, rows: 2 },
    tins: [{ tin: { ...box, lengthMm: 200 }, count: 1 }],
  };
  const wider = writtenForItsTin(coated, larder, shop);
  assert.deepEqual([wider.layers[2]!.thicknessMm, wider.layers[0]!.thicknessMm], [0.5, undefined]);
  assert.deepEqual(masses(wider), masses(coated));
  assert.throws(() => writtenForItsTin({ ...coated, tins: [{ tin: box, count: 2 }] }, larder, shop), /Several tins/);
  // On a sheet it keeps its layout: 60 + 100 g over the sheet's own proportions.
  const sheet = { shape: 'sheet', lengthMm: 400, widthMm: 200, outlineMm: { length: 200, width: 100 } } as const;
  const free = writtenForItsTin({ ...slab, tins: [{ tin: sheet, count: 1 }] }, larder, shop);
  assert.deepEqual(free.tin, { ...sheet, outlineMm: { length: 200, width: 100 } });
});
