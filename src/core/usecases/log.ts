import { larderOf, type Ingredient, type Larder } from '../larder';
import {
  proposalsOf,
  runBasis,
  runFigures,
  setMinutesOf,
  trendsOf,
  type LoggedRun,
  type Proposal,
  type Robust,
  type RunBasis,
  type RunFigureId,
  type Trend,
} from '../logbook';
import { PLACE_AIR } from '../setting';
import { runRecord, type RunEvent, type RunPlan } from '../run';
import type { Shop } from '../shop';
import type { Place, Slab } from '../slab';
import { layerEffects, planAsMade, type LayerEffect } from './asMade';
import { plan as planOf } from './plan';
import { fittedCoefficient } from './setting';

/** A run with its snapshot. */
export interface RunToLog {
  readonly id: number;
  readonly plan: RunPlan;
  readonly events: readonly RunEvent[];
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
}

/** A run for the history: its record and its actual cost. */
export function loggedRun({ id, plan, events, slab, ingredients, shop }: RunToLog): LoggedRun {
  const record = runRecord(plan, events);
  const { pieces } = record.outcome;
  const larder = larderOf(ingredients);
  // What came out of the pots changes heights and no costs.
  const { lines, tins } = record;
  const made = planAsMade(slab, larder, shop, { lines, tins }).cost.used;
  const planned = planOf(slab, larder, shop).cost.used;
  return {
    ...{ id, plan, slab, record },
    costEach: pieces !== null && pieces > 0 && made > 0 ? made / pieces : null,
    costFactor: planned > 0 ? made / planned : null,
  };
}

/** Result of a run beside its plan. */
export interface RunOutcome {
  /** Ingredient cost as planned, and as weighed. */
  readonly cost: { readonly currency: string; readonly planned: number; readonly made: number };
  /** Layers that are thicker or thinner than planned. */
  readonly effects: readonly LayerEffect[];
}

/** Compares the cost of a run and the height of its layers with its plan. */
export function runOutcomeOf({ plan, events, slab, ingredients, shop }: RunToLog): RunOutcome {
  const larder = larderOf(ingredients);
  const made = planAsMade(slab, larder, shop, runRecord(plan, events));
  const { used: planned, currency } = planOf(slab, larder, shop).cost;
  return { cost: { currency, planned, made: made.cost.used }, effects: layerEffects(plan, made) };
}

/** Fitted conditions of a place, from the setting times of runs. */
export interface PlaceProposal {
  readonly place: Place;
  readonly layer: string;
  /** Actual minutes, and the calculated minutes of the last run. */
  readonly found: Robust;
  readonly plannedMinutes: number;
  /** Surface coefficient that gives the median of those times, W/m² K. */
  readonly h: number;
  readonly runs: readonly number[];
}

/** Minimum relative difference to the current coefficient to report. */
const SAME_H = 0.05;

/** Summary of a slab's runs. */
export interface SlabLog {
  readonly runs: readonly {
    readonly id: number;
    readonly lot: string;
    readonly version: number;
    readonly begunAt: number;
    readonly status: LoggedRun['record']['status'];
    readonly figures: Readonly<Record<RunFigureId, number | null>>;
  }[];
  readonly trends: readonly Trend[];
  readonly proposals: readonly Proposal[];
  readonly places: readonly PlaceProposal[];
  /** Actual values of the last runs, for pricing; `null` without counted pieces. */
  readonly basis: RunBasis | null;
}

/**
 * Returns the figures of a slab from run to run, and the changes they suggest.
 *
 * @param slab as it is now
 * @param runs of it, in the order of time
 */
export function slabLog(slab: Slab, larder: Larder, shop: Shop, runs: readonly LoggedRun[]): SlabLog {
  const over = runs.filter(({ record }) => record.status === 'finished');
  return {
    runs: runs.map((run) => ({
      id: run.id,
      ...{ lot: run.plan.lot, version: run.plan.version },
      ...{ begunAt: run.record.begunAt, status: run.record.status },
      figures: runFigures(run),
    })),
    basis: runBasis(over),
    trends: trendsOf(over),
    proposals: proposalsOf(slab, over),
    places: setMinutesOf(slab, over).flatMap(({ layer, place, found, plannedMinutes, runs: from }): PlaceProposal[] => {
      // Places are fitted from the slab as it was made, not from later versions.
      const made = over.find(({ id }) => id === from.at(-1))?.slab ?? slab;
      const h = fittedCoefficient(made, larder, shop, { layer, minutes: found.median, place });
      const now = shop.placeH?.[place] ?? PLACE_AIR[place].h;
      return h === null || Math.abs(h / now - 1) < SAME_H
        ? []
        : [{ place, layer, found, plannedMinutes, h, runs: from }];
    }),
  };
}
