import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refusedWith } from '$lib/server/http';
import { readSettings } from '$lib/server/requests/kept';
import { keptSettings, saveSettings } from '$lib/server/shop';
import { tagged } from '$lib/server/tagged';

/** Returns the shop's settings with their revision. */
export const GET = ({ request }) => tagged(request, keptSettings(database()));

/**
 * Changes the shop's settings: `{ "revision": as read, "settings": changed fields, "rate": of a new currency }`. Other fields
 * stay. 409 with the latest settings when someone else changed them since.
 */
export async function PUT({ request }) {
  const body = await readBody(request, readSettings);
  if (!body.ok) return body.response;
  const { revision, settings, rate = null } = body.value;
  const { rack: _rack, ...changes } = settings;
  const done = saveSettings(database(), revision, changes, rate);
  if (done.ok) return json(done);
  return refusedWith('settings-changed', { latest: done.latest });
}
