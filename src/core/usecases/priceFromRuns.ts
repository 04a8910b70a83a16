import type { RunMinutes } from '../cost';
import type { RunBasis } from '../logbook';
import type { Shop } from '../shop';
import type { Slab } from '../slab';
import type { Plan } from './planned';
import { priceSlab, type SlabPrice } from './price';

/**
 * What a run costs and earns by what the last runs really took: their hands, rejects and ingredients instead of the plan's. Power is the
 * plan's, since nobody reads the meter.
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
