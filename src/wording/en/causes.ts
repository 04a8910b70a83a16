/** Names of causes of faults, and what to do about them. */
import type { CauseId, Finding } from '$core/diagnose';
import type { LayerPosition } from '$core/usecases';
import type { Figures } from '$core/measure';
import type { PotSign } from '$core/run';
import { stepInShort } from '$core/time';
import { percent, plural } from './grammar';

interface CauseText {
  readonly name: string;
  /** What to do with this slab, and next time. */
  readonly now: string;
  readonly next: string;
  /** What to do with this slab where the layer lies on or under others, if that is something else. */
  readonly within?: string;
}

/** Returns the texts of a cause for a layer, by where it lies. */
export function causeText(cause: CauseId, position: LayerPosition): Omit<CauseText, 'within'> {
  const { within, ...text } = CAUSE_TEXTS[cause];
  return position === 'alone' || within === undefined ? text : { ...text, now: within };
}

export const CAUSE_TEXTS: Readonly<Record<CauseId, CauseText>> = {
  boiledTooFar: {
    name: 'Boiled too far',
    now: 'It will not soften in the tin. Warm it with water (one fifteenth of its weight), stir until smooth and boil it to the end point again, or chop it and fold it into another slab.',
    next: 'Take the pot off a little before the end point. The temperature keeps rising.',
    within:
      'It cannot go back into the pot. Let the slab reach room temperature, cut it with a hot blade into small pieces, or break it up as a topping.',
  },
  boiledTooLittle: {
    name: 'Not boiled far enough',
    now: 'Scrape it back into the pot, melt it with a spoonful of water and boil it to the end point. It is as hot as before.',
    next: 'Wait for the end point, and measure where the pot is deepest.',
    within: 'It cannot go back into the pot. Chill the slab, cut it cold, keep it cold, and sell it soon.',
  },
  probeOff: {
    name: 'The thermometer is wrong',
    now: 'Test a spoonful in cold water. It shows the stage that the thermometer missed.',
    next: 'Check the thermometer in boiling water and in melting ice, and enter the readings in the settings.',
  },
  tooLittleDoctor: {
    name: 'Too little syrup or acid to prevent graining',
    now: 'Melt it with a spoonful of glucose syrup and some water, and boil it to the end point without stirring.',
    next: 'Weigh the syrup or acid in full. Glucose syrup at a tenth of the sugar keeps a boil clear.',
    within: 'It cannot be melted again in the slab. Sell it soon, as graining goes on, or use it crumbled.',
  },
  seeded: {
    name: 'Sugar crystals in the pot, or stirred too long',
    now: 'Melt it with water until nothing crunches, and boil it to the end point without stirring.',
    next: 'Wash down the sides of the pot when it starts to boil, and stir as little as possible.',
    within: 'It cannot be melted again in the slab. Sell it soon, as graining goes on, or use it crumbled.',
  },
  beatenHot: {
    name: 'Beaten or poured before it had cooled',
    now: 'Melt it with water, boil it to the end point, and let it cool undisturbed before you beat it.',
    next: 'Let it cool as far as the recipe says. Cool syrup forms fine crystals.',
    within: 'It cannot be melted again in the slab. Sell it soon, or use it crumbled.',
  },
  heatTooStrong: {
    name: 'Heated too fast',
    now: 'Take it off the heat and stir in hot water, one spoonful at a time, until it comes together.',
    next: 'Use less heat, and warm cream or butter before you add it.',
    within: 'Blot the fat from the surface. It is fine to eat, but will not come together again.',
  },
  tooMuchFat: {
    name: 'Too much fat',
    now: 'Pour off the separated fat, and stir in a spoonful of hot water or cream until smooth.',
    next: 'Weigh the fat as in the recipe.',
    within: 'Blot the fat from the surface, and keep the slab cold.',
  },
  tooLittleFat: {
    name: 'Too little fat to bind it',
    now: 'Sell it as crumble, or press it again with melted butter before you add a layer.',
    next: 'Weigh the butter in full, and press the base while it is warm.',
    within: 'Chill the slab and cut it cold with a serrated blade, in larger pieces.',
  },
  tooMuchLiquid: {
    name: 'Too much liquid or syrup',
    now: 'Keep it cold, cut it cold, and sell it soon.',
    next: 'Weigh liquids instead of measuring them in cups.',
  },
  tooLittleGel: {
    name: 'Too little gelling agent',
    now: 'Warm it gently, stir in the missing amount, soaked, and pour it again.',
    next: 'Weigh gelatine or agar on a fine scale, and do not boil gelatine.',
    within: 'It cannot be melted again in the slab. Chill it, cut it cold, and keep it cold.',
  },
  laidLate: {
    name: 'Left standing too long before it was poured',
    now: 'Level it with a warm knife, and press separated parts together while they are warm.',
    next: 'Have the tin and the layer below ready before the pot is.',
  },
  belowSoft: {
    name: 'Poured on a layer that was not firm',
    now: 'Let everything set in the cold, and trim what has run together.',
    next: 'Wait until the layer below is firm, or pour the next one cooler.',
  },
  parted: {
    name: 'The layer below was too cold and smooth',
    now: 'Brush the surface with melted chocolate or warm syrup, and press the layer on again.',
    next: 'Roughen the layer with a fork, or pour the next one before it is completely cold.',
  },
  chocolateTooHot: {
    name: 'The chocolate was out of temper',
    now: 'It is fine to eat. Sprinkle something over it, or melt the top with a warm plate and temper it again.',
    next: 'Cool the chocolate to its working temperature before you pour it. Cook shows the three temperatures for each type.',
    within: 'It is fine to eat. Cover the streaks with a drizzle or a dusting.',
  },
  sweated: {
    name: 'Condensation after the cold',
    now: 'Leave it covered until it reaches room temperature, then blot it.',
    next: 'Cover it before it goes into the cold, and let it warm up covered.',
  },
  dampAir: {
    name: 'The sugar drew water from damp air',
    now: 'Wrap it at once, or dust it with starch or icing sugar.',
    next: 'Wrap or coat it as soon as it is cut, and keep it closed.',
  },
  cutSoon: {
    name: 'Cut before it had set',
    now: 'Push it together, let it set, and cut it again.',
    next: 'Check the middle, not the edge.',
  },
  cutLate: {
    name: 'Cut when it was too cold or too hard',
    now: 'Warm the knife, let the slab reach room temperature, and score the top before you cut.',
    next: 'Cut it while the schedule says it is ready, and score brittle layers while they are warm.',
  },
  tinTooSmall: {
    name: 'The tin was too small',
    now: 'Give it more time. Twice the thickness takes up to four times as long.',
    next: 'Scale it to the tin before you weigh out.',
  },
  tinTooLarge: {
    name: 'The tin was too large',
    now: 'Cut larger pieces, so that they have the right weight.',
    next: 'Scale it to the tin before you weigh out.',
  },
  chocolateTooHard: {
    name: 'The chocolate was too hard or too cold for the knife',
    now: 'Let it come to room temperature, and cut with a hot, dry blade: melt through the chocolate, then press down.',
    next: 'Melt a tenth of soft fat into the chocolate, or cut before it is fully hard.',
  },
  chocolateTooThick: {
    name: 'The chocolate layer was too thick',
    now: 'Score it with a hot blade along every cut first, then cut through.',
    next: 'Pour it 2 to 3 mm thick.',
  },
  notScored: {
    name: 'The chocolate was not scored before it was hard',
    now: 'Score it with a hot blade along every cut before you press through.',
    next: 'Score the lines when it is dry to the touch and not yet hard.',
  },
  bakedTooLong: {
    name: 'Baked too long',
    now: 'Put something soft on it. It takes up moisture overnight.',
    next: 'Check the edge a few minutes earlier, and take it out as soon as it colours.',
    within: 'The layer above gives it moisture overnight. Cut it the day after.',
  },
  bakedTooShort: {
    name: 'Not baked long enough',
    now: 'Bake it longer, if nothing is on top yet.',
    next: 'Preheat the oven, and bake until the middle is dry.',
    within:
      'It cannot go back into the oven under another layer. Chill the slab and cut it cold. If eggs may be raw, throw it away.',
  },
  notLined: {
    name: 'The tin was not lined or greased well',
    now: 'Warm the tin from below for a moment, or chill it, and lift the slab with a palette knife.',
    next: 'Line the tin with paper that reaches over the rim, and grease it for boiled sugar.',
  },
  notLevel: {
    name: 'Not spread evenly, or not level',
    now: 'Trim it, and sort the pieces by weight.',
    next: 'Put a spirit level on the shelf, and spread each layer to the corners first.',
  },
};

/** What a pot showed, as it is noted and shown. */
export const POT_SIGN_TEXTS: Readonly<Record<PotSign, string>> = {
  'soft-in-cold-water': 'Too soft in the cold-water test',
  'hard-in-cold-water': 'Too hard in the cold-water test',
  'set-in-pot': 'Set in the pot',
  'stirred-long': 'Stirred too long',
};

const moreOrLess = (times: number, more: string, less: string) =>
  `${percent(Math.abs(times - 1))} ${times < 1 ? less : more}`;

/** Returns the text of a finding about a run, without a full stop. */
export function findingText(finding: Finding, { temperature, length }: Figures): string {
  switch (finding.code) {
    case 'boil-ended':
      return `The boil ended at ${temperature.say(finding.shownC)}, and the end point is ${temperature.say(finding.wantedC)}`;
    case 'step-took':
      return `"${stepInShort(finding.step)}" took ${Math.round(finding.minutes)} min, planned ${Math.round(finding.plannedMinutes)} min`;
    case 'amount': {
      const names = finding.ingredients.join(', ');
      return Math.abs(finding.times - 1) < 0.005
        ? `${names} as planned`
        : `${moreOrLess(finding.times, 'more', 'less')} ${names} than planned`;
    }
    case 'waited':
      return `"${stepInShort(finding.step)}" started ${Math.round(finding.minutes)} min after "${stepInShort(finding.after)}", at most ${Math.round(finding.maxMinutes)} min allowed`;
    case 'found-soft':
      return `"${finding.step}" was ${finding.reading}`;
    case 'tins':
      return finding.areaFactor === 1
        ? 'The planned tin was used'
        : `The tin was ${moreOrLess(finding.areaFactor, 'larger', 'smaller')} than planned`;
    case 'chocolate-at':
      return `The chocolate was at ${temperature.say(finding.celsius)}`;
    case 'cold-place':
      return finding.step === null ? 'Nothing stood in the cold' : `"${finding.step}" took place in the cold`;
    case 'pot-sign':
      return POT_SIGN_TEXTS[finding.sign];
    case 'layer-thickness':
      return `The layer is ${length.say(finding.mm)} thick`;
    case 'soft-fat':
      return finding.share < 0.005
        ? 'There is no soft fat in the chocolate'
        : `Soft fat makes up ${percent(finding.share)} of the fat in the chocolate`;
    case 'scored':
      return finding.isScored ? 'It is scored' : 'It is not scored';
    case 'humidity':
      return `The room has ${Math.round(finding.percent)} % humidity`;
    case 'thermometer-checked':
      return finding.daysAgo === null
        ? 'The thermometer was never checked'
        : `The thermometer was checked ${plural(finding.daysAgo, 'day', 'days')} before`;
  }
}
