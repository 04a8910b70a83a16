import type { Unit } from '../measure';

interface Amount {
  readonly quantity: number;
  readonly unit: Unit;
}

/** What a reading of a recipe line rests on, or what there is to ask about it. Masses in g. */
export type LineNote =
  | { readonly code: 'empty' | 'no-ingredient' | 'amount-without-ingredient' | 'looks-like-step' }
  | { readonly code: 'amount-out-of-range' | 'no-amount-in-front' | 'no-measurable-amount' | 'rest-of-line' }
  | { readonly code: 'zest-and-juice' | 'each-of-several' | 'weight-unknown' | 'not-in-larder' }
  | { readonly code: 'method-note' | 'line-too-long' | 'incomplete' }
  | { readonly code: 'past-limit'; readonly max: number }
  | { readonly code: 'ambiguous-thousands'; readonly text: string; readonly decimal: string; readonly whole: string }
  /** `filling` as written, such as "generous"; a spoon or cup where it is heaped. */
  | { readonly code: 'heaped'; readonly filling: string; readonly isHeaped: boolean }
  | {
      readonly code: 'amounts-disagree';
      readonly first: Amount;
      readonly firstG: number;
      readonly second: Amount;
      readonly secondG: number;
    }
  /** `ownG` is what the shop's own pack holds; null where there is none. */
  | { readonly code: 'pack-size-unknown'; readonly isBag: boolean; readonly ownG: number | null }
  | { readonly code: 'weighed'; readonly amount: Amount; readonly massG: number };
