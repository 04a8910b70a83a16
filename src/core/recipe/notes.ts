import type { Unit } from '../measure';

interface Amount {
  readonly quantity: number;
  readonly unit: Unit;
}

/** Assumptions and questions of a recipe line's reading. Masses in g. */
export type LineNote =
  | { readonly code: 'empty' | 'no-ingredient' | 'amount-without-ingredient' | 'looks-like-step' }
  | { readonly code: 'amount-out-of-range' | 'no-amount-in-front' | 'no-measurable-amount' | 'rest-of-line' }
  | { readonly code: 'zest-and-juice' | 'each-of-several' | 'weight-unknown' | 'not-in-larder' }
  | { readonly code: 'method-note' | 'line-too-long' | 'incomplete' }
  | { readonly code: 'past-limit'; readonly max: number }
  | { readonly code: 'ambiguous-thousands'; readonly text: string; readonly decimal: string; readonly whole: string }
  /** The part of an amount that was not understood. */
  | { readonly code: 'amount-left'; readonly text: string }
  /** `filling` as written, such as "generous", or that a spoon or cup is heaped. */
  | { readonly code: 'heaped'; readonly filling: string; readonly isHeaped: boolean }
  | {
      readonly code: 'amounts-disagree';
      readonly first: Amount;
      readonly firstG: number;
      readonly second: Amount;
      readonly secondG: number;
    }
  /** `ownG` is the net mass of the shop's own pack; `null` if there is none. */
  | { readonly code: 'pack-size-unknown'; readonly isBag: boolean; readonly ownG: number | null }
  | { readonly code: 'weighed'; readonly amount: Amount; readonly massG: number };
