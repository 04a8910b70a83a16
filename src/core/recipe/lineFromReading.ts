import { holdsQuantity, type Line } from '../slab';
import type { LineRead } from './readLine';

/**
 * A line of a slab from a reading, or null where it lacks an amount, a unit or a name. The larder's name is taken where it is
 * known; the line as it was written stays with it.
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
