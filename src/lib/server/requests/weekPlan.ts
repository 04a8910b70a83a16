import { batchSchema, type Batch } from '$core/batches';
import { BLOCKABLE } from '$core/time';
import { isPeriod, MAX_WEEK_DAYS } from '$core/usecases';
import {
  fields,
  list,
  momentSchema,
  problem,
  problemsUnder,
  readBy,
  REQUIRED,
  text,
  whole,
  type Held,
  type Problem,
  type Read,
} from '$core/validation';
import type { Db } from '../db/open';
import { slabById } from '../slabs';

const id = () => whole(1, Number.MAX_SAFE_INTEGER).required(REQUIRED);
const MAX_STARTS = 5000;

export const startsSchema = fields({
  revision: id(),
  starts: list(
    fields({ batch: id(), step: text(200), start: momentSchema.required(REQUIRED) }).required(REQUIRED),
    MAX_STARTS,
  ).required(REQUIRED),
}).required(REQUIRED);

/** Where the steps of a week go, and the revision of the week that was planned. */
export type StartsRequest = Held<typeof startsSchema>;
export const readStarts = (found: unknown): Read<StartsRequest> => readBy(startsSchema, found);

const span = { from: momentSchema.required(REQUIRED), to: momentSchema.required(REQUIRED) };
export const blockedTimeSchema = fields({ resource: text(100), ...span }).required(REQUIRED);
export const rangeSchema = fields(span).required(REQUIRED);

export const extraHoursSchema = fields({ person: text(100), ...span }).required(REQUIRED);

/** Returns what is wrong with a span of something that has to be one of some names. */
const spanProblems = (path: string, name: string, allowed: readonly string[], from: string, to: string): Problem[] => [
  ...(allowed.includes(name) ? [] : [problem(path, 'not-one-of', { allowed })]),
  ...(Date.parse(from) < Date.parse(to) ? [] : [problem('/to', 'ends-before-it-begins')]),
];

/** Reads a time at which something is not there. `resources` are the names of people and ovens that can be blocked besides. */
export function readBlocked(found: unknown, resources: readonly string[]): Read<Held<typeof blockedTimeSchema>> {
  const read = readBy(blockedTimeSchema, found);
  if (!read.ok) return read;
  const { resource, from, to } = read.value;
  const problems = spanProblems('/resource', resource, [...BLOCKABLE, ...resources], from, to);
  return problems.length > 0 ? { ok: false, problems } : read;
}

/** Reads extra hours of one of some people. */
export function readExtraHours(found: unknown, people: readonly string[]): Read<Held<typeof extraHoursSchema>> {
  const read = readBy(extraHoursSchema, found);
  if (!read.ok) return read;
  const { person, from, to } = read.value;
  const problems = spanProblems('/person', person, people, from, to);
  return problems.length > 0 ? { ok: false, problems } : read;
}

/** Reads a range of days that is short enough to plan. */
export function readRange(found: unknown): Read<Held<typeof rangeSchema>> {
  const read = readBy(rangeSchema, found);
  if (!read.ok || isPeriod(read.value.from, read.value.to)) return read;
  return { ok: false, problems: [problem('/to', 'not-a-period', { days: MAX_WEEK_DAYS })] };
}

const batch = batchSchema.required(REQUIRED);
export const batchListSchema = fields({ batches: list(batch, 100, 1).required(REQUIRED) }).required(REQUIRED);

/** Reads batches: of slabs that exist, and of tins and times that make sense. */
export function readBatches(found: unknown, db: Db): Read<readonly Batch[]> {
  const read = readBy(batchListSchema, found) as Read<{ readonly batches: readonly Batch[] }>;
  if (!read.ok) return read;
  const problems = read.value.batches.flatMap((own, i) => problemsUnder(`/batches/${i}`, batchProblems(own, db)));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: read.value.batches };
}

export function readBatch(found: unknown, db: Db): Read<Batch> {
  const read = readBy(batch, found) as Read<Batch>;
  if (!read.ok) return read;
  const problems = batchProblems(read.value, db);
  return problems.length > 0 ? { ok: false, problems } : read;
}

function batchProblems({ slab, notBefore, due }: Batch, db: Db): Problem[] {
  return [
    ...(slabById(db, slab) ? [] : [problem('/slab', 'no-such-slab')]),
    ...(notBefore !== undefined && Date.parse(notBefore) >= Date.parse(due)
      ? [problem('/due', 'ends-before-it-begins')]
      : []),
  ];
}
