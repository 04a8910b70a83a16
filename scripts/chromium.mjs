/** The browser for tests and pictures: Debian's Chromium, without anything that calls out. */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

export const CHROMIUM = '/usr/bin/chromium';
export const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Installs Chromium if it is missing and that is allowed; else says which command does it, and ends. */
export function installChromium() {
  if (existsSync(CHROMIUM)) return;
  const command = 'apt-get update && apt-get install -y --no-install-recommends chromium';
  const done = process.getuid?.() === 0 && spawnSync('sh', ['-c', command], { stdio: 'inherit' }).status === 0;
  if (done && existsSync(CHROMIUM)) return;
  console.error(`The browser tests need Chromium. Run as root: ${command}`);
  process.exit(1);
}
