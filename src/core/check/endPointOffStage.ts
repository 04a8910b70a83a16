import { endPointC } from '../slab';
import { stageAt, stageRange } from '../sugar';
import { check } from './codes';
import type { Rule } from './types';

const SLACK_C = 1;

/** Finds end points outside the sugar stage that the recipe names. */
export const endPointOffStage: Rule = ({ slab }) =>
  slab.preparations.flatMap((preparation, p) => {
    const endC = endPointC(preparation);
    const stage = preparation.cookTo?.stage;
    if (endC === null || stage === undefined) return [];
    const { fromC, toC } = stageRange(stage);
    if (endC >= fromC - SLACK_C && endC <= toC + SLACK_C) return [];
    return [
      check('end-point-off-stage', `/preparations/${p}/cookTo`, {
        ...{ preparation: preparation.name, endC, stage, fromC, toC, nearest: stageAt(endC).stage },
      }),
    ];
  });
