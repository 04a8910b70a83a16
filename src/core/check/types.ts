import type { SlabCut } from '../cut';
import type { Order } from '../fit';
import type { Mixture, Scaled, StockLimit } from '../scale';
import type { Larder } from '../larder';
import type { Measures } from '../measure';
import type { ExpandedSlab } from '../slab';
import type { Check } from './codes';
import type { TinCount, Box, RackTin, Vessel } from '../tin';

/** What the rules look at. */
export interface Facts {
  /** With the parts of its divided lines laid out. */
  readonly slab: ExpandedSlab;
  readonly mixtures: readonly Mixture[];
  readonly scaling: Scaled;
  readonly stockLimit: StockLimit | null;
  /** One for each kind of slab that is made. */
  readonly cuts: readonly SlabCut[];
  /** The tins asked for, as they are chosen. */
  readonly tins: readonly TinCount[];
  /** The order that the tins are to fill, where there is one. */
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
