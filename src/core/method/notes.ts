import type { Stage } from '../slab';

/** What there is to ask about a temperature of a method, deg C. */
export type TemperatureNote =
  | {
      readonly code: 'stage-range';
      readonly stage: Stage;
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
  | { readonly code: 'scale-unknown' };

/** What there is to ask about a step of a method. */
export type StepNote = TemperatureNote | { readonly code: 'negative-time' | 'not-understood' };
