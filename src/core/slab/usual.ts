/** Typical times of steps without a stated time. */

/** Minutes: shortest, typical, longest. */
export type DurationEstimate = readonly [least: number, usual: number, most: number];

/** Minutes of one manual action in a small kitchen, until the maker enters better ones. */
export const USUAL_MINUTES = {
  gather: [8, 12, 20],
  mix: [3, 5, 8],
  press: [4, 6, 10],
  bake: [20, 25, 30],
  boil: [10, 15, 25],
  melt: [5, 8, 12],
  beat: [4, 6, 10],
  lay: [2, 4, 7],
  scatter: [1, 2, 4],
  take: [1, 2, 3],
  set: [20, 30, 60],
  cut: [5, 10, 15],
  finish: [5, 10, 20],
  pack: [7, 10, 18],
  other: [1, 2, 5],
} as const satisfies Record<string, DurationEstimate>;

/** Minutes of a whole preparation without written steps. */
export const USUAL_PREPARATION_MINUTES = {
  mix: [5, 8, 15],
  boil: [15, 20, 30],
  melt: [6, 9, 14],
} as const satisfies Record<string, DurationEstimate>;

/** Default oven temperature, °C. */
export const USUAL_OVEN_C = 170;
