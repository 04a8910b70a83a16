import type { Pricing } from '../slab';
import type { Shop } from './types';

/** A change of the shop's currency. */
export interface CurrencyChange {
  readonly from: string;
  readonly to: string;
  /** Exchange rate from the old currency to the new one; `null` if unknown. */
  readonly rate: number | null;
  /** Smallest coins per unit of the new currency. */
  readonly coin: number;
}

interface Marked {
  readonly currency?: string | undefined;
}

/**
 * Converts an item with amounts of money. Amounts in the old currency are converted at the rate or, without a rate, marked with
 * that currency; amounts marked with the new currency count again.
 */
function turned<T extends Marked>(
  thing: T,
  { from, to, rate, coin }: CurrencyChange,
  convert: (by: (amount: number) => number) => Partial<T>,
): T {
  const was = thing.currency ?? from;
  if (was === to) return { ...thing, currency: undefined };
  if (rate === null || was !== from) return { ...thing, currency: was };
  return { ...thing, ...convert((amount) => Math.round(amount * rate * coin) / coin), currency: undefined };
}

const priced = <T extends Marked & { readonly price?: number | undefined }>(
  things: readonly T[] | undefined,
  change: CurrencyChange,
) =>
  things?.map((thing) =>
    thing.price === undefined ? thing : turned(thing, change, (by) => ({ price: by(thing.price!) }) as Partial<T>),
  );

function turnedPricing(pricing: Pricing, change: CurrencyChange): Pricing {
  return turned(pricing, change, (by) => {
    const { price, trimPerKg, labourPerHour, energyPerKWh, liningPerM2, overhead } = pricing;
    const amounts = { price, trimPerKg, labourPerHour, energyPerKWh, liningPerM2 };
    return {
      ...Object.fromEntries(
        Object.entries(amounts).flatMap(([field, amount]) => (amount === undefined ? [] : [[field, by(amount)]])),
      ),
      ...(overhead && overhead.by !== 'percent' ? { overhead: { ...overhead, amount: by(overhead.amount) } } : {}),
    };
  });
}

/** Fields of a sales channel that are amounts of money. */
const MONEY_OF_CHANNEL = ['feeEach', 'costEach', 'feePerDay'] as const;

/** Converts all amounts of money in a shop's settings. Price endings stay the same. */
export function moneyTurned<T extends Partial<Shop>>(settings: T, change: CurrencyChange): T {
  const { pieceKinds, boxes, bags, wraps, channels, pricing } = settings;
  const next: Partial<Shop> = {
    pieceKinds: priced(pieceKinds, change),
    boxes: priced(boxes, change),
    bags: priced(bags, change),
    wraps: priced(wraps, change),
    channels: channels?.map((channel) =>
      MONEY_OF_CHANNEL.every((field) => channel[field] === undefined)
        ? channel
        : turned(channel, change, (by) =>
            Object.fromEntries(
              MONEY_OF_CHANNEL.flatMap((field) => (channel[field] === undefined ? [] : [[field, by(channel[field])]])),
            ),
          ),
    ),
    pricing: pricing && turnedPricing(pricing, change),
  };
  const said = Object.fromEntries(Object.entries(next).filter(([, value]) => value !== undefined));
  return { ...settings, ...said };
}
