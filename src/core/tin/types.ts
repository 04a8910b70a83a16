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

export type Tin = RectangleTin | RoundTin;

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
  readonly tin: Tin;
}
