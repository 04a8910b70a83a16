/**
 * `npm test`: everything that has to hold before a change lands. From a fresh clone it installs what it needs first.
 * `npm test -- unit` runs only the unit tests, `-- e2e` only the browser's.
 */
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

await install();
const compiled = compileDatabase();
await step('format', () => run(tool('prettier'), ['--check', '--log-level', 'warn', '.']));
await step('types', () => {
  run(tool('svelte-kit'), ['sync']);
  run(tool('svelte-check'), ['--threshold', 'warning', '--fail-on-warnings']);
});
await step('lint', () => run(tool('eslint'), ['--max-warnings', '0', '.']));
await step('imports', () => run(tool('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']));
await step('unused', () => run(tool('knip'), []));
await compiled;
await step('unit', () => {
  const files = readdirSync(join(root, 'tests', 'unit'), { recursive: true }).filter((name) =>
    name.endsWith('.test.ts'),
  );
  const paths = files.sort().map((name) => join('tests', 'unit', name));
  const atOnce = ['--test-concurrency', String(availableParallelism())];
  run('node', ['--import', 'tsx', '--test', '--test-reporter', 'spec', ...atOnce, ...paths]);
});
await step('e2e', async () => {
  await build();
  installChromium();
  run(tool('playwright'), ['test']);
});
