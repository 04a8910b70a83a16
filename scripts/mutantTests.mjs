/**
 * What runs for every mutant of a folder of the core, bundled so that no mutant waits for files to be compiled or packages to be found:
 * first the folder's figures worked by hand, all in one process, then each file of its laws by itself, then tests of other folders that use it.
 * It is run as a command by Stryker in its copy of the project.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import alias from './aliases.cjs';

/** In a folder of the depth of `things.ts`, from which the demo is read. */
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
/** A test that counts its own cases, of which a fifth of a second has too few. */
const NEEDS_TIME = 'bent.test.ts';

/** @returns the bundles of a folder, in the order in which they run: a name, and the tests in it */
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
      // One instance of each; the other packages ask for `require`, see mutantPreload.
      external: ['fast-check', 'highs'],
      outfile: `${OUT}/${name}.mjs`,
      logLevel: 'error',
    });
  }
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) await bundle(process.argv[2]);
