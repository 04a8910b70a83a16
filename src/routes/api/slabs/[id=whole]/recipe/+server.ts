import { larderOf } from '../../../../../core/larder';
import { jsonLdOf } from '../../../../../core/recipe';
import { plan } from '../../../../../core/usecases';
import { database } from '$lib/server/db';
import { problem } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { wholeShop } from '$lib/server/shop';
import { slabById } from '$lib/server/slabs';

/** A slab as a schema.org recipe, for other programs. */
export function GET({ params }) {
  const db = database();
  const kept = slabById(db, Number(params.id));
  if (!kept) return problem('This slab is no longer in the shop', '', 404);
  const { cut } = plan(kept.slab, larderOf(ingredientsFor(db, [kept.slab])), wholeShop(db));
  const pieces = cut.pieces.reduce((sum, { count }) => sum + count, 0);
  return new Response(JSON.stringify(jsonLdOf(kept.slab, pieces), null, 2), {
    headers: { 'Content-Type': 'application/ld+json' },
  });
}
