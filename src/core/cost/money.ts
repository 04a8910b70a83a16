/** Formats by currency. Creating one is slow, so they are kept. */
const formats = new Map<string, Intl.NumberFormat>();

function formatOf(currency: string): Intl.NumberFormat {
  const known = formats.get(currency) ?? new Intl.NumberFormat('en-IE', { style: 'currency', currency });
  formats.set(currency, known);
  return known;
}

/** Decimal places of a currency's smallest coin: 2 for cents. @param currency ISO 4217 */
export const coinDigits = (currency: string): number => formatOf(currency).resolvedOptions().maximumFractionDigits ?? 2;

/**
 * Formats money, rounded to the smallest coin.
 *
 * @example money(12.5, 'EUR') // '€12.50'
 */
export const money = (amount: number, currency: string): string => formatOf(currency).format(amount);
