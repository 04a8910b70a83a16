import { STAGES, type Stage } from '../slab';

/** A stage of boiled sugar, and how it is known without a thermometer. */
export interface StageRange {
  readonly stage: Stage;
  readonly fromC: number;
  readonly toC: number;
  /** What a drop does in cold water. */
  readonly coldWater: string;
  /** What the pot looks like. */
  readonly byEye: string;
  /** How the sweet bites. */
  readonly bite: string;
}

/**
 * The stages of boiled sugar at sea level, deg C, as printed in confectioners' handbooks; they touch or leave small gaps, and
 * handbooks differ by some degrees.
 */
const RANGES: Readonly<Record<Stage, Omit<StageRange, 'stage'>>> = {
  thread: {
    fromC: 106,
    toC: 112,
    coldWater: 'Pulls a thread and will not gather into a ball',
    byEye: 'Small lively bubbles; it runs off the spoon in a thread',
    bite: 'a syrup that stays soft',
  },
  'soft ball': {
    fromC: 112,
    toC: 116,
    coldWater: 'Gathers into a ball that flattens when it is lifted',
    byEye: 'Bubbles the size of peas, slower and thicker',
    bite: 'soft and short: fudge, fondant',
  },
  'firm ball': {
    fromC: 118,
    toC: 121,
    coldWater: 'The ball holds its shape and still gives',
    byEye: 'The bubbles heap up and are slow to break',
    bite: 'chewy: soft caramel',
  },
  'hard ball': {
    fromC: 121,
    toC: 130,
    coldWater: 'The ball is hard to squeeze',
    byEye: 'Thick ropy bubbles; the spoon leaves a path',
    bite: 'firm and long: nougat, hard caramel',
  },
  'soft crack': {
    fromC: 132,
    toC: 143,
    coldWater: 'Bends a little, then snaps; it sticks to the teeth',
    byEye: 'Small tight bubbles, a first tinge of straw',
    bite: 'bends before it breaks, sticks to the teeth: toffee',
  },
  'hard crack': {
    fromC: 146,
    toC: 154,
    coldWater: 'Brittle, with a clean snap',
    byEye: 'Few small bubbles, pale gold, and it hardly steams',
    bite: 'glass: brittle, boiled sweets',
  },
  'light caramel': {
    fromC: 160,
    toC: 170,
    coldWater: 'No test: go by the colour',
    byEye: 'Clear gold, and the first smell of caramel',
    bite: 'glass with a taste of caramel',
  },
  'dark caramel': {
    fromC: 170,
    toC: 180,
    coldWater: 'No test: go by the colour',
    byEye: 'Amber to brown with a wisp of smoke; above 180 °C it burns',
    bite: 'glass, bitter-sweet',
  },
};

/** The stages in their order, from the coolest. */
export const STAGE_RANGES: readonly StageRange[] = STAGES.map((stage) => ({ stage, ...RANGES[stage] }));

/** The range of a named stage. */
export function stageRange(stage: Stage): StageRange {
  return { stage, ...RANGES[stage] };
}

/**
 * The stage that a temperature is nearest to.
 *
 * @param boilC referred to sea level, deg C
 * @example stageAt(118).stage // 'firm ball'
 */
export function stageAt(boilC: number): StageRange {
  const away = ({ fromC, toC }: StageRange) => Math.max(fromC - boilC, boilC - toC, 0);
  return STAGE_RANGES.reduce((best, range) => (away(range) < away(best) ? range : best));
}
