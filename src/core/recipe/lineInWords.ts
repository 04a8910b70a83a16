import { writtenAmount } from '../measure';
import type { Line } from '../slab';

/**
 * Returns a line as text; reading it gives the same amount back.
 *
 * @example lineInWords({ ingredient: 'butter', quantity: 150, unit: 'g', state: 'cold' }) // '150 g butter, cold'
 */
export function lineInWords({ ingredient, quantity, unit, state, packG, optional }: Omit<Line, 'text'>): string {
  const amount = writtenAmount(quantity, unit);
  const said =
    unit === 'each'
      ? amount.replace(/ each$/, '')
      : unit === 'pack' && packG !== undefined
        ? `${amount.replace(/ pack$/, '')} x ${Number(packG.toPrecision(6))} g pack`
        : amount;
  return `${said} ${ingredient}${state ? `, ${state}` : ''}${optional ? ' (optional)' : ''}`;
}
