import { json } from '@sveltejs/kit';
import schema from '$core/slab/slab-1.schema.json';

/** The JSON Schema of the slab file. */
export function GET() {
  return json(schema, { headers: { 'Content-Type': 'application/schema+json' } });
}
