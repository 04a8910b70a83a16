/**
 * Recipes for measuring the method reader, in many styles: terse, chatty, British, American and Australian, with gas marks, ranges in
 * words, two temperatures. Each sentence has the reading of a maker beside it.
 */
import type { StepKind } from '$core/method';
import type { Measures } from '$core/measure';
import type { Place } from '$core/slab';

/** One step as a maker reads it; what is not stated is absent. */
export interface WantStep {
  readonly kind: StepKind;
  readonly of?: string;
  readonly minutes?: readonly [number, number];
  readonly ovenC?: number;
  readonly celsius?: number;
  readonly place?: Place;
  readonly adds?: readonly string[];
}

export interface WantRecipe {
  readonly name: string;
  readonly measures: Measures;
  readonly lines: string;
  readonly method: readonly (readonly [sentence: string, ...steps: WantStep[]])[];
  /** mm: length, width, and depth where stated; a diameter alone for a round one. */
  readonly tin?: readonly number[];
  readonly cut?: Readonly<Record<string, number | string>>;
  readonly keep?: { readonly place: Place; readonly days: number };
}
