import { sameOnRack, tinInWords } from '../tin';
import type { Rule } from './types';

/** A tin that the shop does not have, or not so many of. Asked only where the rack is known. */
export const tinNotOnRack: Rule = ({ shop, tins, figures }) => {
  const { rack = [] } = shop;
  if (rack.length === 0) return [];
  return tins.flatMap(({ tin, count }, at) => {
    const have = rack
      .filter((tinCount) => sameOnRack(tinCount.tin, tin))
      .reduce((sum, tinCount) => sum + tinCount.count, 0);
    if (have >= count) return [];
    return [
      {
        code: 'tin-not-on-rack',
        where: `/tins/${at}`,
        message: `${count} of ${tinInWords(tin, figures)} ${count === 1 ? 'is' : 'are'} asked for, and the rack has ${have}. Choose a tin that is there, make it in ${have > 0 ? Math.ceil(count / have) : 'more'} rounds, or add the tin to the rack`,
      },
    ];
  });
};
