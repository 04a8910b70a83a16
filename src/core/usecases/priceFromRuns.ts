import type { RunMinutes } from '../cost';
import type { RunBasis } from '../logbook';
import type { Shop } from '../shop';
import type { Slab } from '../slab';
import type { Plan } from './planned';
import { priceSlab, type SlabPrice } from './price';

/**
 * Returns cost and earnings by the actual labour, rejects and ingredients of the last runs. Energy is as planned, since it is not
 * measured.
 *
 * @param minutes of the planned day
 */
export function priceFromRuns(
  slab: Slab,
  shop: Shop,
  planned: Pick<Plan, 'cut' | 'cost' | 'slabs'>,
  minutes: RunMinutes | null,
  { busy, watch, rejectShare, costFactor }: RunBasis,
): SlabPrice {
  const { cost } = planned;
  return priceSlab(
    { ...slab, pricing: { ...slab.pricing, rejectShare } },
    shop,
    { ...planned, cost: { ...cost, used: cost.used * costFactor, leftover: cost.leftover * costFactor } },
    minutes ? { ...minutes, busy, watch } : null,
  );
}
