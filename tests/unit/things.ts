/** Made-up slabs, tins and larders for the laws: arbitrary ones, and the demo's. */
import assert from 'node:assert/strict';
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { larderOf, type Ingredient } from '../../src/core/larder';
import type { RunPlan } from '../../src/core/run';
import type { Shop } from '../../src/core/shop';
import { readSlab, type CutSpec, type Layer, type Preparation, type Slab } from '../../src/core/slab';
import type { RackTin, Tin } from '../../src/core/tin';
import { layOutDay, plan, runPlanOf, workOf } from '../../src/core/usecases';

export const shop: Shop = { name: '', currency: 'EUR', measures: 'metric', scaleStepG: 1 };

const demoFile = (name: string) => readFileSync(new URL(`../../demo/${name}`, import.meta.url), 'utf8');

export const demoIngredients = JSON.parse(demoFile('larder.json')) as Ingredient[];
export const demoLarder = larderOf(demoIngredients);

export const demoShop = JSON.parse(demoFile('shop.json')) as Shop;

export const demoRack = JSON.parse(demoFile('tins.json')) as RackTin[];

export const demoSlabs: Slab[] = readdirSync(new URL('../../demo/slabs/', import.meta.url)).map((name) => {
  const read = readSlab(demoFile(`slabs/${name}`));
  if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.problems)}`);
  return read.value;
});
export const ryeSlice = demoSlabs.find(({ name }) => name === 'Rye and treacle slice')!;

/** What a run of a slab is begun with. */
export function runPlanFor(slab: Slab, { hands = 1, begin = '2026-11-27T08:00:00Z' } = {}): RunPlan {
  const means = { hands, ovens: 1, rings: 4 };
  const start = new Date(begin);
  const day = layOutDay(workOf(slab, demoLarder, shop), { start, ...means, hours: [], zone: 'UTC' }, start);
  return runPlanOf(slab, shop, plan(slab, demoLarder, shop), day, { version: 1, lot: 'L261127', begin, means });
}

export const deepSquare: Tin = {
  shape: 'rectangle',
  lengthMm: 230,
  widthMm: 230,
  depthMm: 45,
  cornerMm: 10,
  flareDeg: 0,
};

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });

export const tins: fc.Arbitrary<Tin> = fc.oneof(
  fc.record({
    shape: fc.constant('rectangle' as const),
    lengthMm: real(80, 600),
    widthMm: real(80, 400),
    depthMm: real(15, 90),
    cornerMm: real(0, 40),
    flareDeg: fc.oneof(fc.constant(0), real(0, 25)),
  }),
  fc.record({
    shape: fc.constant('round' as const),
    diameterMm: real(80, 400),
    depthMm: real(15, 90),
    flareDeg: fc.oneof(fc.constant(0), real(0, 25)),
  }),
);

const names = demoIngredients.map(({ name }) => name);

const preparations: fc.Arbitrary<Preparation[]> = fc
  .array(
    fc.record({
      lines: fc.array(
        fc.record({
          ingredient: fc.constantFrom(...names),
          quantity: real(1, 900),
          unit: fc.constantFrom('g' as const, 'oz' as const),
        }),
        { minLength: 1, maxLength: 6 },
      ),
      lossPercent: real(0, 40),
      densityGPerMl: real(0.3, 1.6),
      baked: fc.boolean(),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((list) =>
    list.map(({ baked, ...rest }, i) => ({
      id: `p${i}`,
      name: `Preparation ${i}`,
      ...rest,
      steps: baked ? [{ id: 's', text: 'Bake', minutes: 20, ovenC: 170 }] : [],
    })),
  );

function spreadFor(chance: number): Layer['spread'] {
  return (['scatter', 'coat', 'per-piece', 'both-faces', 'shell'] as const)[Math.min(4, Math.floor(chance * 5))]!;
}

/** Slabs whose layers share their preparations in all ways, with leftovers, laid in all spreads. */
export const slabs: fc.Arbitrary<Slab> = fc
  .tuple(tins, preparations, fc.integer({ min: 1, max: 4 }), fc.infiniteStream(real(0.05, 1)))
  .map(([tin, list, count, chance]) => {
    const next = () => chance.next().value;
    const layers: Layer[] = Array.from({ length: count }, (_, i) => ({
      id: `l${i}`,
      name: `Layer ${i}`,
      spread: i > 0 && next() > 0.5 ? spreadFor(next()) : 'level',
      ...(next() > 0.5 ? { thicknessMm: 0.3 + 2 * next(), gramsPerPiece: 3 * next() } : {}),
      from: list
        .filter((_, p) => p === i % list.length || next() > 0.6)
        .map(({ id }) => ({ preparation: id, share: next() / count })),
    }));
    return { format: 'knife-tray/slab', version: 1, name: 'Any slab', tin, preparations: list, layers };
  });

/** Slabs that are level all through, for laws about thickness. */
export const levelSlabs = slabs.map((slab) => ({
  ...slab,
  layers: slab.layers.map((layer) => ({ ...layer, spread: 'level' as const })),
}));

export const cuts: fc.Arbitrary<CutSpec> = fc.record({
  columns: fc.integer({ min: 1, max: 12 }),
  rows: fc.integer({ min: 1, max: 12 }),
  trimMm: fc.record({ left: real(0, 12), right: real(0, 12), front: real(0, 12), back: real(0, 12) }),
  kerfMm: real(0, 2),
});

/** Whether two numbers are the same but for rounding. */
export function close(a: number, b: number, relative = 1e-9): boolean {
  return Math.abs(a - b) <= relative * Math.max(1, Math.abs(a), Math.abs(b));
}

/** Asserts that figures are those worked by hand, each to a billionth. */
export function near(figures: readonly number[], worked: readonly number[]): void {
  assert.ok(
    figures.length === worked.length && figures.every((figure, i) => close(figure, worked[i]!)),
    `${figures.join(' ')} is not ${worked.join(' ')}`,
  );
}

export const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

/** The number that a figure such as "1 7/16" says. */
export function figuresLike(text: string): number {
  return sum(
    text.split(' ').map((part) => {
      const [top, bottom = '1'] = part.split('/');
      return Number(top) / Number(bottom);
    }),
  );
}
