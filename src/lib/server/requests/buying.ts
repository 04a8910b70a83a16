import {
  fields,
  list,
  momentSchema,
  problem,
  readBy,
  REQUIRED,
  whole,
  type Held,
  type Problem,
  type Read,
} from '$core/validation';
import { namedTins } from './week';

const MAX_BATCHES = 200;
const DAY_MS = 86_400_000;
export const MAX_BUY_DAYS = 60;
const moment = momentSchema.required(REQUIRED);

export const buyRequestSchema = fields({
  batches: list(
    fields({ slab: whole(1, Number.MAX_SAFE_INTEGER).required(REQUIRED), tins: namedTins }).required(REQUIRED),
    MAX_BATCHES,
    1,
  ),
  week: fields({ from: moment, to: moment }).default(undefined),
}).required(REQUIRED);

export type BuyRequest = Held<typeof buyRequestSchema>;

/** Reads the body of `POST /api/buy`: batches, or a range of the week. */
export function readBuyRequest(found: unknown): Read<BuyRequest> {
  const read = readBy(buyRequestSchema, found) as Read<BuyRequest>;
  if (!read.ok) return read;
  const { batches, week } = read.value;
  if ((batches === undefined) === (week === undefined))
    return { ok: false, problems: [problem('/week', 'batches-or-week')] };
  const problems = week ? rangeProblems(week) : [];
  return problems.length > 0 ? { ok: false, problems } : read;
}

/** Returns what is wrong with a range of days to buy for. */
function rangeProblems({ from, to }: { readonly from: string; readonly to: string }): Problem[] {
  const days = (Date.parse(to) - Date.parse(from)) / DAY_MS;
  return days > 0 && days <= MAX_BUY_DAYS ? [] : [problem('/week/to', 'not-a-buying-range', { days: MAX_BUY_DAYS })];
}
