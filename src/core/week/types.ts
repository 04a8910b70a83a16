import type { Activity, TinRange } from '../time';

/** Working time of one person, or a blocked time, in minutes from the beginning of the week. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

export interface Person {
  readonly name: string;
  readonly hours: readonly Span[];
}

export interface Oven {
  readonly name: string;
  readonly shelves: number;
  /** Minutes to reach a temperature, also from another one. */
  readonly heatUpMinutes: number;
}

/** Everything that the batches of a week share. */
export interface Workroom {
  readonly people: readonly Person[];
  readonly ovens: readonly Oven[];
  readonly rings: number;
  readonly mixers: number;
  readonly boards: number;
  /** Shelf area, mm2; 0 without a fridge or freezer. `null` where it is not known and does not limit. */
  readonly fridgeMm2: number | null;
  readonly freezerMm2: number | null;
  /** Number of each tin on the rack, by name. Tins that are not listed do not limit. */
  readonly tins: ReadonlyMap<string, number>;
  /** Resources that are not there for a time: the name of an oven or a person, `people`, `oven`, `ring`, `mixer`, `fridge`, `freezer`. */
  readonly blocked: readonly (Span & { readonly resource: string })[];
}

/** One planned batch of a slab, or several that cook a mixture in one pot and are planned as one. */
export interface WeekBatch {
  readonly id: string;
  readonly activities: readonly Activity[];
  /** Names of its tins on the rack, one for each tin, in order. */
  readonly tins: readonly string[];
  /** Its first step starts no earlier, min. */
  readonly notBefore: number;
  /** Its last step ends no later, min. Of several batches, the earliest of their due times. */
  readonly due: number;
  /** The batches that are planned as one; missing for a single batch. */
  readonly members?: readonly WeekMember[];
}

/** One of several batches that are planned as one. */
export interface WeekMember {
  readonly id: string;
  readonly due: number;
}

/** Starts of steps that stay where they are, by batch and step, min. */
export type Kept = ReadonlyMap<string, ReadonlyMap<string, number>>;

/** A step with its minutes as whole numbers, and its links to steps of the same batch by position. */
export interface WeekStep {
  readonly activity: Activity;
  readonly minutes: number;
  /** Half people that it takes: 2 for work, 1 for watching, 0 for what goes on by itself. */
  readonly halves: 0 | 1 | 2;
  readonly isAttended: boolean;
  readonly before: readonly StepLink[];
  readonly after: readonly StepLink[];
  /** Longest chain from its start to the end of the batch, and from the start of the batch to its end, min. */
  readonly tail: number;
  readonly head: number;
  readonly inTins: TinRange | null;
  /** The batch that it belongs to, and its id there. */
  readonly batch: string;
  readonly id: string;
  /** When its batch is due, min. */
  readonly due: number;
}

/** A link to another step: minimum and maximum wait between the end of one and the start of the other, min. */
export interface StepLink {
  readonly at: number;
  readonly least: number;
  readonly most: number;
}

/** A batch in the workroom. Positions are those of its steps. */
export interface Placement {
  readonly starts: readonly number[];
  /** Index of the person of each step; -1 if it needs nobody. */
  readonly people: readonly number[];
  /** Index of the oven of each step; -1 if it does not bake. */
  readonly ovens: readonly number[];
}
