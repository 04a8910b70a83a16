/** The browser for tests and screenshots: Debian's Chromium, without anything that connects to other hosts. */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync } from 'node:fs';

/** The headless variant needs less work. The full one is used where only that is installed. */
const [HEADLESS, FULL] = ['chromium-headless-shell', 'chromium'];
const PATHS = [HEADLESS, FULL, 'chromium-browser'].map((name) => `/usr/bin/${name}`);

const found = () => [process.env.CHROMIUM_PATH, ...PATHS].find((path) => path && existsSync(path));

/** Returns the path of the browser: CHROMIUM_PATH if that is set, else where Debian installs it. */
export const chromiumPath = () => found() ?? PATHS[0];

export const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Installs Chromium if it is missing and this user may do that. Otherwise says what to do, and exits. */
export async function installChromium() {
  const { CHROMIUM_PATH } = process.env;
  if (CHROMIUM_PATH && !existsSync(CHROMIUM_PATH)) {
    console.error(`CHROMIUM_PATH is ${CHROMIUM_PATH}, but this file does not exist`);
    process.exit(1);
  }
  if (found()) return;
  const install = 'apt-get install -y --no-install-recommends';
  const command = `apt-get update && (${install} ${HEADLESS} || ${install} ${FULL})`;
  const canInstall = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
  if (canInstall) await once(spawn('sh', ['-c', command], { stdio: ['ignore', 'ignore', 'inherit'] }), 'close');
  if (found()) return;
  console.error(
    [
      'The browser tests need Chromium, and it was not found.',
      `On Debian or Ubuntu, run as root: ${command}`,
      'Elsewhere, install Chromium or a browser built on it, and set CHROMIUM_PATH to its program, for example',
      '  CHROMIUM_PATH=/Applications/Chromium.app/Contents/MacOS/Chromium npm test',
      'All other checks run without it: npm test -- unit',
    ].join('\n'),
  );
  process.exit(1);
}
