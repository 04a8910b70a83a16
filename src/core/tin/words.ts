import { METRIC, type Figures } from '../measure';
import { ruleOf } from './shape';
import type { AnyTin } from './types';

/**
 * Describes a tin in a few words.
 *
 * @example tinInWords({ shape: 'rectangle', lengthMm: 230, widthMm: 230, depthMm: 45 }) // '230 mm square, 45 deep'
 */
export function tinInWords(tin: AnyTin, figures: Figures = METRIC): string {
  return ruleOf(tin).inWords(tin, figures);
}

/** Returns the longest side of a tin, or its diameter, mm. */
export function longestMm(tin: AnyTin): number {
  return ruleOf(tin).longestMm(tin);
}

/** Tells whether two tins are equal inside. A missing corner or slope counts as 0. */
export function sameTin(a: AnyTin, b: AnyTin): boolean {
  return a.shape === b.shape && ruleOf(a).measures(a).join() === ruleOf(b).measures(b).join();
}
