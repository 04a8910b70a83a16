/** A new member of a union fails to compile wherever something has to know it: here some are added, and the compiler is asked. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { relative, resolve } from 'node:path';
import { test } from 'node:test';
import ts from 'typescript';

interface Added {
  /** The file with the list of members, and how the list begins. */
  readonly file: string;
  readonly list: string;
  readonly member: string;
  /** Files of the core that have to know every member. */
  readonly needed: readonly string[];
}

const ADDED: readonly Added[] = [
  {
    ...{ file: 'src/core/measure/units.ts', list: 'export const UNITS = [', member: 'gill' },
    needed: ['src/core/measure/units.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const PIECE_SHAPES = [', member: 'hexagon' },
    needed: ['src/core/cut/layout.ts', 'src/core/cut/cutSlab.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const PLACES = [', member: 'cellar' },
    needed: [
      'src/core/slab/words.ts',
      'src/core/setting/places.ts',
      'src/core/time/chain.ts',
      'src/core/method/keepIn.ts',
    ],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const SPREADS = [', member: 'sprayed' },
    needed: ['src/core/scale/spreads.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const CUT_TOOLS = [', member: 'laser' },
    needed: ['src/core/cut/tools.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const STAGES = [', member: 'burnt' },
    needed: ['src/core/sugar/stages.ts'],
  },
];

const options: ts.CompilerOptions = {
  ...{ strict: true, noEmit: true, skipLibCheck: true, resolveJsonModule: true, noUncheckedIndexedAccess: true },
  ...{ target: ts.ScriptTarget.ESNext, module: ts.ModuleKind.ESNext, types: [] },
  moduleResolution: ts.ModuleResolutionKind.Bundler,
};

/** The files of the core that do not compile, with changed texts in place of some. */
function failing(changed: ReadonlyMap<string, string>): Set<string> {
  const host = ts.createCompilerHost(options);
  const readFile = host.getSourceFile.bind(host);
  host.getSourceFile = (name, ...rest) => {
    const text = changed.get(resolve(name));
    return text === undefined ? readFile(name, ...rest) : ts.createSourceFile(name, text, rest[0]);
  };
  const program = ts.createProgram(['src/core/usecases/index.ts', 'src/core/method/index.ts'], options, host);
  return new Set(program.getSemanticDiagnostics().flatMap(({ file }) => (file ? [relative('.', file.fileName)] : [])));
}

test('the core compiles as it is, and fails everywhere that has to know a member that is added', () => {
  assert.deepEqual([...failing(new Map())], []);
  const changed = new Map<string, string>();
  for (const { file, list, member } of ADDED) {
    const path = resolve(file);
    const text = changed.get(path) ?? readFileSync(path, 'utf8');
    assert.ok(text.includes(list), `${file} has no ${list}`);
    changed.set(path, text.replace(list, `${list}'${member}', `));
  }
  const found = failing(changed);
  for (const { member, needed } of ADDED)
    for (const file of needed) assert.ok(found.has(file), `${file} compiles without knowing "${member}"`);
});
