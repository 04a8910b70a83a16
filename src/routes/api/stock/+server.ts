import { json } from '@sveltejs/kit';
import { fromThousandths } from '$core/stock';
import { DEVICE_CLOCK } from '$lib/devices/deviceClock';
import { problemMessage } from '$wording/problems';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { ingredientsNamed } from '$lib/server/larder';
import { clockOffsetMs } from '$lib/server/requests/runs';
import { correctedEntry, readStockEntries } from '$lib/server/requests/stock';
import { entriesPage } from '$lib/server/stock/ledger';
import { tagged } from '$lib/server/tagged';
import { addStockEntries } from '$lib/server/stock/sent';

const MOST = 200;
const wholeIn = (url: URL, name: string) => {
  const value = Number(url.searchParams.get(name) ?? 0);
  return Number.isSafeInteger(value) && value >= 0 ? value : 0;
};

/** Lists entries of the ledger, the newest first: `?ingredient=name` or `?slab=number`, `&from=` for the next page. */
export function GET({ request, url }) {
  const db = database();
  const name = url.searchParams.get('ingredient');
  const slab = url.searchParams.get('slab');
  const ingredient = name === null ? undefined : (ingredientsNamed(db, [name], 0)[0]?.id ?? -1);
  const of = ingredient !== undefined ? { ingredient } : slab === null ? {} : { slab: wholeIn(url, 'slab') };
  const found = entriesPage(db, of, wholeIn(url, 'from'), MOST + 1);
  const entries = found.slice(0, MOST).map(({ id, at, why, name, slabId, kind, lot, unit, thousandths, ...more }) => ({
    ...{ id, at, why, unit, change: fromThousandths(thousandths), lot },
    of: slabId === null ? { ingredient: name } : { slab: slabId, kind },
    ...{ keepsUntil: more.keepsUntil, ...more.facts },
    ...(more.run === null ? {} : { run: more.run }),
    ...(more.orderKey === null ? {} : { order: more.orderKey }),
    ...(more.undoes === null ? {} : { undoes: more.undoes }),
  }));
  return tagged(request, { entries, more: found.length > MOST });
}

/** Adds one entry of the ledger, or a list; each once by its id. Entries that cannot be added are named, the others are added. */
export async function POST({ request }) {
  const body = await readBody(request, readStockEntries);
  if (!body.ok) return body.response;
  const now = Date.now();
  const offsetMs = clockOffsetMs(request.headers.get(DEVICE_CLOCK), now);
  const entries = body.value.entries.map(({ path, entry }) => ({ path, entry: correctedEntry(entry, offsetMs, now) }));
  const { added, known, problems: unfit } = addStockEntries(database(), entries);
  const problems = [...body.value.problems, ...unfit];
  if (problems.length > 0 && added + known === 0) return refused(problems);
  return json({ added, known, problems: problems.map(problemMessage) }, { status: added > 0 ? 201 : 200 });
}
