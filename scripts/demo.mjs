/** `npm run demo`: the application on the demo shop, in a data folder of its own. `-- --fresh` makes it anew. */
import { existsSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { prepare } from './setup.mjs';
import { start } from './serve.mjs';
import { serveProbe } from '../devices/probe.mjs';
import { serveScale } from '../devices/scale.mjs';

const folder = process.env.KNIFE_TRAY_DATA ?? './demo-data';
process.env.KNIFE_TRAY_DATA = folder;
await prepare();
// The folder itself stays: it may be a volume that is mounted there.
if (process.argv.includes('--fresh') && existsSync(folder)) {
  for (const name of readdirSync(folder)) rmSync(join(folder, name), { recursive: true, force: true });
}
const isNew = !existsSync(join(folder, 'knife-tray.sqlite'));
const address = await start();
if (isNew) {
  const here = address.replace('//0.0.0.0:', '//127.0.0.1:').replace('//[::]:', '//[::1]:');
  const post = (path, body, cookie = '') =>
    fetch(here + path, { method: 'POST', body, headers: { 'Content-Type': 'application/json', Cookie: cookie } });
  const passphrase = process.env.KNIFE_TRAY_PASSPHRASE;
  const entered = passphrase ? await post('/api/enter', JSON.stringify({ passphrase })) : null;
  const answer = await post('/api/demo', null, entered?.headers.get('set-cookie')?.split(';')[0]);
  if (!answer.ok) {
    console.error(`The demo could not be brought in (${answer.status}). Try npm run demo -- --fresh`);
    process.exit(1);
  }
}
await serveProbe().then(
  () => console.log('A simulated thermometer is in every pot: Cook, Listen to the probe.'),
  () => console.log('Port 4191 is taken: whatever is there is taken for the probe.'),
);
await serveScale().then(
  () => console.log('A simulated scale stands on the bench: Cut, Weigh by the scale.'),
  () => console.log('Port 4192 is taken: whatever is there is taken for the scale.'),
);
console.log('The demo shop is Lantern Yard Slabworks. Stop with Ctrl+C.');
