import { STAGE_RANGES, stageAt } from '../sugar';

/** What the eye sees of a pot: words, how large its bubbles are, 0 to 1, how fast they come, and how brown it is, 0 to 1. */
export interface PotLook {
  readonly words: string;
  readonly bubbles: number;
  readonly lively: number;
  readonly brown: number;
}

/** A pot boils from here on, deg C at sea level; before that it is only warm. */
const BOILS_C = 100.5;
const BROWNS_FROM_C = 154;
const BROWN_C = 185;
const THICK_C = 150;

const FIRST_STAGE_C = STAGE_RANGES[0]!.fromC;
const share = (value: number, from: number, to: number) => Math.min(1, Math.max(0, (value - from) / (to - from)));

/**
 * What a pot of syrup looks like: bubbles grow and slow down as it thickens, and it browns at the end.
 *
 * @param boilC at sea level
 */
export function potLook(boilC: number): PotLook {
  const words =
    boilC < BOILS_C
      ? 'It warms: the sugar dissolves'
      : boilC < FIRST_STAGE_C
        ? 'It boils hard and thin, like water'
        : stageAt(boilC).byEye;
  return {
    words,
    bubbles: boilC < BOILS_C ? 0 : 0.15 + 0.85 * share(boilC, BOILS_C, THICK_C),
    lively: boilC < BOILS_C ? 0 : 1 - 0.75 * share(boilC, BOILS_C, THICK_C),
    brown: share(boilC, BROWNS_FROM_C, BROWN_C),
  };
}

/** What a drop does in cold water. @param boilC at sea level */
export const dropInWater = (boilC: number): string =>
  boilC < FIRST_STAGE_C ? 'It dissolves and is gone' : stageAt(boilC).coldWater;
