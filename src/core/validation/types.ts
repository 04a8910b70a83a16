import type { Problem } from './codes';

/** Limits of a number field, both included. */
export interface NumberLimits {
  readonly min: number;
  readonly max: number;
  /** Only whole numbers are allowed, as for a count of columns. */
  readonly whole?: boolean;
}

/** Something that was read, or the problems that it has. */
export type Read<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };
