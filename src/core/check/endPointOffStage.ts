import { endPointC } from '../slab';
import { stageAt, stageRange } from '../sugar';
import type { Rule } from './types';

const SLACK_C = 1;

/** An end point outside the stage that the recipe names for it. */
export const endPointOffStage: Rule = ({ slab, figures }) =>
  slab.preparations.flatMap((preparation, p) => {
    const endC = endPointC(preparation);
    const stage = preparation.cookTo?.stage;
    if (endC === null || stage === undefined) return [];
    const { fromC, toC } = stageRange(stage);
    if (endC >= fromC - SLACK_C && endC <= toC + SLACK_C) return [];
    return [
      {
        code: 'end-point-off-stage',
        where: `/preparations/${p}/cookTo`,
        message: `${preparation.name}: ${stage} is ${figures.temperature.figure(fromC)}-${figures.temperature.say(toC)} and the end point is ${figures.temperature.say(endC)}, which is nearest to ${stageAt(endC).stage}. Check which of the two is meant`,
      },
    ];
  });
