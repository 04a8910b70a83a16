import { MAX_MM } from '$core/tin';
import type { CutAsk } from '$core/usecases';
import {
  choice,
  fields,
  flag,
  type Held,
  list,
  number,
  oneOf,
  positive,
  problem,
  problemsOf,
  problemsUnder,
  type Read,
  readBy,
  REQUIRED,
  text,
  whole,
} from '$core/validation';
import { ASKED } from '$lib/limits/requestLimits';
import { limited } from './limited';
import { readPlanRequest, type PlanRequest } from './plan';

const side = limited(ASKED.pieceMm).required(REQUIRED);
export const cutAskSchema = choice(
  'by',
  {
    count: { count: limited(ASKED.pieces).required(REQUIRED) },
    size: { lengthMm: side, widthMm: side, fit: oneOf(['exact', 'stretch']) },
    mass: { massG: limited(ASKED.pieceG).required(REQUIRED) },
    cost: { cost: limited(ASKED.pieceCost).required(REQUIRED) },
  },
  'required',
);

/** Reads the body of `POST /api/cuts`: a slab, and the target of its cut. */
export interface CutsRequest extends PlanRequest {
  readonly ask: CutAsk;
}

export function readCutsRequest(found: unknown): Read<CutsRequest> {
  const read = readPlanRequest(found);
  const wrong = problemsUnder(`/ask`, problemsOf(cutAskSchema, Object(found).ask));
  if (!read.ok) return { ok: false, problems: [...read.problems, ...wrong] };
  return wrong.length > 0
    ? { ok: false, problems: wrong }
    : { ok: true, value: { ...read.value, ask: Object(found).ask } };
}

export const readingSchema = list(
  fields({
    xMm: number(0, MAX_MM).required(REQUIRED),
    yMm: number(0, MAX_MM).required(REQUIRED),
    mm: positive(1000).required(REQUIRED),
  }).required(REQUIRED),
  200,
  1,
).required(REQUIRED);

/** Reads the body of `POST /api/even`: a slab, and thickness readings. */
export interface EvenRequest extends PlanRequest {
  readonly readings: Held<typeof readingSchema>;
}

export function readEvenRequest(found: unknown): Read<EvenRequest> {
  const read = readPlanRequest(found);
  const readings = problemsUnder(`/readings`, problemsOf(readingSchema, Object(found).readings));
  if (!read.ok) return { ok: false, problems: [...read.problems, ...readings] };
  return readings.length > 0
    ? { ok: false, problems: readings }
    : { ok: true, value: { ...read.value, readings: Object(found).readings } };
}

/** Maximum search time, s. */
const MAX_SECONDS = 8;
const side5 = number(20, MAX_MM);

/** A piece type in a request: without a name, and with `null` for as many as fit. */
const askedKind = fields({
  id: text(100),
  lengthMm: side,
  widthMm: side,
  value: number(0, 1e6).required(REQUIRED),
  least: whole(0, 10000),
  most: whole(0, 10000).nullable(),
  turn: flag(),
});

export const mixedSchema = fields({
  lengthMm: side5,
  widthMm: side5,
  kerfMm: number(0, 50),
  kinds: list(askedKind.required(REQUIRED), 40, 1).required(REQUIRED),
  seconds: number(0.1, MAX_SECONDS),
}).required(REQUIRED);

/** Reads the body of `POST /api/mixed`: sizes or a slab, and piece types. */
export type MixedRequest = Held<typeof mixedSchema> & Partial<PlanRequest>;

export function readMixedRequest(found: unknown): Read<MixedRequest> {
  const own = problemsOf(mixedSchema, found);
  const { slab, lengthMm, widthMm } = Object(found) as Partial<MixedRequest>;
  if (slab !== undefined) {
    const read = readPlanRequest(found);
    if (!read.ok) return { ok: false, problems: [...read.problems, ...own] };
  } else if (own.length === 0) {
    if (lengthMm === undefined) own.push(problem('/lengthMm', 'size-or-slab'));
    if (widthMm === undefined) own.push(problem('/widthMm', 'size-or-slab'));
  }
  const kinds = (Object(found) as { kinds?: { least?: number; most?: number | null }[] }).kinds ?? [];
  if (own.length === 0) {
    kinds.forEach(({ least = 0, most }, at) => {
      if (typeof most === 'number' && most < least) {
        own.push(problem(`/kinds/${at}/most`, 'most-below-least', { least }));
      }
    });
  }
  return own.length > 0 ? { ok: false, problems: own } : { ok: true, value: found as MixedRequest };
}

export const bagsSchema = fields({
  shardsG: list(positive(1e6).required(REQUIRED), 2000, 1).required(REQUIRED),
  bagG: positive(1e6).required(REQUIRED),
  bags: whole(1, 10_000).nullable(),
}).required(REQUIRED);

/** Reads the body of `POST /api/bags`. */
export type BagsRequest = Held<typeof bagsSchema>;

export const readBagsRequest = (found: unknown): Read<BagsRequest> => readBy(bagsSchema, found);
