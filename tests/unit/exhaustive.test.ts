/** A new member of a union must fail to compile wherever something has to handle it: here some are added, and the compiler is run. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { relative, resolve } from 'node:path';
import { test } from 'node:test';
import ts from 'typescript';

interface Added {
  /** The file with the list of members, how the list begins, and the member as written there. */
  readonly file: string;
  readonly list: string;
  readonly member: string;
  /** Files that have to handle every member. */
  readonly needed: readonly string[];
}

const ADDED: readonly Added[] = [
  {
    ...{ file: 'src/core/measure/units.ts', list: 'export const UNITS = [', member: `'gill'` },
    needed: ['src/core/measure/units.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const PIECE_SHAPES = [', member: `'hexagon'` },
    needed: ['src/core/cut/layout.ts', 'src/core/cut/cutSlab.ts', 'src/wording/en/cut.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const PLACES = [', member: `'cellar'` },
    needed: [
      'src/core/slab/words.ts',
      'src/core/setting/places.ts',
      'src/wording/en/steps.ts',
      'src/wording/en/label.ts',
      'src/core/time/chain.ts',
      'src/core/method/keepIn.ts',
    ],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const SPREADS = [', member: `'sprayed'` },
    needed: ['src/core/scale/spreads.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const CUT_TOOLS = [', member: `'laser'` },
    needed: ['src/core/cut/tools.ts', 'src/wording/en/checks.ts', 'src/wording/en/cut.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const STAGES = [', member: `'burnt'` },
    needed: ['src/core/sugar/stages.ts', 'src/wording/en/sugar.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const GROWTHS = [', member: `'edge'` },
    needed: ['src/core/time/steps.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const HANDS = [', member: `'listen'` },
    needed: ['src/core/run/times.ts', 'src/core/time/generate.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const COOLING_PLACES = [', member: `'ice bath'` },
    needed: ['src/core/setting/potCooling.ts'],
  },
  {
    ...{ file: 'src/core/slab/words.ts', list: 'export const CUT_WAYS = [', member: `'rings'` },
    needed: ['src/core/cut/layout.ts', 'src/core/slab/cutWork.ts', 'src/wording/en/recipeDocument.ts'],
  },
  {
    ...{ file: 'src/core/slab/schema.ts', list: "'same-thickness': {},", member: `'by-mass': { g: positive(1) }` },
    needed: ['src/core/scale/scaled.ts'],
  },
  {
    ...{ file: 'src/core/slab/selling.ts', list: 'export const TRIM_USES = [', member: `'give'` },
    needed: ['src/core/cost/bill.ts'],
  },
  {
    ...{ file: 'src/core/slab/selling.ts', list: 'export const OVERHEADS = [', member: `'piece'` },
    needed: ['src/core/cost/bill.ts'],
  },
  {
    ...{ file: 'src/core/sugar/melting.ts', list: 'export const MELTS = [', member: `'oven'` },
    needed: ['src/core/sugar/melting.ts', 'src/wording/en/steps.ts'],
  },
  {
    ...{ file: 'src/core/tin/liner.ts', list: 'export const LININGS = [', member: `'foil'` },
    needed: ['src/core/tin/liner.ts'],
  },
  {
    ...{ file: 'src/core/tin/schema.ts', list: 'export const VESSELS = [', member: `'pan'` },
    needed: ['src/core/tin/schema.ts', 'src/wording/en/checks.ts'],
  },
  {
    ...{ file: 'src/core/tin/schema.ts', list: 'export const WRAPS = [', member: `'pouch'` },
    needed: ['src/core/pack/wraps.ts'],
  },
  {
    ...{ file: 'src/core/shop/schema.ts', list: 'export const THERMOMETERS = [', member: `'strip'` },
    needed: ['src/core/shop/schema.ts'],
  },
  {
    ...{ file: 'src/core/shop/schema.ts', list: 'export const POWERED = [', member: `'fryer'` },
    needed: ['src/core/shop/types.ts', 'src/core/usecases/price.ts'],
  },
  {
    ...{ file: 'src/core/shop/schema.ts', list: 'export const LABEL_PROFILES = [', member: `'ca'` },
    needed: ['src/core/label/profiles.ts', 'src/wording/en/label.ts'],
  },
  {
    ...{ file: 'src/core/measure/units.ts', list: 'export const MEASURES = [', member: `'old'` },
    needed: ['src/core/measure/spoons.ts', 'src/core/measure/readQuantity.ts', 'src/core/measure/figures.ts'],
  },
  {
    ...{ file: 'src/core/cost/bill.ts', list: 'export const COST_ITEMS = [', member: `'rent'` },
    needed: ['src/core/cost/bill.ts'],
  },
  {
    ...{ file: 'src/core/run/events.ts', list: 'const KINDS = {', member: `'step-late': { ...event, step }` },
    needed: ['src/core/run/state.ts'],
  },
  {
    ...{ file: 'src/core/run/events.ts', list: 'export const SET_READINGS = [', member: `'brittle'` },
    needed: ['src/core/run/events.ts'],
  },
];

const options: ts.CompilerOptions = {
  ...{ strict: true, noEmit: true, skipLibCheck: true, resolveJsonModule: true, noUncheckedIndexedAccess: true },
  ...{ target: ts.ScriptTarget.ESNext, module: ts.ModuleKind.ESNext, types: [] },
  moduleResolution: ts.ModuleResolutionKind.Bundler,
  paths: { $core: [resolve('src/core')], '$core/*': [resolve('src/core/*')] },
};

const ROOTS = [
  ...['src/core/usecases/index.ts', 'src/core/method/index.ts', 'src/core/recipe/index.ts'],
  ...readdirSync('src/wording/en').map((name) => `src/wording/en/${name}`),
];

/** The files of the core and of the wording that do not compile, with changed texts in place of some. */
function failing(changed: ReadonlyMap<string, string>): Set<string> {
  const host = ts.createCompilerHost(options);
  const readFile = host.getSourceFile.bind(host);
  host.getSourceFile = (name, ...rest) => {
    const text = changed.get(resolve(name));
    return text === undefined ? readFile(name, ...rest) : ts.createSourceFile(name, text, rest[0]);
  };
  const program = ts.createProgram(ROOTS, options, host);
  return new Set(program.getSemanticDiagnostics().flatMap(({ file }) => (file ? [relative('.', file.fileName)] : [])));
}

test('the core compiles as it is, and fails everywhere that has to handle a new member of a union', () => {
  assert.deepEqual([...failing(new Map())], []);
  const changed = new Map<string, string>();
  for (const { file, list, member } of ADDED) {
    const path = resolve(file);
    const text = changed.get(path) ?? readFileSync(path, 'utf8');
    assert.ok(text.includes(list), `${file} has no ${list}`);
    changed.set(path, text.replace(list, `${list}${member}, `));
  }
  const found = failing(changed);
  for (const { member, needed } of ADDED)
    for (const file of needed) assert.ok(found.has(file), `${file} compiles without knowing ${member}`);
});
