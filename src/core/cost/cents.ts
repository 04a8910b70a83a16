/**
 * Amounts of money rounded to the currency's smallest coin so that they add up to the rounded total: each is rounded down,
 * and the coins left go to the largest remainders (Hamilton's method).
 *
 * @param amounts in the currency; what is taken off is below 0
 * @param digits decimal places of the currency, 2 for cents
 * @returns whole numbers of the smallest coin, in the same order
 * @example inCoins([1 / 3, 1 / 3, 1 / 3], 2) // [34, 33, 33]
 */
export function inCoins(amounts: readonly number[], digits: number): number[] {
  const exact = amounts.map((amount) => amount * 10 ** digits);
  const total = Math.round(exact.reduce((sum, coins) => sum + coins, 0));
  const coins = exact.map((exactCoins) => Math.floor(exactCoins + 1e-9));
  const left = total - coins.reduce((sum, coin) => sum + coin, 0);
  const byRemainder = exact
    .map((exactCoins, at) => ({ at, remainder: exactCoins - coins[at]! }))
    .sort((a, b) => b.remainder - a.remainder || a.at - b.at);
  for (let i = 0; i < left; i++) coins[byRemainder[i % byRemainder.length]!.at]! += 1;
  return coins;
}
