/** `npm run demo`: the application on the demo shop, in a data folder of its own. `-- --fresh` makes it anew. */
import { existsSync, rmSync } from 'node:fs';
import { prepare } from './setup.mjs';
import { start } from './serve.mjs';
import { serveProbe } from '../probe/serve.mjs';

const folder = process.env.KNIFE_TRAY_DATA ?? './demo-data';
process.env.KNIFE_TRAY_DATA = folder;
await prepare();
if (process.argv.includes('--fresh')) rmSync(folder, { recursive: true, force: true });
const isNew = !existsSync(folder);
const address = await start();
if (isNew) {
  const answer = await fetch(`${address}/api/demo`, { method: 'POST' });
  if (!answer.ok) {
    console.error(`The demo could not be brought in (${answer.status}). Try npm run demo -- --fresh`);
    process.exit(1);
  }
}
await serveProbe().then(
  () => console.log('A simulated thermometer is in every pot: Cook, Listen to the probe.'),
  () => console.log('Port 4191 is taken: whatever is there is taken for the probe.'),
);
console.log('The demo shop is Lantern Yard Slabworks. Stop with Ctrl+C.');
