import type { Composition, Ingredient } from '../larder';
import type { Unweighed } from '../measure';

/** Assumed properties of a line that the larder does not give. */
export interface LineGuess {
  /** The ingredient kind that the assumption is based on. */
  readonly as: string;
  readonly of: readonly ('mass' | 'composition')[];
}

/** A line with its mass. A line that cannot be weighed has a reason; its mass is then an estimate or missing. */
export interface WeighedLine {
  readonly ingredient: Ingredient | null;
  readonly massG: number | null;
  /** Composition from the larder, otherwise the typical one; `null` if neither is known. */
  readonly composition: Composition | null;
  readonly guess: LineGuess | null;
  readonly why: Unweighed | 'not-in-larder' | null;
}
