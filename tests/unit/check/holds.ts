/** How a rule of the second reader is tested: on a slab that breaks it, and on one that nearly does. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Warning } from '../../../src/core/check';
import type { Line, Preparation, Slab } from '../../../src/core/slab';
import { ryeSlice } from '../things';

/** A sentence that begins with what to do. */
const WAY_OUT =
  /[.:?] (add|break|bring|check|choose|cook|cut|find|give|if|keep|lay|make|name|say|take|trim|use|warm|was|weigh|write) /i;

/** Says `code` of the broken case, with a number, a reason and a way out, and not of the near one. */
export function holds<Case>(
  code: string,
  read: (broken: Case) => readonly Warning[],
  broken: Case,
  nearly: Case,
): void {
  test(code, () => {
    const said = read(broken).find((warning) => warning.code === code);
    assert.ok(said, 'broken');
    assert.match(said.message, /\d/, 'a number');
    assert.match(said.message, WAY_OUT, 'a way out');
    assert.ok(!read(nearly).some((warning) => warning.code === code), 'nearly');
  });
}

/** A slab with one preparation changed. */
export const changed = (at: number, part: Partial<Preparation>, slab = ryeSlice): Slab => ({
  ...slab,
  preparations: slab.preparations.map((preparation, i) => (i === at ? { ...preparation, ...part } : preparation)),
});

/** The rye slice with one more line in a preparation. */
export const added = (at: number, line: Line): Slab =>
  changed(at, { lines: [...ryeSlice.preparations[at]!.lines, line] });
