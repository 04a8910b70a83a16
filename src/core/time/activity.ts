import type { Hands, StepTitle } from '../slab';

/** Cautions of a step; their wording is customary. */
export const CAUTIONS = ['burn', 'steam', 'raw-egg', 'blade', 'label', 'label-and-cold'] as const;
export type Caution = (typeof CAUTIONS)[number];

/** A step may begin so long after another has ended, and no longer after it than is permitted. Minutes. */
export interface Link {
  readonly on: string;
  readonly least: number;
  /** null where it may wait for as long as it likes. */
  readonly most: number | null;
}

/** One step of a day's work. */
export interface Activity {
  readonly id: string;
  /** The preparation or layer that it belongs to. */
  readonly of: string;
  readonly title: StepTitle;
  readonly minutes: number;
  readonly hands: Hands;
  /** oven, ring, mixer, fridge, freezer, marble. */
  readonly occupies: readonly string[];
  readonly ovenC: number | null;
  /** It is hot, though it stands on no ring: a pot that cools. */
  readonly isHot?: boolean;
  readonly after: readonly Link[];
  /** What to take care of. */
  readonly caution: Caution | null;
}

/**
 * Whether somebody has to be there all the while: whoever works at it, and for whatever is hot, so that nothing boils or bakes in an
 * empty workroom, nor ends there.
 */
export const isAttended = ({ hands, occupies, isHot }: Pick<Activity, 'hands' | 'occupies' | 'isHot'>): boolean =>
  hands !== 'free' || isHot === true || occupies.includes('oven') || occupies.includes('ring');

/** How many of each there are. */
export interface Means {
  readonly hands: number;
  readonly ovens: number;
  readonly rings: number;
}

/** Minutes during which hands work, in time order, from some moment on. */
export type Windows = readonly (readonly [from: number, to: number])[];

/** When each activity begins, min, in the order of the activities. */
export type Starts = readonly number[];
