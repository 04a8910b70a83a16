import { redirect } from '@sveltejs/kit';

/** Whoever is in already, or is asked for nothing, goes on to the slabs. */
export function load({ locals }) {
  if (!locals.isLocked) redirect(303, '/slabs');
}
