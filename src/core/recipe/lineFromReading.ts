import { holdsQuantity, type Line } from '../slab';
import type { LineRead } from './readLine';

/**
 * Returns a line of a slab from a reading, or `null` if it lacks an amount, a unit or a name. The larder's name is used if known;
 * the original text is kept.
 */
export function lineFromReading(read: LineRead): Line | null {
  const { quantity, unit, ingredient, larder, state, packG, also, optional, text } = read;
  if (quantity === null || !holdsQuantity(quantity) || unit === null || ingredient === null || ingredient.trim() === '')
    return null;
  return {
    ingredient: larder ?? ingredient,
    quantity,
    unit,
    ...(state === null ? {} : { state }),
    ...(packG === null ? {} : { packG }),
    ...(also === null || unit === 'pack' ? {} : { also }),
    ...(optional ? { optional } : {}),
    text: text.slice(0, 1000),
  };
}
