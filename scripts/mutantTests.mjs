/**
 * What runs for every mutant of a room of the core, bundled so that no mutant waits for files to be compiled or packages to be found:
 * first all figures by hand of the room, in one process, then the laws, file by file, then what the use cases make of the room.
 * It is run as a command by Stryker in its copy of the project.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';

/** In a folder of the depth of `things.ts`, from which the demo is read. */
const OUT = 'tests/mutants';
/** Which tests of the use cases ask for a room's work beyond its own tests. */
const USE_CASES = {
  cost: ['selling'],
  cut: ['cutAdvice'],
  scale: ['compare', 'heights'],
  setting: ['order'],
  tin: ['heights'],
};
/** A law is told by its name. */
const isLaw = (name) => /^law\b/.test(name);
const hasLaws = (path) => /^test\('law\b/m.test(readFileSync(path, 'utf8'));

/** @returns the bundles of a room, in the order in which they run: a name, the tests in it, and whether their laws are meant or the others */
function bundlesOf(room) {
  const folder = `tests/unit/${room}`;
  const files = readdirSync(folder)
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => `${folder}/${name}`);
  return [
    { name: 'figures', files, laws: false },
    ...files.filter(hasLaws).map((path, i) => ({ name: `laws-${i}`, files: [path], laws: true })),
    { name: 'usecases', files: USE_CASES[room].map((name) => `tests/unit/usecases/${name}.test.ts`), laws: false },
  ];
}

/** @returns paths of a room's bundles */
export const bundlePaths = (room) => bundlesOf(room).map(({ name }) => `${OUT}/${name}.mjs`);

/** In a bundle stands this for `node:test`. */
const onlyThose = (laws) => `
  const { test: run } = globalThis.require('node:test');
  const isLaw = ${isLaw};
  export const test = (name, ...rest) => (isLaw(name) === ${laws} ? run(name, ...rest) : undefined);`;

async function bundle(room) {
  for (const { name, files, laws } of bundlesOf(room)) {
    await build({
      stdin: { contents: files.map((path) => `import './${path}';`).join('\n'), resolveDir: '.' },
      bundle: true,
      platform: 'node',
      format: 'esm',
      // One instance of each; the other packages ask for `require`, see mutantPreload.
      external: ['fast-check', 'highs'],
      plugins: [
        {
          name: 'laws or figures',
          setup({ onResolve, onLoad }) {
            onResolve({ filter: /^node:test$/ }, () => ({ path: 'node:test', namespace: 'tests' }));
            onLoad({ filter: /./, namespace: 'tests' }, () => ({ contents: onlyThose(laws), resolveDir: '.' }));
          },
        },
      ],
      outfile: `${OUT}/${name}.mjs`,
      logLevel: 'error',
    });
  }
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) await bundle(process.argv[2]);
