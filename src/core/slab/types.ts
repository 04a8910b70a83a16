import type { Ingredient } from '../larder';
import type { Measures, Unit } from '../measure';
import type { AnyTin } from '../tin';

/**
 * The slab file, as plain data. The fields are the file's own; fields not named here are kept and written back.
 * `tins` and `scale` say how the slab is made now; without them it is made as written.
 */
export interface Slab {
  readonly format: 'knife-tray/slab';
  readonly version: 1;
  readonly name: string;
  readonly measures?: Measures | undefined;
  readonly tin: AnyTin;
  readonly preparations: readonly Preparation[];
  readonly layers: readonly Layer[];
  readonly cut?: CutSpec | undefined;
  readonly tins?: readonly TinCount[] | undefined;
  readonly scale?: Scale | undefined;
  readonly keep?: { readonly place?: Place; readonly days?: number } | undefined;
  readonly notes?: string | undefined;
  /** Allergens that the slab is sold as free from. */
  readonly freeFrom?: readonly string[] | undefined;
  /** Warnings that the maker has seen and settled, each with a note. */
  readonly known?: readonly KnownWarning[] | undefined;
  readonly larder?: readonly Ingredient[] | undefined;
}

/** A warning of the second reader that the maker has marked as known. */
export interface KnownWarning {
  readonly code: string;
  readonly where: string;
  readonly note?: string | undefined;
}

export interface TinCount {
  readonly tin: AnyTin;
  readonly count: number;
}

/**
 * What stays fixed when the tin changes. `layer-thickness` keeps the thickness of every layer it does not name;
 * `total-height` changes all in proportion; `as-far-as` makes as much as the cupboard allows; `pieces` makes enough for an order.
 */
export type Scale =
  | { readonly mode: 'same-thickness' }
  | { readonly mode: 'layer-thickness'; readonly mm: Readonly<Record<string, number>> }
  | { readonly mode: 'total-height'; readonly mm: number }
  | { readonly mode: 'multiple'; readonly by: number }
  | { readonly mode: 'as-far-as'; readonly have: readonly Have[] }
  | {
      readonly mode: 'pieces';
      readonly count: number;
      readonly lengthMm: number;
      readonly widthMm: number;
      /** Lower than written, where the tins are too shallow for that. */
      readonly heightMm?: number | undefined;
    };

/** So much of an ingredient in the cupboard. */
export type Have = Pick<Line, 'ingredient' | 'quantity' | 'unit' | 'state'>;

/** One pot's or bowl's worth of mixture. */
export interface Preparation {
  readonly id: string;
  readonly name: string;
  readonly lines: readonly Line[];
  readonly lossPercent?: number | undefined;
  readonly densityGPerMl?: number | undefined;
  readonly cookTo?: CookTo | undefined;
  readonly maxMultiple?: number | undefined;
  readonly steps?: readonly Step[] | undefined;
  /** Lines that were taken in and could not be read; they stay as text until they are. */
  readonly unread?: readonly string[] | undefined;
  readonly meets?: Meets | undefined;
}

/** Another pot that this one has to be ready with, or so many minutes ahead of. */
export interface Meets {
  readonly preparation: string;
  readonly aheadMinutes?: number | undefined;
  /** The step of this preparation at which the other goes in; what stands before it is then ready together with the other. */
  readonly atStep?: string | undefined;
}

/** One ingredient with an amount, as written. */
export interface Line {
  readonly ingredient: string;
  readonly quantity: number;
  readonly unit: Unit;
  readonly state?: string | undefined;
  readonly addedAt?: string | undefined;
  /** For `pack`: what the pack holds, g, where the line says so itself. */
  readonly packG?: number | undefined;
  /** Parts that go elsewhere: at another step, or into another preparation. The rest stays here. */
  readonly divided?: readonly LinePart[] | undefined;
  /** A second amount that the line gives for the same thing. */
  readonly also?: { readonly quantity: number; readonly unit: Unit } | undefined;
  readonly optional?: boolean | undefined;
  /** The line as it was taken in. */
  readonly text?: string | undefined;
}

/** A part of a line, 0 to 1, that goes into another preparation or in at another step. */
export interface LinePart {
  readonly share: number;
  readonly preparation?: string | undefined;
  readonly addedAt?: string | undefined;
}

/** Sugar stages by their names, from the coolest; `sugar/stages` has their temperatures. */
export const STAGES = [
  'thread',
  'soft ball',
  'firm ball',
  'hard ball',
  'soft crack',
  'hard crack',
  'light caramel',
  'dark caramel',
] as const;
export type Stage = (typeof STAGES)[number];

export interface CookTo {
  readonly celsius?: number | undefined;
  readonly fahrenheit?: number | undefined;
  /** The stage that the recipe names for it. */
  readonly stage?: Stage | undefined;
}

/** How a step's time grows: not at all, with what is made, or as setting does, with the square of the thickness. */
export const GROWTHS = ['fixed', 'mass', 'set'] as const;
export type Growth = (typeof GROWTHS)[number];

export interface Step {
  readonly id: string;
  readonly text: string;
  /** As it usually is, for the amounts as written. */
  readonly minutes: number;
  readonly leastMinutes?: number | undefined;
  readonly mostMinutes?: number | undefined;
  /** Without it a boil grows with its cooks, work of hands by the square root of the amount, and the rest not at all. */
  readonly grows?: Growth | undefined;
  readonly hands?: 'busy' | 'watch' | 'free' | undefined;
  readonly occupies?: readonly string[] | undefined;
  readonly ovenC?: number | undefined;
  readonly after?: readonly string[] | undefined;
  /** How long it may, and has to, wait after those. */
  readonly wait?: { readonly minMinutes?: number | undefined; readonly maxMinutes?: number | undefined } | undefined;
  /** The boil to the end point. */
  readonly cooks?: boolean | undefined;
  /** What is made is laid in this step, as chocolate strewn on the hot slab is: it waits for the layer below. */
  readonly lays?: boolean | undefined;
}

export const SPREADS = ['level', 'shell', 'both-faces', 'scatter', 'coat', 'per-piece'] as const;
export type Spread = (typeof SPREADS)[number];

export const PLACES = ['room', 'fridge', 'freezer', 'marble'] as const;
export type Place = (typeof PLACES)[number];

/** What a layer looks like when it is cut. */
export const TEXTURES = ['crumb', 'smooth', 'crystal', 'air', 'nut', 'chocolate'] as const;
export type Texture = (typeof TEXTURES)[number];

/** One stratum of the slab, laid from one or more preparations. */
export interface Layer {
  readonly id: string;
  readonly name: string;
  readonly from: readonly { readonly preparation: string; readonly share: number }[];
  readonly spread: Spread;
  readonly thicknessMm?: number | undefined;
  readonly wallMm?: number | undefined;
  readonly gramsPerPiece?: number | undefined;
  readonly densityGPerMl?: number | undefined;
  readonly pourC?: number | undefined;
  readonly set?:
    | { readonly place?: Place; readonly minMinutes?: number; readonly maxMinutes?: number; readonly toC?: number }
    | undefined;
  readonly texture?: Texture | undefined;
}

export interface Trims {
  readonly left?: number | undefined;
  readonly right?: number | undefined;
  readonly front?: number | undefined;
  readonly back?: number | undefined;
}

/** An even grid: columns run along the length, rows along the width. */
export interface CutSpec {
  readonly columns: number;
  readonly rows: number;
  readonly trimMm?: Trims | undefined;
  readonly kerfMm?: number | undefined;
}
