import type { Check } from '../check';
import type { SlabCost } from '../cost';
import type { SlabCut, PieceKind } from '../cut';
import type { LaidSlab, LineGuess, Mixture, StockLimit, WholeThing } from '../scale';
import type { CutSpec, PotLine, Scale } from '../slab';
import type { SheetTin, Tin, TinCount, VesselKind } from '../tin';

/** A line as it is to be measured, for all slabs together. */
export interface PlannedLine {
  readonly ingredient: string;
  /** g, or null where it cannot be weighed. */
  readonly massG: number | null;
  /** What of it is taken as usual for such a thing, because the larder does not say. */
  readonly guess: LineGuess | null;
  /** The written amount times the scale factor, in the written unit. */
  readonly quantity: number;
  readonly asWritten: string;
  readonly measured: string;
  /** What measuring so misses, as a share of the exact figure. */
  readonly measuredError: number;
  readonly cost: number | null;
  /** Where the whole line stands, and the part of it that this is, for a line that was divided. */
  readonly part: PotLine['part'] | null;
}

type Given = 'id' | 'massInG' | 'evaporatedG' | 'stuckG' | 'massOutG' | 'massOutRangeG' | 'waterShare';

/** What is made of one preparation, for all slabs together. */
export interface PlannedPreparation extends Pick<Mixture, Given | 'densityGPerMl' | 'densityFrom'> {
  /** How many times the base recipe is made, and in how many boils or bowls. */
  readonly scaleFactor: number;
  readonly batches: number;
  readonly leftoverG: number;
  /** What is in the pot when it boils, as written, g. */
  readonly pot: Mixture['pot'];
  /** The pot or bowl that one cook needs, mL to the brim. */
  readonly vessel: { readonly kind: VesselKind; readonly volumeMl: number; readonly times: number };
  readonly lines: readonly PlannedLine[];
}

/** A layer over all slabs: mass, volume and area in total, thickness as it stands in the first. */
export interface PlannedLayer {
  readonly id: string;
  readonly massG: number;
  readonly thicknessMm: number;
  readonly areaMm2: number;
  readonly volumeMl: number;
  /** For a scatter whose grains are known: how much of the face one layer of them covers, 1 being all of it. */
  readonly covers: number | null;
}

export interface PricedPieces extends PieceKind {
  /** Cost of one, by its mass. */
  readonly cost: number;
}

/** An even cut with its prices, in the names of the plan service. */
export interface PlannedCut extends Omit<SlabCut, 'pieces'> {
  readonly pieces: readonly PricedPieces[];
}

export interface PlannedSlab {
  readonly tin: Tin;
  readonly sheet: SheetTin | null;
  readonly count: number;
  readonly layers: LaidSlab['layers'];
  readonly slab: { readonly massG: number; readonly heightMm: number; readonly tinDepthMm: number };
  readonly cut: PlannedCut;
}

/** What `/api/plan` answers: these names are a contract. */
export interface Plan {
  readonly preparations: readonly PlannedPreparation[];
  readonly layers: readonly PlannedLayer[];
  readonly slab: PlannedSlab['slab'];
  readonly cut: PlannedCut;
  readonly cost: SlabCost & { readonly currency: string; readonly perPiece: number };
  /** Where the cupboard sets the size: which line is the limit, and what is left of the others. */
  readonly asFar: StockLimit | null;
  /** Counted things that do not come out whole, with the nearest that do. */
  readonly wholeThings: readonly WholeThing[];
  /** What looks like a slip. */
  readonly checks: readonly Check[];
  /** Checks that the maker has marked as known, with the note. */
  readonly acknowledged: readonly (Check & { readonly note: string })[];
  /** Each kind of slab that is made; the totals above are over all of them. */
  readonly slabs: readonly PlannedSlab[];
}

/** What a plan may be asked to do otherwise than the slab says of itself. */
export interface PlanOptions {
  readonly tins?: readonly TinCount[] | undefined;
  readonly scale?: Scale | undefined;
  readonly cut?: CutSpec | undefined;
}
