import { currencySchema } from '../larder';
import { asMessage, choice, fields, reason, list, number, oneOf, positive, REQUIRED, text, whole } from '../validation';

/** The longest side of anything in a kitchen, and the deepest tin, mm. */
export const MAX_MM = 5000;
const MAX_DEPTH_MM = 1000;
const MAX_TINS = 100;

const lengthMm = number(1, MAX_MM).required(REQUIRED);
const depthMm = number(1, MAX_DEPTH_MM).required(REQUIRED);
/** Degrees from the vertical. */
const flareDeg = number(0, 60);

/**
 * What a slab is made in: inside measures, at the base.
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

/** A tin, and how many of it. */
export const tinCountSchema = fields({ tin: tinSchema, count: whole(1, MAX_TINS).required(REQUIRED) }).required(
  REQUIRED,
);

/** The tins that a slab is made in, and how many of each. */
export const tinsSchema = list(tinCountSchema, 20, 1);

/** A kind of tin for the rack. */
export const rackTinSchema = fields({
  name: text(),
  count: whole(1, MAX_TINS).required(REQUIRED),
  tin: tinSchema,
}).required(REQUIRED);

/** What a mixture is made in. */
export const VESSELS = ['pot', 'bowl'] as const;
export type VesselKind = (typeof VESSELS)[number];
/** Whether each vessel can stand on a ring. */
export const GOES_ON_RING: Readonly<Record<VesselKind, boolean>> = { pot: true, bowl: false };

/** A pot or a bowl, and what it holds to the brim. */
export const vesselSchema = fields({
  name: text(),
  kind: oneOf(VESSELS).required(REQUIRED),
  volumeMl: positive(1e6).required(REQUIRED),
}).required(REQUIRED);

/** What a thing of the shop costs; in another currency than the shop's it says so, and is not counted. */
const priced = {
  price: number(0, 1e6),
  currency: currencySchema,
};

/** A box that cut pieces are packed in, inside measures. */
export const boxSchema = fields({
  name: text(),
  lengthMm,
  widthMm: lengthMm,
  heightMm: lengthMm,
  ...priced,
}).required(REQUIRED);

/** A bag, and what it holds: so many grams, or so many pieces. */
export const bagSchema = fields({
  name: text(),
  holdsG: positive(1e6),
  holdsPieces: whole(1, 1000),
  ...priced,
}).required(REQUIRED);

/** How a paper closes round a piece: twisted at both ends, or folded like a parcel. */
export const WRAPS = ['twist', 'parcel'] as const;

/** Paper for single pieces, by the sheet that it comes in; `price` is that of one sheet. */
export const wrapSchema = fields({
  name: text(),
  fold: oneOf(WRAPS).required(REQUIRED),
  lengthMm,
  widthMm: lengthMm,
  ...priced,
}).required(REQUIRED);
