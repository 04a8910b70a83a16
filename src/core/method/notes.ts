import type { Stage } from '../slab';

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
      readonly code: 'temperature-out-of-range';
      readonly celsius: number;
      readonly minC: number;
      readonly maxC: number;
    }
  | { readonly code: 'two-temperatures'; readonly takenC: number; readonly otherC: number }
  | { readonly code: 'scale-unknown' };

/** Questions about a step of a method. */
export type StepNote = TemperatureNote | { readonly code: 'negative-time' | 'not-understood' };
