import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refusal } from '$lib/server/http';
import { readToken } from '$lib/server/requests/kept';
import { allTokens, makeToken, MAX_TOKENS } from '$lib/server/tokens';

/** Lists the tokens of other programs, without their secrets. */
export const GET = () => json({ tokens: allTokens(database()) });

/** Makes a token, `{ "name", "access": "read" | "full" }`. Its secret is answered once and not stored. */
export async function POST({ request }) {
  const body = await readBody(request, readToken);
  if (!body.ok) return body.response;
  const made = makeToken(database(), body.value, new Date().toISOString());
  return made ? json(made, { status: 201 }) : refusal('too-many-tokens', MAX_TOKENS);
}
