/** `npm run schema`: writes the JSON Schema of the slab file from the schema that the reader uses. */
import { install, run, tool } from './setup.mjs';

install();
run(tool('tsx'), ['scripts/writeSchema.ts']);
