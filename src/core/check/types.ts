import type { SlabCut } from '../cut';
import type { Order } from '../fit';
import type { Mixture, Scaled, StockLimit } from '../scale';
import type { Larder } from '../larder';
import type { Figures, Measures } from '../measure';
import type { ExpandedSlab } from '../slab';
import type { TinCount, Box, RackTin, Vessel } from '../tin';

/** What the second reader says: a number, a reason and a way out, and the place in the slab that it is about. */
export interface Warning {
  readonly code: string;
  /** JSON pointer into the slab file. */
  readonly where: string;
  readonly message: string;
}

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
  /** How the shop writes its figures. */
  readonly figures: Figures;
  readonly larder: Larder;
  readonly slabLarder: Larder | undefined;
  readonly shop: {
    readonly vessels?: readonly Vessel[] | undefined;
    readonly boxes?: readonly Box[] | undefined;
    readonly rack?: readonly RackTin[] | undefined;
  };
}

export type Rule = (facts: Facts) => readonly Warning[];
