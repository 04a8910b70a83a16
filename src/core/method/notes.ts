import type { Stage } from '../slab';
import type { Sign } from './signs';

/** Questions about a temperature of a method, °C. */
export type TemperatureNote =
  | {
      readonly code: 'stage-range';
      readonly stage: Stage;
      readonly fromC: number;
      readonly toC: number;
      readonly takenC: number;
    }
  | {
      readonly code: 'sign-range';
      readonly sign: Sign;
      readonly fromC: number;
      readonly toC: number;
      readonly takenC: number;
    }
  | {
      readonly code: 'temperature-out-of-range';
      readonly celsius: number;
      readonly minC: number;
      readonly maxC: number;
    }
  | { readonly code: 'two-temperatures'; readonly takenC: number; readonly otherC: number }
  | { readonly code: 'scale-unknown'; readonly takenC: number };

/** Questions about what a step does in the kitchen, where it cannot be right. */
export type KitchenNote =
  /** The named ingredient is all used by then, and what it is in has been laid. */
  | { readonly code: 'used-up'; readonly ingredient: string }
  /** Something is laid, and no pot or bowl has anything in it. */
  | { readonly code: 'nothing-to-lay' }
  /** Sugar is boiled without an end point or a time. */
  | { readonly code: 'no-end-point' }
  /** A part is kept back, and no share of the whole is stated: this one is taken. */
  | { readonly code: 'kept-back'; readonly share: number }
  /** Melted chocolate goes on a boil that has not cooled. */
  | { readonly code: 'on-hot'; readonly below: string };

/** Questions about a step of a method. */
export type StepNote = TemperatureNote | KitchenNote | { readonly code: 'negative-time' | 'not-understood' };
