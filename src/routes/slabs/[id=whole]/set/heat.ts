import type { Setting } from '$core/setting';

/** A layer in the drawing: its share of the height, and its distance from the top. */
export type Band = Setting['layers'][number] & { readonly share: number; readonly top: number };

/** Colours by temperature, °C, from a cold room through pale to a boil; mixed in between. */
export const HEAT_COLOURS = [
  [-18, '#2b4f86'],
  [4, '#4d7fb2'],
  [20, '#b0c8d8'],
  [28, '#e8e3d6'],
  [40, '#eec888'],
  [70, '#d9823c'],
  [110, '#a3242c'],
] as const;

const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));

/** Returns the colour of a temperature. */
export function heatColour(celsius: number): string {
  const after = HEAT_COLOURS.findIndex(([at]) => at >= celsius);
  if (after === -1) return HEAT_COLOURS.at(-1)![1];
  if (after === 0) return HEAT_COLOURS[0][1];
  const [[fromC, from], [toC, to]] = [HEAT_COLOURS[after - 1]!, HEAT_COLOURS[after]!];
  const share = (celsius - fromC) / (toC - fromC);
  const [a, b] = [channels(from), channels(to)];
  return `rgb(${a.map((value, i) => Math.round(value + (b[i]! - value) * share)).join(' ')})`;
}

/** Returns the step of a time axis, rounded to hours and minutes. */
export function timeStep(minutes: number, most: number): number {
  return [5, 10, 15, 30, 60, 120, 240, 480, 720].find((step) => minutes / step <= most) ?? 1440;
}
