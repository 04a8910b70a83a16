/** Practice without a thermometer: the score of a boil, what is seen of it, and a whole series of ten. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { potOf } from '../../../devices/pot.mjs';
import { randomFrom } from '../../../devices/random.mjs';
import { offStage, potLook, potPhase, progressOf, scoreOf, SEASON } from '$core/practice';
import { stageRange } from '$core/sugar';
import { near } from '../figures';

test('within its stage a boil scores a hundred, twelve degrees off nothing, and less the further it is off', () => {
  const soft = (endC: number) => ({ stage: 'soft ball', endC }) as const;
  assert.deepEqual(
    [112, 114, 116].map((endC) => scoreOf(soft(endC))),
    [100, 100, 100],
  );
  assert.equal(offStage(soft(119)), 3);
  assert.equal(offStage(soft(109)), -3);
  assert.equal(scoreOf(soft(119)), 75);
  assert.equal(scoreOf(soft(128)), 0);
  assert.equal(scoreOf(soft(90)), 0);
});

test('ten boils, each of which reaches its stage at its setting of the hob, within minutes', () => {
  assert.equal(SEASON.length, 10);
  SEASON.forEach(({ stage, ...boil }, i) => {
    const pot = potOf(boil, randomFrom(i + 1));
    const { fromC, toC } = stageRange(stage);
    while (pot.state().celsius < fromC && pot.state().seconds < 7200) pot.run(1);
    const { seconds, celsius } = pot.state();
    assert.ok(seconds > 180 && seconds < 3600, `${stage}: ${seconds} s`);
    assert.ok(celsius <= toC + 0.5, stage);
    // Long enough in its stage to be caught at ten times the speed.
    while (pot.state().celsius < toC) pot.run(1);
    assert.ok(pot.state().seconds - seconds >= 8, `${stage}: ${pot.state().seconds - seconds} s`);
  });
});

test('bubbles grow and slow down as the syrup thickens, and it browns only at the end', () => {
  const looks = [95, 105, 115, 130, 149, 170].map(potLook);
  assert.equal(looks[0]!.lively, 0);
  for (const [i, look] of looks.slice(2).entries()) {
    assert.ok(look.bubbles >= looks[i + 1]!.bubbles);
    assert.ok(look.lively <= looks[i + 1]!.lively);
  }
  assert.deepEqual(
    looks.slice(0, 5).map(({ brown }) => brown),
    [0, 0, 0, 0, 0],
  );
  assert.ok(looks[5]!.brown > 0);
});

test('progress is shown from two halves on', () => {
  const result = (endC: number) => ({ stage: 'soft ball', endC, drops: 0 }) as const;
  assert.equal(progressOf([result(114), result(114), result(114)]), null);
  assert.deepEqual(progressOf([result(122), result(122), result(119), result(114)]), { first: 50, last: 87.5 });
});

test('a pot warms, boils thin, and goes through the stages; its bubbles and colour at some temperatures', () => {
  assert.deepEqual([20, 100.4, 100.5, 105.9, 106, 114, 119, 150, 175, 190].map(potPhase), [
    ...['warming', 'warming', 'thin', 'thin', 'thread', 'soft ball', 'firm ball', 'hard crack'],
    ...['dark caramel', 'dark caramel'],
  ]);
  const figures = (boilC: number) => {
    const { bubbles, lively, brown } = potLook(boilC);
    return [bubbles, lively, brown];
  };
  near(figures(99), [0, 0, 0]);
  near(figures(100.5), [0.15, 1, 0]);
  near(figures(125.25), [0.575, 0.625, 0]);
  near(figures(150), [1, 0.25, 0]);
  near(figures(169.5), [1, 0.25, 0.5]);
  near(figures(200), [1, 0.25, 1]);
});
