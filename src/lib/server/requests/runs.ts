import { SEEN, type Seen } from '../../../core/diagnose';
import { runEventSchema, type RunEvent } from '../../../core/run';
import { scaleSchema } from '../../../core/slab';
import { tinsSchema } from '../../../core/tin';
import {
  fields,
  formed,
  list,
  oneOf,
  problemsOf,
  readBy,
  REQUIRED,
  whole,
  type Held,
  type Problem,
  type Read,
} from '../../../core/validation';

const MOST_EVENTS = 1000;
/** A device's clock may be wrong by so much; an event further in the future is a slip. */
const MOST_AHEAD_MS = 24 * 60 * 60 * 1000;

const beginSchema = fields({
  slab: whole(1, 1e9).required('Name a slab by its number'),
  version: whole(1, 1e9),
  tins: tinsSchema,
  scale: scaleSchema,
  begin: formed(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:?\d{2})$/, 'Write a moment with its zone'),
}).required(REQUIRED);

/** The body of `POST /api/runs`. */
export type BeginRequest = Held<typeof beginSchema>;

export function readBegin(found: unknown): Read<BeginRequest> {
  const read = readBy(beginSchema, found);
  if (!read.ok || read.value.begin === undefined || !Number.isNaN(Date.parse(read.value.begin))) return read;
  return { ok: false, problems: [{ path: '/begin', message: 'There is no such moment' }] };
}

/** What of some events can be taken, and what is wrong with the others, each by its place. */
export interface EventsRead {
  readonly events: readonly RunEvent[];
  readonly problems: readonly Problem[];
}

/** Reads the body of `POST /api/runs/:id/events`: what cannot be read is refused by itself, and the rest is taken. */
export function readEvents(found: unknown, nowMs: number): Read<EventsRead> {
  if (!Array.isArray(found)) return { ok: false, problems: [{ path: '', message: 'Send a list of events' }] };
  if (found.length > MOST_EVENTS)
    return { ok: false, problems: [{ path: '', message: `At most ${MOST_EVENTS} events are taken at once` }] };
  const events: RunEvent[] = [];
  const problems: Problem[] = [];
  found.forEach((event: unknown, at) => {
    const wrong = problemsOf(runEventSchema, event);
    const moment = Date.parse((event as RunEvent | null)?.at ?? '');
    if (wrong.length === 0 && Number.isNaN(moment)) wrong.push({ path: '/at', message: 'There is no such moment' });
    if (wrong.length === 0 && moment > nowMs + MOST_AHEAD_MS)
      wrong.push({ path: '/at', message: 'This is more than a day in the future: set the clock of the device' });
    if (wrong.length === 0) events.push(event as RunEvent);
    else problems.push(...wrong.map(({ path, message }) => ({ path: `/${at}${path}`, message })));
  });
  return { ok: true, value: { events, problems } };
}

const diagnoseSchema = fields({
  slab: whole(1, 1e9).required('Name a slab by its number'),
  run: whole(1, 1e9),
  seen: list(oneOf(SEEN).required(REQUIRED), SEEN.length)
    .min(1, 'Say at least one thing that is seen')
    .required(REQUIRED),
}).required(REQUIRED);

/** The body of `POST /api/diagnose`. */
export interface DiagnoseRequest {
  readonly slab: number;
  readonly run?: number | undefined;
  readonly seen: readonly Seen[];
  /** Instead of those that the run has. */
  readonly events?: readonly RunEvent[] | undefined;
}

export function readDiagnose(found: unknown, nowMs: number): Read<DiagnoseRequest> {
  const { events, ...rest } = Object(found) as Record<string, unknown>;
  const read = readBy(diagnoseSchema, rest);
  if (!read.ok || events === undefined) return read;
  const told = readEvents(events, nowMs);
  const problems = told.ok ? told.value.problems : told.problems;
  if (problems.length > 0)
    return { ok: false, problems: problems.map(({ path, message }) => ({ path: `/events${path}`, message })) };
  return { ok: true, value: { ...read.value, events: told.ok ? told.value.events : [] } };
}
