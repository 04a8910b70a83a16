import { page } from '$app/state';
import { invalidateAll } from '$app/navigation';
import type { Shop } from '$core/shop';
import type { Place } from '$core/slab';
import { ask, type Answer } from '$lib/api';

/** Saves the fitted coefficient of a place, W/m² K, and updates the screen. */
export async function keepPlace({ placeH }: Pick<Shop, 'placeH'>, place: Place, h: number): Promise<Answer<unknown>> {
  const settings = { placeH: { ...placeH, [place]: Number(h.toFixed(2)) } };
  const answer = await ask('PUT', '/api/shop', { revision: page.data.shopRevision as number, settings });
  if (answer.ok) await invalidateAll();
  return answer;
}
