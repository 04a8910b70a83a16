import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { larderNames } from '$lib/server/larder';

/** Names of the larder that hold what is typed, for choosing from: `?find=`. */
export function GET({ url }) {
  return json({ names: larderNames(database(), (url.searchParams.get('find') ?? '').slice(0, 200)) });
}
