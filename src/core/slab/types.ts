import type { Held } from '../validation';
import type { cutSchema, scaleSchema, slabSchema } from './schema';

/**
 * The slab file, as plain data; `schema.ts` says what each field may hold. Fields not named there are kept and written back.
 * `tins` and `scale` say how the slab is made now; without them it is made as written.
 */
export type Slab = Held<typeof slabSchema>;

/** A check that the maker has marked as known. */
export type AcknowledgedCheck = NonNullable<Slab['known']>[number];

/**
 * What stays fixed when the tin changes. `layer-thickness` keeps the thickness of every layer that it does not name;
 * `total-height` changes all in proportion; `as-far-as` makes as much as the stock allows; `pieces` makes enough for an order.
 */
export type Scale = Held<typeof scaleSchema>;

/** Stock of an ingredient. */
export type StockItem = Extract<Scale, { readonly mode: 'as-far-as' }>['have'][number];

/** One pot's or bowl's worth of mixture. */
export type Preparation = Slab['preparations'][number];

/** One ingredient with an amount, as written. */
export type Line = Preparation['lines'][number];

/** A part of a line, 0 to 1, for another preparation or step. */
export type LinePart = NonNullable<Line['divided']>[number];

export type CookTo = NonNullable<Preparation['cookTo']>;
export type Step = NonNullable<Preparation['steps']>[number];

/** A layer of the slab, made from one or more preparations. */
export type Layer = Slab['layers'][number];

/** An even grid: columns run along the length, rows along the width. */
export type CutSpec = Held<typeof cutSchema>;
