/** Figures as they are read at arm's length: no more digits than they deserve. */

/** A share in percent. @example percent(0.256) // '26 %' */
export const percent = (share: number): string => `${(share * 100).toFixed(share < 0.1 ? 1 : 0)} %`;

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

/**
 * Minutes that a model foretells, to no more than it knows: from half an hour on to five of them.
 *
 * @example aboutDuration(94) // '1 h 35 min'
 */
export const aboutDuration = (minutes: number): string =>
  formatDuration(minutes > 30 ? Math.round(minutes / 5) * 5 : minutes);
