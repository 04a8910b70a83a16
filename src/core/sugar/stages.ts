import type { Stage } from '../slab';

/** A stage of boiled sugar. */
export interface StageRange {
  readonly stage: Stage;
  readonly fromC: number;
  readonly toC: number;
}

/** The stages of boiled sugar at sea level, deg C, as printed in confectioners' handbooks; they touch or leave small gaps. */
export const STAGE_RANGES: readonly StageRange[] = [
  { stage: 'thread', fromC: 106, toC: 112 },
  { stage: 'soft ball', fromC: 112, toC: 116 },
  { stage: 'firm ball', fromC: 118, toC: 121 },
  { stage: 'hard ball', fromC: 121, toC: 130 },
  { stage: 'soft crack', fromC: 132, toC: 143 },
  { stage: 'hard crack', fromC: 146, toC: 154 },
  { stage: 'light caramel', fromC: 160, toC: 170 },
  { stage: 'dark caramel', fromC: 170, toC: 180 },
];

/** The range of a named stage. */
export function stageRange(stage: Stage): StageRange {
  return STAGE_RANGES.find((one) => one.stage === stage)!;
}

/**
 * The stage that a temperature is nearest to.
 *
 * @param boilC referred to sea level, deg C
 * @example stageAt(118).stage // 'firm ball'
 */
export function stageAt(boilC: number): StageRange {
  const away = ({ fromC, toC }: StageRange) => Math.max(fromC - boilC, boilC - toC, 0);
  return STAGE_RANGES.reduce((best, one) => (away(one) < away(best) ? one : best));
}
