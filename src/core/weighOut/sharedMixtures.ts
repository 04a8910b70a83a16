import { plainName } from '../larder';
import { batchesNeeded } from '../scale';
import type { ExpandedSlab, PotLine, Preparation } from '../slab';
import type { Vessel } from '../tin';

/** A slab with the amount of each preparation made for it. */
export interface PlannedWork {
  /** Key that distinguishes it from the other slabs. */
  readonly key: string;
  readonly slab: ExpandedSlab;
  readonly preparations: readonly {
    readonly scaleFactor: number;
    /** Boils in which it is made for its tins. */
    readonly batches: number;
    readonly massOutG: number;
    readonly vessel: { readonly kind: 'pot' | 'bowl'; readonly volumeMl: number };
    readonly lines: readonly { readonly massG: number | null }[];
    /** Mass for each tin, g. */
    readonly inTinsG?: readonly number[];
  }[];
  /**
   * Mixtures that it takes from the pots of others, by their keys; all others are its own. Without it, slabs are made together, and the same
   * mixture is made once for all of them.
   */
  readonly takes?: readonly { readonly preparation: string; readonly from: string }[];
}

/** What of a mixture goes from one boil into one tin. */
export interface Pour {
  /** Counted from 1. */
  readonly boil: number;
  readonly key: string;
  readonly slab: string;
  /** Counted from 1, and how many the slab has. */
  readonly tin: number;
  readonly of: number;
  readonly massG: number;
}

/** A mixture made in one pot or bowl, for one or several slabs. */
export interface SharedMixture {
  readonly id: string;
  readonly name: string;
  readonly preparation: ExpandedSlab['preparations'][number];
  /** Slabs that use it, with the mass for each, g when done. */
  readonly goesInto: readonly {
    readonly key: string;
    readonly slab: string;
    readonly massOutG: number;
    readonly inTinsG: readonly number[];
  }[];
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

/** Returns what of each boil goes into which tin: boils of one size fill tin after tin. */
export function poursOf({ goesInto, batches }: Pick<SharedMixture, 'goesInto' | 'batches'>): Pour[] {
  const tins = goesInto.flatMap(({ key, slab, inTinsG }) =>
    inTinsG.map((massG, t) => ({ ...{ key, slab, massG, tin: t + 1, of: inTinsG.length } })),
  );
  const boilG = tins.reduce((sum, { massG }) => sum + massG, 0) / batches;
  let filledG = 0;
  return tins.flatMap(({ massG, ...tin }) => {
    const [from, to] = [filledG, filledG + massG];
    filledG = to;
    return Array.from({ length: batches }, (_, b) => ({
      ...tin,
      boil: b + 1,
      massG: Math.min(to, (b + 1) * boilG) - Math.max(from, b * boilG),
    })).filter((pour) => pour.massG > EPS * boilG);
  });
}

const EPS = 1e-9;

/** Returns the boils that a mixture needs: those of its kind, and as many as the largest vessel asks for. */
function boilsFor(
  preparation: Preparation,
  scaleFactor: number,
  { kind, wholeMl }: { readonly kind: Vessel['kind']; readonly wholeMl: number },
  vessels: readonly Vessel[],
): number {
  const held = vessels.filter((vessel) => vessel.kind === kind).map(({ volumeMl }) => volumeMl);
  const byVessel = held.length > 0 ? Math.ceil(wholeMl / Math.max(...held) - EPS) : 1;
  return Math.max(batchesNeeded(preparation, scaleFactor), byVessel);
}

/**
 * Returns the mixtures to make for slabs, in the order of their preparations. The same mixture for several slabs is made once, in as many
 * boils as the largest vessel needs.
 *
 * Masses are conserved: what a mixture weighs is the sum over its slabs.
 */
export function sharedMixturesOf(works: readonly PlannedWork[], vessels: readonly Vessel[] = []): SharedMixture[] {
  const mixtures = new Map<string, SharedMixture>();
  const parts = works.flatMap(({ key, slab, preparations, takes }) =>
    slab.preparations.map((preparation, p) => {
      const cook = takes && (takes.find((take) => take.preparation === preparation.id)?.from ?? key);
      return { key, slab, preparation, planned: preparations[p]!, cook };
    }),
  );
  // Whoever cooks comes first: its pot holds as much as its recipe allows.
  const isTaken = ({ cook, key }: (typeof parts)[number]) => cook !== undefined && cook !== key;
  for (const { key, slab, preparation, planned, cook } of [
    ...parts.filter((part) => !isTaken(part)),
    ...parts.filter(isTaken),
  ]) {
    if (preparation.lines.length === 0) continue;
    const mixture = JSON.stringify([cook ?? null, mixtureKey(preparation)]);
    const before = mixtures.get(mixture);
    const goesInto = { key, slab: slab.name, massOutG: planned.massOutG, inTinsG: planned.inTinsG ?? [] };
    if (!before) {
      mixtures.set(mixture, {
        id: `${key}/${preparation.id}`,
        name: preparation.name,
        preparation,
        goesInto: [goesInto],
        scaleFactor: planned.scaleFactor,
        batches: planned.batches,
        vessel: planned.vessel,
        lines: inOrderOfUse(preparation).map((l) => ({
          line: preparation.lines[l]!,
          massG: planned.lines[l]!.massG,
          quantity: preparation.lines[l]!.quantity * planned.scaleFactor,
        })),
      });
      continue;
    }
    const perFirst =
      before.scaleFactor > 0 ? preparation.lines[0]!.quantity / before.preparation.lines[0]!.quantity : 1;
    const scaleFactor = before.scaleFactor + planned.scaleFactor * perFirst;
    const growth = before.scaleFactor > 0 ? scaleFactor / before.scaleFactor : 1;
    const wholeMl = before.vessel.volumeMl * before.batches * growth;
    const { kind } = before.vessel;
    const batches = boilsFor(before.preparation, scaleFactor, { kind, wholeMl }, vessels);
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
  }
  return [...mixtures.values()];
}
