import { isBoiled, isEggCooked, isKind } from '../classify';
import {
  endPointC,
  titled,
  USUAL_PREPARATION_MINUTES,
  type DurationEstimate,
  type Preparation,
  type Step,
  type TitledStep,
} from '../slab';
import type { Caution } from './activity';

/** Whether a schedule uses the shortest, typical or longest time of each step. */
export const PACES = ['least', 'usual', 'most'] as const;
export type Pace = (typeof PACES)[number];

export const minutesAtPace = (estimate: DurationEstimate, pace: Pace) => estimate[PACES.indexOf(pace)]!;

const timesOf = ([leastMinutes, minutes, mostMinutes]: DurationEstimate) => ({ leastMinutes, minutes, mostMinutes });

const thingsIn = (lines: Preparation['lines']) => lines.map(({ ingredient: name }) => ({ name, ingredient: null }));

/** Returns the steps of a preparation: written ones, otherwise typical ones of its kind. */
export function stepsOf(preparation: Preparation): readonly TitledStep[] {
  const { lines, name, cookTo, steps = [] } = preparation;
  if (steps.length > 0) return steps.map(titled);
  if (cookTo) {
    return [
      {
        id: 'boil',
        title: { code: 'boil', name, celsius: endPointC(preparation)! },
        ...timesOf(USUAL_PREPARATION_MINUTES.boil),
        hands: 'watch',
        occupies: ['ring'],
        cooks: true,
      },
    ];
  }
  if (thingsIn(lines).some((thing) => isKind('chocolate', thing)))
    return [
      {
        id: 'melt',
        title: { code: 'melt', name },
        ...timesOf(USUAL_PREPARATION_MINUTES.melt),
        hands: 'watch',
        occupies: ['ring'],
      },
    ];
  return [{ id: 'mix', title: { code: 'mix', name }, ...timesOf(USUAL_PREPARATION_MINUTES.mix), hands: 'busy' }];
}

/**
 * Returns the first sentence of a step, for lists.
 *
 * @example stepInShort('Boil to the end point. Use a deep pot') // 'Boil to the end point'
 */
export const stepInShort = (text: string): string => /^[^.:;]+/.exec(text)?.[0].trim() ?? text;

/** Scale factor. */
export interface Size {
  readonly scaleFactor: number;
  /** Number of boils. */
  readonly batches: number;
  /** Thickness relative to the base recipe. */
  readonly thicknessFactor: number;
  /** Number of oven loads. */
  readonly ovenfuls: number;
}

/** Larger pots heat slightly better than in proportion. */
const BOIL_POWER = 0.8;

/**
 * Returns the minutes of a step for the current amounts.
 *
 * Where the step does not say how it grows, a boil grows with its batches and almost with the amount in each, the work of hands with
 * the square root of the amount, since one stirs more at once, and what works by itself not at all.
 */
export function stepMinutes(
  step: Omit<Step, 'text'>,
  { scaleFactor, batches, thicknessFactor, ovenfuls }: Size,
  pace: Pace,
): number {
  const { minutes, leastMinutes = minutes, mostMinutes = minutes, grows, hands = 'busy', ovenC } = step;
  const written = minutesAtPace([leastMinutes, minutes, mostMinutes], pace);
  const rounds = ovenC === undefined ? 1 : ovenfuls;
  switch (grows) {
    case 'mass':
      return written * scaleFactor * rounds;
    case 'set':
      return written * thicknessFactor ** 2 * rounds;
    case 'fixed':
      return written * (step.cooks ? batches : rounds);
    case undefined:
      if (step.cooks) return written * batches * Math.max(1, scaleFactor / batches) ** BOIL_POWER;
      return written * rounds * (hands === 'busy' ? Math.sqrt(Math.max(1, scaleFactor)) : 1);
  }
}

/** Maximum temperature that does not burn skin, °C. */
const BURNS_NO_MORE_C = 50;

/** Tells whether a step follows one in which the pot has cooled. */
function isCooled(step: TitledStep, { steps = [] }: Preparation): boolean {
  const at = steps.findIndex(({ id }) => id === step.id);
  return steps.slice(0, at).some(({ coolTo }) => (coolTo?.celsius ?? Infinity) <= BURNS_NO_MORE_C);
}

/** Returns the caution for a step of a preparation. */
export function cautionFor(step: TitledStep, preparation: Preparation): Caution | null {
  if (step.cooks || (isBoiled(preparation) && !isCooled(step, preparation))) return 'burn';
  if (step.title.code === 'written' && /steam|simmer|bain/i.test(step.title.text)) return 'steam';
  const egg = thingsIn(preparation.lines).some((thing) => isKind('raw egg', thing));
  return egg && !isEggCooked(preparation) ? 'raw-egg' : null;
}
