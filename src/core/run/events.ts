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
  uuid,
  whole,
  type Held,
} from '../validation';
import { tinsSchema } from '../tin';
import { changeSchema } from './change';

/** Firmness found by touch. */
export const SET_READINGS = ['firm', 'still soft', 'still sticky'] as const;
export type SetReading = (typeof SET_READINGS)[number];
/** Whether a layer with each reading can be cut or take the next layer. */
export const IS_SET: Readonly<Record<SetReading, boolean>> = { firm: true, 'still soft': false, 'still sticky': false };

/** What a pot showed: a failed cold-water test, or sugar that set or grained where it should not. */
export const POT_SIGNS = ['soft-in-cold-water', 'hard-in-cold-water', 'set-in-pot', 'stirred-long'] as const;
export type PotSign = (typeof POT_SIGNS)[number];

const grams = number(0, 1e6).required(REQUIRED);
const id = () => uuid().required(REQUIRED);
const AT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/;
const at = formed(AT, reason('not-a-utc-moment'))
  // Text that is not a valid moment has already been reported.
  .test(
    'exists',
    asMessage(reason('no-such-moment')),
    (text) => text === undefined || !AT.test(text) || isMoment(text),
  );
/** `deviceAt` is the time of the device's own clock if it did not know the server's; the server then corrects `at`. */
const event = { id: id(), at: at.required(REQUIRED), deviceAt: at };
const step = text(200);
const line = { preparation: text(200), line: whole(0, 1000).required(REQUIRED) };

/** Events of a run, by kind. A run is an append-only list of these. */
const KINDS = {
  'step-begun': { ...event, step },
  'step-done': { ...event, step },
  /** Skipped, with a reason. */
  'step-skipped': { ...event, step, why: note(500) },
  /** Postponed: until a moment, or until another step is done; without either, until nothing else is left. */
  'step-put-off': { ...event, step, until: at, behind: note(200) },
  /** Running late: no work is begun before this moment. What runs by itself goes on. */
  'held-up': { ...event, until: at.required(REQUIRED) },
  weighed: { ...event, ...line, massG: grams },
  /** Amount changed after weighing, g; negative for less. */
  'amount-changed': { ...event, ...line, byG: number(-1e6, 1e6).required(REQUIRED), why: note(500) },
  /** Thermometer reading, °C, uncorrected. */
  temperature: { ...event, step: note(200), celsius: number(-50, 350).required(REQUIRED) },
  'set-reading': { ...event, step, reading: oneOf(SET_READINGS).required(REQUIRED) },
  'pot-sign': { ...event, preparation: text(200), sign: oneOf(POT_SIGNS).required(REQUIRED) },
  lot: { ...event, ingredient: text(200), lot: text(200) },
  /** Different tins than planned. */
  'tin-changed': { ...event, tins: tinsSchema.required(REQUIRED) },
  /** Mass in the pot or from the oven, before pouring. */
  'came-out': { ...event, preparation: text(200), massG: grams },
  /** Measured thickness of a layer. */
  thickness: { ...event, layer: text(200), mm: positive(1000).required(REQUIRED) },
  /** Number of sellable pieces, their total mass, and individual masses. */
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
  /** The photo itself is stored under its own id. */
  photo: { ...event, photo: id(), text: note(500) },
  /** Change for next time, and the reason. */
  'next-time': { ...event, change: changeSchema, why: text(500) },
  stopped: { ...event, why: note(500) },
  finished: { ...event },
  /** Cancels another event: undo is an event too. */
  'taken-back': { ...event, event: id() },
} as const;

export const runEventSchema = choice('kind', KINDS, 'required');
export type RunEvent = Held<typeof runEventSchema>;
/** An event without its id and its moment. */
export type Happening = RunEvent extends infer E
  ? E extends RunEvent
    ? Omit<E, 'id' | 'at' | 'deviceAt'>
    : never
  : never;
export type RunEventOf<K extends RunEvent['kind']> = Extract<RunEvent, { kind: K }>;
