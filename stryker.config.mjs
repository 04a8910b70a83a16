/**
 * How well the unit tests cover a folder of the core: `npm run mutants` makes each small change to it in turn, a mutant; a mutant that
 * no test notices has survived. scripts/mutantTests.mjs says which tests run for each.
 */
import { availableParallelism } from 'node:os';
import { bundlePaths } from './scripts/mutantTests.mjs';

const [room, file = '*'] = (process.env.MUTANTS_ROOM ?? 'cut').split('/');

export default {
  mutate: [`src/core/${room}/${file}.ts`, `!src/core/${room}/index.ts`, `!src/core/${room}/types.ts`],
  plugins: ['@stryker-mutator/tap-runner', './scripts/mutantSample.mjs'],
  ignorers: ['line-sample'],
  buildCommand: `node scripts/mutantTests.mjs ${room}`,
  testRunner: 'tap',
  tap: {
    testFiles: bundlePaths(room),
    // There is a process for each processor: helper threads would only compete with each other.
    // Each process is too short for optimising the solver to pay.
    nodeArgs: [
      '--single-threaded',
      '--wasm-lazy-compilation',
      '--liftoff-only',
      '--import',
      './scripts/mutantPreload.mjs',
      '--test-reporter=tap',
    ],
    forceBail: true,
  },
  coverageAnalysis: 'perTest',
  concurrency: availableParallelism(),
  disableTypeChecks: false,
  timeoutMS: 3000,
  // A loop that counts the other way only runs forever.
  mutator: { excludedMutations: ['UpdateOperator'] },
  ignorePatterns: ['build', '.svelte-kit', 'demo-data', 'data', 'docs', 'test-results', 'reports'],
  reporters: ['clear-text', 'json', 'progress-append-only'],
  jsonReporter: { fileName: `reports/mutants-${room}${file === '*' ? '' : `-${file}`}.json` },
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportMutants: false },
  tempDirName: 'node_modules/.knife-tray-mutants',
};
