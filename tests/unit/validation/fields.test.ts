/** Each building block of a schema: what it accepts, and with which reason, place and figures it refuses the rest. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { ISchema } from 'yup';
import {
  alternativesOf,
  choice,
  daySchema,
  fields,
  flag,
  formed,
  jsonSchemaOf,
  limitsAt,
  list,
  momentSchema,
  note,
  number,
  oneOf,
  pairs,
  parsedJson,
  positive,
  problemsOf,
  problemsUnder,
  readBy,
  reason,
  storedJson,
  table,
  text,
  whole,
} from '$core/validation';

/** The problems of a field. */
const wrong = (schema: ISchema<unknown>, value: unknown) =>
  problemsOf(fields({ it: schema as never }), { it: value }).map(({ path, code, figures }) => [path, code, figures]);
const refused = (schema: ISchema<unknown>, value: unknown, code: string, figures: object = {}, path = '/it') =>
  assert.deepEqual(wrong(schema, value)[0], [path, code, figures], String(value));
const taken = (schema: ISchema<unknown>, ...values: unknown[]) => {
  for (const value of values) assert.deepEqual(wrong(schema, value), [], String(value));
};

test('text, notes and words of a form', () => {
  taken(text(3), 'abc', ' a ');
  refused(text(3), 'abcd', 'too-long', { max: 3 });
  for (const blank of ['', '  ', null, undefined]) refused(text(3), blank, 'blank');
  refused(text(3), 5, 'not-text');
  taken(note(3), '', 'abc', undefined);
  refused(note(3), 'abcd', 'too-long', { max: 3 });
  taken(formed(/^\d+$/, reason('not-whole')), '12');
  for (const other of ['x', 12]) refused(formed(/^\d+$/, reason('not-whole')), other, 'not-whole');
});

test('numbers at their ends, whole ones, positive ones', () => {
  taken(number(-1, 5), -1, 5, 0.5, undefined);
  refused(number(-1, 5), -1.001, 'below-min', { min: -1 });
  refused(number(-1, 5), 5.001, 'above-max', { max: 5 });
  for (const other of ['3', true, NaN]) refused(number(-1, 5), other, 'out-of-range', { min: -1, max: 5 });
  taken(number(0, 5).nullable(), null);
  taken(whole(1, 9), 1, 9);
  refused(whole(1, 9), 2.5, 'not-whole');
  taken(positive(9), 1e-6, 9);
  refused(positive(9), 0, 'not-positive');
  refused(positive(9), 'x', 'out-of-range', { min: 0, max: 9 });
  // A value once found valid is remembered, and an invalid one is not.
  const schema = fields({ it: number(0, 5) });
  for (const [value, count] of [
    [3, 0],
    [6, 1],
    [3, 0],
    [6, 1],
  ] as const)
    assert.equal(problemsOf(schema, { it: value }).length, count);
});

test('flags, words of a list, lists and objects', () => {
  taken(flag(), true, false, undefined);
  refused(flag(), 1, 'not-a-flag');
  taken(oneOf(['a', 'b']), 'a', 'b', undefined);
  for (const other of ['c', 1]) refused(oneOf(['a', 'b']), other, 'not-one-of', { allowed: ['a', 'b'] });
  taken(list(number(0, 1).required(), 2, 1), [0], [0, 1], undefined);
  refused(list(number(0, 1).required(), 2, 1), [], 'too-few', { min: 1 });
  refused(list(number(0, 1).required(), 2, 1), [0, 0, 0], 'too-many', { max: 2 });
  refused(list(number(0, 1).required(), 2), 'x', 'not-a-list');
  refused(list(number(0, 1).required(), 2), [0, 2], 'above-max', { max: 1 }, '/it/1');
  taken(list(number(0, 1).required(), 2), []);
  refused(fields({ a: flag() }), 5, 'not-an-object');
  refused(fields({ a: flag() }), { a: 5 }, 'not-a-flag', {}, '/it/a');
});

test('tables of numbers with free names', () => {
  const schema = table(number(0, 9), 2);
  taken(schema, { a: 1, b: 9 }, {}, undefined);
  refused(schema, { a: 1, b: 10, c: 2 }, 'too-many', { max: 2 });
  for (const other of [5, null, [1], 'x']) refused(schema, other, other === null ? 'null' : 'not-a-table');
  assert.deepEqual(wrong(schema, { a: -1, 'b/c': 10 }), [
    ['/it/a', 'below-min', { min: 0 }],
    ['/it/b~1c', 'above-max', { max: 9 }],
  ]);
});

test('pairs of numbers', () => {
  const schema = pairs(2, 'seconds, degrees');
  taken(
    schema,
    [],
    [
      [0, 1],
      [-1e9, 1e9],
    ],
    undefined,
  );
  refused(schema, 'x', 'not-pairs');
  refused(
    schema,
    [
      [0, 1],
      [0, 1],
      [0, 1],
    ],
    'too-many-pairs',
    { max: 2 },
  );
  for (const other of [5, [0], [0, 1, 2], [0, 'x'], [0, 1.1e9]])
    refused(schema, [[0, 1], other], 'not-a-pair', { what: 'seconds, degrees' }, '/it/1');
});

test('a choice accepts each of its kinds with its own fields, and no other', () => {
  const kinds = { size: { mm: number(0, 9).required() }, name: { of: text(5) } };
  const needed = choice('by', kinds, 'required');
  taken(needed, { by: 'size', mm: 3 }, { by: 'name', of: 'x' });
  refused(needed, { by: 'size', mm: 10 }, 'above-max', { max: 9 }, '/it/mm');
  refused(needed, { by: 'name', of: '' }, 'blank', {}, '/it/of');
  refused(needed, undefined, 'missing');
  for (const by of ['weight', 'toString', 5])
    refused(needed, { by }, 'not-one-of', { allowed: ['size', 'name'] }, '/it/by');
  refused(needed, 'size', 'not-an-object');
  taken(choice('by', kinds, 'optional'), undefined);
  assert.deepEqual(Object.keys(alternativesOf(needed)!.kinds), ['size', 'name']);
  assert.equal(alternativesOf(flag()), undefined);
});

test('dates and moments, each refused for what is wrong with it', () => {
  taken(daySchema, '2028-02-29', undefined);
  refused(daySchema, '2026-02-31', 'no-such-day');
  for (const other of ['31.2.2026', 5]) refused(daySchema, other, 'not-a-day');
  taken(momentSchema, '2026-12-04T12:00:00+01:00', undefined);
  for (const other of ['2026-02-31T12:00:00Z', 5]) refused(momentSchema, other, 'not-a-moment');
});

test('text from outside is JSON or refused as a whole; stored JSON is read back', () => {
  assert.deepEqual(parsedJson('\uFEFF{"a":1}'), { ok: true, value: { a: 1 } });
  assert.deepEqual(parsedJson('{"a":'), { ok: false, problems: [{ path: '', code: 'not-json', figures: {} }] });
  const damaged = parsedJson('x', reason('damaged-slab-file'));
  assert.equal(damaged.ok ? '' : damaged.problems[0]!.code, 'damaged-slab-file');
  assert.deepEqual(storedJson('[1,null]'), [1, null]);
});

test('a value is read by a schema unchanged, or refused; problems of a part have paths from the whole', () => {
  const schema = fields({ a: number(0, 5).required() });
  assert.deepEqual(readBy(schema, { a: 1, more: 2 }), { ok: true, value: { a: 1, more: 2 } });
  const read = readBy(schema, { a: 9 });
  assert.deepEqual(read.ok ? [] : problemsUnder('/of', read.problems), [
    { path: '/of/a', code: 'above-max', figures: { max: 5 } },
  ]);
});

test('a schema for other programs: one word is a constant, several a list, a choice is optional if all its kinds are', () => {
  const kinds = { a: { x: flag() }, b: { y: whole(0, 9).required() } };
  assert.deepEqual(
    jsonSchemaOf(
      fields({
        ...{ one: oneOf(['x']).required(), two: oneOf(['x', 'y']), name: text(5), free: table(number(0, 9), 3) },
        ...{ may: choice('by', { a: kinds.a }, 'optional'), must: choice('by', kinds, 'required') },
        all: list(number(0, 1), 4, 1),
      }),
    ),
    {
      type: 'object',
      properties: {
        one: { const: 'x' },
        two: { enum: ['x', 'y'] },
        name: { type: 'string', maxLength: 5, minLength: 1, pattern: '\\S' },
        free: { type: 'object', maxProperties: 3, additionalProperties: { type: 'number', minimum: 0, maximum: 9 } },
        may: {
          oneOf: [{ type: 'object', properties: { by: { const: 'a' }, x: { type: 'boolean' } }, required: ['by'] }],
        },
        must: {
          oneOf: [
            { type: 'object', properties: { by: { const: 'a' }, x: { type: 'boolean' } }, required: ['by'] },
            {
              ...{ type: 'object', required: ['by', 'y'] },
              properties: { by: { const: 'b' }, y: { type: 'integer', minimum: 0, maximum: 9 } },
            },
          ],
        },
        all: { type: 'array', minItems: 1, maxItems: 4, items: { type: 'number', minimum: 0, maximum: 1 } },
      },
      required: ['one', 'name', 'must'],
    },
  );
});

test('only a number with two ends has limits', () => {
  const schema = fields({
    it: number(2, 7),
    name: text(5),
    list: list(number(0, 1), 3, 1),
    free: table(whole(1, 9), 2),
  });
  assert.deepEqual(limitsAt(schema, 'it'), { min: 2, max: 7, whole: false });
  assert.deepEqual(limitsAt(schema, 'free.any'), { min: 1, max: 9, whole: true });
  for (const path of ['name', 'it.more', 'nothing']) assert.throws(() => limitsAt(schema, path), /No limits/, path);
});
