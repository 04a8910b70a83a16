/** Arbitrary slabs, for the laws. */
import fc from 'fast-check';
import type { Layer, Preparation, Slab } from '$core/slab';
import { real, tins } from './tins';
import { demoIngredients } from './things';

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

/** Slabs whose layers share their mixtures in all ways, with leftovers, applied in every way. */
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

/** Slabs with level layers only, for laws about thickness. */
export const levelSlabs = slabs.map((slab) => ({
  ...slab,
  layers: slab.layers.map((layer) => ({ ...layer, spread: 'level' as const })),
}));
