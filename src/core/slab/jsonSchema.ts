import { jsonSchemaOf, type JsonSchema } from '../validation';
import { slabSchema } from './schema';

/** Describes the slab file as a JSON Schema; `npm run schema` writes it to `slab-1.schema.json`, which is what is served. */
export function slabJsonSchema({ title, description }: { title: string; description: string }): JsonSchema {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: '/schema/slab-1.json',
    title,
    description,
    ...jsonSchemaOf(slabSchema),
  };
}
