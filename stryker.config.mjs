/**
 * How well the unit tests pin a room of the core down: `npm run mutants` makes each small change to it in turn, a mutant, and a mutant
 * that no test notices has survived. The tests of the room run for it, and those of the use cases, which are built of every room.
 */
import { readdirSync } from 'node:fs';
import { availableParallelism } from 'node:os';

const room = process.env.MUTANTS_ROOM ?? 'cut';
const testsOf = (folder) =>
  readdirSync(`tests/unit/${folder}`)
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => `tests/unit/${folder}/${name}`);
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
  buildCommand: ['esbuild', ...[room, 'usecases'].flatMap(testsOf), ...bundle, `--outdir=${BUNDLES}`].join(' '),
  testRunner: 'tap',
  tap: {
    testFiles: [`${BUNDLES}/*.mjs`],
    nodeArgs: ['--test-reporter=tap'],
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
