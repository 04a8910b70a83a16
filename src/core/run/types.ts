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

/** A line to weigh, as it was planned. */
export interface RunLine {
  readonly preparation: string;
  readonly preparationName: string;
  /** Its place in the preparation. */
  readonly line: number;
  readonly ingredient: string;
  readonly massG: number | null;
  /** The step in which it goes in. */
  readonly goesIn: string;
  /** As it is measured at the bench. */
  readonly measured: string;
}

/** A step that cooks to an end point. */
export interface RunBoil {
  readonly step: string;
  readonly preparation: string;
  /** The end point, referred to sea level, deg C. */
  readonly targetC: number;
  /** What the shop's first thermometer shows then, deg C. */
  readonly showsC: number;
}

/** A layer as it was to lie. */
export interface RunLayer {
  readonly id: string;
  readonly name: string;
  readonly preparations: readonly string[];
  readonly thicknessMm: number;
  readonly areaMm2: number;
  readonly massG: number;
}

/** What of a preparation was to come out of its pot. */
export interface RunPot {
  readonly preparation: string;
  readonly name: string;
  readonly evaporatedG: number;
  readonly massOutG: number;
}

/** What a run was begun with: frozen, whatever becomes of the slab. */
export interface RunPlan {
  readonly name: string;
  readonly version: number;
  readonly lot: string;
  /** ISO 8601. */
  readonly begin: string;
  /** Pairs of hands, ovens and rings that there are. */
  readonly means: Means;
  readonly steps: readonly RunStep[];
  readonly lines: readonly RunLine[];
  readonly boils: readonly RunBoil[];
  readonly layers: readonly RunLayer[];
  readonly pots: readonly RunPot[];
  readonly pieces: number;
  readonly pieceG: number;
  readonly slabG: number;
  readonly trimG: number;
}

/** A plan as it was kept before some of its parts were: what is missing is empty. */
export const wholeRunPlan = (
  kept: Partial<RunPlan> & Pick<RunPlan, 'name' | 'version' | 'lot' | 'begin'>,
): RunPlan => ({
  means: { hands: 1, ovens: 1, rings: 4 },
  ...{ steps: [], lines: [], boils: [], layers: [], pots: [], pieces: 0, pieceG: 0, trimG: 0 },
  slabG: (kept.pieces ?? 0) * (kept.pieceG ?? 0),
  ...kept,
});
