import { plainName } from '../larder';
import type { Plan } from './planned';

/** Ingredients that a plan cannot count: those without a weight, and those without a weight or a price. */
export interface Missing {
  readonly weightless: number;
  readonly uncosted: number;
}

/** Returns how many ingredients the figures of a plan leave out. */
export function missingFrom({ preparations, cost }: Pick<Plan, 'preparations' | 'cost'>): Missing {
  const weightless = preparations
    .flatMap(({ lines }) => lines)
    .filter(({ massG }) => massG === null)
    .map(({ ingredient }) => plainName(ingredient));
  const unpriced = cost.byIngredient.filter((one) => one.cost === null).map(({ name }) => plainName(name));
  return { weightless: new Set(weightless).size, uncosted: new Set([...weightless, ...unpriced]).size };
}
