/**
 * Amounts of money rounded to the currency's smallest coin so that they add up to the rounded total: each is rounded down,
 * and the coins left go to the largest remainders (Hamilton's method).
 *
 * @param amounts in the currency; what is taken off is below 0
 * @param digits decimal places of the currency, 2 for cents
 * @returns whole numbers of the smallest coin, in the same order
 * @example inCoins([1 / 3, 1 / 3, 1 / 3], 2) // [34, 33, 33]
 */
export const inCoins = (amounts: readonly number[], digits: number): number[] =>
  inWholeParts(amounts.map((amount) => amount * 10 ** digits));

/** Rounds amounts to whole numbers that add up to the rounded total, by the same method. */
export function inWholeParts(exact: readonly number[]): number[] {
  const total = Math.round(exact.reduce((sum, part) => sum + part, 0));
  const parts = exact.map((part) => Math.floor(part + 1e-9));
  const left = total - parts.reduce((sum, part) => sum + part, 0);
  const byRemainder = exact
    .map((part, at) => ({ at, remainder: part - parts[at]! }))
    .sort((a, b) => b.remainder - a.remainder || a.at - b.at);
  for (let i = 0; i < left; i++) parts[byRemainder[i % byRemainder.length]!.at]! += 1;
  return parts;
}
