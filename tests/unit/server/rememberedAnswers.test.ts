/** Answers cached by request: only while their sources are unchanged, and no more of them than fit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { RememberedAnswers } from '../../../src/lib/server/rememberedAnswers';

test('an answer is reused as long as everything read for it is the same object', () => {
  const answers = new RememberedAnswers(1000);
  const [shop, butter] = [{ name: 'shop' }, { name: 'butter' }];
  let now: readonly unknown[] = [shop, butter];
  answers.remember('plan', { read: now, readAgain: () => now, answer: 'one' });
  assert.equal(answers.answerTo('plan'), 'one');
  assert.equal(answers.answerTo('other'), null);
  now = [shop, butter];
  assert.equal(answers.answerTo('plan'), 'one');
  now = [shop, { name: 'butter' }];
  assert.equal(answers.answerTo('plan'), null);
  now = [shop, butter];
  assert.equal(answers.answerTo('plan'), null, 'gone for good');
  answers.remember('plan', { read: now, readAgain: () => [shop], answer: 'two' });
  assert.equal(answers.answerTo('plan'), null, 'fewer things');
});

test('the answer unused for longest is dropped first, and a very large one is not kept', () => {
  const answers = new RememberedAnswers(80);
  const remember = (request: string, length = 9) =>
    answers.remember(request, { read: [], readAgain: () => [], answer: request.repeat(length) });
  for (const request of 'abcdefgh') remember(request);
  assert.equal(answers.answerTo('a'), 'aaaaaaaaa');
  remember('i');
  assert.deepEqual(
    [...'abcdefghi'].filter((request) => answers.answerTo(request) === null),
    ['b'],
  );
  remember('j', 10);
  assert.equal(answers.answerTo('j'), null);
  // A new answer to a known request replaces the old one.
  remember('a', 5);
  assert.equal(answers.answerTo('a'), 'aaaaa');
  remember('k', 3);
  assert.deepEqual(
    [...'acdefghik'].filter((request) => answers.answerTo(request) === null),
    [],
  );
});
