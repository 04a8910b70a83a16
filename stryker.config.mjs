/**
 * How well the unit tests pin a room of the core down: `npm run mutants` makes each small change to it in turn, a mutant, and a mutant
 * that no test notices has survived. The tests of the room run for it, and those of the use cases, which are built of every room.
 */
import { readdirSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { basename } from 'node:path';

const room = process.env.MUTANTS_ROOM ?? 'cut';
/** Each is called after its folder too, since two rooms may have a test of one name. */
const testsOf = (folder) =>
  readdirSync(`tests/unit/${folder}`)
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => ({ bundle: `${folder}-${basename(name, '.ts')}`, path: `tests/unit/${folder}/${name}` }));
/** Figures worked by hand are quick, and notice most: a mutant that they notice needs no long test. */
const QUICK = ['worked.test', 'byHand.test', 'properties.test'];
const quickFirst = (names) => [...names].sort((a, b) => Number(isQuick(b)) - Number(isQuick(a)));
const isQuick = (name) => QUICK.some((quick) => name.includes(quick));
const tests = [room, 'usecases'].flatMap(testsOf);
// Bundled once, so that a mutant does not wait for every file to be compiled; in a folder of the depth of `things.ts`, from which the demo is read.
const BUNDLES = 'tests/mutants';
const bundle = [
  '--bundle',
  '--platform=node',
  '--format=esm',
  '--packages=external',
  '--entry-names=[name]',
  '--out-extension:.js=.mjs',
];

export default {
  mutate: [`src/core/${room}/*.ts`, `!src/core/${room}/index.ts`, `!src/core/${room}/types.ts`],
  buildCommand: ['esbuild', ...tests.map((one) => `${one.bundle}=${one.path}`), ...bundle, `--outdir=${BUNDLES}`].join(
    ' ',
  ),
  testRunner: 'tap',
  tap: {
    testFiles: quickFirst(tests.map((one) => `${BUNDLES}/${one.bundle}.mjs`)),
    nodeArgs: ['--import', './scripts/quickProperties.mjs', '--test-reporter=tap'],
    forceBail: false,
  },
  coverageAnalysis: 'perTest',
  concurrency: availableParallelism(),
  disableTypeChecks: false,
  ignorePatterns: ['build', '.svelte-kit', 'demo-data', 'data', 'docs', 'test-results', 'reports'],
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: `reports/mutants-${room}.json` },
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportMutants: false },
  tempDirName: 'node_modules/.knife-tray-mutants',
};
