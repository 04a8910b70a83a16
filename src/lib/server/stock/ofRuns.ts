import { plainName } from '$core/larder';
import { wholeRunPlan, type RunEvent, type RunPlan } from '$core/run';
import type { Slab } from '$core/slab';
import { bookingChanges, inThousandths, madeByRun, usedByRun } from '$core/stock';
import { shelfMsOf } from '$core/usecases';
import { storedJson } from '$core/validation';
import type { Db } from '../db/open';
import { ingredientsNamed } from '../larder';
import { heldIngredients } from './held';
import { addEntry, asEntries, bookedBy, type Booked, type NewEntry } from './ledger';

/** Events that change what a run used or made. */
const COUNTS: Readonly<Record<RunEvent['kind'], boolean>> = {
  ...{ weighed: true, 'amount-changed': true, lot: true, 'step-done': true, 'step-skipped': true },
  ...{ pieces: true, rejects: true, finished: true, stopped: true, 'taken-back': true },
  ...{ 'step-begun': false, 'step-put-off': false, 'held-up': false, temperature: false, 'set-reading': false },
  ...{ 'pot-sign': false, 'tin-changed': false, 'came-out': false, thickness: false, trim: false, leftover: false },
  ...{ tasted: false, note: false, photo: false, 'next-time': false },
};
const COUNTING = JSON.stringify(Object.entries(COUNTS).flatMap(([kind, counts]) => (counts ? [kind] : [])));

/** Returns the events of a run that change what it used or made, in order of arrival. */
export const stockEvents = (db: Db, runId: number): RunEvent[] =>
  db
    .prepare<[number, string], string>(
      `SELECT body FROM run_event WHERE run_id = ? AND json_extract(body, '$.kind') IN (SELECT value FROM json_each(?))
       ORDER BY sequence`,
    )
    .pluck()
    .all(runId, COUNTING)
    .map((body) => storedJson<RunEvent>(body));

/**
 * Books what a run has used and made since it was booked last, from its events. Each time the whole is compared with what is booked, so that
 * undoing, entering twice and sending twice come out right. Call it in the transaction that adds the events.
 */
export function bookRun(db: Db, runId: number, added: readonly RunEvent[]): void {
  if (!added.some(({ kind }) => COUNTS[kind])) return;
  const row = db
    .prepare<[number], { plan: string; document: string; slabId: number; lot: string }>(
      'SELECT plan, document, slab_id AS slabId, lot FROM run WHERE id = ? AND books_stock = 1',
    )
    .get(runId);
  if (!row) return;
  const plan = wholeRunPlan(storedJson<RunPlan>(row.plan));
  const events = stockEvents(db, runId);
  const booked = bookedBy(db, { run: runId });
  for (const entry of [
    ...usedEntries(db, runId, plan, events, booked),
    ...madeEntries(
      runId,
      { plan, slab: storedJson<Slab>(row.document), slabId: row.slabId, lot: row.lot },
      events,
      booked,
    ),
  ])
    addEntry(db, entry);
}

function usedEntries(
  db: Db,
  run: number,
  plan: RunPlan,
  events: readonly RunEvent[],
  booked: readonly Booked[],
): NewEntry[] {
  const used = usedByRun(plan, events);
  const byId = new Map<number, { name: string; massG: number; lots: string[]; at: string }>();
  const known = ingredientsNamed(
    db,
    used.map(({ ingredient }) => ingredient),
    0,
  );
  const idOf = (name: string) => {
    const plain = plainName(name);
    const isIts = ({ aliases = [], ...one }: (typeof known)[number]) =>
      plainName(one.name) === plain || aliases.some((alias) => plainName(alias) === plain);
    return known.find(({ name }) => plainName(name) === plain) ?? known.find(isIts);
  };
  for (const { ingredient, massG, lots, at } of used) {
    const own = idOf(ingredient);
    if (!own) continue;
    const before = byId.get(own.id);
    byId.set(own.id, {
      name: own.name,
      massG: (before?.massG ?? 0) + massG,
      lots: [...(before?.lots ?? []), ...lots],
      at: before && before.at > at ? before.at : at,
    });
  }
  const lastAt = events.at(-1)?.at ?? plan.begin;
  // What was booked and is not used any more goes back.
  for (const { of, name } of booked)
    if ('ingredient' in of && !byId.has(of.ingredient))
      byId.set(of.ingredient, { name, massG: 0, lots: [], at: lastAt });
  const held = heldIngredients(db, [...byId.keys()]);
  return [...byId].flatMap(([ingredient, { name, massG, lots, at }]) => {
    const own = booked.flatMap(({ of, thousandths }) =>
      'ingredient' in of && of.ingredient === ingredient ? [{ lot: of.lot, thousandths }] : [],
    );
    const changes = bookingChanges(massG, own, held.get(ingredient)?.lots ?? [], lots);
    return asEntries(changes, (lot) => ({ ingredient, lot }), { name, why: 'used', at, run });
  });
}

interface RunMade {
  readonly plan: RunPlan;
  readonly slab: Slab;
  readonly slabId: number;
  readonly lot: string;
}

function madeEntries(
  run: number,
  { plan, slab, slabId, lot }: RunMade,
  events: readonly RunEvent[],
  booked: readonly Booked[],
): NewEntry[] {
  const made = madeByRun(plan, events);
  const kinds = new Map(made.map((one) => [one.kind ?? '', one]));
  const before = new Map(
    booked.flatMap(({ of, thousandths, why }) =>
      'slab' in of && why === 'made' ? [[of.kind, -thousandths] as const] : [],
    ),
  );
  const lastAt = events.at(-1)?.at ?? plan.begin;
  return [...new Set([...kinds.keys(), ...before.keys()])].flatMap((kind): NewEntry[] => {
    const own = kinds.get(kind);
    const change = inThousandths(own?.pieces ?? 0) - (before.get(kind) ?? 0);
    const at = own?.at ?? lastAt;
    if (change === 0) return [];
    return [
      {
        of: { slab: slabId, kind, lot, unit: 'piece' },
        ...{ name: slab.name, why: 'made', at, run, change },
        keepsUntil: new Date(Date.parse(at) + shelfMsOf(slab)).toISOString(),
        facts: {
          ...(own?.isEstimate ? { isEstimate: true as const } : {}),
          ...(own?.pieceG ? { pieceG: own.pieceG } : {}),
        },
      },
    ];
  });
}
