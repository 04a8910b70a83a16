import type { Activity } from '../time';

/** A step of a run as it was planned: an activity with its moments, minutes from the beginning of the run. */
export interface RunStep extends Activity {
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

/** What a run was begun with: frozen, whatever becomes of the slab. */
export interface RunPlan {
  readonly name: string;
  readonly version: number;
  readonly lot: string;
  /** ISO 8601. */
  readonly begin: string;
  readonly steps: readonly RunStep[];
  readonly lines: readonly RunLine[];
  readonly pieces: number;
  readonly pieceG: number;
}
