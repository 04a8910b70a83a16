import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { removeMarketDay } from '$lib/server/marketDays';

/** Deletes a market that was held. */
export function DELETE({ params }) {
  const isRemoved = removeMarketDay(database(), Number(params.id), new Date().toISOString());
  return isRemoved ? json({ ok: true }) : refusal('no-market-day');
}
