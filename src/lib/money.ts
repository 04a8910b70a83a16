/**
 * Money as it is shown, rounded to the smallest coin.
 *
 * @example money(12.5, 'EUR') // '€12.50'
 */
export function money(amount: number, currency: string): string {
  return new Intl.NumberFormat('en-IE', { style: 'currency', currency }).format(amount);
}
