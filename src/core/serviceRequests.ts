import * as yup from 'yup';
import type { Asked } from './plan';
import type { PlaceStay } from './setting';
import type { Shop } from './shop';
import {
  fields,
  hoursSchema,
  list,
  number,
  oneOf,
  PLACES,
  positive,
  problemsOf,
  whole,
  zoneSchema,
  type Problem,
  type Read,
  type Slab,
} from './slab';
import { readPlanRequest } from './planRequest';
import type { Reading } from './sugar';
import { PACES, type Hours, type Pace } from './time';

/** The body of `POST /api/forecast`. */
export interface ForecastRequest {
  readonly kind: 'boil' | 'cool';
  readonly readings: readonly Reading[];
  readonly targetC: number;
  readonly roomC?: number;
  readonly altitudeM?: number;
  readonly probeOffsetC?: number;
}

const required = 'This is missing';
const reading = list(number(-1e9, 1e9).required(required), 2)
  .min(2, 'Write a pair: seconds, degrees C')
  .required(required);
const forecast = fields({
  kind: oneOf(['boil', 'cool']).required(required),
  readings: list(reading, 100_000).required(required),
  targetC: number(-40, 400).required(required),
  roomC: number(-40, 60),
  altitudeM: number(-500, 6000),
  probeOffsetC: number(-50, 50),
  sugarG: yup.mixed().nullable(),
}).required('Send an object with readings');

export function readForecastRequest(found: unknown): Read<ForecastRequest> {
  const problems = problemsOf(forecast, found);
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: found as ForecastRequest };
}

/** The raw form of `POST /api/setting`: layers as heat sees them. */
export interface RawSetting {
  readonly layers: readonly {
    readonly thicknessMm: number;
    readonly k: number;
    readonly rho: number;
    readonly cp: number;
    readonly startC: number;
    readonly latent: { readonly jPerKg: number; readonly fromC: number; readonly toC: number } | null;
  }[];
  readonly top: { readonly h: number; readonly airC: number };
  readonly bottom: { readonly h: number; readonly airC: number };
  readonly minutes: number;
  readonly everyMinutes: number;
}

/** The slab form: where the tin stands, one place after the other. */
export interface SlabSetting extends Asked {
  readonly slab: Slab;
  readonly shop?: Partial<Shop> | undefined;
  readonly stays?: readonly PlaceStay[] | undefined;
}

const celsius = number(-100, 400);
const face = fields({ h: positive(1e12).required(required), airC: celsius.required(required) }).required(required);
const heatLayer = fields({
  thicknessMm: positive(500).required(required),
  k: positive(500).required(required),
  rho: positive(30_000).required(required),
  cp: positive(20_000).required(required),
  startC: celsius.required(required),
  latent: fields({
    jPerKg: number(0, 1e6).required(required),
    fromC: celsius.required(required),
    toC: celsius.required(required),
  })
    .nullable()
    .test('range', 'The range must rise: toC above fromC', (found) => !found || found.toC > found.fromC),
}).required(required);
const MOST_NOTES = 20_000;
const raw = fields({
  layers: list(heatLayer, 50).min(1, 'Give at least one layer').required(required),
  top: face,
  bottom: face,
  minutes: number(0, 7 * 24 * 60).required(required),
  everyMinutes: positive(7 * 24 * 60)
    .required(required)
    .test(
      'few',
      'That is more than 20000 times: note it less often',
      (every, { parent }) => !(Number(parent.minutes) / every > MOST_NOTES),
    ),
}).required(required);
const stays = list(
  fields({ place: oneOf(PLACES).required(required), minutes: number(0, 100_000).required(required) }).required(
    required,
  ),
  50,
);

/** Reads the body of `POST /api/setting`, in either form: one with a slab, or one with layers. */
export function readSettingRequest(found: unknown): Read<{ raw: RawSetting } | { slab: SlabSetting }> {
  const isSlab = typeof found === 'object' && found !== null && 'slab' in found;
  if (!isSlab) {
    const problems = problemsOf(raw, found);
    return problems.length > 0 ? { ok: false, problems } : { ok: true, value: { raw: found as RawSetting } };
  }
  const read = readPlanRequest(found);
  const inStays: Problem[] = problemsOf(stays, (found as unknown as Record<string, unknown>).stays).map(
    ({ path, message }) => ({ path: `/stays${path}`, message }),
  );
  if (!read.ok) return { ok: false, problems: [...read.problems, ...inStays] };
  return inStays.length > 0
    ? { ok: false, problems: inStays }
    : { ok: true, value: { slab: found as unknown as SlabSetting } };
}

/** The body of `POST /api/timeline`. */
export interface TimelineRequest extends Pick<Asked, 'tins'> {
  readonly slab: Slab;
  readonly shop?: Partial<Shop> | undefined;
  readonly start?: string | undefined;
  readonly deadline?: string | undefined;
  readonly hands?: number | undefined;
  readonly ovens?: number | undefined;
  readonly rings?: number | undefined;
  readonly hours?: readonly Hours[] | undefined;
  readonly zone?: string | undefined;
  /** Whether to count on least, usual or most times. */
  readonly pace?: Pace | undefined;
}

const moment = yup
  .string()
  .strict()
  .typeError('Write a moment such as 2026-12-04T12:00:00+01:00')
  .test(
    'moment',
    'Write a moment with its zone, such as 2026-12-04T12:00:00+01:00',
    (text) => text === undefined || (/T.*(Z|[+-]\d{2}:?\d{2})$/.test(text) && !Number.isNaN(Date.parse(text))),
  );
const timeline = fields({
  start: moment,
  deadline: moment,
  hands: whole(1, 10),
  ovens: whole(0, 10),
  rings: whole(0, 20),
  pace: oneOf(PACES),
  hours: hoursSchema,
  zone: zoneSchema,
});

export function readTimelineRequest(found: unknown): Read<TimelineRequest> {
  const read = readPlanRequest(found);
  if (!read.ok) return read;
  const problems = problemsOf(timeline, found);
  const { start, deadline } = found as TimelineRequest;
  if ((start === undefined) === (deadline === undefined)) {
    problems.push({ path: '/deadline', message: 'Give either a start or a deadline' });
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: found as TimelineRequest };
}
