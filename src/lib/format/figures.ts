/** Figures rounded to the digits they deserve. */

/** Formats a share in percent. @example percent(0.256) // '26 %' */
export const percent = (share: number): string => `${(share * 100).toFixed(share < 0.1 ? 1 : 0)} %`;

/**
 * Formats minutes, with hours from one hour on.
 *
 * @example formatDuration(95) // '1 h 35 min'
 */
export function formatDuration(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const rest = whole % 60;
  return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${rest} min`;
}

/**
 * Formats calculated minutes at their accuracy: from half an hour on in steps of five.
 *
 * @example aboutDuration(94) // '1 h 35 min'
 */
export const aboutDuration = (minutes: number): string =>
  formatDuration(minutes > 30 ? Math.round(minutes / 5) * 5 : minutes);
