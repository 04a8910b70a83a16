import { json } from '@sveltejs/kit';
import { problem } from '$core/validation';
import { buyingForWeek, buyLineAnswer, toBuy } from '$lib/server/stock/buying';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { readBuyRequest } from '$lib/server/requests/buying';
import { tinsNamed } from '$lib/server/requests/week';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';

/** Answers what to buy beyond the shelf: for batches that are begun now, or for those of the week that begin in a range. */
export async function POST({ request }) {
  const body = await readBody(request, readBuyRequest);
  if (!body.ok) return body.response;
  const db = database();
  const { batches, week } = body.value;
  if (week) {
    const done = await buyingForWeek(db, new Date(week.from), new Date(week.to));
    return done.ok ? json({ lines: done.value.map(buyLineAnswer) }) : done.response;
  }
  const rack = wholeShop(db).rack ?? [];
  const beginMs = Date.now();
  const found = (batches ?? []).map(({ slab: id, tins }, i) => {
    const kept = slabById(db, id);
    const named = tins && tinsNamed(tins, rack, `/batches/${i}/tins`);
    const problems = [
      ...(kept ? [] : [problem(`/batches/${i}/slab`, 'no-such-slab')]),
      ...(named && !named.ok ? named.problems : []),
    ];
    const batch = kept && { slab: kept.slab, tins: named?.ok ? named.value : undefined, beginMs };
    return { problems, batch };
  });
  const problems = found.flatMap((one) => one.problems);
  if (problems.length > 0) return refused(problems);
  const done = await toBuy(
    db,
    found.flatMap(({ batch }) => batch ?? []),
    [],
    false,
  );
  return done.ok ? json({ lines: done.value.map(buyLineAnswer) }) : done.response;
}
