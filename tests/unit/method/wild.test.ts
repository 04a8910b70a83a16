/** Whole recipes as people paste them: the facts that their slabs have. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { FURTHER } from '../../bench/wild/further';
import { KNOWN } from '../../bench/wild/known';
import { scoreWild, slabOf } from '../../bench/wild/score';
import { UNREAD } from '../../bench/wild/unread';
import { parseSlab } from '$core/slab';
import { starterIngredients } from '../things';

/** Facts that are not read right yet. A change that reads another one wrong is a step back. */
const NOT_RIGHT_YET: readonly string[] = [];

test('whole recipes become the slab that was meant, but for the facts that are listed', () => {
  const { wrong, facts } = scoreWild(KNOWN);
  assert.deepEqual(
    wrong.map((text) => text.replace(/, found .*/s, '')),
    NOT_RIGHT_YET,
  );
  assert.ok(facts > 200);
});

test('further recipes are read no worse than they are', () => {
  const { right, facts } = scoreWild(FURTHER);
  assert.ok(right >= 0.96 * facts, `${right} of ${facts}`);
});

test('recipes that were kept aside are read no worse than they are: nine facts in ten', () => {
  const { right, facts } = scoreWild(UNREAD);
  assert.ok(right >= 0.9 * facts, `${right} of ${facts}`);
});

test('law: long lists with long methods give a valid slab, in which no more of a mixture is laid than there is', () => {
  const names = starterIngredients.map(({ name }) => name);
  const sentences = [
    'Stir in the X and boil to 118 C, then pour over the Y in the bowl.',
    'Melt the X. Scatter the X over the tin and bake for 5 minutes.',
    'In another pan, boil the X to 118 C. Pour half into the tin.',
    'Spread half of the X in the tin. Swirl in the rest of the Y.',
  ];
  for (const sentence of sentences) {
    const lines = Array.from({ length: 120 }, (_, i) => `${10 + i} g ${names[i]!}`);
    const method = Array.from({ length: 150 }, (_, i) =>
      sentence.replaceAll('X', names[i % 120]!).replaceAll('Y', names[(i * 7) % 120]!),
    );
    const slab = slabOf(`${lines.join('\n')}\n\nMethod:\n${method.join('\n')}`);
    const read = parseSlab(slab);
    assert.ok(read.ok, `${sentence} ${JSON.stringify(read)}`);
    const kept = slab.preparations.flatMap((own) => own.lines.map(({ ingredient }) => ingredient));
    assert.equal(kept.length, 120, sentence);
  }
});

test('names with signs of patterns are names like others', () => {
  const slab = slabOf(
    '100 g sugar (a+b)*[c\n50 g c++\n2 tbsp ?x\n\nMethod:\nMelt the sugar (a+b)*[c. Fold in the c++. Add half of the ?x and c++ to the sugar.',
  );
  assert.ok(parseSlab(slab).ok);
  assert.equal(slab.preparations.flatMap(({ lines, unread = [] }) => [...lines, ...unread]).length, 3);
});
