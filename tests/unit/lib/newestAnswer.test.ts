import assert from 'node:assert/strict';
import { test } from 'node:test';
import { NewestAnswer, READY } from '../../../src/lib/workers/newestAnswer';

/** A worker that answers only on request. */
class SlowWorker {
  onmessage: ((event: { data: unknown }) => void) | null = null;
  readonly asked: unknown[] = [];
  isEnded = false;
  postMessage = (question: unknown) => void this.asked.push(question);
  terminate = () => void (this.isEnded = true);
  say = (data: unknown) => this.isEnded || this.onmessage?.({ data });
}

function setUp(isPatient = false) {
  const workers: SlowWorker[] = [];
  const answers: unknown[] = [];
  const newest = new NewestAnswer<number, string>(
    () => {
      workers.push(new SlowWorker());
      return workers.at(-1) as unknown as Worker;
    },
    undefined,
    isPatient,
  );
  const ask = (question: number) =>
    newest.ask(question, (answer) => {
      answers.push(answer);
      return answer.endsWith('...') ? 'more' : 'done';
    });
  return { workers, answers, ask, newest };
}

test('until the worker listens only the newest question is kept, and nothing is started twice', () => {
  const { workers, answers, ask } = setUp();
  for (const question of [1, 2, 3]) ask(question);
  assert.equal(workers.length, 1);
  workers[0]!.say(READY);
  assert.deepEqual(workers[0]!.asked, [3]);
  workers[0]!.say('three');
  assert.deepEqual(answers, ['three']);
});

test('a running question is dropped for a newer one, and an idle worker is asked again', () => {
  const { workers, answers, ask, newest } = setUp();
  ask(1);
  workers[0]!.say(READY);
  ask(2);
  assert.ok(workers[0]!.isEnded && workers.length === 2);
  workers[0]!.say('one');
  workers[1]!.say(READY);
  workers[1]!.say('two, first part ...');
  workers[1]!.say('two');
  ask(3);
  assert.deepEqual([workers.length, workers[1]!.asked], [2, [2, 3]]);
  workers[1]!.say('three ...');
  ask(4);
  assert.deepEqual([workers[1]!.isEnded, workers.length], [true, 3]);
  newest.close();
  assert.ok(workers[2]!.isEnded);
  assert.deepEqual(answers, ['two, first part ...', 'two', 'three ...']);
});

test('a patient one finishes what it answers, then answers the newest of those that came meanwhile, in the same worker', () => {
  const { workers, answers, ask, newest } = setUp(true);
  ask(1);
  workers[0]!.say(READY);
  for (const question of [2, 3, 4]) ask(question);
  assert.deepEqual(workers[0]!.asked, [1]);
  workers[0]!.say('one ...');
  assert.deepEqual(workers[0]!.asked, [1]);
  workers[0]!.say('one');
  assert.deepEqual(workers[0]!.asked, [1, 4]);
  workers[0]!.say('four');
  ask(5);
  assert.deepEqual([workers.length, workers[0]!.asked], [1, [1, 4, 5]]);
  ask(6);
  newest.close();
  workers[0]!.say('five');
  assert.deepEqual(answers, ['one ...', 'one', 'four']);
});
