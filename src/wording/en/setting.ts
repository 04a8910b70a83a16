/** Texts about why a layer is set when it is, or does not set. */
import type { Figures } from '$core/measure';
import type { LayerWait, Setting, SetReason, Stuff, WaitAnswer } from '$core/setting';

const FIRMS: Readonly<Record<Stuff, string>> = {
  'tempered chocolate': 'its cocoa butter sets below 29 °C, some minutes after it has cooled',
  'melted chocolate': 'its cocoa butter is not tempered, so it sets slowly, stays softer and blooms',
  'sweet paste': 'it is a thick caramel that only has to cool',
  'milk fat': 'its milk fat becomes solid in the cold, about twenty minutes after it has cooled',
  'coconut fat': 'its coconut fat becomes solid in the cold',
  glass: 'its boiled sugar stiffens near its glass transition',
  grain: 'its crystals hold it once it is cool',
  'slow gel': 'its gel gains strength over hours',
  'fast gel': 'its gel sets as it cools',
  baked: 'it is firm once it is cool enough',
  ice: 'its water freezes',
  cold: 'it does not get firmer once it is cool',
};

function reasonFor(reason: SetReason, { temperature: { say } }: Figures): string {
  const { layer } = reason;
  switch (reason.code) {
    case 'never-firm':
      return `${layer} does not get firm enough here. It stays at ${say(reason.staysAtC, 1)}. Move it somewhere colder.`;
    case 'never-cold':
      return `${layer} does not get down to ${say(reason.neededC)} here. It stays at ${say(reason.staysAtC, 1)}. Move it somewhere colder.`;
    case 'minimum-wait':
      return `${layer} is ready sooner, but its minimum wait is ${reason.minutes} min.`;
    case 'cooled':
      return `${layer} has cooled to ${say(reason.toC)} right through.`;
    case 'firm':
      return `${layer}: ${FIRMS[reason.stuff]}.`;
  }
}

/** Returns why a layer is set when it is, or why it does not set. */
export function setReasonText(reason: SetReason, say: Figures): string {
  const assumed = ` The composition of ${reason.layer} is unknown, so it counts as something between a syrup and a cream.`;
  return reasonFor(reason, say) + (reason.isAssumed ? assumed : '');
}

const ANSWERS: Readonly<Record<WaitAnswer['code'], string>> = {
  temper: 'Tempered',
  fridge: 'In the fridge',
  'no-soft-fat': 'Without the soft fat',
};

/** Returns what would help a layer that sets slowly or never. @param duration writes minutes */
export function waitAnswersText(answers: readonly WaitAnswer[], duration: (minutes: number) => string): string {
  const each = answers.map(({ code, minutes }) => {
    const when = minutes === null ? 'not even then' : `after ${duration(minutes)}`;
    return `${ANSWERS[code]}: ${when}.`;
  });
  return each.length > 0 ? `What helps: ${each.join(' ')}` : '';
}

/** A stated wait this many times the calculated one, or the other way round, is shown beside it. */
const DISAGREES = 1.5;

/** Returns both waits of a layer whose own minimum wait and the calculated one disagree; otherwise nothing. */
export function statedWaitText(
  { statedMinutes, calculatedMinutes }: Pick<LayerWait, 'statedMinutes' | 'calculatedMinutes'>,
  duration: (minutes: number) => string,
): string {
  if (statedMinutes === null) return '';
  const calculated = calculatedMinutes === null ? 'never here' : duration(calculatedMinutes);
  const ratio = (calculatedMinutes ?? Infinity) / statedMinutes;
  return ratio > DISAGREES || ratio < 1 / DISAGREES
    ? `Stated wait: ${duration(statedMinutes)}. Calculated: ${calculated}.`
    : '';
}

/** Returns until when a slab cuts cleanly and why no longer; nothing if it cuts at any time. @param duration writes minutes */
export function cutLimitText(
  { cutWindow: { fromMinutes, toMinutes }, cutLimit }: Pick<Setting, 'cutWindow' | 'cutLimit'>,
  duration: (minutes: number) => string,
): string {
  if (fromMinutes === null || toMinutes === null || !cutLimit) return '';
  const { layer, why } = cutLimit;
  if (toMinutes <= fromMinutes) return `By then ${layer} is too firm to cut. Let the slab warm up first.`;
  const within = `Cut within the next ${duration(toMinutes - fromMinutes)}.`;
  switch (why) {
    case 'cracks':
      return `${within} After that ${layer} cracks under a cold blade.`;
    case 'too-firm':
      return `${within} After that ${layer} is too firm to cut until it has warmed up.`;
  }
}
