/** How much to take to a market: laws of the newsvendor problem, and what the advice earns on simulated markets. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { demandAfter, expectedProfit, marketAdvice, type MarketDay, type PieceWorth } from '$core/market';
import { randomFrom } from '../../../devices/random.mjs';

const day = fc
  .record({ taken: fc.integer({ min: 1, max: 200 }), share: fc.double({ min: 0, max: 1, noNaN: true }) })
  .map(({ taken, share }): MarketDay => ({ taken, sold: Math.round(taken * share) }));
const worth = fc
  .record({
    cost: fc.integer({ min: 1, max: 100 }),
    more: fc.integer({ min: 1, max: 300 }),
    left: fc.double({ min: 0, max: 0.9, noNaN: true }),
  })
  .map(({ cost, more, left }): PieceWorth => ({ cost, price: cost + more, leftoverWorth: cost * left }));

test('demand is a distribution, and the quantity has the highest expected profit of all', () => {
  fc.assert(
    fc.property(fc.array(day, { minLength: 1, maxLength: 8 }), worth, (days, of) => {
      const demand = demandAfter(days);
      assert.ok(Math.abs(demand.reduce((sum, p) => sum + p, 0) - 1) < 1e-9);
      const { quantity, expectedProfit: curve } = marketAdvice(days, of);
      const best = expectedProfit(demand, quantity, of);
      for (const q of [quantity - 1, quantity + 1])
        if (q >= 0 && q < demand.length - 1) assert.ok(expectedProfit(demand, q, of) <= best + 1e-9);
      for (const [, profit] of curve) assert.ok(profit <= best + 1e-6);
    }),
    { numRuns: 40 },
  );
});

test('a dearer price or a worthless left-over moves the quantity the right way; selling at a loss takes nothing', () => {
  const days = [40, 45, 38, 52, 47].map((sold): MarketDay => ({ taken: 60, sold }));
  const of = (part: Partial<PieceWorth>) =>
    marketAdvice(days, { price: 4, cost: 1.5, leftoverWorth: 0, ...part }).quantity;
  assert.ok(of({ price: 6 }) > of({}) && of({ cost: 3 }) < of({}) && of({ leftoverWorth: 1 }) > of({}));
  assert.equal(of({ price: 1 }), 0);
  // The published example of the critical ratio: (4 - 1.5) / 4 of all days.
  assert.equal(marketAdvice(days, { price: 4, cost: 1.5, leftoverWorth: 0 }).criticalRatio, 0.625);
});

test('days that sold out count as at least that much: the quantity goes up, where equal days with pieces left keep it', () => {
  const of = { price: 4, cost: 1, leftoverWorth: 0 };
  const full = Array.from({ length: 6 }, (): MarketDay => ({ taken: 40, sold: 40 }));
  const left = full.map((one): MarketDay => ({ ...one, taken: 60 }));
  assert.ok(marketAdvice(full, of).quantity > marketAdvice(left, of).quantity);
  assert.ok(marketAdvice(left.slice(0, 3), of).isGuess && !marketAdvice(left, of).isGuess);
});

/** A negative binomial number: a Poisson number whose mean is a gamma number. */
function demandOf(mean: number, k: number, random: () => number): number {
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  // Marsaglia and Tsang 2000, for k >= 1.
  const d = k - 1 / 3;
  let gamma = 0;
  while (gamma === 0) {
    const x = normal();
    const v = (1 + x / Math.sqrt(9 * d)) ** 3;
    if (v > 0 && Math.log(1 - random()) < 0.5 * x * x + d - d * v + d * Math.log(v)) gamma = d * v;
  }
  const lambda = (gamma * mean) / k;
  let [count, left] = [0, lambda];
  for (; left > 30; left -= 30)
    for (let sum = -Math.log(1 - random()); sum < 30; sum -= Math.log(1 - random())) count += 1;
  for (let sum = -Math.log(1 - random()); sum < left; sum -= Math.log(1 - random())) count += 1;
  return count;
}

/** True probabilities, by recurrence. */
function truth(mean: number, k: number): Float64Array {
  const p = new Float64Array(Math.ceil(mean * 8 + 60));
  p[0] = (k / (k + mean)) ** k;
  for (let d = 1; d < p.length; d++) p[d] = ((p[d - 1]! * (d - 1 + k)) / d) * (mean / (mean + k));
  return p;
}

test('on 500 simulated markets the quantity after ten days earns at least 95 % of what the true best one earns', () => {
  const random = randomFrom(101);
  let [earned, possible] = [0, 0];
  for (let market = 0; market < 500; market++) {
    const mean = 8 + 100 * random();
    const k = 1 + 14 * random();
    const of: PieceWorth = { price: 3 + 2 * random(), cost: 0.8 + random(), leftoverWorth: 0.4 * random() };
    let taken = Math.max(1, Math.round(mean * (0.5 + random())));
    const days: MarketDay[] = [];
    for (let d = 0; d < 10; d++) {
      const demand = demandOf(mean, k, random);
      days.push({ taken, sold: Math.min(taken, demand) });
      taken = Math.max(1, Math.round(mean * (0.5 + random())));
    }
    const p = truth(mean, k);
    const best = Math.max(...Array.from({ length: p.length }, (_, q) => expectedProfit(p, q, of)));
    earned += expectedProfit(p, marketAdvice(days, of).quantity, of);
    possible += best;
  }
  console.log(`# the quantity after ten markets earns ${((100 * earned) / possible).toFixed(1)} % of the best`);
  assert.ok(earned >= 0.95 * possible, `${earned} of ${possible}`);
});
