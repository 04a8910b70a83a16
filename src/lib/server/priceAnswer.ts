import { COST_ITEMS } from '$core/cost';
import type { SlabPrice } from '$core/usecases';

/** Returns a price as `/api/price` answers it: money in the currency, in whole coins that add up. */
export function priceAnswer({ currency, digits, pieces, bill, earned, channels, rises, toBuy, packed }: SlabPrice) {
  const coin = 10 ** digits;
  const amount = (coins: number) => coins / coin;
  const net = earned.kinds.reduce((sum, kind) => sum + kind.count * kind.net, 0);
  const mean = (of: 'price' | 'tax' | 'net') =>
    pieces > 0 ? amount(earned.kinds.reduce((sum, kind) => sum + kind.count * kind[of], 0) / pieces) : 0;
  return {
    currency,
    pieces,
    costs: {
      ...Object.fromEntries(COST_ITEMS.map((item) => [item, amount(bill.coins[item])])),
      total: amount(bill.total),
    },
    /** Mean piece, if there are several types. */
    perPiece: {
      cost: pieces > 0 ? amount(bill.total) / pieces : 0,
      price: mean('price'),
      net: mean('net'),
      tax: mean('tax'),
      margin: pieces > 0 ? amount(net - bill.total) / pieces : 0,
    },
    kinds: earned.kinds.map((kind) => ({
      name: kind.name,
      count: kind.count,
      massG: kind.massG,
      ...{ cost: amount(kind.cost), price: amount(kind.price), net: amount(kind.net) },
      ...{ tax: amount(kind.tax), margin: amount(kind.margin) },
    })),
    margin: amount(earned.margin),
    marginShare: earned.marginShare,
    marginPerHour: earned.marginPerHour === null ? null : amount(earned.marginPerHour),
    handsMinutes: bill.handsMinutes,
    breakEvenPieces: earned.breakEvenPieces,
    rises: rises.map(({ ingredient, costMore }) => ({ ingredient, costMore })),
    toBuy,
    packing: { in: packed.container?.name ?? null, perPack: packed.perPack, packs: packed.packs, cost: packed.cost },
    channels: channels.map(({ channel, pieces: inOne, sale }) => ({
      name: channel.name,
      pieces: inOne,
      ...{ price: amount(sale.price), net: amount(sale.net), tax: amount(sale.tax), fee: amount(sale.fee) },
      ...{ packing: amount(sale.packing), cost: amount(sale.cost), margin: amount(sale.margin) },
      marginShare: sale.marginShare,
    })),
  };
}
