import { reasonText } from '$wording/problems';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { readNumber } from '$core/measure';

const limits = { min: 0, max: 1e6 };
const value = (text: string, within = limits) => {
  const read = readNumber(text, within);
  return read.ok ? read.value : reasonText(read.reason);
};

test('numbers as people type them', () => {
  assert.equal(value('12'), 12);
  assert.equal(value(' 1.5 '), 1.5);
  assert.equal(value('1,5'), 1.5);
  assert.equal(value('1 1/2'), 1.5);
  assert.equal(value('½'), 0.5);
  assert.equal(value('1½'), 1.5);
  assert.equal(value('1 ½'), 1.5);
  assert.equal(value('3/4'), 0.75);
  assert.equal(value('.5'), 0.5);
  assert.equal(value('0.123456'), 0.123456);
});

test('what is not a number is answered with what to type', () => {
  assert.match(String(value('')), /Enter a number/);
  assert.match(String(value('a lot')), /such as 12/);
  assert.match(String(value('NaN')), /such as 12/);
  assert.match(String(value('Infinity')), /such as 12/);
  assert.match(String(value('🍫')), /such as 12/);
  assert.match(String(value('9'.repeat(10_000))), /such as 12/);
  assert.match(String(value('-3')), /0 or more/);
  assert.match(String(value('−3')), /0 or more/);
  assert.match(String(value('0', { min: 0.001, max: 10 })), /above 0/);
  assert.match(String(value('1e99')), /(such as|or less)/);
  assert.match(String(value('2000000')), /1000000 or less/);
  const half = readNumber('2.5', { ...limits, whole: true });
  assert.ok(!half.ok && half.reason.code === 'not-whole');
});

test('a comma that can be read two ways is asked about', () => {
  assert.match(String(value('1,500')), /1\.500 or 1500/);
});

test('law: whatever is typed is read within the limits or refused with a message', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (text) => {
      const read = readNumber(text, { min: 1, max: 200 });
      if (read.ok) assert.ok(read.value >= 1 && read.value <= 200);
      else assert.ok(reasonText(read.reason).length > 5);
    }),
  );
});

test('law: a plain number is read as itself', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 999_999 }), fc.integer({ min: 0, max: 99 }), (whole, cents) => {
      assert.equal(value(`${whole}.${cents}`), Number(`${whole}.${cents}`));
      assert.equal(value(`${whole},${cents}`), Number(`${whole}.${cents}`));
    }),
  );
});
