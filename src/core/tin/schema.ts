import { currencySchema } from '../larder';
import { asMessage, choice, fields, reason, list, number, oneOf, positive, REQUIRED, text, whole } from '../validation';

/** Maximum side and depth of a tin, mm. */
export const MAX_MM = 5000;
const MAX_DEPTH_MM = 1000;
const MAX_TINS = 100;

const lengthMm = number(1, MAX_MM).required(REQUIRED);
const depthMm = number(1, MAX_DEPTH_MM).required(REQUIRED);
/** Wall slope, degrees from vertical. */
const flareDeg = number(0, 60);

/**
 * A tin or sheet with its inside dimensions at the base.
 *
 * On a sheet a slab lies free, up to `lengthMm` x `widthMm`. Bars of `depthMm` hold it; without them the mixture's own stiffness
 * does. The maker chooses its outline, or the thickness of the first layer and the outline follows.
 */
export const tinSchema = choice(
  'shape',
  {
    rectangle: {
      lengthMm,
      widthMm: lengthMm,
      depthMm,
      cornerMm: number(0, MAX_MM / 2).test(
        'fits',
        asMessage(reason('corner-too-large')),
        (corner, { parent }) =>
          corner === undefined || corner <= Math.min(Number(parent.lengthMm), Number(parent.widthMm)) / 2,
      ),
      flareDeg,
    },
    round: { diameterMm: lengthMm, depthMm, flareDeg },
    sheet: {
      lengthMm,
      widthMm: lengthMm,
      depthMm: number(1, MAX_DEPTH_MM),
      outlineMm: fields({ length: lengthMm, width: lengthMm }),
    },
  },
  'required',
);

/** A tin and its count. */
export const tinCountSchema = fields({ tin: tinSchema, count: whole(1, MAX_TINS).required(REQUIRED) }).required(
  REQUIRED,
);

/** The tins of a slab with their counts. */
export const tinsSchema = list(tinCountSchema, 20, 1);

/** A kind of tin on the rack. */
export const rackTinSchema = fields({
  name: text(),
  count: whole(1, MAX_TINS).required(REQUIRED),
  tin: tinSchema,
}).required(REQUIRED);

/** Kinds of vessels. */
export const VESSELS = ['pot', 'bowl'] as const;
export type VesselKind = (typeof VESSELS)[number];
/** Whether each vessel can stand on a ring. */
export const GOES_ON_RING: Readonly<Record<VesselKind, boolean>> = { pot: true, bowl: false };

/** A pot or a bowl with its capacity to the brim. */
export const vesselSchema = fields({
  name: text(),
  kind: oneOf(VESSELS).required(REQUIRED),
  volumeMl: positive(1e6).required(REQUIRED),
}).required(REQUIRED);

/** Price of an item; a price in another currency is marked with it and not counted. */
const priced = {
  price: number(0, 1e6),
  currency: currencySchema,
};

/** A box for cut pieces, inside dimensions. */
export const boxSchema = fields({
  name: text(),
  lengthMm,
  widthMm: lengthMm,
  heightMm: lengthMm,
  ...priced,
}).required(REQUIRED);

/** A bag with its capacity in grams or pieces. */
export const bagSchema = fields({
  name: text(),
  holdsG: positive(1e6),
  holdsPieces: whole(1, 1000),
  ...priced,
}).required(REQUIRED);

/** Ways to close a wrapper: twisted at both ends, or folded. */
export const WRAPS = ['twist', 'parcel'] as const;

/** Wrapper paper by its sheet; `price` is that of one sheet. */
export const wrapSchema = fields({
  name: text(),
  fold: oneOf(WRAPS).required(REQUIRED),
  lengthMm,
  widthMm: lengthMm,
  ...priced,
}).required(REQUIRED);
