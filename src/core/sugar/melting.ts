import type { Step } from '../slab';

/** Ways to melt chocolate. */
export const MELTS = ['bain-marie', 'microwave', 'low heat', 'strewn on the hot slab'] as const;
export type Melt = (typeof MELTS)[number];

/** Heat to bring chocolate from the room to 45 C and melt it: 1.6 kJ/kg K over 25 K, and 45 kJ/kg. */
const MELT_J_PER_G = 1.6 * 25 + 45;
/** Of a microwave oven's power so much gets into a bowl of chocolate at half power. */
const MICROWAVE_SHARE = 0.3;
const BURST_SECONDS = 30;
const LAST_SECONDS = 10;

/** Bursts in a microwave oven for a mass of chocolate. */
export interface Bursts {
  readonly seconds: number;
  readonly bursts: number;
}

/**
 * How long chocolate needs in a microwave oven at half power, in bursts of half a minute with stirring between.
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
 * The steps of melting so much chocolate, with what to take care of.
 *
 * @param massG g of chocolate
 * @param watts full power of the microwave oven
 */
export function meltingSteps(melt: Melt, massG: number, watts = 800): Step[] {
  const { bursts } = microwaveBursts(massG, watts);
  switch (melt) {
    case 'bain-marie':
      return [
        {
          id: 'water',
          text: 'Bring two fingers of water to a bare simmer; the bowl must not touch it',
          minutes: 5,
          hands: 'free',
          occupies: ['ring'],
        },
        {
          id: 'melt',
          text: 'Melt the chocolate over the steam, stirring; mind the steam, and keep every drop of water out',
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
          text: `At half power, ${bursts} bursts of ${BURST_SECONDS} seconds, stirring after each; the last of ${LAST_SECONDS}. It holds its shape when it is melted: trust the spoon, not the eye`,
          minutes: Math.ceil((bursts * (BURST_SECONDS + 20)) / 60),
          hands: 'busy',
        },
      ];
    case 'low heat':
      return [
        {
          id: 'melt',
          text: 'In a thick pan on the lowest heat, stirring all the time; off the heat while a third is still in pieces',
          minutes: minutesFor(massG, 4, 1.5),
          hands: 'busy',
          occupies: ['ring'],
        },
      ];
    case 'strewn on the hot slab':
      return [
        {
          id: 'strew',
          text: 'Strew the chopped chocolate on the hot slab and cover it',
          minutes: 1,
          hands: 'busy',
          lays: true,
        },
        { id: 'wait', text: 'Leave it covered until it shines', minutes: 5, hands: 'free', after: ['strew'] },
        { id: 'spread', text: 'Spread it with a warm palette knife', minutes: 2, hands: 'busy', after: ['wait'] },
      ];
  }
}
