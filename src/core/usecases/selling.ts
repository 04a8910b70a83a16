import { sellingChecksOf } from '../check/selling';
import type { Check } from '../check';
import type { RunMinutes } from '../cost';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import { labelFor, type LabelDraft } from './label';
import { separateAcknowledged } from './plan';
import type { Plan, PlanOptions } from './planned';
import { packedPiece, priceSlab, type SlabPrice } from './price';

/** Price, label and checks of a slab. */
export interface Selling {
  readonly price: SlabPrice;
  readonly label: LabelDraft;
  readonly checks: readonly Check[];
  readonly acknowledged: Plan['acknowledged'];
}

/**
 * Returns a slab's price, its label draft and the checks of both.
 *
 * @param planned of the same slab with the same options
 * @param minutes of its day; null while that is not known
 * @param madeOn YYYY-MM-DD
 */
export function sellingOf(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  planned: Plan,
  minutes: RunMinutes | null,
  madeOn: string,
  options: PlanOptions = {},
): Selling {
  const price = priceSlab(slab, shop, planned, minutes);
  const { perPack, container } = price.packed;
  const pieces = container && perPack > 0 ? perPack : 1;
  const label = labelFor(slab, larder, shop, planned, { ...options, madeOn, pieces });
  const found =
    price.pieces === 0
      ? []
      : sellingChecksOf({
          slab: expandDividedLines(slab),
          ...{ currency: shop.currency, digits: price.digits },
          ...{ bill: price.bill, earned: price.earned, pricing: price.pricing, packed: price.packed },
          channels: price.channels.map(({ channel, sale }) => ({
            name: channel.name,
            margin: sale.margin,
            price: sale.price,
          })),
          piece: packedPiece(planned.cut),
          label,
          unknown: label.unnamed,
        });
  return { price, label, ...separateAcknowledged(found, slab) };
}
