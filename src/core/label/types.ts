import type { Ingredient } from '../larder';
import type { LABEL_PROFILES } from '../shop';

/** Rules that a label is drafted by. */
export type LabelProfile = (typeof LABEL_PROFILES)[number];

/** A line as it goes into the product. */
export interface LabelLine {
  readonly name: string;
  readonly ingredient: Ingredient | null;
  /** Mass at mixing, g, without the leftover share of its pot. */
  readonly massG: number;
}

/** Share of a pot that goes into the product. */
export interface LabelPot {
  readonly lines: readonly LabelLine[];
  /** Water that boils or bakes off, g. */
  readonly evaporatedG: number;
  /** Share of the solids that does not stick to the pot, 0 to 1. */
  readonly keptShare: number;
}

/** Contents of a slab as sold. */
export interface MadeOf {
  readonly pots: readonly LabelPot[];
  /** Mass of the finished slab, g. */
  readonly massG: number;
}
