import { redirect } from '@sveltejs/kit';

/** Opens the checks of a slab. */
export function load({ params }) {
  redirect(307, `/slabs/${params.id}/build#checks`);
}
