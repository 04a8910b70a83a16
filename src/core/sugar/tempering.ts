import type { ChocolateShade } from '../classify';

/** Tempering temperatures of chocolate, °C from and to: melt, cool to seed, warm to work with. */
export interface TemperCurve {
  readonly melt: readonly [number, number];
  readonly cool: readonly [number, number];
  readonly work: readonly [number, number];
}

/**
 * Typical tempering temperatures; the pack's instructions come first. Source: Beckett, The science of chocolate (2008), ch. 6.
 * Milk fat lowers and slows the crystallisation of cocoa butter.
 */
export const TEMPER_CURVES: Readonly<Record<ChocolateShade, TemperCurve>> = {
  dark: { melt: [45, 50], cool: [27, 28], work: [31, 32] },
  milk: { melt: [40, 45], cool: [26, 27], work: [29, 30] },
  white: { melt: [40, 43], cool: [25, 26], work: [28, 29] },
};
