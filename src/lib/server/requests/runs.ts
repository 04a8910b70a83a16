import { SEEN, type Seen } from '$core/diagnose';
import { runEventSchema, type RunEvent } from '$core/run';
import { renameOlderMode, scaleSchema } from '$core/slab';
import { MEANS } from '$core/shop';
import { tinsSchema } from '$core/tin';
import {
  asMessage,
  fields,
  type Held,
  list,
  momentSchema,
  oneOf,
  type Problem,
  problem,
  problemsOf,
  problemsUnder,
  type Read,
  readBy,
  reason,
  REQUIRED,
  whole,
  note,
} from '$core/validation';

import { blockedSchema } from './services';

const MAX_EVENTS = 1000;

export const runRequestSchema = fields({
  slab: whole(1, 1e9).required(REQUIRED),
  version: whole(1, 1e9),
  tins: tinsSchema,
  scale: scaleSchema,
  begin: momentSchema,
  hands: MEANS.hands,
  blocked: blockedSchema,
}).required(REQUIRED);

/** Reads the body of `POST /api/runs`. */
export type BeginRequest = Held<typeof runRequestSchema>;

export function readBeginRequest(found: unknown): Read<BeginRequest> {
  const { scale } = Object(found) as { scale?: unknown };
  return readBy(
    runRequestSchema,
    scale === undefined ? found : { ...(found as object), scale: renameOlderMode(scale) },
  );
}

/** Accepted events, and problems of the others by place. */
export interface EventsRead {
  readonly events: readonly RunEvent[];
  readonly problems: readonly Problem[];
}

/** Reads the body of `POST /api/runs/:id/events`: invalid events are refused separately. */
export function readEvents(found: unknown): Read<EventsRead> {
  if (!Array.isArray(found)) return { ok: false, problems: [problem('', 'not-a-list')] };
  if (found.length > MAX_EVENTS) return { ok: false, problems: [problem('', 'too-many-events', { max: MAX_EVENTS })] };
  const events: RunEvent[] = [];
  const problems: Problem[] = [];
  found.forEach((event: unknown, at) => {
    const wrong = problemsOf(runEventSchema, event);
    if (wrong.length === 0) events.push(event as RunEvent);
    else problems.push(...problemsUnder(`/${at}`, wrong));
  });
  return { ok: true, value: { events, problems } };
}

/** Maximum clock difference that counts as correct, ms: requests take a moment. */
const CLOCK_TOLERANCE_MS = 5000;

/**
 * Returns how far the server's clock is ahead of a device's, ms; 0 if they agree, or the device does not say.
 *
 * @param header the header as it came
 */
export function clockOffsetMs(header: string | null, nowMs: number): number {
  const deviceMs = header ? Number(header) : NaN;
  const offsetMs = nowMs - deviceMs;
  return Number.isFinite(offsetMs) && Math.abs(offsetMs) > CLOCK_TOLERANCE_MS ? offsetMs : 0;
}

/** Converts events timed by a device's own clock to the server's time. They keep the device's time beside it. */
export const correctedEvents = (events: readonly RunEvent[], offsetMs: number): RunEvent[] =>
  events.map((event) => {
    if (event.deviceAt === undefined || offsetMs === 0) return event;
    return { ...event, at: new Date(Date.parse(event.deviceAt) + offsetMs).toISOString() };
  });

export const diagnoseSchema = fields({
  slab: whole(1, 1e9).required(REQUIRED),
  run: whole(1, 1e9),
  layer: note(200),
  seen: list(oneOf(SEEN).required(REQUIRED), SEEN.length)
    .min(1, asMessage(reason('too-few', { min: 1 })))
    .required(REQUIRED),
}).required(REQUIRED);

/** Reads the body of `POST /api/diagnose`. */
export interface DiagnoseRequest {
  readonly slab: number;
  readonly run?: number | undefined;
  /** Id of the layer in which it is seen; without one, the whole slab. */
  readonly layer?: string | undefined;
  readonly seen: readonly Seen[];
  /** Replaces the recorded facts. */
  readonly events?: readonly RunEvent[] | undefined;
}

export function readDiagnose(found: unknown): Read<DiagnoseRequest> {
  const { events, ...rest } = Object(found) as Record<string, unknown>;
  const read = readBy(diagnoseSchema, rest);
  if (!read.ok || events === undefined) return read;
  const readings = readEvents(events);
  const problems = readings.ok ? readings.value.problems : readings.problems;
  if (problems.length > 0) return { ok: false, problems: problemsUnder(`/events`, problems) };
  return { ok: true, value: { ...read.value, events: readings.ok ? readings.value.events : [] } };
}
