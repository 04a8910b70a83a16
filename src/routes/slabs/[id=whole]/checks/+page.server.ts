import { redirect } from '@sveltejs/kit';

/** Checks open above the bar of a slab's pages. */
export function load({ params }) {
  redirect(307, `/slabs/${params.id}/build#checks`);
}
