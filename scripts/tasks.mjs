/** Bundles the work that the server does in worker threads, beside the built server. */
import { build } from 'esbuild';
import { join } from 'node:path';
import alias from './aliases.cjs';
import { root } from './setup.mjs';

export async function buildTasks() {
  await build({
    entryPoints: [join(root, 'src', 'lib', 'server', 'tasks', 'worker.ts')],
    outfile: join(root, 'build', 'tasks.mjs'),
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    alias,
    packages: 'external',
    logLevel: 'warning',
  });
}
