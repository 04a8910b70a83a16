import { type Shop } from '$core/shop';
import { figuresIn } from '$core/measure';
import { json } from '@sveltejs/kit';
import { larderOf } from '$core/larder';
import type { Diagnosis } from '$core/diagnose';
import { diagnoseSlab, positionOf, type LayerPosition } from '$core/usecases';
import { causeText, findingText } from '$wording/causes';
import { database } from '$lib/server/db';
import { readBody, refusal } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { plannedRun } from '$lib/server/planRun';
import { readDiagnose } from '$lib/server/requests/runs';
import { reckonedWith } from '$lib/server/runLog';
import { runById } from '$lib/server/runs';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';

/** Causes with texts; `because` and `against` are in the shop's units, `findings` has their codes. */
function inWords(causes: readonly Diagnosis[], { shownIn, measures }: Shop, position: LayerPosition) {
  const say = figuresIn(shownIn, measures);
  return causes.map(({ because, against, ...found }) => ({
    ...found,
    ...causeText(found.cause, position),
    because: because.map((finding) => findingText(finding, say)),
    against: against.map((finding) => findingText(finding, say)),
    findings: { because, against },
  }));
}

/** Returns likely causes of symptoms, from the records of a run, from events in the request, or from general knowledge alone. */
export async function POST({ request }) {
  const body = await readBody(request, readDiagnose);
  if (!body.ok) return body.response;
  const { slab: slabId, run: runId, layer, events, seen } = body.value;
  const db = database();
  if (runId !== undefined) {
    const run = runById(db, runId);
    if (!run || run.slabId !== slabId) return refusal('no-run-of-slab');
    const { slab, larder, shop, events: recorded } = reckonedWith(db, run);
    const causes = diagnoseSlab(slab, larder, shop, { plan: run.plan, events: events ?? recorded }, seen, layer);
    return json({ causes: inWords(causes, shop, positionOf(slab, layer)) });
  }
  const kept = slabById(db, slabId);
  if (!kept) return refusal('no-such-slab');
  const larder = larderOf(ingredientsFor(db, [kept.slab]));
  const position = positionOf(kept.slab, layer);
  if (!events || events.length === 0)
    return json({
      causes: inWords(diagnoseSlab(kept.slab, larder, wholeShop(db), null, seen, layer), wholeShop(db), position),
    });
  // Uses the schedule the slab would have had when the first event happened.
  const begin = events.reduce((first, { at }) => (at < first ? at : first), events[0]!.at);
  const planned = await plannedRun(db, kept.slab, kept.version, new Date(begin).toISOString());
  if (!planned.ok) return planned.response;
  const { planFor, shop } = planned.value;
  const causes = diagnoseSlab(kept.slab, larder, shop, { plan: planFor(''), events }, seen, layer);
  return json({ causes: inWords(causes, shop, position) });
}
