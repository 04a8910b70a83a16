import { USUAL_SHOP, type Shop } from '../shop';
import type { Means } from './activity';

/** Returns the resources of a shop. Without a stated shelf area, cold places hold a number of slabs. */
export function meansOf({
  hands = USUAL_SHOP.hands,
  ovens = USUAL_SHOP.ovens,
  rings = USUAL_SHOP.rings,
  ovenShelves,
  fridgeMm2,
  freezerMm2,
}: Pick<Shop, 'hands' | 'ovens' | 'ovenShelves' | 'rings' | 'fridgeMm2' | 'freezerMm2'>): Means {
  return {
    ...{ hands, ovens, rings },
    ...(ovenShelves === undefined ? {} : { ovenShelves }),
    ...(fridgeMm2 === undefined ? {} : { fridgeMm2 }),
    ...(freezerMm2 === undefined ? {} : { freezerMm2 }),
  };
}
