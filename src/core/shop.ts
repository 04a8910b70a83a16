import type { Measures } from './measure';
import type { Box, RackTin, Vessel } from './tin';

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
  /** The tins that the shop has; where it is not known the second reader does not ask. */
  readonly rack?: readonly RackTin[] | undefined;
}
