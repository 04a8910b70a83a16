import { ALLERGENS } from '$core/larder';
import { LABEL_PROFILES } from '$core/shop';
import { pricingSchema, type Pricing, type Slab } from '$core/slab';
import { boxSchema } from '$core/tin';
import {
  daySchema,
  fields,
  type Held,
  list,
  note,
  number,
  oneOf,
  problemsOf,
  problemsUnder,
  type Read,
  readBy,
  reason,
  REQUIRED,
  whole,
  asMessage,
} from '$core/validation';
import * as yup from 'yup';
import { ASKED } from '$lib/limits/requestLimits';
import { limited } from './limited';
import { readPlanRequest, type PlanRequest } from './plan';

/** Reads the body of `POST /api/price`: a slab, and other pricing. */
export type PriceRequest = PlanRequest;

/** A pricing in a request: `trim` may be a price per kilogram. */
function readPricing(found: unknown): Read<Pricing> {
  const { trim, ...rest } = Object(found) as { trim?: unknown };
  const sold = typeof trim === 'object' && trim !== null ? { trim: 'sell', trimPerKg: Object(trim).perKg } : { trim };
  const plain = found === undefined || typeof found !== 'object' || found === null ? found : { ...rest, ...sold };
  const problems = problemsOf(pricingSchema, plain).map((wrong) => ({
    ...wrong,
    path: wrong.path === '/trimPerKg' && typeof trim === 'object' ? '/trim/perKg' : wrong.path,
  }));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: (plain ?? {}) as Pricing };
}

const ASKS = ['margin', 'markup', 'price'] as const;

/** Returns a slab with the pricing of a request; its margin, markup or price replaces the slab's. */
function pricedAs(slab: Slab, asked: Pricing): Slab {
  const asks = ASKS.some((what) => asked[what] !== undefined);
  const own = Object.fromEntries(
    Object.entries(slab.pricing ?? {}).filter(([field]) => !asks || !(ASKS as readonly string[]).includes(field)),
  );
  return { ...slab, pricing: { ...own, ...asked } };
}

/** Reads the body of `POST /api/price` and returns the slab with that pricing. */
export function readPriceRequest(found: unknown): Read<PriceRequest> {
  const read = readPlanRequest(found);
  const pricing = readPricing(Object(found).pricing);
  const problems = [
    ...(read.ok ? [] : read.problems),
    ...(pricing.ok ? [] : problemsUnder('/pricing', pricing.problems)),
  ];
  if (!read.ok || !pricing.ok) return { ok: false, problems };
  return { ok: true, value: { ...read.value, slab: pricedAs(read.value.slab, pricing.value) } };
}

/** Lot of a run, for its label. */
const lot = note(50);

export const labelRequestSchema = fields({
  madeOn: daySchema.required(REQUIRED),
  profile: oneOf(LABEL_PROFILES),
  lot,
  /** Id of a piece type of the cut. */
  kind: note(100),
  pack: fields({ pieces: limited(ASKED.perPack).required(REQUIRED) }),
  /** Numbers of other slabs made on the same day. */
  alsoMade: list(whole(1, 1e9).required(REQUIRED), 50),
}).required(REQUIRED);

/** Reads the body of `POST /api/label`. */
export type LabelRequest = PlanRequest & Held<typeof labelRequestSchema>;

export function readLabelRequest(found: unknown): Read<LabelRequest> {
  const read = readPlanRequest(found);
  const problems = [...(read.ok ? [] : read.problems), ...problemsOf(labelRequestSchema, Object(found))];
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: found as LabelRequest };
}

/** Reads how to print labels of a saved slab from an address: `madeOn`, `lot`, `pieces`, `profile`, `count`, `from`, `also`. */
const printedSchema = fields({
  madeOn: daySchema.required(REQUIRED),
  profile: oneOf(LABEL_PROFILES),
  lot,
  kind: note(100),
  pieces: limited(ASKED.perPack),
  /** Number of labels, and the first unused position. */
  count: limited(ASKED.labels),
  from: limited(ASKED.labelPlace),
  alsoMade: list(whole(1, 1e9).required(REQUIRED), 50),
}).required(REQUIRED);
export type PrintedLabels = Held<typeof printedSchema>;

export function readPrintedLabels(query: URLSearchParams): Read<PrintedLabels> {
  const numberOf = (name: string) => (query.has(name) ? Number(query.get(name)) : undefined);
  const given = {
    madeOn: query.get('madeOn') ?? undefined,
    profile: query.get('profile') ?? undefined,
    lot: query.get('lot') || undefined,
    kind: query.get('kind') ?? undefined,
    pieces: numberOf('pieces'),
    count: numberOf('count'),
    from: numberOf('from'),
    alsoMade: query.get('also')?.split(',').filter(Boolean).map(Number),
  };
  return readBy(
    printedSchema,
    Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined)),
  ) as Read<PrintedLabels>;
}

const pieceMm = limited(ASKED.pieceMm).required(REQUIRED);
const MAX_PLACES = 20_000;
const packedBox = boxSchema.shape({
  lengthMm: number(1, 2000).required(REQUIRED),
  widthMm: number(1, 2000).required(REQUIRED),
  heightMm: number(1, 2000).required(REQUIRED),
});

export const boxesSchema = fields({
  piece: fields({
    lengthMm: pieceMm,
    widthMm: pieceMm,
    heightMm: number(1, 1000).required(REQUIRED),
    massG: number(0, 1e6),
  }).required(REQUIRED),
  pieces: limited(ASKED.pieces).required(REQUIRED),
  boxes: list(packedBox.required(REQUIRED), 100, 1).required(REQUIRED),
  interleafMm: number(0, 20),
})
  .required(REQUIRED)
  .test('bounded', asMessage(reason('too-many-box-places', { max: MAX_PLACES })), (asked) => {
    const { piece, boxes } = Object(asked) as {
      piece?: { lengthMm: number; widthMm: number };
      boxes?: { lengthMm: number; widthMm: number }[];
    };
    if (!piece || !Array.isArray(boxes)) return true;
    const least = piece.lengthMm * piece.widthMm;
    const places = boxes.reduce((sum, box) => sum + (Number(box?.lengthMm) * Number(box?.widthMm)) / least, 0);
    return !(places > MAX_PLACES);
  });

/** Reads the body of `POST /api/boxes`. */
export type BoxesRequest = Held<typeof boxesSchema>;
export const readBoxesRequest = (found: unknown): Read<BoxesRequest> => readBy(boxesSchema, found);

export const freeFromSchema = fields({
  allergen: oneOf(ALLERGENS).required(REQUIRED),
  /** Names of substitutes by place in the slab file. */
  answers: yup.mixed<Record<string, string>>().test('answers', asMessage(reason('not-an-object')), (found) => {
    if (found === undefined) return true;
    if (typeof found !== 'object' || found === null || Array.isArray(found)) return false;
    const choices = Object.entries(found);
    return choices.length <= 1000 && choices.every(([, name]) => typeof name === 'string' && name.length <= 200);
  }),
}).required(REQUIRED);

/** Reads the body of `POST /api/free-from`. */
export type FreeFromRequest = PlanRequest & Held<typeof freeFromSchema>;

export function readFreeFromRequest(found: unknown): Read<FreeFromRequest> {
  const read = readPlanRequest(found);
  const problems = [...(read.ok ? [] : read.problems), ...problemsOf(freeFromSchema, Object(found))];
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: found as FreeFromRequest };
}

const version = fields({ version: whole(1, 1e9) }).required(REQUIRED);
/** Returns the version of a slab in an address; by default the last one. */
export const readVersion = (query: URLSearchParams): Read<Held<typeof version>> =>
  readBy(version, query.has('version') ? { version: Number(query.get('version')) } : {});
