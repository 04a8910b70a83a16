import type { ChocolateShade } from '../classify';

/** The three temperatures of chocolate brought into temper, deg C from and to: melted out, cooled to seed, warmed to work with. */
export interface TemperCurve {
  readonly melt: readonly [number, number];
  readonly cool: readonly [number, number];
  readonly work: readonly [number, number];
}

/**
 * Usual temperatures of tempering by hand; what a maker prints on the pack goes before them.
 * Source: Beckett, The science of chocolate (2008), ch. 6; milk fat lowers and slows what cocoa butter does.
 */
export const TEMPER_CURVES: Readonly<Record<ChocolateShade, TemperCurve>> = {
  dark: { melt: [45, 50], cool: [27, 28], work: [31, 32] },
  milk: { melt: [40, 45], cool: [26, 27], work: [29, 30] },
  white: { melt: [40, 43], cool: [25, 26], work: [28, 29] },
};
