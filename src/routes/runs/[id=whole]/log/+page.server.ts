import { error } from '@sveltejs/kit';
import { runRecord } from '../../../../core/run';
import { layerEffects, plan, planAsMade } from '../../../../core/usecases';
import { database } from '$lib/server/db';
import { reckonedWith } from '$lib/server/runLog';
import { lastSequence, runById, versionsFromRun } from '$lib/server/runs';
import { allTins } from '$lib/server/tins';

/** A run for the logbook: its events, and what it cost and came to beside what was planned. */
export function load({ params }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) error(404, 'There is no such run in the shop');
  const { slab, larder, shop, events } = reckonedWith(db, run);
  const made = planAsMade(slab, larder, shop, runRecord(run.plan, events));
  const { cost } = plan(slab, larder, shop);
  return {
    run,
    slab,
    events,
    last: lastSequence(db),
    cost: { currency: cost.currency, planned: cost.used, made: made.cost.used },
    effects: layerEffects(run.plan, made),
    versions: versionsFromRun(db, run.id),
    rack: allTins(db),
  };
}
