import type { CutAsk } from '../../../core/usecases';
import { choice, number, oneOf, positive, problemsOf, REQUIRED, whole, type Read } from '../../../core/validation';
import { readPlanRequest, type PlanRequest } from './plan';

const side = number(5, 1000).required(REQUIRED);
const askSchema = choice(
  'by',
  {
    count: { count: whole(1, 10_000).required(REQUIRED) },
    size: { lengthMm: side, widthMm: side, fit: oneOf(['exact', 'stretch']) },
    mass: { massG: positive(1e6).required(REQUIRED) },
    cost: { cost: positive(1e9).required(REQUIRED) },
  },
  'required',
);

/** The body of `POST /api/cuts`: a slab, and how its pieces are asked for. */
export interface CutsRequest extends PlanRequest {
  readonly ask: CutAsk;
}

export function readCutsRequest(found: unknown): Read<CutsRequest> {
  const read = readPlanRequest(found);
  const asked = problemsOf(askSchema, Object(found).ask).map(({ path, message }) => ({ path: `/ask${path}`, message }));
  if (!read.ok) return { ok: false, problems: [...read.problems, ...asked] };
  return asked.length > 0
    ? { ok: false, problems: asked }
    : { ok: true, value: { ...read.value, ask: Object(found).ask } };
}
