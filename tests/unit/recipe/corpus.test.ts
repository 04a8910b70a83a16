import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readLine, type LineRead } from '../../../src/core/recipe';
import { demoLarder } from '../things';
import { CORPUS } from './corpus';

const TARGET = 0.97;

const figure = (value: number) => String(Number(value.toFixed(4)));

/** A reading in the corpus's own notation. */
function noted(read: LineRead): string {
  if (read.quantity === null) return read.status;
  const amount = `${figure(read.quantity)}${read.quantityMax === null ? '' : `-${figure(read.quantityMax)}`} ${read.unit}`;
  const more = [
    read.also && `also ${figure(read.also.quantity)} ${read.also.unit}`,
    ...read.alternatives.map((other) => `or ${other}`),
    read.optional && 'opt',
    read.packG !== null && `pack ${read.packG.toFixed(0)}`,
    read.status === 'check' && 'check',
  ].filter(Boolean);
  return [amount, read.larder ?? read.ingredient, read.state ?? '', more.join(', ')]
    .join(' | ')
    .replace(/( \|\s*)+$/, '')
    .replace(/\| {2}\|/g, '| |');
}

const lines = CORPUS.flatMap(([measures, list]) => list.map(([line, right]) => ({ measures, line, right })));

test('the corpus has at least 120 lines, none twice', () => {
  assert.ok(lines.length >= 120, String(lines.length));
  assert.equal(new Set(lines.map(({ measures, line }) => measures + line)).size, lines.length);
});

test('lines are read without help', (t) => {
  const wrong = lines.flatMap(({ measures, line, right }) => {
    const got = noted(readLine(line, measures, demoLarder));
    return got === right ? [] : [`${line}\n    right ${right}\n    read  ${got}`];
  });
  const share = 1 - wrong.length / lines.length;
  t.diagnostic(`${lines.length} lines, ${(share * 100).toFixed(1)} % read right without help`);
  for (const one of wrong) t.diagnostic(one);
  assert.ok(share >= TARGET, wrong.join('\n'));
});
