import { choice, formed, note, number, oneOf, positive, REQUIRED, text, whole, type Held } from '../validation';

/** How firm something was found to be. */
export const SET_READINGS = ['firm', 'still soft', 'still sticky'] as const;

const grams = number(0, 1e6).required(REQUIRED);
const id = formed(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/, 'Write a UUID').required(REQUIRED);
/** Whose moment counts is the device's; what is far from the server's clock is refused where it is taken in. */
const at = formed(
  /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/,
  'Write a moment such as 2026-11-27T10:15:00Z',
).required(REQUIRED);
const event = { id, at };
const step = text(200);

/** What can happen in a run, by kind. A run is a list of these, only ever added to. */
const KINDS = {
  'step-begun': { ...event, step },
  'step-done': { ...event, step },
  /** Left out for good, with a reason. */
  'step-skipped': { ...event, step, why: note(500) },
  /** Not now: whatever else can be done comes first. */
  'step-put-off': { ...event, step },
  weighed: { ...event, preparation: text(200), line: whole(0, 1000).required(REQUIRED), massG: grams },
  temperature: { ...event, step: note(200), celsius: number(-50, 350).required(REQUIRED) },
  'set-reading': { ...event, step, reading: oneOf(SET_READINGS).required(REQUIRED) },
  lot: { ...event, ingredient: text(200), lot: text(200) },
  pieces: { ...event, count: whole(0, 100_000).required(REQUIRED), massG: positive(1e6) },
  rejects: { ...event, count: whole(0, 100_000).required(REQUIRED), why: note(500) },
  trim: { ...event, massG: grams },
  leftover: { ...event, preparation: text(200), massG: grams },
  note: { ...event, text: text(5000) },
  stopped: { ...event, why: note(500) },
  finished: { ...event },
  /** Another event did not happen: undo is an event too. */
  'taken-back': { ...event, event: id },
} as const;

export const runEventSchema = choice('kind', KINDS, 'required');
export type RunEvent = Held<typeof runEventSchema>;
