import Papa from 'papaparse';
import { larderOf, type AllergenStatement, type Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import { plan, priceSlab, runMinutesOf, settingProblems, workOf, type SlabPrice } from '$core/usecases';
import { guardedCell } from '$core/larder';
import { containsText } from '$wording/allergens';

/** A slab of the price list; `price` is `null` if it cannot be calculated. */
export interface PricedSlab {
  readonly id: number;
  readonly name: string;
  readonly price: ListedPrice | null;
}

/** A slab of the price list with its allergens. */
export interface PriceRow extends PricedSlab {
  readonly allergens: AllergenStatement;
}

/** Prices of a slab in whole coins. */
export interface ListedPrice {
  readonly pieces: number;
  readonly kinds: readonly {
    readonly name: string | null;
    readonly massG: number;
    readonly price: number;
    /** Before tax. */
    readonly net: number;
    readonly cost: number;
  }[];
  /** Cost of a batch without packaging, and of the packaging of one piece over the counter. */
  readonly batchCost: number;
  readonly packEach: number;
  /** Paid labour of a batch; `null` while its schedule is unknown. */
  readonly labourMinutes: number | null;
  readonly marginShare: number | null;
  readonly marginPerHour: number | null;
  /** By the shop's channels, in order. */
  readonly channels: readonly {
    readonly pieces: number;
    readonly price: number;
    /** Before tax. */
    readonly net: number;
    /** Packaging, fees and other costs of the sale. */
    readonly selling: number;
    readonly margin: number;
  }[];
}

/** Returns the list entry of a slab, priced with the labour of its schedule. */
export interface Listed {
  readonly id: number;
  readonly slab: Slab;
}

const listed = ({ pieces, bill, earned, channels }: SlabPrice): ListedPrice => ({
  pieces,
  kinds: earned.kinds.map(({ name, massG, price, net, cost }) => ({ name, massG, price, net, cost })),
  batchCost: bill.total - bill.coins.packing,
  packEach: bill.coins.packing / pieces,
  labourMinutes: bill.handsMinutes,
  marginShare: earned.marginShare,
  marginPerHour: earned.marginPerHour,
  channels: channels.map(({ pieces: inOne, sale }) => ({
    pieces: inOne,
    ...{ price: sale.price, net: sale.net, margin: sale.margin },
    selling: sale.packing + sale.fee + sale.saleCosts,
  })),
});

/** Returns the price of one slab, with the labour of its schedule; `null` on an error, so that other slabs are not affected. */
export function listPrice({ id, slab }: Listed, ingredients: readonly Ingredient[], shop: Shop): PricedSlab {
  const { name } = slab;
  try {
    const larder = larderOf(ingredients);
    if (settingProblems(slab, larder, shop).length > 0) return { id, name, price: null };
    const planned = plan(slab, larder, shop);
    const price = priceSlab(slab, shop, planned, runMinutesOf(workOf(slab, larder, shop).activities));
    return { id, name, price: price.pieces > 0 ? listed(price) : null };
  } catch {
    return { id, name, price: null };
  }
}

/** Returns the price list as CSV: one row per piece type, with the price per sale of each channel. */
export function priceListCsv(list: readonly PriceRow[], { channels = [], currency }: Shop, digits: number): string {
  const amount = (coins: number) => (coins / 10 ** digits).toFixed(digits);
  const rows = list.flatMap(({ name, price, allergens }) =>
    (price?.kinds ?? []).map((kind) => ({
      slab: guardedCell(name),
      piece: guardedCell(kind.name ?? ''),
      mass_g: kind.massG.toFixed(1),
      currency,
      cost: amount(kind.cost),
      price: amount(kind.price),
      contains: containsText(allergens),
      allergens_unknown_for: guardedCell(allergens.unknownFor.join('; ')),
      ...Object.fromEntries(
        channels.flatMap((channel, i) => {
          const sale = price?.channels[i];
          return [
            [guardedCell(`${channel.name}: pieces`), sale ? String(sale.pieces) : ''],
            [guardedCell(`${channel.name}: price`), sale ? amount(sale.price) : ''],
          ];
        }),
      ),
    })),
  );
  return Papa.unparse(rows, { newline: '\r\n' });
}
