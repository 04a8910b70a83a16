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
 * Returns the current slab as a schema.org recipe; without the total time if it cannot be calculated.
 *
 * @param pieces how many it makes
 */
export async function recipeOut(slab: Slab, pieces: number): Promise<string> {
  // Round the clock: the duration of the work, not of opening hours.
  const asked = JSON.stringify({ slab, start: START, hours: [], zone: 'UTC' });
  const day = await ask<Laid>('POST', '/api/timeline', asked);
  const end = day.ok && day.value.feasible ? day.value.earliestEnd : null;
  const minutes = end === null ? null : (Date.parse(end) - Date.parse(START)) / MINUTE_MS;
  return JSON.stringify(jsonLdOf(slab, pieces, minutes), null, 2);
}
