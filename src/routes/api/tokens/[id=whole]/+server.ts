import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { revokeToken } from '$lib/server/tokens';

/** Revokes a token: it opens nothing from now on. */
export function DELETE({ params }) {
  const isRevoked = revokeToken(database(), Number(params.id), new Date().toISOString());
  return isRevoked ? json({ ok: true }) : refusal('no-token');
}
