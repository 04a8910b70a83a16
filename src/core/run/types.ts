import type { AllergenStatement } from '../larder';
import type { Activity, Means } from '../time';

/**
 * A step of a run as it was planned: an activity with its moments, minutes from the beginning of the run. Its texts are kept as
 * they were.
 */
export interface RunStep extends Omit<Activity, 'title' | 'caution'> {
  readonly text: string;
  readonly caution: string | null;
  readonly planned: { readonly from: number; readonly to: number };
}

/** A planned line to weigh. */
export interface RunLine {
  readonly preparation: string;
  readonly preparationName: string;
  /** Index in the preparation. */
  readonly line: number;
  readonly ingredient: string;
  readonly massG: number | null;
  /** The step at which it is added. */
  readonly goesIn: string;
  /** Amount as measured at the bench. */
  readonly measured: string;
  /** Name of the slab whose pot it goes into, if its mixture is cooked with another batch. */
  readonly inPotOf?: string;
}

/** A step that boils to an end point. */
export interface RunBoil {
  readonly step: string;
  readonly preparation: string;
  /** End point at sea level, °C. */
  readonly targetC: number;
  /** Reading of the shop's first thermometer at the end point, °C. */
  readonly showsC: number;
}

/** A planned layer. */
export interface RunLayer {
  readonly id: string;
  readonly name: string;
  readonly preparations: readonly string[];
  readonly thicknessMm: number;
  readonly areaMm2: number;
  readonly massG: number;
}

/** Planned yield of a preparation. */
export interface RunPot {
  readonly preparation: string;
  readonly name: string;
  readonly evaporatedG: number;
  readonly massOutG: number;
  /** What of the pot is for other batches, g. */
  readonly othersG?: number;
}

/** Snapshot that a run starts from, independent of later changes to the slab. */
export interface RunPlan {
  readonly name: string;
  readonly version: number;
  readonly lot: string;
  /** ISO 8601. */
  readonly begin: string;
  /** Number of people, ovens and rings. */
  readonly means: Means;
  readonly steps: readonly RunStep[];
  readonly lines: readonly RunLine[];
  readonly boils: readonly RunBoil[];
  readonly layers: readonly RunLayer[];
  readonly pots: readonly RunPot[];
  readonly pieces: number;
  /** Planned pieces by type; missing in runs from before types were recorded. */
  readonly pieceTypes?: readonly { readonly kind: string | null; readonly count: number }[];
  readonly pieceG: number;
  readonly slabG: number;
  readonly trimG: number;
  /** Missing in runs from before allergens were recorded. */
  readonly allergens?: AllergenStatement;
}

/** Returns a plan saved by an older version with missing parts empty. */
export const wholeRunPlan = (
  kept: Partial<RunPlan> & Pick<RunPlan, 'name' | 'version' | 'lot' | 'begin'>,
): RunPlan => ({
  means: { hands: 1, ovens: 1, rings: 4 },
  ...{ steps: [], lines: [], boils: [], layers: [], pots: [], pieces: 0, pieceG: 0, trimG: 0 },
  slabG: (kept.pieces ?? 0) * (kept.pieceG ?? 0),
  ...kept,
});
