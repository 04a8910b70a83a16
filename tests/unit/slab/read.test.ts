import { SLAB_SCHEMA_TEXTS } from '$wording/schema';
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import Ajv2020 from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { plan } from '$core/usecases';
import { pointer, problemsOf, unfitProblem } from '$core/validation';
import { readSlab, parseSlab, slabSchema, writeSlab, type Slab } from '$core/slab';
import { slabJsonSchema } from '$core/slab/jsonSchema';
import { slabs } from '../anySlab';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const schema = JSON.parse(readFileSync('src/core/slab/slab-1.schema.json', 'utf8')) as object;
const fits = new Ajv2020({ strict: false }).compile(schema);

const problems = (found: unknown) => {
  const read = parseSlab(found);
  return read.ok ? [] : read.problems;
};
const codeAt = (found: unknown, path: string) => problems(found).find((problem) => problem.path === path)?.code;

/** The slab with one thing changed, at a path of keys. */
function changed(slab: Slab, path: readonly (string | number)[], value: unknown): unknown {
  const copy = structuredClone(slab) as unknown;
  const last = path.at(-1)!;
  const holder = path.slice(0, -1).reduce((at, key) => (at as Record<string, unknown>)[key], copy) as Record<
    string,
    unknown
  >;
  if (value === undefined) delete holder[last];
  else holder[last] = value;
  return copy;
}

test('law: reading what was written gives the slab back, unknown fields and all', () => {
  fc.assert(
    fc.property(
      slabs,
      // Keys that reach a prototype are refused, at any depth.
      fc.dictionary(fc.string(), fc.jsonValue()).filter((extra) => unfitProblem(extra) === null),
      (slab, extra) => {
        const known = new Set([
          'format',
          'version',
          'name',
          'measures',
          'tin',
          'preparations',
          'layers',
          'cut',
          'tins',
          'scale',
          'keep',
          'notes',
          'larder',
          'freeFrom',
          'known',
        ]);
        const unknown = Object.fromEntries(Object.entries(extra).filter(([key]) => !known.has(key)));
        const whole = { ...unknown, ...slab, layers: slab.layers.map((layer) => ({ ...layer, odd: unknown })) };
        const read = readSlab(writeSlab(whole));
        assert.ok(read.ok);
        assert.deepEqual(read.value, JSON.parse(JSON.stringify(whole)));
      },
    ),
  );
});

test('the demo slabs are read, match the published schema and have only the intended checks', () => {
  assert.ok(demoSlabs.length >= 3);
  for (const slab of demoSlabs) {
    assert.ok(fits(slab), JSON.stringify(fits.errors));
    const codes = new Set(plan(slab, demoLarder, shop).checks.map(({ code }) => code));
    assert.deepEqual([...codes], [], slab.name);
  }
});

const PATHS: (string | number)[][] = [
  ['name'],
  ['tin'],
  ['tin', 'lengthMm'],
  ['tin', 'shape'],
  ['tin', 'depthMm'],
  ['preparations'],
  ['preparations', 0, 'id'],
  ['preparations', 0, 'lines'],
  ['preparations', 0, 'lines', 1, 'quantity'],
  ['preparations', 0, 'lines', 1, 'unit'],
  ['preparations', 0, 'lines', 1, 'packG'],
  ['preparations', 0, 'lines', 1, 'divided'],
  ['preparations', 0, 'lines', 1, 'also'],
  ['preparations', 0, 'lines', 1, 'optional'],
  ['preparations', 0, 'unread'],
  ['preparations', 1, 'cookTo', 'stage'],
  ['freeFrom'],
  ['known'],
  ['preparations', 0, 'lossPercent'],
  ['preparations', 1, 'cookTo'],
  ['preparations', 1, 'steps', 0, 'minutes'],
  ['preparations', 1, 'steps', 0, 'leastMinutes'],
  ['preparations', 1, 'steps', 0, 'mostMinutes'],
  ['preparations', 1, 'steps', 0, 'grows'],
  ['preparations', 1, 'steps', 0, 'lays'],
  ['preparations', 1, 'steps', 0, 'wait'],
  ['preparations', 1, 'meets'],
  ['layers', 0, 'from'],
  ['layers', 0, 'from', 0, 'share'],
  ['layers', 0, 'spread'],
  ['layers', 0, 'set'],
  ['layers', 0, 'thicknessMm'],
  ['cut', 'columns'],
  ['cut', 'trimMm', 'left'],
  ['tins'],
  ['scale'],
  ['larder'],
  ['version'],
  ['format'],
];
const VALUES = [
  ...[null, true, '', ' ', 'g', 'rectangle', 'round', 0, -1, 0.5, 1, 7, 250, 1e9, [], {}, undefined, [null], [{}]],
  ...[
    { mode: 'scaleFactor' },
    { mode: 'scaleFactor', by: 2 },
    { mode: 'layer-thickness', mm: { l1: 8 } },
    { mode: 'other' },
    { mode: 'total-height', mm: 20 },
    { mode: 'as-far-as', have: [{ ingredient: 'butter', quantity: 1, unit: 'g' }] },
    { mode: 'as-far-as' },
    { mode: 'pieces', count: 48, lengthMm: 40, widthMm: 25 },
    { mode: 'pieces', count: 4.5, lengthMm: 40, widthMm: 25 },
    { mode: 'pieces', count: 48, lengthMm: 0.00001, widthMm: 25 },
    { shape: 'sheet', lengthMm: 400, widthMm: 300 },
    { shape: 'sheet', lengthMm: 400, widthMm: 300, outlineMm: { length: 10 } },
    'soft ball',
    'mass',
    { preparation: 'base', atStep: 'rub' },
    { minMinutes: 5 },
    { maxMinutes: -5 },
    { preparation: 'base', aheadMinutes: -1 },
    ['milk'],
    ['moon dust'],
    [{ share: 0.5 }],
    [{ share: 2 }],
    [{ code: 'a', where: '' }],
    { quantity: 1, unit: 'cup' },
    'x'.repeat(10_000),
  ],
];

test('the published JSON Schema is the one generated from the reader', () => {
  assert.deepEqual(schema, JSON.parse(JSON.stringify(slabJsonSchema(SLAB_SCHEMA_TEXTS))));
});

test('law: the reader and the published JSON Schema agree on what a slab file is', () => {
  // Square corners: JSON Schema cannot compare a corner with the tin; the reader can.
  const square = { ...ryeSlice, tin: { ...ryeSlice.tin, cornerMm: 0 } };
  for (const path of PATHS)
    for (const value of VALUES) {
      const file = changed(square, path, value);
      const byReader = problemsOf(slabSchema, file).length === 0;
      assert.equal(byReader, fits(file), `${path.join('.')} = ${JSON.stringify(value)?.slice(0, 60)}`);
    }
});

test('law: a slab file bent at random is a plan or a list of problems, and never a throw', () => {
  const bent = fc.oneof(fc.jsonValue({ maxDepth: 2 }), fc.constantFrom(...VALUES), fc.double());
  fc.assert(
    fc.property(
      fc.constantFrom(...demoSlabs),
      fc.array(fc.tuple(fc.nat(400), bent), { minLength: 1, maxLength: 4 }),
      (slab, bends) => {
        const copy = structuredClone(slab) as unknown;
        for (const [where, value] of bends) {
          const holders: [Record<string, unknown>, string][] = [];
          const walk = (at: unknown) => {
            if (typeof at !== 'object' || at === null) return;
            for (const key of Object.keys(at)) {
              holders.push([at as Record<string, unknown>, key]);
              walk((at as Record<string, unknown>)[key]);
            }
          };
          walk(copy);
          const [holder, key] = holders[where % holders.length] ?? [];
          // A copy: a later change may fall inside it.
          if (holder && key !== undefined) holder[key] = structuredClone(value);
        }
        const read = parseSlab(copy);
        if (!read.ok) {
          assert.ok(read.problems.length > 0);
          for (const { code } of read.problems) assert.notEqual(code, 'unusable');
          assert.equal(
            new Set(read.problems.map((problem) => JSON.stringify(problem))).size,
            read.problems.length,
            'each once',
          );
          return;
        }
        const { slab: made, cost } = plan(read.value, demoLarder, shop);
        assert.ok(Number.isFinite(made.heightMm) && Number.isFinite(made.massG) && Number.isFinite(cost.used));
      },
    ),
    { numRuns: 1500 },
  );
});

test('law: any text at all is read or refused with a sentence', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
      const read = readSlab(text);
      assert.ok(!read.ok && read.problems.length > 0);
    }),
  );
});

test('each mistake has its place and says what to do', () => {
  const text = writeSlab(ryeSlice);
  const cutOff = readSlab(text.slice(0, 500));
  assert.ok(!cutOff.ok && cutOff.problems[0]!.code === 'damaged-slab-file');
  const picture = readSlab('\u0089PNG\r\n\u001a\n\u0000\u0000');
  assert.ok(!picture.ok && picture.problems[0]!.code === 'not-a-slab-file');
  assert.equal(codeAt({ ...ryeSlice, version: 2 }, '/version'), 'newer-slab-file');
  assert.equal(
    codeAt(changed(ryeSlice, ['preparations', 0, 'lines', 1, 'unit'], 'glug'), '/preparations/0/lines/1/unit'),
    'not-one-of',
  );
  assert.equal(
    codeAt(changed(ryeSlice, ['preparations', 0, 'lines', 1, 'quantity'], -1), '/preparations/0/lines/1/quantity'),
    'not-positive',
  );
  assert.equal(codeAt({ ...ryeSlice, name: 'n'.repeat(10_000) }, '/name'), 'too-long');
  assert.equal(codeAt(changed(ryeSlice, ['preparations', 1, 'id'], 'base'), '/preparations/1/id'), 'id-used-twice');
  assert.equal(
    codeAt(changed(ryeSlice, ['layers', 0, 'from', 0, 'preparation'], 'lost'), '/layers/0/from/0/preparation'),
    'preparation-unknown',
  );
  const inStep = (field: string, value: unknown) =>
    codeAt(changed(ryeSlice, ['preparations', 1, 'steps', 1, field], value), `/preparations/1/steps/1/${field}`);
  assert.equal(inStep('id', 'boil'), 'id-used-twice');
  assert.equal(inStep('leastMinutes', 3), 'min-above-usual');
  assert.equal(inStep('mostMinutes', 1), 'max-below-usual');
  const wait = changed(ryeSlice, ['preparations', 1, 'steps', 1, 'wait'], { minMinutes: 30, maxMinutes: 10 });
  assert.equal(codeAt(wait, '/preparations/1/steps/1/wait/maxMinutes'), 'max-wait-below-min');
  assert.equal(codeAt(changed(ryeSlice, ['tin', 'cornerMm'], 101), '/tin/cornerMm'), 'corner-too-large');
  assert.equal(
    codeAt(
      changed(ryeSlice, ['preparations', 1, 'cookTo'], { celsius: 118, fahrenheit: 260 }),
      '/preparations/1/cookTo',
    ),
    'scales-disagree',
  );
  assert.deepEqual(problems(changed(ryeSlice, ['preparations', 1, 'cookTo'], { celsius: 118, fahrenheit: 245 })), []);
  const shared = changed(
    ryeSlice,
    ['layers', 1, 'from'],
    [
      { preparation: 'treacle', share: 0.7 },
      { preparation: 'base', share: 0.4 },
    ],
  );
  assert.equal(codeAt(shared, '/layers/1/from'), 'layers-over-whole');
});

test('emoji and right-to-left names are valid names', () => {
  for (const name of ['🍫🍐', 'שוקולד', 'شوكولاتة', 'a\u0301']) {
    const read = readSlab(writeSlab({ ...ryeSlice, name }));
    assert.ok(read.ok && read.value.name === name);
  }
});

test('paths are JSON pointers', () => {
  assert.equal(pointer('preparations[0].lines[1].unit'), '/preparations/0/lines/1/unit');
  assert.equal(pointer('scale.mm["a/b"]'), '/scale/mm/a~1b');
  assert.equal(pointer(undefined), '');
});
