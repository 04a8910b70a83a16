/** The temperatures of a layer as time goes on, noted moment by moment. */
import type { HeatStack, LayerNow } from './stack';

const CURVE_PARTS = ['warmestC', 'meanC', 'middleC', 'lowerC', 'upperC'] as const satisfies readonly (keyof LayerNow)[];

/** Temperatures of one layer over time, deg C. */
export type LayerCurve = Readonly<Record<keyof LayerNow, readonly number[]>>;
type NotedCurve = Readonly<Record<keyof LayerNow, number[]>>;

/** A curve to which nothing is noted yet. */
export const emptyCurve = (): NotedCurve => ({ warmestC: [], meanC: [], middleC: [], lowerC: [], upperC: [] });

const NOT_LAID: LayerNow = { warmestC: NaN, meanC: NaN, middleC: NaN, lowerC: NaN, upperC: NaN };

/** Notes where each layer is now, at the end of its curve; one that is not laid yet is at NaN. */
export function noteLayers(stack: HeatStack, curves: readonly NotedCurve[]): void {
  curves.forEach((curve, l) => noteAt(curve, l < stack.layerCount ? stack.layer(l) : NOT_LAID));
}

/** Notes one moment of a layer; nothing where it is not laid yet. */
export function noteAt(curve: NotedCurve, now: LayerNow = NOT_LAID): void {
  for (const part of CURVE_PARTS) curve[part].push(now[part]);
}

/** One moment of a curve. */
export function momentOf(curve: LayerCurve, at: number): LayerNow {
  const { warmestC, meanC, middleC, lowerC, upperC } = curve;
  return {
    warmestC: warmestC[at]!,
    meanC: meanC[at]!,
    middleC: middleC[at]!,
    lowerC: lowerC[at]!,
    upperC: upperC[at]!,
  };
}
