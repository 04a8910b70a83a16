import { numericQuantity } from 'numeric-quantity';
import { reason, type NumberLimits, type Reason } from '../validation';

export type NumberRead =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly reason: Reason };

const refuse = (why: Reason): NumberRead => ({ ok: false, reason: why });

/**
 * Parses a number as people type it at the bench: "1.5", "1,5", "1 1/2", "½", "1½".
 *
 * A comma is a decimal comma; where it could also part thousands ("1,500") the maker is asked, never guessed at.
 *
 * @returns the value within its limits, or the reason why there is none
 * @example readNumber('1 ½', { min: 0, max: 10 }) // { ok: true, value: 1.5 }
 */
export function readNumber(text: string, limits: NumberLimits): NumberRead {
  const plain = text.normalize('NFC').trim();
  if (plain === '') return refuse(reason('number-empty'));
  if (plain.length > 40) return refuse(reason('number-expected'));
  if (/^[-\u2212]/.test(plain) && limits.min >= 0) return refuse(belowMin(limits.min, limits.min));
  if (/^\d{1,3},\d{3}$/.test(plain)) {
    const [whole, thousandths] = plain.split(',');
    return refuse(
      reason('number-ambiguous', {
        text: plain,
        decimal: `${whole}.${thousandths}`,
        thousands: `${whole}${thousandths}`,
      }),
    );
  }
  const value = numericQuantity(plain.replace('\u2212', '-'), {
    round: false,
    decimalSeparator: plain.includes(',') && !plain.includes('.') ? ',' : '.',
  });
  if (!Number.isFinite(value)) return refuse(reason('number-expected'));
  if (value < limits.min) return refuse(belowMin(limits.min, limits.min));
  if (value > limits.max) return refuse(reason('above-max', { max: limits.max }));
  if (limits.whole && !Number.isInteger(value)) return refuse(reason('not-whole'));
  return { ok: true, value };
}

/**
 * Returns the reason for refusing a number below its limit.
 *
 * @param written the limit as it is shown, with its unit
 */
export const belowMin = (min: number, written: number | string): Reason =>
  min > 0 && min < 0.01 ? reason('not-positive') : reason('below-min', { min: written });
