import { sameOnRack } from '../tin';
import { check } from './codes';
import type { Rule } from './types';

/** Finds tins that the shop does not have, or not enough of. Skipped if the rack is unknown. */
export const tinNotOnRack: Rule = ({ shop, tins }) => {
  const { rack = [] } = shop;
  if (rack.length === 0) return [];
  return tins.flatMap(({ tin, count }, at) => {
    const have = rack
      .filter((tinCount) => sameOnRack(tinCount.tin, tin))
      .reduce((sum, tinCount) => sum + tinCount.count, 0);
    if (have >= count) return [];
    return [check('tin-not-on-rack', `/tins/${at}`, { tin, wanted: count, inRack: have })];
  });
};
