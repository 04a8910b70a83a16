import { jsonSchemaOf, type JsonSchema } from '../validation';
import { DEPRECATED_FIELDS } from './olderNames';
import { slabSchema } from './schema';

/** Describes the slab file as a JSON Schema; `npm run schema` writes it to `slab-1.schema.json`, which is what is served. */
export function slabJsonSchema({ title, description }: { title: string; description: string }): JsonSchema {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: '/schema/slab-1.json',
    title,
    description,
    ...withDeprecated(jsonSchemaOf(slabSchema)),
  };
}

type Properties = Record<string, JsonSchema>;

/** Adds the older names of fields of list items, which are read and no longer written. */
function withDeprecated(schema: JsonSchema): JsonSchema {
  const properties = { ...(schema.properties as Properties) };
  for (const [list, fields] of Object.entries(DEPRECATED_FIELDS)) {
    const items = properties[list]!.items as JsonSchema;
    const own = items.properties as Properties;
    const older = Object.entries(fields).map(([old, now]) => [old, { ...own[now], deprecated: true }]);
    properties[list] = {
      ...properties[list],
      items: { ...items, properties: { ...own, ...Object.fromEntries(older) } },
    };
  }
  return { ...schema, properties };
}
