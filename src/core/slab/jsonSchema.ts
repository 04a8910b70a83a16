import { jsonSchemaOf, type JsonSchema } from '../validation';
import { slabSchema } from './schema';

/** The slab file as a JSON Schema; `npm run schema` writes it to `slab-1.schema.json`, which is what is served. */
export function slabJsonSchema(): JsonSchema {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: '/schema/slab-1.json',
    title: 'Slab file, version 1',
    description: 'One slab: preparations with their lines, layers, tin and cut. Fields not named here are kept.',
    ...jsonSchemaOf(slabSchema),
  };
}
