/** The file of a run: valid parts are read unchanged, and each invalid part is refused at its place. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readRunFile, wholeRunPlan } from '$core/run';
import { runPlanFor, ryeSlice } from '../things';

const plan = runPlanFor(ryeSlice);
const EVENT = { id: '00000000-0000-4000-8000-000000000001', at: '2026-11-27T08:00:00Z', kind: 'finished' };
const file = {
  ...{ format: 'knife-tray/run', version: 1, slab: ryeSlice, plan, ingredients: [{ name: 'butter' }], shop: {} },
  events: [EVENT],
};

/** Where and why a file is refused. */
function refusals(part: object): [path: string, code: string][] {
  const read = readRunFile({ ...file, ...part });
  return read.ok ? [] : read.problems.map(({ path, code }) => [path, code]);
}
const inPlan = (part: object) => refusals({ plan: { ...plan, ...part } });
const inStep = (part: object) => inPlan({ steps: [{ ...plan.steps[0], ...part }] });

test('a file that was written is read back unchanged', () => {
  const read = readRunFile(JSON.parse(JSON.stringify(file)));
  assert.ok(read.ok);
  assert.deepEqual(read.value.plan, wholeRunPlan(JSON.parse(JSON.stringify(plan)) as typeof plan));
  assert.deepEqual(read.value.events, [EVENT]);
});

test('a file of an older version has the missing parts of its plan empty', () => {
  const { name, version, lot, begin, steps, lines } = plan;
  const read = readRunFile({ ...file, plan: { name, version, lot, begin, steps, lines, pieces: 10, pieceG: 30 } });
  assert.ok(read.ok);
  assert.deepEqual([read.value.plan.slabG, read.value.plan.boils, read.value.plan.layers], [300, [], []]);
});

test('each invalid part is refused at its place', () => {
  assert.deepEqual(refusals({ format: 'other' }), [['/format', 'not-one-of']]);
  assert.deepEqual(refusals({ version: 2 }), [['/version', 'above-max']]);
  assert.deepEqual(refusals({ ingredients: [{}] }), [['/ingredients/0/name', 'blank']]);
  assert.deepEqual(refusals({ events: 'none' }), [['/events', 'not-a-list']]);
  assert.deepEqual(refusals({ events: [EVENT, { ...EVENT, at: 'noon' }] }), [['/events/1/at', 'not-a-utc-moment']]);
  assert.deepEqual(inPlan({ begin: 'noon' }), [['/plan/begin', 'no-such-moment']]);
  assert.deepEqual(inPlan({ means: { hands: 0, ovens: 0, rings: 0 } }), [['/plan/means/hands', 'below-min']]);
  assert.deepEqual(inPlan({ means: { hands: 1, ovens: -1, rings: 101 } }), [
    ['/plan/means/ovens', 'below-min'],
    ['/plan/means/rings', 'above-max'],
  ]);
  const boil = { step: 's', preparation: 'p', targetC: -100, showsC: 500 };
  assert.deepEqual(inPlan({ boils: [boil] }), []);
  assert.deepEqual(
    inPlan({
      boils: [
        { ...boil, targetC: -101, showsC: 501 },
        { targetC: 0, showsC: 0 },
      ],
    }),
    [
      ['/plan/boils/0/targetC', 'below-min'],
      ['/plan/boils/0/showsC', 'above-max'],
      ['/plan/boils/1/step', 'blank'],
      ['/plan/boils/1/preparation', 'blank'],
    ],
  );
  assert.deepEqual(
    inPlan({ layers: [{}] }).map(([path]) => path),
    [
      ...['/plan/layers/0/id', '/plan/layers/0/name', '/plan/layers/0/preparations'],
      ...['/plan/layers/0/thicknessMm', '/plan/layers/0/areaMm2', '/plan/layers/0/massG'],
    ],
  );
  assert.deepEqual(inPlan({ pots: [{ ...plan.pots[0], evaporatedG: -1 }] }), [
    ['/plan/pots/0/evaporatedG', 'below-min'],
  ]);
  assert.deepEqual(
    inPlan({ lines: [{}] }).map(([path]) => path),
    [
      ...[
        '/plan/lines/0/preparation',
        '/plan/lines/0/preparationName',
        '/plan/lines/0/line',
        '/plan/lines/0/ingredient',
      ],
      ...['/plan/lines/0/massG', '/plan/lines/0/goesIn', '/plan/lines/0/measured'],
    ],
  );
  const allergens = { contains: ['moon dust'], assumed: [], unknownFor: ['fog'] };
  assert.deepEqual(inPlan({ allergens }), [['/plan/allergens/contains/0', 'not-one-of']]);
});

test('each invalid part of a step is refused at its place', () => {
  assert.deepEqual(inStep({}), []);
  assert.deepEqual(inStep({ id: '', of: 5, text: 'x'.repeat(2001) }), [
    ['/plan/steps/0/id', 'blank'],
    ['/plan/steps/0/of', 'not-text'],
    ['/plan/steps/0/text', 'too-long'],
  ]);
  assert.deepEqual(inStep({ minutes: -1, hands: 'both', ovenC: 501 }), [
    ['/plan/steps/0/minutes', 'below-min'],
    ['/plan/steps/0/hands', 'not-one-of'],
    ['/plan/steps/0/ovenC', 'above-max'],
  ]);
  assert.deepEqual(
    inStep({ after: [{ on: 'a', least: null, most: null }], planned: {} }).map(([path]) => path),
    [...['/plan/steps/0/after/0/least', '/plan/steps/0/planned/from', '/plan/steps/0/planned/to']],
  );
});

test('too many entries are refused before they are read', () => {
  const after = Array.from({ length: 50 }, () => ({ on: 'a', least: 0, most: null }));
  const steps = (links: number) =>
    Array.from({ length: Math.ceil(links / 50) }, (_, i) => ({
      ...{ ...plan.steps[0]!, id: `s${i}` },
      after: after.slice(0, Math.min(50, links - 50 * i)),
    }));
  assert.deepEqual(inPlan({ steps: steps(3000) }), []);
  assert.deepEqual(inPlan({ steps: steps(3001) }), [['/plan/steps', 'too-many-links']]);
  assert.deepEqual(refusals({ events: new Array(20_001).fill(null) }), [['/events', 'too-many-events']]);
  assert.deepEqual(
    refusals({ events: [{}, {}] }).every(([path]) => path.startsWith('/events/0')),
    true,
  );
});
