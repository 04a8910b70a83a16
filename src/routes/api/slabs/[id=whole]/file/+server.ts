import { error } from '@sveltejs/kit';
import { writeSlab } from '../../../../../core/slab';
import { fileName } from '$lib/fileName';
import { database } from '$lib/server/db';
import { slabById } from '$lib/server/slabs';

/** The slab as a file to take away, as last kept. */
export function GET({ params }) {
  const kept = slabById(database(), Number(params.id));
  if (!kept) error(404, 'This slab is no longer in the shop');
  return new Response(writeSlab(kept.slab), {
    headers: {
      'Content-Type': 'application/json; charset=utf-8',
      'Content-Disposition': `attachment; filename="${fileName(kept.slab.name)}"`,
    },
  });
}
