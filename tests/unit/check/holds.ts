/** How a check is tested: on a slab that fails it, on one that nearly does, and by its message. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Check, CheckCode } from '$core/check';
import { figuresIn } from '$core/measure';
import type { Line, Preparation, Slab } from '$core/slab';
import { checkText } from '$wording/checks';
import { ryeSlice } from '../things';

/** Asserts that a text is in whole sentences with every figure filled in. */
export function isSentence(text: string): void {
  assert.match(text, /^["\dA-Z\p{L}].*\.$/u);
  assert.doesNotMatch(text, /undefined|null|NaN|Infinity|\[object| {2}|\.\./, text);
}

/** Asserts that checks have their place: a pointer to a part of a slab. */
export function areChecks(checks: readonly Check[]): void {
  for (const { code, where } of checks)
    assert.match(where, /^\/(preparations|layers|cut|tin|label|pricing|packing|keep|freeFrom|tins|scale)\b/, code);
}

/** Finds `code` in the broken case, at a place of its own, with whole sentences, and does not find it in the near one. */
export function holds<Case>(
  code: CheckCode,
  read: (broken: Case) => readonly Check[],
  broken: Case,
  nearly: Case,
): void {
  test(code, () => {
    const found = read(broken).find((check) => check.code === code);
    assert.ok(found, 'broken');
    isSentence(checkText(found, figuresIn(undefined, 'metric')));
    assert.ok(!read(nearly).some((check) => check.code === code), 'nearly');
    areChecks([...read(broken), ...read(nearly)]);
  });
}

/** A slab with one mixture changed. */
export const changed = (at: number, part: Partial<Preparation>, slab = ryeSlice): Slab => ({
  ...slab,
  preparations: slab.preparations.map((preparation, i) => (i === at ? { ...preparation, ...part } : preparation)),
});

/** The rye slice with one more line in a mixture. */
export const added = (at: number, line: Line): Slab =>
  changed(at, { lines: [...ryeSlice.preparations[at]!.lines, line] });
