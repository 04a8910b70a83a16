import { hoursSchema, MEANS, zoneSchema } from '$core/shop';
import { heatWork } from '$core/heat';
import { PLACES } from '$core/slab';
import { BLOCKABLE, PACES } from '$core/time';
import {
  fields,
  type Held,
  list,
  momentSchema,
  number,
  oneOf,
  pairs,
  positive,
  problem,
  problemsOf,
  problemsUnder,
  type Read,
  readBy,
  reason,
  REQUIRED,
  asMessage,
} from '$core/validation';
import * as yup from 'yup';
import { ASKED } from '$lib/limits/requestLimits';
import { limited } from './limited';
import { readPlanRequest, type PlanRequest } from './plan';

const MAX_READINGS = 15_000;

export const forecastSchema = fields({
  kind: oneOf(['boil', 'cool']).required(REQUIRED),
  readings: pairs(MAX_READINGS, 'seconds, degrees C').required(REQUIRED),
  targetC: number(-40, 400).required(REQUIRED),
  roomC: number(-40, 60),
  altitudeM: number(-500, 6000),
  probeOffsetC: number(-50, 50),
  sugarG: yup.mixed().nullable(),
}).required(REQUIRED);

/** Reads the body of `POST /api/forecast`. */
export type ForecastRequest = Held<typeof forecastSchema>;

export const readForecastRequest = (found: unknown): Read<ForecastRequest> => readBy(forecastSchema, found);

const celsius = number(-100, 400).required(REQUIRED);
const face = fields({ h: positive(1e12).required(REQUIRED), airC: celsius }).required(REQUIRED);
const heatLayer = fields({
  thicknessMm: positive(500).required(REQUIRED),
  k: positive(500).required(REQUIRED),
  rho: positive(30_000).required(REQUIRED),
  cp: positive(20_000).required(REQUIRED),
  startC: celsius,
  latent: fields({ jPerKg: number(0, 1e6).required(REQUIRED), fromC: celsius, toC: celsius })
    .nullable()
    .test('range', asMessage(reason('range-not-rising')), (found) => !found || found.toC > found.fromC),
}).required(REQUIRED);
/** Maximum number of temperatures in an answer: times, for each layer. */
const MAX_NOTES = 50_000;
const WEEK = 7 * 24 * 60;

/** The raw form of `POST /api/setting`: layers with thermal properties. */
export const heatRequestSchema = fields({
  layers: list(heatLayer, 50, 1).required(REQUIRED),
  top: face,
  bottom: face,
  minutes: number(0, WEEK).required(REQUIRED),
  everyMinutes: positive(WEEK)
    .required(REQUIRED)
    .test(
      'few',
      asMessage(reason('too-many-heat-notes', { max: MAX_NOTES })),
      (every, { parent }) => !((Number(parent.minutes) / every) * parent.layers?.length > MAX_NOTES),
    ),
}).required(REQUIRED);
export type RawSetting = Held<typeof heatRequestSchema>;

export const staysSchema = list(
  fields({ place: oneOf(PLACES).required(REQUIRED), minutes: limited(ASKED.stayMinutes).required(REQUIRED) }).required(
    REQUIRED,
  ),
  50,
);

/** The slab form: the places of the tin in order. */
export type SlabSetting = PlanRequest & { readonly stays?: Held<typeof staysSchema> | undefined };

/** Reads the body of `POST /api/setting` in either form: with a slab, or with layers. */
export function readSettingRequest(found: unknown): Read<{ raw: RawSetting } | { slab: SlabSetting }> {
  if (typeof found !== 'object' || found === null || !('slab' in found)) {
    const read = readBy(heatRequestSchema, found);
    if (!read.ok) return read;
    const { layers, minutes, everyMinutes } = read.value;
    const work = heatWork(
      layers.map(({ thicknessMm, latent }) => ({ thicknessMm, latents: latent ? [latent] : [] })),
      minutes,
      everyMinutes,
    );
    if (work <= 1) return { ok: true, value: { raw: read.value } };
    return { ok: false, problems: [problem('/minutes', 'too-much-heat', { times: Math.ceil(work) })] };
  }
  const read = readPlanRequest(found);
  const { stays } = found as unknown as { stays?: unknown };
  const inStays = problemsUnder(`/stays`, problemsOf(staysSchema, stays));
  const problems = [...(read.ok ? [] : read.problems), ...inStays];
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: { slab: found as unknown as SlabSetting } };
}

/** Times at which a resource is not there. */
export const blockedSchema = list(
  fields({
    what: oneOf(BLOCKABLE).required(REQUIRED),
    from: momentSchema.required(REQUIRED),
    to: momentSchema.required(REQUIRED),
  }).required(REQUIRED),
  50,
);

export const timelineSchema = fields({
  start: momentSchema,
  deadline: momentSchema,
  ...MEANS,
  blocked: blockedSchema,
  /** Shortest, typical or longest times. */
  pace: oneOf(PACES),
  hours: hoursSchema,
  zone: zoneSchema,
}).required(REQUIRED);

/** Reads the body of `POST /api/timeline`. */
export type TimelineRequest = Pick<PlanRequest, 'slab' | 'tins' | 'shop'> & Held<typeof timelineSchema>;

export function readTimelineRequest(found: unknown): Read<TimelineRequest> {
  const read = readPlanRequest(found);
  if (!read.ok) return read;
  const problems = problemsOf(timelineSchema, found);
  const { start, deadline } = found as TimelineRequest;
  if ((start === undefined) === (deadline === undefined)) {
    problems.push(problem('/deadline', 'start-and-deadline'));
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: found as TimelineRequest };
}
