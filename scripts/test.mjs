/**
 * `npm test`: everything that has to hold before a change lands. From a fresh clone it installs what it needs first.
 * `npm test -- unit` runs only the unit tests, `-- e2e` only the browser's.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readdirSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { installChromium } from './chromium.mjs';
import { build, compileDatabase, install, root, run, tool } from './setup.mjs';

const [only] = process.argv.slice(2);

async function step(name, work) {
  if (only && only !== name) return;
  const started = performance.now();
  console.log(`\n== ${name}`);
  await work();
  console.log(`== ${name}: ${((performance.now() - started) / 1000).toFixed(1)} s`);
}

/** Runs a command beside others, and shows what it printed once it has ended; ends this process with its code when it fails. */
async function beside(command, args) {
  const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  const printed = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => printed.push(chunk));
  const [status] = await once(child, 'close');
  process.stdout.write(Buffer.concat(printed));
  if (status !== 0) process.exit(status ?? 1);
}

await install();
const compiled = compileDatabase();
run(tool('svelte-kit'), ['sync']);
// What only reads goes on side by side.
await Promise.all([
  (async () => {
    await step('format', () => beside(tool('prettier'), ['--check', '--log-level', 'warn', '.']));
    await step('lint', () => beside(tool('eslint'), ['--max-warnings', '0', '.']));
  })(),
  (async () => {
    await step('types', () => beside(tool('svelte-check'), ['--threshold', 'warning', '--fail-on-warnings']));
    await step('imports', () => beside(tool('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']));
    await step('unused', () => beside(tool('knip'), []));
  })(),
]);
await compiled;
await step('unit', () => {
  const files = readdirSync(join(root, 'tests', 'unit'), { recursive: true }).filter((name) =>
    name.endsWith('.test.ts'),
  );
  const paths = files.sort().map((name) => join('tests', 'unit', name));
  const atOnce = ['--test-concurrency', String(availableParallelism())];
  run('node', [
    '--import',
    'tsx',
    '--import',
    './tests/unit/laws.mjs',
    '--test',
    '--test-reporter',
    'spec',
    ...atOnce,
    ...paths,
  ]);
});
await step('e2e', async () => {
  await build();
  installChromium();
  run(tool('playwright'), ['test']);
});
