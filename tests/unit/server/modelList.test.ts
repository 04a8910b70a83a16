/** The models of the screen that tells how it is worked out. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { MODELS } from '../../../src/lib/server/modelList';

test('every model that is told stands where it is looked for, with a docstring before it', () => {
  for (const { file, name, title } of Object.values(MODELS).flat()) {
    const text = readFileSync(new URL(`../../../src/core/${file}`, import.meta.url), 'utf8');
    const before = text.slice(0, text.search(new RegExp(`\\nexport (?:async )?(?:function\\*?|const) ${name}\\b`)));
    assert.match(before, /\*\/$/, `${title}: ${file} ${name}`);
  }
});
