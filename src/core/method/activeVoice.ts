// Methods in the passive: "the chocolate is melted and spread over" is read as "melt the chocolate and spread over".

import { leadKind } from './kinds';

/** Participles that methods use, with their verbs. Those that look alike, such as spread, need no entry. */
const VERBS: Readonly<Record<string, string>> = {
  ...{ rubbed: 'rub', pressed: 'press', baked: 'bake', melted: 'melt', boiled: 'boil', poured: 'pour', left: 'leave' },
  ...{ mixed: 'mix', stirred: 'stir', cooled: 'cool', chilled: 'chill', added: 'add', folded: 'fold', beaten: 'beat' },
  ...{ whisked: 'whisk', whipped: 'whip', creamed: 'cream', heated: 'heat', cooked: 'cook', warmed: 'warm' },
  ...{
    scattered: 'scatter',
    sprinkled: 'sprinkle',
    dipped: 'dip',
    drizzled: 'drizzle',
    dusted: 'dust',
    rolled: 'roll',
  },
  ...{
    placed: 'place',
    laid: 'lay',
    layered: 'layer',
    frozen: 'freeze',
    refrigerated: 'refrigerate',
    combined: 'combine',
  },
  ...{ brought: 'bring', simmered: 'simmer', crushed: 'crush', toasted: 'toast', roasted: 'roast', tempered: 'temper' },
  ...{ put: 'put', spread: 'spread', set: 'set', cut: 'cut', tipped: 'tip', smoothed: 'smooth', covered: 'cover' },
};
const PARTICIPLE = Object.keys(VERBS).join('|');
/** "(The base:) flour and sugar are gently rubbed …": a subject, a form of be, and a participle. */
const PASSIVE = new RegExp(
  `(^|[.;:]\\s+|,\\s+(?:and |then )?)((?:[\\p{L}\\d][\\p{L}\\d'’/%-]*[ ,]+){1,14}?)(?:is|are|was|were|gets?) (?:then |now |all |gently |slowly |immediately )*(${PARTICIPLE})\\b(?! (?:through|enough)\\b)`,
  'giu',
);
const FURTHER = new RegExp(
  `\\b(and|then|and then|,) (${PARTICIPLE})\\b(?= (?:in|into|on|onto|over|for|at|to|with|until|together|gently|out|down|by))`,
  'gi',
);
/** Results and conditions: "when it is melted", "until the sugar is dissolved". */
const STATE = /\b(?:when|once|until|till|if|as|while|after|before|that|which|so)\b/i;

/**
 * Rewrites the passive sentences of a method as instructions. A sentence without one is returned as it is.
 *
 * @example activeVoice('The chocolate is melted and poured over the base.') // 'Melt the chocolate and pour over the base.'
 */
export function activeVoice(sentence: string): string {
  let isPassive = false;
  const led = sentence.replace(PASSIVE, (all: string, lead: string, subject: string, participle: string) => {
    if (STATE.test(subject) || leadKind(subject) !== null) return all;
    isPassive = true;
    return `${lead}${VERBS[participle.toLowerCase()]!} ${subject.trim().replace(/,$/, '')}`;
  });
  if (!isPassive) return sentence;
  const active = led.replace(
    FURTHER,
    (_, joint: string, participle: string) => `${joint} ${VERBS[participle.toLowerCase()]!}`,
  );
  return active.charAt(0).toUpperCase() + active.slice(1);
}
