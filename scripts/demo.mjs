/** `npm run demo`: the application on the demo shop, in a data folder of its own. `-- --fresh` starts the demo again. */
import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { lockedBy } from './lock.mjs';
import { prepare } from './setup.mjs';
import { serveProbe } from '../devices/probe.mjs';
import { serveScale } from '../devices/scale.mjs';

const folder = process.env.KNIFE_TRAY_DATA ?? './demo-data';
process.env.KNIFE_TRAY_DATA = folder;
await prepare();
const { start } = await import('./serve.mjs');

/** Exists while the demo is being set up. A folder that still has it holds only part of the demo. */
const unfinished = join(folder, 'demo-unfinished');
if (lockedBy(folder) === null && (process.argv.includes('--fresh') || existsSync(unfinished))) {
  // The folder itself stays: it may be a mounted volume.
  for (const name of existsSync(folder) ? readdirSync(folder) : [])
    rmSync(join(folder, name), { recursive: true, force: true });
}
if (!existsSync(join(folder, 'knife-tray.sqlite'))) {
  mkdirSync(folder, { recursive: true });
  writeFileSync(unfinished, '');
  // The server loads the demo before it answers the first request.
  process.env.KNIFE_TRAY_DEMO = 'yes';
}
await start();
rmSync(unfinished, { force: true });

/** Starts a simulated device on its usual port, or on any free one if that is taken. */
async function startDevice(name, setting, serve) {
  const server = await serve().catch(() => serve({ port: 0 }));
  process.env[setting] = `http://127.0.0.1:${server.address().port}`;
  console.log(`The simulated ${name} streams at ${process.env[setting]}/readings`);
}
await startDevice('thermometer', 'KNIFE_TRAY_PROBE', serveProbe);
await startDevice('scale', 'KNIFE_TRAY_SCALE', serveScale);
console.log('The demo shop is Lantern Yard Slabworks. Stop it with Ctrl+C.');
