import type { Pack } from '../larder';
import { massOf, readNumber, writtenAmount, type Measurable, type Measures } from '../measure';
import { reason, type Reason } from '../validation';
import { leadingAmount } from './amount';

export type PackPriceRead =
  { readonly ok: true; readonly pack: Omit<Pack, 'pricedOn'> } | { readonly ok: false; readonly reason: Reason };

const UNREAD = { ok: false, reason: reason('pack-price-expected') } as const;

/**
 * Parses a pack price as people write it: "2.75 for 250 g", "1.20 / 1 kg", "3.60 for 12", "€4,80 a kg".
 *
 * @param stuff the ingredient, for what is bought by the piece or by volume
 * @returns the pack, or the reason why it cannot be read
 * @example readPackPrice('1.20 / 1 kg', {}, 'metric') // { ok: true, pack: { name: '1 kg', massG: 1000, price: 1.2 } }
 */
export function readPackPrice(text: string, stuff: Measurable, measures: Measures): PackPriceRead {
  const parts = /^\s*\p{Sc}?\s*([\d.,]+)\s*\p{Sc}?\s*(?:for|\/|per|a(?=\s)|each(?=\s))\s*(.+)$/iu.exec(text.trim());
  if (!parts) return UNREAD;
  const price = readNumber(parts[1]!, { min: 0, max: 1e6 });
  if (!price.ok) return price;
  const held = /^\d/.test(parts[2]!) ? parts[2]! : `1 ${parts[2]!}`;
  const led = leadingAmount(held, measures);
  if (!led || led.rest.trim() !== '' || led.unit === 'pack') return UNREAD;
  const weighed = massOf({ quantity: led.quantity, unit: led.unit }, stuff, measures);
  if (!weighed.ok) return { ok: false, reason: reason('pack-size-expected') };
  if (weighed.massG <= 0) return UNREAD;
  const name = writtenAmount(led.quantity, led.unit).replace(/ each$/, '');
  return { ok: true, pack: { name, massG: weighed.massG, price: price.value } };
}
