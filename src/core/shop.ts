import type { Measures } from './measure';

/** What the shop has settled once for all slabs. */
export interface Shop {
  readonly name: string;
  /** ISO 4217 code. */
  readonly currency: string;
  readonly measures: Measures;
  /** What the shop's scale can tell apart, g. */
  readonly scaleStepG: number;
}
