/**
 * `npm run mutants -- src/core/cut src/core/usecases/price.ts`: makes small changes to folders or files of the core, one at a time, and
 * counts how many of them the unit tests notice. Without arguments, every folder. `--every 5` changes only one line in five.
 */
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { prepare, root, run, tool } from './setup.mjs';

/** Every folder of the core that has tests of its own. */
const ROOMS = readdirSync(join(root, 'src', 'core')).filter((room) => existsSync(join(root, 'tests', 'unit', room)));
const { values, positionals } = parseArgs({
  options: { every: { type: 'string', default: '1' } },
  allowPositionals: true,
});
const asked = positionals.map((path) => path.replace(/^.*src\/core\/|\.ts$|\/$/g, ''));
const rooms = asked.length > 0 ? asked : ROOMS;

await prepare();
for (const room of rooms) {
  console.log(`\n== src/core/${room}`);
  run(tool('stryker'), ['run'], { env: { ...process.env, MUTANTS_ROOM: room, MUTANTS_EVERY: values.every } });
}
