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

/** Whatever a slab can be made in, as it is chosen. A sheet becomes a tin once it is known how far the slab spreads. */
export type AnyTin = Held<typeof tinSchema>;
export type RectangleTin = Extract<AnyTin, { readonly shape: 'rectangle' }>;
export type RoundTin = Extract<AnyTin, { readonly shape: 'round' }>;
export type SheetTin = Extract<AnyTin, { readonly shape: 'sheet' }>;

/** What a slab stands in: it has an inside at every height. */
export type Tin = RectangleTin | RoundTin;

/** A tin, and how many of it. */
export type TinCount = Held<typeof tinCountSchema>;

/** The inside of a tin seen from above at one height: a rectangle with round corners. A circle is one that is all corner. */
export interface Outline {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly cornerMm: number;
}

/** A kind of tin on the rack, and how many there are. */
export type RackTin = Held<typeof rackTinSchema>;

/** A pot or a bowl, and what it holds to the brim. */
export type Vessel = Held<typeof vesselSchema>;

/** A box that cut pieces are packed in, inside measures. */
export type Box = Held<typeof boxSchema>;

/** A bag, and what it holds. */
export type Bag = Held<typeof bagSchema>;

/** Paper that single pieces are wrapped in, and how it closes. */
export type Wrap = Held<typeof wrapSchema>;
export type WrapFold = (typeof WRAPS)[number];
