import { numericQuantity } from 'numeric-quantity';

export interface NumberLimits {
  readonly min: number;
  readonly max: number;
  /** Only whole numbers make sense, as for a count of columns. */
  readonly whole?: boolean;
}

export type NumberRead =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly message: string };

const refuse = (message: string): NumberRead => ({ ok: false, message });

/**
 * A number as people type it at the bench: "1.5", "1,5", "1 1/2", "½", "1½".
 *
 * A comma is a decimal comma; where it could also part thousands ("1,500") the maker is asked, never guessed at.
 *
 * @returns the value within its limits, or a sentence that says what to type instead
 * @example readNumber('1 ½', { min: 0, max: 10 }) // { ok: true, value: 1.5 }
 */
export function readNumber(text: string, limits: NumberLimits): NumberRead {
  const plain = text.normalize('NFC').trim();
  if (plain === '') return refuse('Type a number');
  if (plain.length > 40) return refuse('Type a number such as 12, 1.5 or 1 1/2');
  if (/^[-\u2212]/.test(plain) && limits.min >= 0) return refuse(`Type ${least(limits)}`);
  if (/^\d{1,3},\d{3}$/.test(plain)) {
    const [whole, thousandths] = plain.split(',');
    return refuse(`${plain} can be read two ways: type ${whole}.${thousandths} or ${whole}${thousandths}`);
  }
  const value = numericQuantity(plain.replace('\u2212', '-'), {
    round: false,
    decimalSeparator: plain.includes(',') && !plain.includes('.') ? ',' : '.',
  });
  if (!Number.isFinite(value)) return refuse('Type a number such as 12, 1.5 or 1 1/2');
  if (value < limits.min) return refuse(`Type ${least(limits)}`);
  if (value > limits.max) return refuse(`Type ${limits.max} or less`);
  if (limits.whole && !Number.isInteger(value)) return refuse('Type a whole number');
  return { ok: true, value };
}

function least({ min }: NumberLimits): string {
  return min > 0 && min < 0.01 ? 'a number over 0' : `${min} or more`;
}
