/** The core has codes and figures, and no sentences. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import ts from 'typescript';

const CORE = new URL('../../../src/core/', import.meta.url);
/** From this many words on a text counts as a sentence. */
const SENTENCE_WORDS = 4;
/** Vocabularies and patterns for reading recipes. */
const READING = /^(recipe|method)\/\w+\.ts$/;
const IS_PATTERN = /[|\\]|\(\?:|\[\^/;
const IS_NUMBER_WORDS = /^(one two three|twenty thirty)/;

/** Literal text of a string or template, without its placeholders. */
function literalText(node: ts.Node): string | null {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text;
  if (!ts.isTemplateExpression(node)) return null;
  return [node.head.text, ...node.templateSpans.map((span) => span.literal.text)].join(' ');
}

/** Texts of at least four words in a source file, with their lines. */
function sentencesIn(source: string, isReading = false): string[] {
  const file = ts.createSourceFile('file.ts', source, ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    const text = literalText(node)?.trim() ?? '';
    const words = text.split(/\s+/).filter((word) => /\p{L}/u.test(word));
    const isVocabulary = isReading && (IS_PATTERN.test(text) || IS_NUMBER_WORDS.test(text));
    if (words.length >= SENTENCE_WORDS && !isVocabulary)
      found.push(`${file.getLineAndCharacterOfPosition(node.getStart()).line + 1}: ${text}`);
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found;
}

test('a sentence is found in strings and templates; codes, patterns and units are not sentences', () => {
  assert.deepEqual(sentencesIn("const a = 'It is too hot here';"), ['1: It is too hot here']);
  assert.equal(sentencesIn('const a = `${b} is ${c} too ${d} warm ${e} here`;').length, 1);
  assert.deepEqual(sentencesIn("const a = ['too-hot', 'mm', `${b} kJ / ${c} kcal`];"), []);
  assert.deepEqual(sentencesIn("const a = '(?:about |around )?the tin or pan';", true), []);
});

test('no sentence is left in the core', () => {
  const files = readdirSync(CORE, { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.ts'));
  assert.ok(files.length > 150);
  const found = files.flatMap((name) => {
    const path = name.replaceAll('\\', '/');
    return sentencesIn(readFileSync(new URL(path, CORE), 'utf8'), READING.test(path)).map((at) => `${path}:${at}`);
  });
  assert.deepEqual(found, []);
});
