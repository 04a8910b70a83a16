import type { StepTitle } from '../slab';

/** Reasons why steps have no schedule. */
export type ScheduleReason =
  /** Steps wait for one another in a circle. */
  | { readonly code: 'circular' }
  /** The search stopped: another schedule is known to end sooner. */
  | { readonly code: 'not-better' }
  /** A pinned step ends, and the next one cannot follow in time. */
  | { readonly code: 'pinned-too-early' | 'wait-too-long'; readonly step: StepTitle; readonly next: StepTitle }
  | { readonly code: 'no-oven' | 'no-ring'; readonly step: StepTitle }
  /** The tins of a step do not fit the fridge or freezer, even empty. */
  | {
      readonly code: 'no-cold-space';
      readonly step: StepTitle;
      readonly place: 'fridge' | 'freezer';
      readonly needsMm2: number;
      readonly hasMm2: number;
    }
  | { readonly code: 'longer-than-hours'; readonly step: StepTitle; readonly minutes: number };
