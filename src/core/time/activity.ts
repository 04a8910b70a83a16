import type { Hands, StepTitle } from '../slab';

/** Cautions of a step; their wording is the customary one. */
export const CAUTIONS = ['burn', 'steam', 'raw-egg', 'blade', 'label', 'label-and-cold'] as const;
export type Caution = (typeof CAUTIONS)[number];

/** A link: the step may start this long after another has ended, and no later. Minutes. */
export interface Link {
  readonly on: string;
  readonly least: number;
  /** `null` without a maximum. */
  readonly most: number | null;
}

/** Some of the tins of a schedule, counted from 1. */
export interface TinRange {
  readonly from: number;
  readonly to: number;
}

/** One step of a schedule. */
export interface Activity {
  readonly id: string;
  /** Its preparation or layer. */
  readonly of: string;
  readonly title: StepTitle;
  readonly minutes: number;
  readonly hands: Hands;
  /** Equipment: oven, ring, mixer, fridge, freezer, marble. */
  readonly occupies: readonly string[];
  readonly ovenC: number | null;
  /** Share of its preparation that goes through this step, 0 to 1, if that is boiled in several. */
  readonly share?: number;
  /** Shelf area in the fridge or freezer, mm2. Missing where the tins have no size. */
  readonly areaMm2?: number;
  /** Oven shelves; one if missing. */
  readonly shelves?: number;
  /** Tins that hold the slab during the step. */
  readonly inTins?: TinRange;
  /** Tins that the slab is lifted out of at its start. */
  readonly lifts?: TinRange;
  /** Whether it is hot without using a ring: a cooling pot. */
  readonly isHot?: boolean;
  /** Whether it waits for the pot of another batch: at the bench it is not expected before its planned moment. */
  readonly waitsForPot?: boolean;
  readonly after: readonly Link[];
  /** What to take care of. */
  readonly caution: Caution | null;
}

/**
 * Tells whether somebody has to be present during a step: for hands-on work, and for anything hot, so that nothing boils or bakes
 * in an empty workroom, nor ends there.
 */
export const isAttended = ({ hands, occupies, isHot }: Pick<Activity, 'hands' | 'occupies' | 'isHot'>): boolean =>
  hands !== 'free' || isHot === true || occupies.includes('oven') || occupies.includes('ring');

/** Resources that can be blocked for a time. `people` means everybody. */
export const BLOCKABLE = ['people', 'oven', 'ring', 'mixer', 'fridge', 'freezer'] as const;
export type Blockable = (typeof BLOCKABLE)[number];

/** A resource that is not there for a time, all of it. Minutes from the moment that the windows count from. */
export interface Blocked {
  readonly what: Blockable;
  readonly from: number;
  readonly to: number;
}

/** Number of each resource, the shelf area of what is cold, mm2, and blocked times. */
export interface Means {
  readonly hands: number;
  readonly ovens: number;
  readonly rings: number;
  /** Shelves of each oven; two if missing. */
  readonly ovenShelves?: number | undefined;
  /** Without one, a fridge takes five slabs and a freezer three. */
  readonly fridgeMm2?: number | undefined;
  readonly freezerMm2?: number | undefined;
  readonly blocked?: readonly Blocked[] | undefined;
}

/** Working minutes, in time order, from a moment. */
export type Windows = readonly (readonly [from: number, to: number])[];

/** Start of each activity, min, in the order of the activities. */
export type Starts = readonly number[];
