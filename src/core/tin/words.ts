import { METRIC, type Figures } from '../measure';
import { ruleOf } from './shape';
import type { AnyTin } from './types';

/**
 * A tin in a few words, for lists and sheets.
 *
 * @example tinInWords({ shape: 'rectangle', lengthMm: 230, widthMm: 230, depthMm: 45 }) // '230 mm square, 45 deep'
 */
export function tinInWords(tin: AnyTin, figures: Figures = METRIC): string {
  return ruleOf(tin).inWords(tin, figures);
}

/** The longest side of a tin, or its diameter, mm. */
export function longestMm(tin: AnyTin): number {
  return ruleOf(tin).longestMm(tin);
}

/** Whether two tins are the same inside. A corner or flare that is not given is none. */
export function sameTin(a: AnyTin, b: AnyTin): boolean {
  return a.shape === b.shape && ruleOf(a).measures(a).join() === ruleOf(b).measures(b).join();
}
