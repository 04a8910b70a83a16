import type { Problem } from './codes';

/** Inclusive limits of a number field. */
export interface NumberLimits {
  readonly min: number;
  readonly max: number;
  /** Only whole numbers are allowed, as for a count of columns. */
  readonly whole?: boolean;
}

/** A value that was read, or its problems. */
export type Read<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };
