/** Minutes in a sentence: shortest and longest. */
export type MinutesRead = readonly [least: number, most: number];

const N = String.raw`(\d+(?:\.\d+)?)`;
const UNIT = String.raw`(hours?|hrs?|h|minutes?|mins?|min|m|seconds?|secs?)\b\.?`;
const SPAN = new RegExp(
  `(?<![\\d.-])${N}(?:\\s*-?\\s*${UNIT})?(?:\\s*(-|to|or|and|up to)?\\s*${N}\\s*-?\\s*${UNIT})?`,
  'gi',
);
/** "1 hr 30": the minutes have no unit. */
const HOURS_AND = /(\d+ ?(?:hours?|hrs?|h)) (\d{2})\b(?! ?(?:m\b|min|sec|s\b|g\b|°|-|to \d))/gi;
/** Text before a time that is not the length of the step. */
const NO_LENGTH =
  /(?:\bevery|\bafter(?: about| around| roughly)?|\bin the (?:first|last)|\bbefore(?: the)?|\bwithin)\s*$/i;
/** Text after a time that is not the length of the step: "30-second bursts", "10 minutes before the end". */
const NO_LENGTH_BEHIND =
  /^\s*-?\s*(?:bursts?|intervals?|before (?:the|they|it is)\b|ahead\b|ago\b|rolling|old\b|blasts?|spells?)/i;
/** Minutes of a night. */
const NIGHT: MinutesRead = [480, 720];
/** Maximum length of a step, min; longer times are shelf lives. */
export const MAX_MINUTES = 7 * 24 * 60;

const inMinutes = (value: number, unit: string) => value * (/^h/i.test(unit) ? 60 : /^s/i.test(unit) ? 1 / 60 : 1);

/**
 * Returns the times of a sentence with numbers as figures, in order.
 *
 * @param sentence as `inFigures` gives it
 * @example minutesIn('bake for 20-25 minutes') // [[20, 25]]
 * @example minutesIn('chill for 2 hours or overnight') // [[120, 120], [480, 720]]
 */
export function minutesIn(sentence: string): MinutesRead[] {
  const found: { at: number; minutes: MinutesRead }[] = [];
  const text = sentence.replace(HOURS_AND, '$1 $2 min');
  for (const match of text.matchAll(SPAN)) {
    const [all, first, firstUnit, joint, second, secondUnit] = match;
    if (NO_LENGTH.test(text.slice(0, match.index))) continue;
    if (NO_LENGTH_BEHIND.test(text.slice(match.index + all.length))) continue;
    const unit = firstUnit ?? secondUnit;
    if (unit === undefined) continue;
    const lower = inMinutes(Number(first), unit);
    const other = second === undefined ? null : inMinutes(Number(second), secondUnit!);
    const isSum = firstUnit !== undefined && (joint === undefined || /^and$/i.test(joint));
    let minutes: MinutesRead =
      other === null ? [lower, lower] : isSum ? [lower + other, lower + other] : [lower, other];
    if (minutes[0] > minutes[1]) minutes = [minutes[1], minutes[0]];
    if (minutes[1] <= MAX_MINUTES) found.push({ at: match.index, minutes });
  }
  const night = /\bover ?night\b/i.exec(text);
  if (night) found.push({ at: night.index, minutes: NIGHT });
  return found.sort((a, b) => a.at - b.at).map(({ minutes }) => minutes);
}

/** Tells whether a sentence contains a negative time. */
export const hasNegativeMinutes = (sentence: string) =>
  /(?:\bfor|\bminus|\babout)\s+(?:-\s?\d|minus \d)[\d.]*\s*(?:hours?|minutes?|mins?)\b/i.test(sentence);
