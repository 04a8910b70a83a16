import type { Unit } from './units';

const FRACTIONS: readonly (readonly [number, string])[] = [
  [1 / 8, '1/8'],
  [1 / 4, '1/4'],
  [1 / 3, '1/3'],
  [3 / 8, '3/8'],
  [1 / 2, '1/2'],
  [5 / 8, '5/8'],
  [2 / 3, '2/3'],
  [3 / 4, '3/4'],
  [7 / 8, '7/8'],
];
const IN_FRACTIONS: ReadonlySet<Unit> = new Set(['cup', 'tbsp', 'tsp', 'stick', 'pinch', 'dash', 'each', 'pack']);

/**
 * Formats an amount as a cook writes it: fractions for cups, spoons and whole items, decimals for the rest.
 *
 * @example writtenAmount(1.5, 'tsp') // '1 1/2 tsp'
 * @example writtenAmount(180, 'g') // '180 g'
 */
export function writtenAmount(quantity: number, unit: Unit): string {
  return `${IN_FRACTIONS.has(unit) ? inFractions(quantity) : decimal(quantity)} ${unit}`;
}

function inFractions(quantity: number): string {
  const whole = Math.floor(quantity);
  const rest = quantity - whole;
  if (rest < 1e-9) return decimal(quantity);
  const found = FRACTIONS.find(([value]) => Math.abs(value - rest) < 1e-3);
  if (!found) return decimal(quantity, 3);
  return whole === 0 ? found[1] : `${whole} ${found[1]}`;
}

/** Cups and spoons are not read finer than to a thousandth; weights keep five digits. */
function decimal(quantity: number, digits = 5): string {
  return String(Number(quantity.toPrecision(digits)));
}
