import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { larderNames } from '$lib/server/larder';

/** Returns larder names that contain a text: `?find=`. */
export function GET({ url }) {
  return json({ names: larderNames(database(), (url.searchParams.get('find') ?? '').slice(0, 200)) });
}
