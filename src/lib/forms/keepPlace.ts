import { page } from '$app/state';
import { invalidateAll } from '$app/navigation';
import type { Shop } from '$core/shop';
import type { Place } from '$core/slab';
import { ask, type Answer } from '$lib/api';

/** Keeps what a place of the shop is like, by a coefficient in W/m2 K; everything that stands on the screen follows. */
export async function keepPlace({ placeH }: Pick<Shop, 'placeH'>, place: Place, h: number): Promise<Answer<unknown>> {
  const settings = { placeH: { ...placeH, [place]: Number(h.toFixed(2)) } };
  const answer = await ask('PUT', '/api/shop', { revision: page.data.shopRevision as number, settings });
  if (answer.ok) await invalidateAll();
  return answer;
}
