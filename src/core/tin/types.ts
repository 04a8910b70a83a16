/** What a slab is made in. Inside measures, at the base, in mm; flare in degrees from the vertical. */
export interface RectangleTin {
  readonly shape: 'rectangle';
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly depthMm: number;
  readonly cornerMm?: number | undefined;
  readonly flareDeg?: number | undefined;
}

export interface RoundTin {
  readonly shape: 'round';
  readonly diameterMm: number;
  readonly depthMm: number;
  readonly flareDeg?: number | undefined;
}

/**
 * A sheet on which a slab lies free, up to `lengthMm` x `widthMm`. Bars of `depthMm` hold it; without them the mixture's own
 * stiffness does. The maker chooses its outline, or the thickness of the first layer and the outline follows.
 */
export interface SheetTin {
  readonly shape: 'sheet';
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly depthMm?: number | undefined;
  readonly outlineMm?: { readonly length: number; readonly width: number } | undefined;
}

/** What a slab stands in: it has an inside at every height. */
export type Tin = RectangleTin | RoundTin;

/** Whatever a slab can be made in, as it is chosen. A sheet becomes a tin once it is known how far the slab spreads. */
export type AnyTin = Tin | SheetTin;

/** The inside of a tin seen from above at one height: a rectangle with round corners. A circle is one that is all corner. */
export interface Outline {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly cornerMm: number;
}

/** A kind of tin on the rack, and how many there are. */
export interface RackTin {
  readonly id: number;
  readonly revision: number;
  readonly name: string;
  readonly count: number;
  readonly tin: AnyTin;
}

/** What a mixture is made in. */
export const VESSELS = ['pot', 'bowl'] as const;

/** A pot or a bowl, and what it holds to the brim. */
export interface Vessel {
  readonly name: string;
  readonly kind: (typeof VESSELS)[number];
  readonly volumeMl: number;
}

/** A box that cut pieces are packed in, inside measures. */
export interface Box {
  readonly name: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}
