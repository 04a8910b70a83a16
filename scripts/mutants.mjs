/** `npm run mutants -- src/core/cut`: small changes to rooms of the core, one at a time, and how many of them the unit tests notice. */
import { basename } from 'node:path';
import { prepare, run, tool } from './setup.mjs';

const ROOMS = ['cost', 'cut', 'fit', 'heat', 'scale', 'setting', 'tin'];
const asked = process.argv.slice(2).map((room) => basename(room));
const rooms = asked.length > 0 ? asked : ROOMS;

await prepare();
for (const room of rooms) {
  console.log(`\n== src/core/${room}`);
  run(tool('stryker'), ['run'], { env: { ...process.env, MUTANTS_ROOM: room } });
}
