import { plainName } from '../larder';
import { batchesNeeded } from '../scale';
import type { ExpandedSlab, PotLine, Preparation } from '../slab';

/** A slab with the amount of each preparation made for it. */
export interface PlannedWork {
  /** Key that distinguishes it from the other slabs. */
  readonly key: string;
  readonly slab: ExpandedSlab;
  readonly preparations: readonly {
    readonly scaleFactor: number;
    readonly massOutG: number;
    readonly vessel: { readonly kind: 'pot' | 'bowl'; readonly volumeMl: number };
    readonly lines: readonly { readonly massG: number | null }[];
  }[];
}

/** A mixture made in one pot or bowl, for one or several slabs. */
export interface SharedMixture {
  readonly id: string;
  readonly name: string;
  readonly preparation: ExpandedSlab['preparations'][number];
  /** Slabs that use it, with the mass for each, g when done. */
  readonly goesInto: readonly { readonly key: string; readonly slab: string; readonly massOutG: number }[];
  /** Scale factor relative to its first slab. */
  readonly scaleFactor: number;
  readonly batches: number;
  /** Volume of one boil to the brim, mL. */
  readonly vessel: { readonly kind: 'pot' | 'bowl'; readonly volumeMl: number };
  /** Lines in the order in which they are added. */
  readonly lines: readonly { readonly line: PotLine; readonly massG: number | null; readonly quantity: number }[];
}

/** Returns the key of a mixture: the same ingredients in the same proportions with the same end point, whatever slab they are for. */
export function mixtureKey({
  name,
  lines,
  cookTo,
}: Pick<Preparation, 'name' | 'cookTo'> & { lines: readonly PotLine[] }): string {
  const first = lines[0]?.quantity ?? 1;
  const parts = lines.map(({ ingredient, quantity, unit, state = '', addedAt = '', packG = 0 }) => [
    plainName(ingredient),
    (quantity / first).toPrecision(6),
    unit,
    state,
    addedAt,
    packG,
  ]);
  return JSON.stringify([plainName(name), cookTo ?? null, lines[0]?.unit ?? '', parts]);
}

/** Returns the positions of the lines by the step at which they are added; lines without a step come first. */
export function inOrderOfUse({
  lines,
  steps = [],
}: {
  lines: readonly PotLine[];
  steps?: Preparation['steps'];
}): number[] {
  const stepOf = ({ addedAt }: PotLine) =>
    Math.max(
      0,
      steps.findIndex(({ id }) => id === addedAt),
    );
  return lines.map((_, l) => l).sort((a, b) => stepOf(lines[a]!) - stepOf(lines[b]!) || a - b);
}

/**
 * Returns the mixtures to make for slabs, in the order of their preparations. The same mixture for several slabs is made once.
 *
 * Masses are conserved: what a mixture weighs is the sum over its slabs.
 */
export function sharedMixturesOf(works: readonly PlannedWork[]): SharedMixture[] {
  const mixtures = new Map<string, SharedMixture>();
  for (const { key, slab, preparations } of works) {
    slab.preparations.forEach((preparation, p) => {
      const planned = preparations[p]!;
      if (preparation.lines.length === 0) return;
      const mixture = mixtureKey(preparation);
      const before = mixtures.get(mixture);
      const goesInto = { key, slab: slab.name, massOutG: planned.massOutG };
      if (!before) {
        const batches = batchesNeeded(preparation, planned.scaleFactor);
        mixtures.set(mixture, {
          id: `${key}/${preparation.id}`,
          name: preparation.name,
          preparation,
          goesInto: [goesInto],
          scaleFactor: planned.scaleFactor,
          batches,
          vessel: planned.vessel,
          lines: inOrderOfUse(preparation).map((l) => ({
            line: preparation.lines[l]!,
            massG: planned.lines[l]!.massG,
            quantity: preparation.lines[l]!.quantity * planned.scaleFactor,
          })),
        });
        return;
      }
      const perFirst =
        before.scaleFactor > 0 ? preparation.lines[0]!.quantity / before.preparation.lines[0]!.quantity : 1;
      const scaleFactor = before.scaleFactor + planned.scaleFactor * perFirst;
      const growth = before.scaleFactor > 0 ? scaleFactor / before.scaleFactor : 1;
      const batches = batchesNeeded(before.preparation, scaleFactor);
      const wholeMl = before.vessel.volumeMl * before.batches * growth;
      mixtures.set(mixture, {
        ...before,
        goesInto: [...before.goesInto, goesInto],
        scaleFactor,
        batches,
        vessel: { ...before.vessel, volumeMl: wholeMl / batches },
        lines: before.lines.map(({ line, massG, quantity }) => ({
          line,
          massG: massG === null ? null : massG * growth,
          quantity: quantity * growth,
        })),
      });
    });
  }
  return [...mixtures.values()];
}
