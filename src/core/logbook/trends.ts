import type { RunPlan, RunRecord } from '../run';
import type { Slab } from '../slab';
import { driftOf, robustOf, type Drift, type Robust } from './robust';

/** A run with its number. */
export interface LoggedRun {
  readonly id: number;
  readonly plan: RunPlan;
  /** The slab as it was then. */
  readonly slab: Slab;
  readonly record: RunRecord;
  /** Actual ingredient cost of one good piece, in the shop's currency; `null` if unknown. */
  readonly costEach: number | null;
  /** Actual ingredient cost divided by the planned cost. */
  readonly costFactor: number | null;
}

/** Units of the figures. */
export type FigureUnit = 'minutes' | 'share' | 'g' | 'degrees' | 'count' | 'money';

interface RunFigure {
  readonly unit: FigureUnit;
  /** `null` if it was not recorded. */
  readonly of: (run: LoggedRun) => number | null;
}

const sumOf = (values: readonly (number | null)[]) =>
  values.every((value) => value !== null) && values.length > 0
    ? values.reduce((sum: number, value) => sum + value, 0)
    : null;

const boilSteps = ({ plan }: LoggedRun) => new Set(plan.boils.map(({ step }) => step));

/** Figures that are followed from run to run. */
export const RUN_FIGURES = {
  minutes: {
    unit: 'minutes',
    of: ({ record }) => (record.endedAt === null ? null : record.minutes),
  },
  hands: {
    unit: 'minutes',
    of: ({ record }) => (record.endedAt === null ? null : record.hands.busy + record.hands.watch),
  },
  boil: {
    unit: 'minutes',
    of: (run) => {
      const boils = boilSteps(run);
      return sumOf(run.record.steps.filter(({ step }) => boils.has(step.id)).map(({ minutes }) => minutes));
    },
  },
  endPoint: {
    unit: 'degrees',
    of: ({ record }) => {
      const [curve] = record.curves;
      return !curve || curve.peakC === null ? null : curve.peakC - curve.showsC;
    },
  },
  set: {
    unit: 'minutes',
    of: ({ record }) =>
      sumOf(record.steps.filter(({ step }) => step.id.startsWith('set/')).map(({ minutes }) => minutes)),
  },
  yield: { unit: 'share', of: ({ record }) => record.outcome.yieldShare },
  pieceG: { unit: 'g', of: ({ record }) => record.outcome.pieceG },
  variation: { unit: 'share', of: ({ record }) => record.outcome.pieceVariation },
  rejects: {
    unit: 'count',
    of: ({ record }) => (record.outcome.pieces === null ? null : record.outcome.rejects),
  },
  costEach: { unit: 'money', of: ({ costEach }) => costEach },
} as const satisfies Record<string, RunFigure>;
export type RunFigureId = keyof typeof RUN_FIGURES;

/** Returns all figures of a run. */
export const runFigures = (run: LoggedRun): Readonly<Record<RunFigureId, number | null>> =>
  Object.fromEntries(Object.entries(RUN_FIGURES).map(([id, figure]) => [id, figure.of(run)])) as Record<
    RunFigureId,
    number | null
  >;

/** A figure over the runs of a slab. */
export interface Trend {
  readonly figure: RunFigureId;
  readonly values: readonly { readonly run: number; readonly at: number; readonly value: number }[];
  readonly middle: Robust;
  readonly drift: Drift;
}

const DAY_MS = 86_400_000;

/** Returns the figures over the runs of a slab that at least one run has. @param runs in the order of time */
export function trendsOf(runs: readonly LoggedRun[]): Trend[] {
  return (Object.keys(RUN_FIGURES) as RunFigureId[]).flatMap((figure) => {
    const values = runs.flatMap((run) => {
      const value = RUN_FIGURES[figure].of(run);
      return value === null ? [] : [{ run: run.id, at: run.record.begunAt, value }];
    });
    if (values.length === 0) return [];
    return [
      {
        ...{ figure, values },
        middle: robustOf(values.map(({ value }) => value)),
        drift: driftOf(values.map(({ at, value }) => [at / DAY_MS, value] as const)),
      },
    ];
  });
}
