import type { Ingredient } from '../larder';
import type { LABEL_PROFILES } from '../shop';

/** Whose rules a label is drafted by. */
export type LabelProfile = (typeof LABEL_PROFILES)[number];

/** A line as it goes into what is sold. */
export interface LabelLine {
  readonly name: string;
  readonly ingredient: Ingredient | null;
  /** At mixing, g; without what is left over of its pot. */
  readonly massG: number;
}

/** What of a pot goes into what is sold. */
export interface LabelPot {
  readonly lines: readonly LabelLine[];
  /** Water that boils or bakes off, g. */
  readonly evaporatedG: number;
  /** Of what does not evaporate this share does not stick, 0 to 1. */
  readonly keptShare: number;
}

/** What a slab is made of, as it is sold. */
export interface MadeOf {
  readonly pots: readonly LabelPot[];
  /** Of the finished slab, g. */
  readonly massG: number;
}
