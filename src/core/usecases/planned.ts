import type { Check } from '../check';
import type { SlabCost } from '../cost';
import type { SlabCut, PieceKind } from '../cut';
import type { LaidSlab, LineGuess, Mixture, StockLimit, WholeThing } from '../scale';
import type { CutSpec, PotLine, Scale } from '../slab';
import type { SheetTin, Tin, TinCount, VesselKind } from '../tin';

/** A line to measure, for all slabs together. */
export interface PlannedLine {
  readonly ingredient: string;
  /** Mass, g, or `null` if it cannot be weighed. */
  readonly massG: number | null;
  /** Properties assumed because the larder does not give them. */
  readonly guess: LineGuess | null;
  /** Written amount times the scale factor, in the written unit. */
  readonly quantity: number;
  readonly asWritten: string;
  readonly measured: string;
  /** Relative error of the measured amount. */
  readonly measuredError: number;
  readonly cost: number | null;
  /** Position of the whole line, and this part of it, for a divided line. */
  readonly part: PotLine['part'] | null;
}

type Given = 'id' | 'massInG' | 'evaporatedG' | 'stuckG' | 'massOutG' | 'massOutRangeG' | 'waterShare';

/** A preparation, for all slabs together. */
export interface PlannedPreparation extends Pick<Mixture, Given | 'densityGPerMl' | 'densityFrom'> {
  /** Scale factor, and number of boils or bowls. */
  readonly scaleFactor: number;
  readonly batches: number;
  readonly leftoverG: number;
  /** Contents of the pot during the boil as written, g. */
  readonly pot: Mixture['pot'];
  /** Required pot or bowl for one boil, mL to the brim. */
  readonly vessel: { readonly kind: VesselKind; readonly volumeMl: number; readonly times: number };
  readonly lines: readonly PlannedLine[];
}

/** A layer over all slabs: total mass, volume and area; thickness in the first slab. */
export interface PlannedLayer {
  readonly id: string;
  readonly massG: number;
  readonly thicknessMm: number;
  readonly areaMm2: number;
  readonly volumeMl: number;
  /** For scattered layers with known grains: share of the surface that one layer of them covers, 1 for all of it. */
  readonly covers: number | null;
}

export interface PricedPieces extends PieceKind {
  /** Cost of one piece, by mass. */
  readonly cost: number;
}

/** A cut with its costs, under the names of the plan service. */
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

/** Answer of `/api/plan`: these names are part of its contract. */
export interface Plan {
  readonly preparations: readonly PlannedPreparation[];
  readonly layers: readonly PlannedLayer[];
  readonly slab: PlannedSlab['slab'];
  readonly cut: PlannedCut;
  /** Ingredients; `perPiece` is `null` while there are no pieces. */
  readonly cost: SlabCost & { readonly currency: string; readonly perPiece: number | null };
  /** If stock sets the size: the limiting line, and what is left of the others. */
  readonly asFar: StockLimit | null;
  /** Counted ingredients with fractional amounts, and the nearest whole counts. */
  readonly wholeThings: readonly WholeThing[];
  /** Open checks. */
  readonly checks: readonly Check[];
  /** Checks marked as known, with their notes. */
  readonly acknowledged: readonly (Check & { readonly note: string })[];
  /** Each kind of slab; the totals above are over all of them. */
  readonly slabs: readonly PlannedSlab[];
}

/** Options of a plan that replace the slab's own fields. */
export interface PlanOptions {
  readonly tins?: readonly TinCount[] | undefined;
  readonly scale?: Scale | undefined;
  readonly cut?: CutSpec | undefined;
}
