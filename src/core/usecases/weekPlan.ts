import type { StepTitle } from '../slab';
import type { Caution } from '../time';
import {
  boundsOf,
  Grid,
  lateBatches,
  presenceOf,
  waysOut,
  type LateReason,
  type WeekChange,
  type WeekFound,
} from '../week';
import type { PreparedWeek } from './week';

const MINUTE_MS = 60_000;

/** What a step uses. `until` is missing where it is the end of the step. */
export interface Use {
  readonly resource: string;
  readonly celsius?: number;
  readonly shelves?: number;
  readonly areaMm2?: number;
  readonly until?: Date;
}

/** A step of the week. */
export interface WeekPlanStep {
  readonly batch: string;
  readonly step: string;
  readonly of: string;
  readonly title: StepTitle;
  readonly caution: Caution | null;
  readonly start: Date;
  readonly end: Date;
  /** Name of the person; `null` if it needs nobody. */
  readonly hands: string | null;
  /** Share of the person's attention: 1 for work, 0.5 for watching, 0 without hands. */
  readonly attention: number;
  readonly attended: boolean;
  readonly uses: readonly Use[];
  readonly tins: readonly { readonly tin: string; readonly count: number }[];
  readonly after: readonly {
    readonly step: string;
    /** Where the step is of another batch, which cooks for this one. */
    readonly batch?: string;
    readonly leastMinutes: number;
    readonly mostMinutes: number | null;
  }[];
}

export interface LateInWeek {
  readonly batch: string;
  /** `null` if it is not planned at all. */
  readonly minutes: number | null;
  readonly because:
    Exclude<LateReason, { code: 'begins-too-late' }> | { readonly code: 'begins-too-late'; readonly earliest: Date };
}

/** A change that helps, with moments as dates. */
export type WeekChangeOut =
  | { readonly what: 'due'; readonly batch: string; readonly due: Date }
  | { readonly what: 'hours'; readonly person: string; readonly from: Date; readonly to: Date }
  | Extract<WeekChange, { what: 'tin' | 'fewer-tins' | 'apart' }>;

export interface WeekWayOut {
  readonly change: WeekChangeOut;
  readonly lateMinutes: number;
}

export interface WeekPlan {
  /** Whether everything is planned and in time. */
  readonly feasible: boolean;
  readonly late: readonly LateInWeek[];
  readonly steps: readonly WeekPlanStep[];
  readonly lateMinutes: number;
  /** Presence of people, min. */
  readonly paidMinutes: number;
  readonly bound: {
    readonly lateMinutes: number;
    readonly handsMinutes: number;
    /** By day, 2026-12-04. */
    readonly endOfDay: Readonly<Record<string, Date>>;
  };
  /** Whether no plan is less late or pays for less. */
  readonly proven: boolean;
}

/** Returns a plan with names and dates. */
export function weekPlanOf({ question, origin, dayNames, unplanned }: PreparedWeek, found: WeekFound): WeekPlan {
  const { batches, workroom, days, minutes } = question;
  const grid = new Grid(workroom, minutes);
  const at = (minute: number) => new Date(origin.getTime() + minute * MINUTE_MS);
  const steps = batches.flatMap(({ steps, holds }, b): WeekPlanStep[] => {
    const placement = found.placements[b];
    if (!placement) return [];
    return steps.map((step, i): WeekPlanStep => {
      const { activity } = step;
      const start = placement.starts[i]!;
      const end = start + step.minutes;
      const oven = workroom.ovens[placement.ovens[i]!];
      const out = grid.outAt(step, start);
      return {
        ...{ batch: step.batch, step: step.id, of: activity.of, title: activity.title, caution: activity.caution },
        ...{ start: at(start), end: at(end), attended: step.isAttended, attention: step.halves / 2 },
        hands: workroom.people[placement.people[i]!]?.name ?? null,
        uses: activity.occupies.map((resource): Use => {
          if (resource === 'oven')
            return { resource: oven?.name ?? 'oven', celsius: activity.ovenC ?? 0, shelves: activity.shelves ?? 1 };
          if (resource !== 'fridge' && resource !== 'freezer') return { resource };
          return { resource, areaMm2: activity.areaMm2 ?? 0, ...(out > end ? { until: at(out) } : {}) };
        }),
        tins: holds
          .filter(({ steps: used }) => used.includes(i))
          .flatMap(({ tins }) => [...tins].map(([tin, count]) => ({ tin, count })))
          .filter(({ tin }) => tin !== ''),
        after: step.before.map(({ at: other, least, most }) => ({
          step: steps[other]!.id,
          ...(steps[other]!.batch === step.batch ? {} : { batch: steps[other]!.batch }),
          leastMinutes: least,
          mostMinutes: Number.isFinite(most) ? most : null,
        })),
      };
    });
  });
  const bounds = boundsOf(question);
  const none = unplanned.map((batch): LateInWeek => ({ batch, minutes: null, because: { code: 'fits-nowhere' } }));
  const late = lateBatches(question, found)
    .map(({ batch, minutes, because }): LateInWeek => {
      if (because.code !== 'begins-too-late') return { batch, minutes, because };
      return { batch, minutes, because: { code: because.code, earliest: at(because.earliest) } };
    })
    .concat(none);
  const { lateMinutes, paidMinutes } = found.score;
  const worked = presenceOf(batches, found.placements, workroom.people.length, days);
  return {
    ...{ feasible: late.length === 0, late, lateMinutes, paidMinutes },
    steps: steps.sort((a, b) => a.start.getTime() - b.start.getTime() || a.end.getTime() - b.end.getTime()),
    bound: {
      lateMinutes: bounds.lateMinutes,
      handsMinutes: bounds.handsMinutes,
      endOfDay: Object.fromEntries(
        bounds.endOfDays.flatMap((end, d) => (end === null || !worked[d]?.end ? [] : [[dayNames[d]!, at(end)]])),
      ),
    },
    proven:
      none.length === 0 &&
      found.score.unplaced === 0 &&
      lateMinutes <= bounds.lateMinutes &&
      paidMinutes <= bounds.handsMinutes,
  };
}

/** Returns the changes that would make less of a week late. */
export function waysOutOf(prepared: PreparedWeek, found: WeekFound, isTimeUp: () => boolean): WeekWayOut[] {
  const at = (minute: number) => new Date(prepared.origin.getTime() + minute * MINUTE_MS);
  return waysOut(prepared.question, found, prepared.otherwise, isTimeUp).map(({ change, lateMinutes }) => {
    switch (change.what) {
      case 'due':
        return { change: { ...change, due: at(change.due) }, lateMinutes };
      case 'hours':
        return { change: { ...change, from: at(change.from), to: at(change.to) }, lateMinutes };
      case 'tin':
      case 'fewer-tins':
      case 'apart':
        return { change, lateMinutes };
    }
  });
}
