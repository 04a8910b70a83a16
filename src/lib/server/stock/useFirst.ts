import { countedEvents, wholeRunPlan, type RunEvent, type RunPlan } from '$core/run';
import { USUAL_SHOP } from '$core/shop';
import type { Slab } from '$core/slab';
import { fromThousandths } from '$core/stock';
import type { SlabUse } from '$core/usecases';
import { storedJson } from '$core/validation';
import type { Db } from '../db/open';
import { ingredientById, ingredientsFor } from '../larder';
import { eventsOf } from '../runs';
import { wholeShop } from '../shop';
import { allSlabs } from '../slabs';
import { heldIngredients } from './held';
import { runTask, type TaskDone } from '../tasks/pool';

const DAY_MS = 86_400_000;
/** Lots that go off within this time are listed, and mixtures that were left over within it. */
const SOON_DAYS = 10;
/** Limits, since every slab that uses one of the things is planned. */
const MAX_SLABS = 300;
const MAX_LOTS = 20;
const MAX_RUNS = 20;

/** A lot that goes off soon, with what can be made of it. */
export interface ShortDated {
  readonly ingredient: string;
  readonly lot: string;
  readonly heldG: number;
  readonly keepsUntil: string;
  readonly uses: readonly SlabUse[];
}

/** A mixture that was left over from a run, with what can be made of it. */
export interface LeftOver {
  readonly run: number;
  readonly slab: string;
  readonly mixture: string;
  readonly massG: number;
  readonly at: string;
  readonly uses: readonly SlabUse[];
}

export interface UseFirst {
  readonly lots: readonly ShortDated[];
  readonly leftOver: readonly LeftOver[];
}

/** Returns what is to be used first: lots that go off soon, and mixtures that were left over lately. */
export async function useFirst(db: Db, now: Date): Promise<TaskDone<UseFirst>> {
  const slabs = allSlabs(db).slice(0, MAX_SLABS);
  const lots = shortDated(db, now);
  const leftOver = leftOverSince(db, new Date(now.getTime() - SOON_DAYS * DAY_MS));
  const done = await runTask('uses', {
    toUse: [
      ...lots.map(({ own }) => ({ ingredient: own })),
      ...leftOver.map(({ mixtureOf, preparation }) => ({ mixtureOf, preparation })),
    ],
    slabs,
    ingredients: ingredientsFor(
      db,
      slabs.map(({ slab }) => slab),
    ),
    shop: { ...USUAL_SHOP, ...wholeShop(db) },
  });
  if (!done.ok) return done;
  const uses = done.value;
  return {
    ok: true,
    value: {
      lots: lots.map(({ own, ...lot }, i) => ({ ...lot, ingredient: own.name, uses: uses[i]! })),
      leftOver: leftOver.map(({ mixtureOf: _of, preparation: _p, ...rest }, i) => ({
        ...rest,
        uses: uses[lots.length + i]!,
      })),
    },
  };
}

/** Returns the lots of ingredients that go off soon, the earliest first. */
function shortDated(db: Db, now: Date) {
  const soon = new Date(now.getTime() + SOON_DAYS * DAY_MS).toISOString();
  return [...heldIngredients(db).values()]
    .flatMap(({ ingredient, lots }) =>
      lots.flatMap(({ lot, thousandths, keepsUntil }) =>
        keepsUntil !== null && keepsUntil < soon && thousandths > 0
          ? [{ ingredient, lot, keepsUntil, heldG: fromThousandths(thousandths) }]
          : [],
      ),
    )
    .sort((a, b) => (a.keepsUntil < b.keepsUntil ? -1 : 1))
    .flatMap(({ ingredient, ...lot }) => {
      const own = ingredientById(db, ingredient);
      return own ? [{ own, ...lot }] : [];
    })
    .slice(0, MAX_LOTS);
}

/** Returns the mixtures that were left over from runs since a moment. */
function leftOverSince(db: Db, since: Date) {
  const runs = db
    .prepare<[string, number], { id: number; plan: string; document: string }>(
      `SELECT id, plan, document FROM run WHERE begun_at >= ? AND EXISTS (
         SELECT 1 FROM run_event WHERE run_id = run.id AND json_extract(body, '$.kind') = 'leftover')
       ORDER BY begun_at DESC LIMIT ?`,
    )
    .all(since.toISOString(), MAX_RUNS);
  return runs.flatMap(({ id, plan: planText, document }) => {
    const plan = wholeRunPlan(storedJson<RunPlan>(planText));
    const mixtureOf = storedJson<Slab>(document);
    const events = countedEvents(eventsOf(db, id)).filter(
      (event): event is Extract<RunEvent, { kind: 'leftover' }> => event.kind === 'leftover',
    );
    return events.map(({ preparation, massG, at }) => ({
      ...{ run: id, slab: plan.name, massG, at, mixtureOf, preparation },
      mixture: plan.pots.find((pot) => pot.preparation === preparation)?.name ?? preparation,
    }));
  });
}
