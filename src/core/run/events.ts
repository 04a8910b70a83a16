import {
  asMessage,
  choice,
  flag,
  formed,
  isMoment,
  list,
  note,
  number,
  oneOf,
  positive,
  reason,
  REQUIRED,
  text,
  whole,
  type Held,
} from '../validation';
import { tinsSchema } from '../tin';
import { changeSchema } from './change';

/** How firm something was found to be. */
export const SET_READINGS = ['firm', 'still soft', 'still sticky'] as const;
export type SetReading = (typeof SET_READINGS)[number];
/** Whether a layer with each reading can be cut, or take the next layer. */
export const IS_SET: Readonly<Record<SetReading, boolean>> = { firm: true, 'still soft': false, 'still sticky': false };

const grams = number(0, 1e6).required(REQUIRED);
const uuid = () =>
  formed(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/, reason('not-a-uuid')).required(REQUIRED);
const AT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/;
const at = formed(AT, reason('not-a-utc-moment'))
  // What has not the form of a moment has been told so.
  .test(
    'exists',
    asMessage(reason('no-such-moment')),
    (text) => text === undefined || !AT.test(text) || isMoment(text),
  );
/** `deviceAt` is what the device's own clock showed, where it did not know the server's: the server then corrects `at`. */
const event = { id: uuid(), at: at.required(REQUIRED), deviceAt: at };
const step = text(200);
const line = { preparation: text(200), line: whole(0, 1000).required(REQUIRED) };

/** What can happen in a run, by kind. A run is a list of these, only ever added to. */
const KINDS = {
  'step-begun': { ...event, step },
  'step-done': { ...event, step },
  /** Left out for good, with a reason. */
  'step-skipped': { ...event, step, why: note(500) },
  /** Not now: whatever else can be done comes first. */
  'step-put-off': { ...event, step },
  weighed: { ...event, ...line, massG: grams },
  /** Held back or added by feel, after it was weighed: below 0 less. */
  'amount-changed': { ...event, ...line, byG: number(-1e6, 1e6).required(REQUIRED), why: note(500) },
  /** As the thermometer showed it. */
  temperature: { ...event, step: note(200), celsius: number(-50, 350).required(REQUIRED) },
  'set-reading': { ...event, step, reading: oneOf(SET_READINGS).required(REQUIRED) },
  lot: { ...event, ingredient: text(200), lot: text(200) },
  /** It is laid in other tins than planned. */
  'tin-changed': { ...event, tins: tinsSchema.required(REQUIRED) },
  /** What was in the pot or came out of the oven, before it was laid. */
  'came-out': { ...event, preparation: text(200), massG: grams },
  /** How thick a layer lies, by a ruler. */
  thickness: { ...event, layer: text(200), mm: positive(1000).required(REQUIRED) },
  /** So many that can be sold, what they weigh together, and some of them one by one. */
  pieces: {
    ...event,
    count: whole(0, 100_000).required(REQUIRED),
    massG: positive(1e6),
    each: list(positive(1e5).required(REQUIRED), 500),
  },
  rejects: { ...event, count: whole(0, 100_000).required(REQUIRED), why: note(500) },
  trim: { ...event, massG: grams },
  leftover: { ...event, preparation: text(200), massG: grams },
  tasted: { ...event, text: text(2000), good: flag() },
  note: { ...event, text: text(5000) },
  /** Kept under an id of its own, apart from the events. */
  photo: { ...event, photo: uuid(), text: note(500) },
  /** What to do otherwise next time, and why. */
  'next-time': { ...event, change: changeSchema, why: text(500) },
  stopped: { ...event, why: note(500) },
  finished: { ...event },
  /** Another event did not happen: undo is an event too. */
  'taken-back': { ...event, event: uuid() },
} as const;

export const runEventSchema = choice('kind', KINDS, 'required');
export type RunEvent = Held<typeof runEventSchema>;
/** What is said of an event besides its id and its moment. */
export type Happening = RunEvent extends infer E
  ? E extends RunEvent
    ? Omit<E, 'id' | 'at' | 'deviceAt'>
    : never
  : never;
export type RunEventOf<K extends RunEvent['kind']> = Extract<RunEvent, { kind: K }>;
