import { numericQuantity } from 'numeric-quantity';
import { reason, type NumberLimits, type Reason } from '../validation';

export type NumberRead =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly reason: Reason };

const refuse = (why: Reason): NumberRead => ({ ok: false, reason: why });

const WORDS: Readonly<Record<string, string>> = {
  ...{ half: '1/2', one: '1', two: '2', three: '3', four: '4', five: '5', six: '6', seven: '7', eight: '8' },
  ...{ nine: '9', ten: '10', eleven: '11', twelve: '12' },
};
const DOZEN = 12;
/** No amount is longer, characters. */
const MAX_LENGTH = 80;

/**
 * Writes the number words at the beginning of a text in figures: "half a dozen" becomes "6", "one and a half" becomes "1 1/2".
 *
 * @example inFigures('a dozen eggs') // '12 eggs'
 */
export function inFigures(text: string): string {
  if (text.length > MAX_LENGTH) return text.trim();
  const plain = text
    .trim()
    .replace(/^(?:an?|one) (?=dozen|half)/i, (word) => (/^one/i.test(word) ? '1 ' : ''))
    .replace(/^[a-z]+(?![a-z])/i, (word) => WORDS[word.toLowerCase()] ?? word)
    .replace(/^(\d+) and (?:a )?half\b/i, '$1 1/2')
    .replace(/^1\/2 an? /i, '1/2 ');
  const dozens = /^([\d./ ]*?) ?dozens?(?: of)?\b/i.exec(plain);
  if (!dozens) return plain;
  const count = dozens[1] === '' ? 1 : numericQuantity(dozens[1]!, { round: false });
  return Number.isFinite(count) ? `${count * DOZEN}${plain.slice(dozens[0].length)}` : plain;
}

/** Returns a word without its plural ending. */
const singular = (word: string) => word.replace(/ies$/, 'y').replace(/(?<=[a-z]{2})s$/, '');
const wordsOf = (text: string) => (text.toLowerCase().match(/\p{L}+/gu) ?? []).map(singular);

/** Returns the number of a text that names what is counted after it, "5 eggs"; `null` where other words follow. */
export function countedIn(text: string, name: string): string | null {
  if (text.length > MAX_LENGTH) return null;
  const [, number, rest] = /^(.*?[\d\u00bc-\u00be\u2150-\u215e])\s*(\p{L}[\p{L} -]*)?$/u.exec(inFigures(text)) ?? [];
  const known = new Set(wordsOf(name));
  return number !== undefined && wordsOf(rest ?? '').every((word) => known.has(word)) ? number : null;
}

/**
 * Parses an amount that may name what is counted.
 *
 * @param name of what it is an amount of
 * @example readAmount('a dozen eggs', { min: 0, max: 100 }, 'egg') // { ok: true, value: 12 }
 */
export const readAmount = (text: string, limits: NumberLimits, name: string): NumberRead =>
  readNumber(countedIn(text, name) ?? text, limits);

/**
 * Parses a number as people type it at the bench: "1.5", "1,5", "1 1/2", "½", "1½".
 *
 * A comma is a decimal comma; where it could also part thousands ("1,500") the maker is asked, never guessed at.
 *
 * @returns the value within its limits, or the reason why there is none
 * @example readNumber('1 ½', { min: 0, max: 10 }) // { ok: true, value: 1.5 }
 */
export function readNumber(text: string, limits: NumberLimits): NumberRead {
  const plain = inFigures(text.normalize('NFC'));
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
