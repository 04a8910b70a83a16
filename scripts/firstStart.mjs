/**
 * Runs `npm run demo` as a newcomer does, on this checkout without installed packages, until a slab page answers. Prints how
 * long that took and fails if it does not happen.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from './marks.mjs';

for (const made of ['node_modules', 'build', '.svelte-kit']) {
  if (!existsSync(join(root, made))) continue;
  console.error(`${made} already exists. This check needs a fresh clone`);
  process.exit(1);
}
const started = performance.now();
const seconds = () => `${((performance.now() - started) / 1000).toFixed(1)} s`;
const data = mkdtempSync(join(tmpdir(), 'knife-tray-first-start-'));
const demo = spawn('npm', ['run', 'demo'], {
  cwd: root,
  env: { ...process.env, KNIFE_TRAY_DATA: data, PORT: '0' },
  stdio: ['ignore', 'pipe', 'inherit'],
  // A process group of its own, so that everything it started ends with it.
  detached: true,
});
const ended = once(demo, 'close');
const address = new Promise((resolve) => {
  let output = '';
  demo.stdout.on('data', (chunk) => {
    process.stdout.write(chunk);
    output += chunk;
    const found = /open at (http\S+)/.exec(output);
    if (found) resolve(found[1]);
  });
});
try {
  const open = await Promise.race([address, ended.then(() => null)]);
  if (open === null) throw new Error('npm run demo ended before it was open');
  const answer = await fetch(`${open}/slabs/1/build`);
  if (answer.status !== 200 || !(await answer.text()).includes('</html>'))
    throw new Error(`The slab page answered ${answer.status}`);
  console.log(`First start: a slab page answered after ${seconds()}`);
} finally {
  if (demo.exitCode === null) process.kill(-demo.pid, 'SIGINT');
  await ended;
  rmSync(data, { recursive: true, force: true });
}
