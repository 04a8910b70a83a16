import type { Held } from '../validation';
import type {
  bagSchema,
  boxSchema,
  rackTinSchema,
  tinCountSchema,
  tinSchema,
  vesselSchema,
  wrapSchema,
  WRAPS,
} from './schema';

/** Anything that can hold a slab, as chosen. A sheet becomes a tin once the spread of the slab is known. */
export type AnyTin = Held<typeof tinSchema>;
export type RectangleTin = Extract<AnyTin, { readonly shape: 'rectangle' }>;
export type RoundTin = Extract<AnyTin, { readonly shape: 'round' }>;
export type SheetTin = Extract<AnyTin, { readonly shape: 'sheet' }>;

/** A tin with walls. */
export type Tin = RectangleTin | RoundTin;

/** A tin and its count. */
export type TinCount = Held<typeof tinCountSchema>;

/** Inside of a tin from above at one height: a rectangle with round corners. A circle is all corners. */
export interface Outline {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly cornerMm: number;
}

/** A kind of tin on the rack with its count. */
export type RackTin = Held<typeof rackTinSchema>;

/** A pot or a bowl with its capacity to the brim. */
export type Vessel = Held<typeof vesselSchema>;

/** A box for cut pieces, inside dimensions. */
export type Box = Held<typeof boxSchema>;

/** A bag with its capacity. */
export type Bag = Held<typeof bagSchema>;

/** Wrapper paper for single pieces, and how it closes. */
export type Wrap = Held<typeof wrapSchema>;
export type WrapFold = (typeof WRAPS)[number];
