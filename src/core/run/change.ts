import { choice, number, REQUIRED, text, whole, type Held } from '../validation';
import { tinsSchema } from '../tin';

const preparation = text(200);
const byMinutes = number(-10_000, 10_000).required(REQUIRED);
const factor = number(0.05, 20).required(REQUIRED);

/** Changes to a slab that a run can suggest. */
const CHANGES = {
  /** Change of the end point, °C; negative lowers it. */
  'end point': { preparation, byC: number(-50, 50).required(REQUIRED) },
  /** Factor for a whole preparation. */
  amount: { preparation, factor },
  /** Factor for one line. */
  line: { preparation, line: whole(0, 1000).required(REQUIRED), factor },
  /** Extra minutes of a step; negative shortens it. */
  minutes: { preparation, step: text(200), byMinutes },
  /** Extra minutes before the next layer; negative shortens the wait. */
  set: { layer: text(200), byMinutes },
  /** Loss of a preparation, % of its mass. */
  loss: { preparation, lossPercent: number(0, 90).required(REQUIRED) },
  density: { preparation, densityGPerMl: number(0.05, 3).required(REQUIRED) },
  tins: { tins: tinsSchema.required(REQUIRED) },
} as const;

export const changeSchema = choice('what', CHANGES, 'required');
export type SlabChange = Held<typeof changeSchema>;
