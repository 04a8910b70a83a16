import { json } from '@sveltejs/kit';
import { ENTER_LIMIT } from '$lib/limits/bodyLimits';
import { readBody, refusal } from '$lib/server/http';
import { door, SESSION } from '$lib/server/passphrase';
import { readPassphrase } from '$lib/server/requests/kept';

/** Opens a session: `{ "passphrase" }`. */
export async function POST({ request, cookies, getClientAddress, url }) {
  const body = await readBody(request, readPassphrase, ENTER_LIMIT);
  if (!body.ok) return body.response;
  if (!door) return json({ ok: true });
  const entered = await door.enter(body.value.passphrase, getClientAddress(), Date.now());
  if (entered === 'too-many') return refusal('too-many-attempts');
  if (entered === 'wrong') return refusal('wrong-passphrase');
  cookies.set(SESSION, entered.session, {
    path: '/',
    httpOnly: true,
    sameSite: 'strict',
    secure: url.protocol === 'https:',
    maxAge: 30 * 24 * 3600,
  });
  return json({ ok: true });
}
