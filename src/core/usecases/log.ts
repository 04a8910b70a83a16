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

/** A run with what it was begun with. */
export interface RunToLog {
  readonly id: number;
  readonly plan: RunPlan;
  readonly events: readonly RunEvent[];
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
}

/** A run as the logbook reckons with it: what happened, and what it really cost. */
export function loggedRun({ id, plan, events, slab, ingredients, shop }: RunToLog): LoggedRun {
  const record = runRecord(plan, events);
  const { pieces } = record.outcome;
  const larder = larderOf(ingredients);
  const made = planAsMade(slab, larder, shop, record).cost.used;
  const planned = planOf(slab, larder, shop).cost.used;
  return {
    ...{ id, plan, slab, record },
    costEach: pieces !== null && pieces > 0 && made > 0 ? made / pieces : null,
    costFactor: planned > 0 ? made / planned : null,
  };
}

/** What a run came to beside its plan. */
export interface RunOutcome {
  /** Cost of the ingredients as planned, and of what was weighed. */
  readonly cost: { readonly currency: string; readonly planned: number; readonly made: number };
  /** Layers that came out thicker or thinner than planned. */
  readonly effects: readonly LayerEffect[];
}

/** Compares what a run cost and how high its layers came out with its plan. */
export function runOutcomeOf({ plan, events, slab, ingredients, shop }: RunToLog): RunOutcome {
  const larder = larderOf(ingredients);
  const made = planAsMade(slab, larder, shop, runRecord(plan, events));
  const { used: planned, currency } = planOf(slab, larder, shop).cost;
  return { cost: { currency, planned, made: made.cost.used }, effects: layerEffects(plan, made) };
}

/** What a place of the shop is like, told by the set times of some runs. */
export interface PlaceProposal {
  readonly place: Place;
  readonly layer: string;
  /** Minutes that it took, and those that were reckoned for the last of the runs. */
  readonly found: Robust;
  readonly plannedMinutes: number;
  /** Surface coefficient that gives the middle of those times, W/m2 K. */
  readonly h: number;
  readonly runs: readonly number[];
}

/** A place that is nearer than this to what is reckoned with is as it is reckoned. */
const SAME_H = 0.05;

/** What the runs of a slab say. */
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
  /** What the last runs took, to price by; null where none was counted. */
  readonly basis: RunBasis | null;
}

/**
 * Figures of a slab from run to run, and what they propose.
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
      // The place is told by what was made in it, whatever the slab has become since.
      const made = over.find(({ id }) => id === from.at(-1))?.slab ?? slab;
      const h = fittedCoefficient(made, larder, shop, { layer, minutes: found.median, place });
      const now = shop.placeH?.[place] ?? PLACE_AIR[place].h;
      return h === null || Math.abs(h / now - 1) < SAME_H
        ? []
        : [{ place, layer, found, plannedMinutes, h, runs: from }];
    }),
  };
}
