/** Comparing figures. */
import assert from 'node:assert/strict';

/** Tells whether two numbers are equal but for rounding. */
export function close(a: number, b: number, relative = 1e-9): boolean {
  return Math.abs(a - b) <= relative * Math.max(1, Math.abs(a), Math.abs(b));
}

/** Asserts that figures equal those worked by hand, each to a billionth. */
export function near(figures: readonly number[], worked: readonly number[]): void {
  assert.ok(
    figures.length === worked.length && figures.every((figure, i) => close(figure, worked[i]!)),
    `${figures.join(' ')} is not ${worked.join(' ')}`,
  );
}

export const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

/** The number of a figure such as "1 7/16". */
export function figuresLike(text: string): number {
  return sum(
    text.split(' ').map((part) => {
      const [top, bottom = '1'] = part.split('/');
      return Number(top) / Number(bottom);
    }),
  );
}
