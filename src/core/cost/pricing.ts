import { USUAL_POWER, type Powered, type Shop } from '../shop';
import type { Pricing } from '../slab';

/** What the price is set by: one of the three. */
export type PriceAsk =
  | { readonly by: 'margin'; readonly share: number }
  | { readonly by: 'markup'; readonly share: number }
  | { readonly by: 'price'; readonly price: number };

type Settled =
  | 'taxPercent'
  | 'taxIncluded'
  | 'ladder'
  | 'labourPerHour'
  | 'watchShare'
  | 'energyPerKWh'
  | 'liningPerM2'
  | 'rejectShare';

/** Complete pricing of a slab. */
export interface SettledPricing extends Required<Pick<Pricing, Settled | 'trim' | 'trimPerKg' | 'leftover'>> {
  readonly ask: PriceAsk;
  /** Where `ask` comes from. */
  readonly askedBy: 'slab' | 'shop' | 'nobody';
  readonly overhead: NonNullable<Pricing['overhead']>;
  readonly leastMargin: number | null;
  readonly power: Readonly<Record<Powered, number>>;
}

/** Defaults of a shop: no wage, no tariff, 60 % margin. */
const USUAL = {
  taxPercent: 0,
  taxIncluded: true,
  ladder: [],
  labourPerHour: 0,
  watchShare: 0.25,
  energyPerKWh: 0,
  liningPerM2: 0,
  rejectShare: 0,
  trim: 'waste',
  trimPerKg: 0,
  leftover: 'charge',
  overhead: { by: 'slab', amount: 0 },
} as const satisfies Pricing;
const USUAL_ASK: PriceAsk = { by: 'margin', share: 0.6 };

const MONEY = ['price', 'trimPerKg', 'labourPerHour', 'energyPerKWh', 'liningPerM2', 'ladder'] as const;

/** Returns a pricing without amounts of money in other currencies. */
function counted({ currency, ...pricing }: Pricing, shops: string): Pricing {
  if (currency === undefined || currency === shops) return pricing;
  const foreign = new Set<string>([...MONEY, ...(pricing.overhead?.by === 'percent' ? [] : ['overhead'])]);
  return Object.fromEntries(Object.entries(pricing).filter(([field]) => !foreign.has(field)));
}

function askIn({ margin, markup, price }: Pricing): PriceAsk | null {
  if (price !== undefined) return { by: 'price', price };
  if (markup !== undefined) return { by: 'markup', share: markup };
  return margin === undefined ? null : { by: 'margin', share: margin };
}

/**
 * Returns the pricing of a slab: its own fields, then the shop's, then the defaults. For margin, markup and price the slab's
 * choice wins over the shop's; if several are given, price wins over markup, and markup over margin.
 */
export function settledPricing(
  slab: Pricing | undefined,
  { pricing: shops = {}, power, currency }: Pick<Shop, 'pricing' | 'power' | 'currency'>,
): SettledPricing {
  const [own, usual] = [counted(slab ?? {}, currency), counted(shops, currency)];
  const [ownAsk, usualAsk] = [askIn(own), askIn(usual)];
  const said = <T extends object>(of: T) =>
    Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as T;
  const all = { ...USUAL, ...said(usual), ...said(own) };
  return {
    ...all,
    ask: ownAsk ?? usualAsk ?? USUAL_ASK,
    askedBy: ownAsk ? 'slab' : usualAsk ? 'shop' : 'nobody',
    leastMargin: own.leastMargin ?? usual.leastMargin ?? null,
    power: { ...USUAL_POWER, ...said(power ?? {}) },
  };
}
