/** `npm run bench`: prints the measured figures. The core is bundled first, as it is for the server. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import alias from './aliases.cjs';
import { installChromium } from './chromium.mjs';
import { prepare, root, run, tool } from './setup.mjs';

await prepare();
await installChromium();
const out = join(root, 'node_modules', '.knife-tray-bench');
mkdirSync(out, { recursive: true });
const bundle = ['--bundle', '--platform=node', '--format=esm', '--log-level=error', '--packages=external'];
const aliases = Object.entries(alias).map(([name, folder]) => `--alias:${name}=${folder}`);
run(tool('esbuild'), ['tests/bench/bench.ts', ...bundle, ...aliases, `--outfile=${join(out, 'bench.mjs')}`]);
run('node', [join(out, 'bench.mjs')]);
