import { choice, number, REQUIRED, text, whole, type Held } from '../validation';
import { tinsSchema } from '../tin';

const preparation = text(200);
const byMinutes = number(-10_000, 10_000).required(REQUIRED);
const factor = number(0.05, 20).required(REQUIRED);

/** Changes of a slab that a run can ask for, each in the slab's own terms. */
const CHANGES = {
  /** deg C higher, or below 0 lower. */
  'end point': { preparation, byC: number(-50, 50).required(REQUIRED) },
  /** Times as much of a whole preparation. */
  amount: { preparation, factor },
  /** Times as much of one line. */
  line: { preparation, line: whole(0, 1000).required(REQUIRED), factor },
  /** A step takes so many minutes more. */
  minutes: { preparation, step: text(200), byMinutes },
  /** A layer waits so many minutes more before the next. */
  set: { layer: text(200), byMinutes },
  /** What a preparation loses, percent of its mass. */
  loss: { preparation, lossPercent: number(0, 90).required(REQUIRED) },
  density: { preparation, densityGPerMl: number(0.05, 3).required(REQUIRED) },
  tins: { tins: tinsSchema.required(REQUIRED) },
} as const;

export const changeSchema = choice('what', CHANGES, 'required');
export type SlabChange = Held<typeof changeSchema>;
