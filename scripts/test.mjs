/**
 * `npm test`: everything that must pass before a change lands. On a fresh clone it first installs what it needs. `npm test -- unit`
 * runs only the unit tests, `-- e2e` only the browser tests.
 */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { installChromium } from './chromium.mjs';
import { runBeside, build, compileDatabase, install, root, run, tool } from './setup.mjs';

const [only] = process.argv.slice(2);
const isAsked = (name) => !only || only === name;

async function step(name, work) {
  if (!isAsked(name)) return;
  const started = performance.now();
  console.log(`\n== ${name}`);
  await work();
  console.log(`== ${name}: ${((performance.now() - started) / 1000).toFixed(1)} s`);
}

install();
const compiled = compileDatabase();
const browser = isAsked('e2e') ? installChromium() : null;
run(tool('svelte-kit'), ['sync']);
// Checks that only read files run side by side.
await Promise.all([
  (async () => {
    await step('format', () => runBeside(tool('prettier'), ['--check', '--log-level', 'warn', '.']));
    await step('lint', () => runBeside(tool('eslint'), ['--max-warnings', '0', '.']));
  })(),
  (async () => {
    await step('types', () => runBeside(tool('svelte-check'), ['--threshold', 'warning', '--fail-on-warnings']));
    await step('imports', () => runBeside(tool('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']));
    await step('unused', () => runBeside(tool('knip'), []));
  })(),
]);
await compiled;

/** The unit tests in as many processes as there are processors: most of a file's time goes into loading the code under test. */
function unit() {
  const files = readdirSync(join(root, 'tests', 'unit'), { recursive: true })
    .filter((name) => name.endsWith('.test.ts'))
    .sort()
    .map((name) => join('tests', 'unit', name));
  const all = availableParallelism();
  const groups = Array.from({ length: all }, (_, at) => files.filter((_name, i) => i % all === at));
  const loaded = ['--import', 'tsx', '--import', './tests/unit/laws.mjs', '--test-reporter', 'spec'];
  return Promise.all(groups.map((group) => runBeside('node', [...loaded, 'scripts/unit.mjs', ...group])));
}

/** Lists server processes that tests of this folder started, where the system can tell. */
function serversLeft() {
  if (!existsSync('/proc')) return [];
  const commandOf = (pid) => {
    try {
      return readFileSync(`/proc/${pid}/cmdline`, 'utf8');
    } catch {
      return '';
    }
  };
  const server = join(root, 'scripts', 'serveOnly.mjs');
  return readdirSync('/proc').filter((pid) => /^\d+$/.test(pid) && commandOf(pid).includes(server));
}

const built = isAsked('e2e') ? build() : null;
await step('unit', unit);
await step('e2e', async () => {
  await built;
  await browser;
  run(tool('playwright'), ['test']);
  const left = serversLeft();
  if (left.length > 0) {
    console.error(`Tests left servers running: ${left.join(', ')}`);
    process.exit(1);
  }
});
