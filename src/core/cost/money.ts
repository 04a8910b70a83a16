/** Decimal places of a currency's smallest coin: 2 for cents. @param currency ISO 4217 */
export function coinDigits(currency: string): number {
  return new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2;
}

/**
 * Formats money, rounded to the smallest coin.
 *
 * @example money(12.5, 'EUR') // '€12.50'
 */
export function money(amount: number, currency: string): string {
  return new Intl.NumberFormat('en-IE', { style: 'currency', currency }).format(amount);
}
