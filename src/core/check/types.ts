import type { SlabCut } from '../cut';
import type { Order } from '../fit';
import type { Mixture, Scaled, StockLimit } from '../scale';
import type { Larder } from '../larder';
import type { Measures } from '../measure';
import type { ExpandedSlab } from '../slab';
import type { Check } from './codes';
import type { TinCount, Box, RackTin, Vessel } from '../tin';

/** Input of the rules. */
export interface Facts {
  /** The slab with divided lines expanded. */
  readonly slab: ExpandedSlab;
  readonly mixtures: readonly Mixture[];
  readonly scaling: Scaled;
  readonly stockLimit: StockLimit | null;
  /** One entry for each kind of tin. */
  readonly cuts: readonly SlabCut[];
  /** Tins as chosen, before rounding. */
  readonly tins: readonly TinCount[];
  /** The order to fill, if there is one. */
  readonly order: Order | null;
  readonly measures: Measures;
  readonly larder: Larder;
  readonly slabLarder: Larder | undefined;
  readonly shop: {
    readonly vessels?: readonly Vessel[] | undefined;
    readonly boxes?: readonly Box[] | undefined;
    readonly rack?: readonly RackTin[] | undefined;
  };
}

export type Rule = (facts: Facts) => readonly Check[];
