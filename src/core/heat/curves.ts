/** Temperatures of a layer over time. */
import type { HeatStack, LayerNow } from './stack';

const CURVE_PARTS = ['warmestC', 'meanC', 'middleC', 'lowerC', 'upperC'] as const satisfies readonly (keyof LayerNow)[];

/** Temperatures of one layer over time, deg C. */
export type LayerCurve = Readonly<Record<keyof LayerNow, readonly number[]>>;
type NotedCurve = Readonly<Record<keyof LayerNow, number[]>>;

/** An empty curve. */
export const emptyCurve = (): NotedCurve => ({ warmestC: [], meanC: [], middleC: [], lowerC: [], upperC: [] });

const NOT_LAID: LayerNow = { warmestC: NaN, meanC: NaN, middleC: NaN, lowerC: NaN, upperC: NaN };

/** Appends the current state of each layer to its curve, NaN for a layer that is not poured yet. */
export function noteLayers(stack: HeatStack, curves: readonly NotedCurve[]): void {
  curves.forEach((curve, l) => noteAt(curve, l < stack.layerCount ? stack.layer(l) : NOT_LAID));
}

/** Appends the state of a layer; NaN before it is poured. */
export function noteAt(curve: NotedCurve, now: LayerNow = NOT_LAID): void {
  for (const part of CURVE_PARTS) curve[part].push(now[part]);
}

/** Returns one moment of a curve. */
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
