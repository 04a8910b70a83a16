import { jsonLdOf } from '$wording/recipeDocument';
import type { Slab } from '$core/slab';
import { ask } from '$lib/api';

interface Laid {
  readonly feasible: boolean;
  readonly earliestEnd: string | null;
}
const START = '2030-01-01T00:00:00Z';
const MINUTE_MS = 60_000;

/**
 * A slab as it stands on the screen as a schema.org recipe; the time that it takes is left out where it cannot be told.
 *
 * @param pieces how many it makes
 */
export async function recipeOut(slab: Slab, pieces: number): Promise<string> {
  // Round the clock: how long the work takes, and not when the shop is open.
  const asked = JSON.stringify({ slab, start: START, hours: [], zone: 'UTC' });
  const day = await ask<Laid>('POST', '/api/timeline', asked);
  const end = day.ok && day.value.feasible ? day.value.earliestEnd : null;
  const minutes = end === null ? null : (Date.parse(end) - Date.parse(START)) / MINUTE_MS;
  return JSON.stringify(jsonLdOf(slab, pieces, minutes), null, 2);
}
