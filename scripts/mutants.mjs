/** `npm run mutants -- src/core/cut`: small changes to rooms of the core, one at a time, and how many of them the unit tests notice. */
import { basename } from 'node:path';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { prepare, root, run, tool } from './setup.mjs';

/** Every folder of the core that has tests of its own. */
const ROOMS = readdirSync(join(root, 'src', 'core')).filter((room) => existsSync(join(root, 'tests', 'unit', room)));
const asked = process.argv.slice(2).map((room) => basename(room));
const rooms = asked.length > 0 ? asked : ROOMS;

await prepare();
for (const room of rooms) {
  console.log(`\n== src/core/${room}`);
  run(tool('stryker'), ['run'], { env: { ...process.env, MUTANTS_ROOM: room } });
}
