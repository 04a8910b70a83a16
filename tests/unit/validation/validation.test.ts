import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { ingredientSchema } from '$core/larder';
import { shopSchema } from '$core/shop';
import { readSlab, parseSlab, slabSchema, writeSlab, type Slab } from '$core/slab';
import { rackTinSchema } from '$core/tin';
import {
  fields,
  limitsAt,
  list,
  number,
  pairs,
  parsedJson,
  problemsOf,
  storedJson,
  unfitProblem,
  isDay,
  isMoment,
} from '$core/validation';
import { ryeSlice } from '../things';

const proto = (inner: string) => JSON.parse(`{"a":[${inner}]}`) as unknown;

test('a field named __proto__ is refused at any depth, with its place', () => {
  const found = unfitProblem(proto('1,{"b":{"__proto__":1}}'));
  assert.equal(found?.path, '/a/1/b/__proto__');
  assert.equal(found?.code, 'forbidden-name');
  assert.deepEqual(unfitProblem(proto('{"proto":1}')), null);
  assert.ok(!parsedJson('{"__proto__":{"x":1}}').ok);
  assert.ok(!readSlab(writeSlab(ryeSlice).replace('"notes"', '"__proto__"').replace('"keep"', '"__proto__"')).ok);
  for (const schema of [shopSchema, ingredientSchema, rackTinSchema, slabSchema]) {
    assert.match(problemsOf(schema, JSON.parse('{"name":"x","__proto__":{"y":1}}'))[0]!.path, /__proto__/);
  }
});

test('law: what was stored is read without that field, and otherwise unchanged', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      // What JSON itself reads: it has no -0.
      const text = JSON.stringify({ value, note: '__proto__' });
      const stored = JSON.parse(text) as unknown;
      fc.pre(unfitProblem(stored) === null);
      assert.deepEqual(storedJson(text), stored);
    }),
  );
  const read = storedJson<Record<string, unknown>>('{"a":1,"__proto__":{"x":1},"b":[{"__proto__":2,"c":3}]}');
  assert.deepEqual(read, { a: 1, b: [{ c: 3 }] });
  assert.deepEqual(Object.keys(read), ['a', 'b']);
});

test('endless nesting is refused before anything is made of it', () => {
  const deep = (n: number) => '['.repeat(n) + ']'.repeat(n);
  assert.ok(parsedJson(deep(30)).ok);
  for (const n of [60, 1500, 100_000]) {
    const read = parsedJson(deep(n));
    assert.ok(!read.ok && read.problems.length === 1);
  }
  const within = { ...ryeSlice, odd: JSON.parse(deep(1500)) as unknown };
  assert.match(parseSlab(within).ok ? '' : 'refused', /refused/);
});

test('a list that is too long is refused before its entries are read', () => {
  const schema = fields({ lines: list(number(0, 1).required(), 200), readings: pairs(500, 'a, b') });
  const said = problemsOf(schema, { lines: new Array(50_000).fill(7) });
  assert.deepEqual(said, [{ path: '/lines', code: 'too-many', figures: { max: 200 } }]);
  assert.deepEqual(problemsOf(schema, { readings: new Array(501).fill(0) })[0]!.figures, { max: 500 });
});

test('checking stops after a hundred problems, or too many fields', () => {
  const schema = fields({ all: list(list(number(0, 1).required(), 1000), 1000) });
  const wrong = { all: Array.from({ length: 1000 }, () => new Array(1000).fill(7)) };
  assert.equal(problemsOf(schema, wrong).length, 100);
  const sound = { all: Array.from({ length: 1000 }, () => new Array(1000).fill(1)) };
  assert.deepEqual(problemsOf(schema, sound)[0], { path: '', code: 'too-many-fields', figures: { max: 30_000 } });
  const badPairs = problemsOf(fields({ r: pairs(1000, 'a, b') }), { r: new Array(900).fill(['x']) });
  assert.ok(badPairs.length > 0 && badPairs.length <= 10);
  assert.equal(badPairs[0]!.path, '/r/0');
});

test('a test that reads neighbouring fields finds them', () => {
  const square = { shape: 'rectangle', lengthMm: 100, widthMm: 50, depthMm: 40, cornerMm: 30 };
  const [found] = problemsOf(rackTinSchema, { name: 'T', count: 1, tin: square });
  assert.equal(found?.path, '/tin/cornerMm');
  const night = { hours: [{ day: 1, from: '08:00', to: '08:00' }] };
  assert.equal(problemsOf(shopSchema, night)[0]?.path, '/hours/0/to');
});

test('limits of a field are those of its schema, through lists, choices and tables', () => {
  assert.deepEqual(limitsAt(slabSchema, 'cut.trimMm.left'), { min: 0, max: 5000, whole: false });
  assert.deepEqual(limitsAt(slabSchema, 'cut.columns'), { min: 1, max: 200, whole: true });
  assert.deepEqual(limitsAt(slabSchema, 'scale.pieces.lengthMm'), { min: 5, max: 1000, whole: false });
  assert.equal(limitsAt(slabSchema, 'scale.layer-thickness.mm.any').max, 1000);
  assert.equal(limitsAt(shopSchema, 'altitudeM').min, -500);
  assert.throws(() => limitsAt(slabSchema, 'cut.nothing'), /No limits/);
});

test('the settings state nothing that they do not check', () => {
  assert.deepEqual(
    problemsOf(shopSchema, { rack: 5 }).map(({ path }) => path),
    ['/rack'],
  );
  const tin = { name: 'T', count: 1, tin: { shape: 'heart' } };
  assert.deepEqual(
    problemsOf(shopSchema, { rack: [tin] }).map(({ path }) => path),
    ['/rack/0/tin/shape'],
  );
});

const pieces = (lengthMm: number) => ({ ...ryeSlice, scale: { mode: 'pieces', count: 9, lengthMm, widthMm: 20 } });
const fine: Slab = {
  ...ryeSlice,
  cut: { columns: 200, rows: 200 },
  tins: Array.from({ length: 20 }, (_, i) => ({
    tin: { shape: 'round' as const, diameterMm: 500 + i, depthMm: 60, flareDeg: 5 },
    count: 1,
  })),
};

test('nothing smaller than a knife can cut, nothing finer than can be calculated', () => {
  assert.ok(parseSlab(pieces(5)).ok);
  for (const mm of [0.00001, 0.5, 4.99, 1001]) assert.ok(!parseSlab(pieces(mm)).ok, String(mm));
  const read = parseSlab(fine);
  assert.ok(!read.ok && read.problems[0]!.path === '/cut' && read.problems[0]!.code === 'too-much-cutting');
  assert.ok(parseSlab({ ...fine, cut: { columns: 20, rows: 20 } }).ok);
  const steps = Array.from({ length: 150 }, (_, i) => ({ id: `s${i}`, text: 'Stir', minutes: 1 }));
  const busy = {
    ...ryeSlice,
    preparations: ['base', 'treacle', 'c'].map((id) => ({ id, name: id, lines: [], steps })),
  };
  const said = parseSlab({ ...busy, layers: [] });
  assert.ok(!said.ok && said.problems[0]!.code === 'too-many-in-slab' && said.problems[0]!.figures.count === 450);
});

test('dates and moments are those of the calendar', () => {
  assert.ok(isDay('2028-02-29'));
  for (const day of ['2026-02-29', '2026-13-01', '2026-04-31', 'soon', '2026-2-1']) assert.ok(!isDay(day), day);
  for (const moment of ['2026-12-04T12:00:00+01:00', '2026-12-04T12:00Z', '2028-02-29T23:59:59.123Z'])
    assert.ok(isMoment(moment), moment);
  for (const moment of ['2026-02-31T10:00:00Z', '2026-12-04T24:00:00Z', '2026-12-04T12:00:00', '2026-12-04', 'now'])
    assert.ok(!isMoment(moment), moment);
});
