/** The page that says how figures are calculated. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { MODEL_TEXTS } from '$wording/models';
import { isSentence } from '../check/holds';

const bench = readFileSync(new URL('../../../docs/bench.md', import.meta.url), 'utf8');

test('every model has a text, a source and its limits; its measured figures are those of the bench page', () => {
  const all = Object.values(MODEL_TEXTS).flat();
  assert.equal(new Set(all.map(({ title }) => title)).size, all.length);
  for (const { title, text, source, holds, bench: begins } of all) {
    assert.ok(title.length > 5 && source.length > 10, title);
    isSentence(text);
    isSentence(holds);
    if (begins !== undefined) assert.ok(bench.includes(`\n- ${begins}`), begins);
  }
});
