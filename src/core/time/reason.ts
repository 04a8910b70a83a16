import type { StepTitle } from '../slab';

/** Why steps have no schedule. */
export type ScheduleReason =
  /** Steps wait for one another. */
  | { readonly code: 'circular' }
  /** A search stops here: another schedule is known that ends sooner. */
  | { readonly code: 'not-better' }
  /** A pinned step ends, and the next one cannot follow it in time. */
  | { readonly code: 'pinned-too-early' | 'wait-too-long'; readonly step: StepTitle; readonly next: StepTitle }
  | { readonly code: 'no-oven' | 'no-ring'; readonly step: StepTitle }
  | { readonly code: 'longer-than-hours'; readonly step: StepTitle; readonly minutes: number };
