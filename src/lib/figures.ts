/** Figures as they are read at arm's length: no more digits than they deserve. */

/** Millimetres to a tenth. @example mm(10.26) // '10.3' */
export const mm = (value: number): string => value.toFixed(1);

/** Grams: whole from 10 up, a tenth below. @example grams(237.6) // '238' */
export const grams = (value: number): string =>
  value >= 9.95 ? value.toFixed(0) : value < 0.05 ? '0' : value.toFixed(1);

/** A share in percent. @example percent(0.256) // '26 %' */
export const percent = (share: number): string => `${(share * 100).toFixed(share < 0.1 ? 1 : 0)} %`;

/**
 * A length in inches to the nearest sixteenth, as on a ruler.
 *
 * @example sixteenths(36.5) // '1 7/16'
 */
export function sixteenths(lengthMm: number): string {
  const total = Math.round((lengthMm / 25.4) * 16);
  const whole = Math.floor(total / 16);
  let top = total % 16;
  let bottom = 16;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return String(whole);
  return whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}

/**
 * Minutes as one says them: hours from one hour up.
 *
 * @example formatDuration(95) // '1 h 35 min'
 */
export function formatDuration(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const rest = whole % 60;
  return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${rest} min`;
}
