import { STAGES, type Stage } from '../slab';

/** A sugar stage. */
export interface StageRange {
  readonly stage: Stage;
  readonly fromC: number;
  readonly toC: number;
}

/**
 * Sugar stages at sea level, °C, as printed in confectioners' handbooks. They touch or leave small gaps, and handbooks differ by
 * a few degrees.
 */
const RANGES: Readonly<Record<Stage, Omit<StageRange, 'stage'>>> = {
  thread: {
    fromC: 106,
    toC: 112,
  },
  'soft ball': {
    fromC: 112,
    toC: 116,
  },
  'firm ball': {
    fromC: 118,
    toC: 121,
  },
  'hard ball': {
    fromC: 121,
    toC: 130,
  },
  'soft crack': {
    fromC: 132,
    toC: 143,
  },
  'hard crack': {
    fromC: 146,
    toC: 154,
  },
  'light caramel': {
    fromC: 160,
    toC: 170,
  },
  'dark caramel': {
    fromC: 170,
    toC: 180,
  },
};

/** Stages in order, coolest first. */
export const STAGE_RANGES: readonly StageRange[] = STAGES.map((stage) => ({ stage, ...RANGES[stage] }));

/** Returns the range of a stage. */
export function stageRange(stage: Stage): StageRange {
  return { stage, ...RANGES[stage] };
}

/**
 * Returns the stage closest to a temperature.
 *
 * @param boilC referred to sea level, deg C
 * @example stageAt(118).stage // 'firm ball'
 */
export function stageAt(boilC: number): StageRange {
  const away = ({ fromC, toC }: StageRange) => Math.max(fromC - boilC, boilC - toC, 0);
  return STAGE_RANGES.reduce((best, range) => (away(range) < away(best) ? range : best));
}
