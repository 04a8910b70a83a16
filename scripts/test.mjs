/**
 * `npm test`: everything that has to hold before a change lands. From a fresh clone it installs what it needs first.
 * `npm test -- unit` runs only the unit tests, `-- e2e` only the browser's.
 */
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { installChromium } from './chromium.mjs';
import { build, install, root, run, tool } from './setup.mjs';

const [only] = process.argv.slice(2);

function step(name, work) {
  if (only && only !== name) return;
  const started = performance.now();
  console.log(`\n== ${name}`);
  work();
  console.log(`== ${name}: ${((performance.now() - started) / 1000).toFixed(1)} s`);
}

install();
step('format', () => run(tool('prettier'), ['--check', '--log-level', 'warn', '.']));
step('types', () => {
  run(tool('svelte-kit'), ['sync']);
  run(tool('svelte-check'), ['--threshold', 'warning', '--fail-on-warnings']);
});
step('lint', () => run(tool('eslint'), ['--max-warnings', '0', '.']));
step('imports', () => run(tool('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']));
step('unused', () => run(tool('knip'), []));
step('unit', () => {
  const files = readdirSync(join(root, 'tests', 'unit'), { recursive: true }).filter((name) =>
    name.endsWith('.test.ts'),
  );
  const paths = files.sort().map((name) => join('tests', 'unit', name));
  run('node', ['--import', 'tsx', '--test', '--test-reporter', 'spec', ...paths]);
});
step('e2e', () => {
  build();
  installChromium();
  run(tool('playwright'), ['test']);
});
