/**
 * `npm run mutants -- src/core/cut`: how well the unit tests pin a room of the core down. Each small change to the room is a mutant,
 * and a mutant that no test notices has survived. Only the tests of that room and of the use cases run for it.
 */
import { readdirSync } from 'node:fs';
import { basename } from 'node:path';

const room = process.env.MUTANTS_ROOM ?? 'src/core/cut';
const testsIn = (folder) =>
  readdirSync(`tests/unit/${folder}`)
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => `tests/unit/${folder}/${name}`);
const folders = [basename(room), ...(process.env.MUTANTS_WITH ?? '').split(',').filter(Boolean)];

export default {
  mutate: [`${room}/**/*.ts`, `!${room}/**/index.ts`, `!${room}/**/types.ts`],
  testRunner: 'tap',
  tap: {
    testFiles: folders.flatMap(testsIn),
    nodeArgs: ['--import', 'tsx', '--test-reporter=tap'],
    forceBail: false,
  },
  coverageAnalysis: 'perTest',
  concurrency: Number(process.env.MUTANTS_AT_ONCE ?? 2),
  disableTypeChecks: false,
  ignorePatterns: ['build', '.svelte-kit', 'demo-data', 'data', 'docs', 'test-results', 'reports'],
  reporters: ['progress', 'clear-text', 'json'],
  jsonReporter: { fileName: 'reports/mutants.json' },
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  tempDirName: 'node_modules/.knife-tray-mutants',
};
