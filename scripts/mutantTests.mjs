/**
 * The tests that run for each mutant of a folder of the core, bundled so that no mutant waits for compilation or package lookup: first
 * the folder's worked examples, all in one process, then each file of property tests by itself, then tests of other folders that use
 * it. Stryker runs it as a command in its copy of the project.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import alias from './aliases.cjs';

/** At the folder depth of `things.ts`, from which the demo is read. */
const OUT = 'tests/mutants';
/** Tests of other folders that also exercise a folder. */
const OTHER_TESTS = {
  check: ['usecases/selling', 'scale/wholeThings'],
  cost: ['usecases/selling'],
  cut: ['usecases/cutAdvice'],
  fit: ['usecases/order'],
  run: ['diagnose/facts'],
  scale: ['usecases/compare', 'usecases/heights'],
  setting: ['usecases/cutAdvice'],
  slab: ['usecases/heights', 'measure/units'],
  tin: ['usecases/heights'],
  usecases: [
    ...['label/label', 'label/profiles', 'run/record', 'diagnose/diagnose', 'logbook/logbook', 'time/timeline'],
    ...['fit/mixed', 'fit/order', 'fit/bags', 'weighOut/weighOutList', 'setting/answers', 'time/slack'],
  ],
  logbook: ['usecases/price'],
  validation: ['slab/read', 'larder/rows', 'larder/table', 'measure/readNumber'],
};
/** Tests that count their own cases, of which a fifth of a second gives too few. */
const NEEDS_TIME = 'bent.test.ts';

/** @returns the bundles of a folder in running order: a name, and the tests in it */
function bundlesOf(room) {
  const folder = `tests/unit/${room}`;
  const tests = readdirSync(folder)
    .filter((name) => name.endsWith('.test.ts') && name !== NEEDS_TIME)
    .map((name) => `${folder}/${name}`);
  const hasLaws = (path) => readFileSync(path, 'utf8').includes('fast-check');
  return [
    { name: 'figures', tests: tests.filter((path) => !hasLaws(path)) },
    ...tests.filter(hasLaws).map((path, i) => ({ name: `laws-${i}`, tests: [path] })),
    { name: 'others', tests: (OTHER_TESTS[room] ?? []).map((name) => `tests/unit/${name}.test.ts`) },
  ].filter(({ tests }) => tests.length > 0);
}

/** @returns paths of a folder's bundles */
export const bundlePaths = (room) => bundlesOf(room).map(({ name }) => `${OUT}/${name}.mjs`);

async function bundle(room) {
  for (const { name, tests } of bundlesOf(room)) {
    await build({
      stdin: { contents: tests.map((path) => `import './${path}';`).join('\n'), resolveDir: '.' },
      bundle: true,
      platform: 'node',
      format: 'esm',
      alias,
      // Packages with one shared instance; the others ask for `require`, see mutantPreload.
      external: ['fast-check', 'highs'],
      outfile: `${OUT}/${name}.mjs`,
      logLevel: 'error',
    });
  }
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) await bundle(process.argv[2]);
