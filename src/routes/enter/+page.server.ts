import { redirect } from '@sveltejs/kit';

/** Redirects to the slabs if no sign-in is needed. */
export function load({ locals }) {
  if (!locals.isLocked) redirect(303, '/slabs');
}
