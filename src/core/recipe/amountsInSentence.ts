// Recipes without an ingredient list, with the amounts in the sentences of the method.
import { tidied } from './tidy';

const UNIT = String.raw`(?:g|kg|ml|cl|l|oz|lbs?|tbsp|tbs|tsp|cups?|tablespoons?|teaspoons?|sticks?|cans?|tins?|packs?|packets?)\b\.?`;
const NUMBER = String.raw`[\d¼-¾⅐-⅞][\d\s.,/¼-¾⅐-⅞-]*`;
/** What is counted without a unit. */
const COUNTED = String.raw`(?:(?:large|medium|small|free-range|ripe) )*(?:eggs?|egg (?:whites?|yolks?)|whole eggs?|lemons?|limes?|oranges?|bananas?|apples?|(?:[\p{L}-]+ ){0,2}(?:crackers?|biscuits?|cookies|marshmallows?|digestives|wafers?))\b`;
/** Words after which the name of an ingredient is over. */
const OVER = String.raw`(?=\s*(?:[,.;:()+&]|$|\b(?:and|with|in|into|to|over|on|onto|go|goes|for|until|till|then|together|are|is|gently|at|from|plus|or|while)\b))`;
const VAGUE = '(?:pinch|splash|dash|knob|handful|squeeze|drop|glug)';
const PACK = '(?:tin|can|pack|packet|jar|bag|carton)';
const AMOUNTS = new RegExp(
  `(?<![\\p{L}\\d.])(?:${NUMBER}\\s?${UNIT}(?:\\s+of)?\\s+(?:the\\s+)?[\\p{L}][\\p{L}' -]*?${OVER}|(?:an? )?${VAGUE} of [\\p{L}][\\p{L} -]*?${OVER}|(?:an? |one |small |large |big )+${PACK} (?:of )?[\\p{L}][\\p{L} -]*?(?:\\s*\\(\\d+\\s?(?:g|ml|oz)\\)|${OVER})|${NUMBER}\\s?${COUNTED})`,
  'giu',
);
/** Verbs that make a sentence of a line. */
const VERBS =
  /\b(?:goe?s? in|heat|melt|boil|simmer|mix|stir|add|fold|beat|whisk|cream|press|pour|spread|bake|chill|rub|combine|warm|whip|scatter|sprinkle|dissolve|put|place|tip|blitz|crush|need|use|take|want)\b/i;
const MIN_WORDS = 5;
const ANY_AMOUNT = new RegExp(`${NUMBER}\\s?(?:${UNIT}|${COUNTED})`, 'iu');
const IS_SENTENCE = /[.!]\s+\p{Lu}|[.!]$/u;

/** Returns the amounts in a sentence, as lines of a list: "Melt 200g milk chocolate and pour over." has "200g milk chocolate". */
export function amountsInSentence(line: string): string[] {
  const plain = tidied(line)
    .replace(/^\s*(?:step\s*)?\d{1,2}\s*[.):]\s+/i, '')
    .trim();
  if (!VERBS.test(plain) || plain.split(/\s+/).length < MIN_WORDS) return [];
  return [...plain.matchAll(AMOUNTS)].map(([amount]) => amount.trim());
}

/** A line of a list has an amount, before or behind the name, and is no sentence: "300 ml double cream", "Butter 100 g". */
const isListed = (line: string) => {
  const plain = tidied(line).trim();
  return ANY_AMOUNT.test(plain) && (!IS_SENTENCE.test(plain) || !VERBS.test(plain));
};

/** Tells whether a recipe gives its amounts in sentences: it lists at most one ingredient. */
export function hasAmountsInSentences(lines: readonly string[]): boolean {
  const listed = lines.filter(isListed).length;
  const said = lines.reduce((sum, line) => sum + amountsInSentence(line).length, 0);
  return listed <= 1 && said >= 2;
}
