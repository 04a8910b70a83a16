/** What a step takes where nobody has said it: for methods that are read and for days that are laid out. */

/** Minutes: least, usual, most. */
export type DurationEstimate = readonly [least: number, usual: number, most: number];

/** Minutes of one action by hand; usual in a small kitchen, and to be put right where the maker knows better. */
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
  set: [20, 30, 60],
  cut: [5, 10, 15],
  finish: [5, 10, 20],
  pack: [7, 10, 18],
  other: [1, 2, 5],
} as const satisfies Record<string, DurationEstimate>;

/** Minutes of a whole preparation of which no steps are written: some actions together. */
export const USUAL_PREPARATION_MINUTES = {
  mix: [5, 8, 15],
  boil: [15, 20, 30],
  melt: [6, 9, 14],
} as const satisfies Record<string, DurationEstimate>;

/** An oven nobody gives the heat of, deg C. */
export const USUAL_OVEN_C = 170;
