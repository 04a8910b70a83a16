/** The browser for tests and pictures: Debian's Chromium, without anything that calls out. */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync } from 'node:fs';

/** The one without windows, which does the same with less work, and the whole one, where only that is there. */
const [LEAN, WHOLE] = ['chromium-headless-shell', 'chromium'];
const found = () => [LEAN, WHOLE].map((name) => `/usr/bin/${name}`).find(existsSync);
/** Where it is, once it is installed. */
export const chromiumPath = () => found() ?? `/usr/bin/${LEAN}`;
export const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Installs Chromium if it is missing and that is allowed, beside whatever goes on; else says which command does it, and ends. */
export async function installChromium() {
  if (found()) return;
  const install = 'apt-get install -y --no-install-recommends';
  const command = `apt-get update && (${install} ${LEAN} || ${install} ${WHOLE})`;
  if (process.getuid?.() === 0) await once(spawn('sh', ['-c', command], { stdio: 'inherit' }), 'close');
  if (found()) return;
  console.error(`The browser tests need Chromium. Run as root: ${command}`);
  process.exit(1);
}
