import type { TitledStep } from '../slab';

/** Ways to melt chocolate. */
export const MELTS = ['bain-marie', 'microwave', 'low heat', 'hot slab'] as const;
export type Melt = (typeof MELTS)[number];

/** Heat to bring chocolate from room temperature to 45 °C and melt it: 1.6 kJ/kg K over 25 K, and 45 kJ/kg. */
const MELT_J_PER_G = 1.6 * 25 + 45;
/** Share of a microwave oven's power that reaches a bowl of chocolate at half power. */
const MICROWAVE_SHARE = 0.3;
const BURST_SECONDS = 30;
const LAST_SECONDS = 10;

/** Microwave bursts for a mass of chocolate. */
export interface Bursts {
  readonly seconds: number;
  readonly bursts: number;
}

/**
 * Returns how long chocolate needs in a microwave oven at half power, in bursts of half a minute with stirring between.
 *
 * @param massG g of chocolate
 * @param watts full power of the oven
 */
export function microwaveBursts(massG: number, watts: number): Bursts {
  const seconds = (massG * MELT_J_PER_G) / (watts * MICROWAVE_SHARE);
  return { seconds, bursts: Math.max(1, Math.ceil(seconds / BURST_SECONDS)) };
}

const minutesFor = (massG: number, from: number, perHundred: number) => Math.round(from + (perHundred * massG) / 100);

/**
 * Returns the steps of melting a mass of chocolate.
 *
 * @param massG g of chocolate
 * @param watts full power of the microwave oven
 */
export function meltingSteps(melt: Melt, massG: number, watts = 800): TitledStep[] {
  const { bursts } = microwaveBursts(massG, watts);
  switch (melt) {
    case 'bain-marie':
      return [
        {
          id: 'water',
          title: { code: 'simmer-water' },
          minutes: 5,
          hands: 'free',
          occupies: ['ring'],
        },
        {
          id: 'melt',
          title: { code: 'melt-over-steam' },
          minutes: minutesFor(massG, 4, 2),
          hands: 'watch',
          occupies: ['ring'],
          after: ['water'],
        },
      ];
    case 'microwave':
      return [
        {
          id: 'melt',
          title: { code: 'melt-in-bursts', bursts, seconds: BURST_SECONDS, lastSeconds: LAST_SECONDS },
          minutes: Math.ceil((bursts * (BURST_SECONDS + 20)) / 60),
          hands: 'busy',
        },
      ];
    case 'low heat':
      return [
        {
          id: 'melt',
          title: { code: 'melt-on-low-heat' },
          minutes: minutesFor(massG, 4, 1.5),
          hands: 'busy',
          occupies: ['ring'],
        },
      ];
    case 'hot slab':
      return [
        {
          id: 'strew',
          title: { code: 'scatter-on-slab' },
          minutes: 1,
          hands: 'busy',
          lays: true,
        },
        { id: 'wait', title: { code: 'cover-slab' }, minutes: 5, hands: 'free', after: ['strew'] },
        { id: 'spread', title: { code: 'spread-on-slab' }, minutes: 2, hands: 'busy', after: ['wait'] },
      ];
  }
}
