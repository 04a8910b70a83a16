/** Writes the JSON Schema of the slab file from the schema that the reader uses. */
import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { slabJsonSchema } from '$core/slab/jsonSchema';
import { SLAB_SCHEMA_TEXTS } from '$wording/schema';

const file = new URL('../src/core/slab/slab-1.schema.json', import.meta.url);
const style = await resolveConfig(file);
writeFileSync(file, await format(JSON.stringify(slabJsonSchema(SLAB_SCHEMA_TEXTS)), { ...style, parser: 'json' }));
