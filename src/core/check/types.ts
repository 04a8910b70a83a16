import type { EvenCut } from '../cut';
import type { AsFar, Prepared, Scaled } from '../scale';
import type { Slab } from '../slab';

/** What the second reader says: a number, a reason and a way out, and the place in the slab that it is about. */
export interface Warning {
  readonly code: string;
  /** JSON pointer into the slab file. */
  readonly where: string;
  readonly message: string;
}

/** What the rules look at. */
export interface Facts {
  readonly slab: Slab;
  readonly made: readonly Prepared[];
  readonly scaled: Scaled;
  readonly asFar: AsFar | null;
  /** One for each of the scaled slabs. */
  readonly cuts: readonly EvenCut[];
}

export type Rule = (facts: Facts) => readonly Warning[];
