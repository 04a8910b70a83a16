import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readLine } from '$core/recipe';
import { demoLarder } from '../things';
import { CORPUS, noted } from './corpus';
import { FURTHER } from './furtherLines';

const lines = [...CORPUS, ...FURTHER].flatMap(([measures, list]) =>
  list.map(([line, right]) => ({ measures, line, right })),
);

test('the corpus has at least 200 lines, none twice', () => {
  assert.ok(lines.length >= 200, String(lines.length));
  assert.equal(new Set(lines.map(({ measures, line }) => measures + line)).size, lines.length);
});

test('lines are read without help', () => {
  const wrong = lines.flatMap(({ measures, line, right }) => {
    const got = noted(readLine(line, measures, demoLarder));
    return got === right ? [] : [`${line}\n    right ${right}\n    read  ${got}`];
  });
  // All have been read right: one that is no longer is a step back.
  assert.deepEqual(wrong, []);
});
