import type { Measures } from './measure';
import type { RackTin } from './tin';
import type { VESSELS } from './slab';

/** A pot or a bowl, and what it holds to the brim. */
export interface Vessel {
  readonly name: string;
  readonly kind: (typeof VESSELS)[number];
  readonly volumeMl: number;
}

/** A box that cut pieces are packed in, inside measures. */
export interface Box {
  readonly name: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** What the shop has settled once for all slabs, and what it has to work with. */
export interface Shop {
  readonly name: string;
  /** ISO 4217 code. */
  readonly currency: string;
  readonly measures: Measures;
  /** What the shop's scale can tell apart, g. */
  readonly scaleStepG: number;
  readonly vessels?: readonly Vessel[] | undefined;
  readonly boxes?: readonly Box[] | undefined;
  /** The tins that the shop has; without it the second reader does not ask. */
  readonly rack?: readonly RackTin[] | undefined;
}
