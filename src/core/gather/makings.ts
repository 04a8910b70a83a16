import { plainName } from '../larder';
import { batchesNeeded } from '../scale';
import type { ExpandedSlab, PotLine, Preparation } from '../slab';

/** One slab with how much of each preparation is made for it. */
export interface PlannedWork {
  /** What tells it from the others. */
  readonly key: string;
  readonly slab: ExpandedSlab;
  readonly preparations: readonly {
    readonly scaleFactor: number;
    readonly massOutG: number;
    readonly vessel: { readonly kind: 'pot' | 'bowl'; readonly volumeMl: number };
    readonly lines: readonly { readonly massG: number | null }[];
  }[];
}

/** One pot's or bowl's work, for one slab or for several that take the same mixture. */
export interface Making {
  readonly id: string;
  readonly name: string;
  readonly preparation: ExpandedSlab['preparations'][number];
  /** Which slabs it goes into, and how much of it, g when done. */
  readonly goesInto: readonly { readonly key: string; readonly slab: string; readonly massOutG: number }[];
  /** Times the written amounts of its first slab. */
  readonly scaleFactor: number;
  readonly batches: number;
  /** What one cook needs, mL to the brim. */
  readonly vessel: { readonly kind: 'pot' | 'bowl'; readonly volumeMl: number };
  /** The lines in the order in which they go in. */
  readonly lines: readonly { readonly line: PotLine; readonly massG: number | null; readonly quantity: number }[];
}

/** Same ingredients in the same proportions, cooked to the same end point: one mixture, whatever slab it is for. */
function mixtureKey({
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

/** Positions of the lines by the step at which they go in; lines without a step go in first. */
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
 * What there is to make for some slabs, in the order of their preparations. The same mixture for several slabs is made once.
 *
 * Masses are conserved: what a making weighs is the sum over its slabs.
 */
export function makingsOf(works: readonly PlannedWork[]): Making[] {
  const makings = new Map<string, Making>();
  for (const { key, slab, preparations } of works) {
    slab.preparations.forEach((preparation, p) => {
      const planned = preparations[p]!;
      if (preparation.lines.length === 0) return;
      const mixture = mixtureKey(preparation);
      const before = makings.get(mixture);
      const goesInto = { key, slab: slab.name, massOutG: planned.massOutG };
      if (!before) {
        const batches = batchesNeeded(preparation, planned.scaleFactor);
        makings.set(mixture, {
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
      makings.set(mixture, {
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
  return [...makings.values()];
}
