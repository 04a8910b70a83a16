/** How long price, other cuts and boxes take once the schedule is known. */
import { boxAnswers } from '$core/pack';
import { larderOf, type Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import { cutsByMoney, plan, priceSlab, runMinutesOf, sellingOf, workOf } from '$core/usecases';

const ROUNDS = 200;

/** Median and 95th percentile of some rounds, ms. */
function timed(rounds: number, work: () => unknown): string {
  const times = Array.from({ length: rounds }, () => {
    const started = performance.now();
    work();
    return performance.now() - started;
  }).sort((a, b) => a - b);
  return `median ${times[Math.floor(rounds / 2)]!.toFixed(2)} ms, 95 % under ${times[Math.floor(rounds * 0.95)]!.toFixed(2)} ms`;
}

/** The price of a slab with its channels, with its label and checks; other cuts; 20 boxes. */
export function benchSelling(slab: Slab, ingredients: readonly Ingredient[], shop: Shop): string[] {
  const larder = larderOf(ingredients);
  const planned = plan(slab, larder, shop);
  const { activities } = workOf(slab, larder, shop);
  const priced = timed(ROUNDS, () => priceSlab(slab, shop, planned, runMinutesOf(activities)));
  const minutes = runMinutesOf(activities);
  const whole = timed(ROUNDS, () => sellingOf(slab, larder, shop, planned, minutes, '2026-11-26'));
  const now = priceSlab(slab, shop, planned, minutes);
  const cuts = timed(20, () => cutsByMoney(slab, larder, shop, planned, now, minutes));
  const boxes = Array.from({ length: 20 }, (_, i) => ({
    name: `box ${i}`,
    lengthMm: 120 + 17 * i,
    widthMm: 90 + 13 * i,
    heightMm: 30 + 4 * i,
    price: 0.2 + i / 20,
  }));
  const piece = { lengthMm: 47, widthMm: 31, heightMm: 18, massG: 30 };
  const packed = timed(ROUNDS, () => boxAnswers(piece, 240, boxes, 0.5));
  return [
    `price of a slab of six layers with four channels, once its day is known: ${priced} (wanted: under 20 ms); with its label and checks: ${whole}; 24 other cuts by money: ${cuts}`,
    `20 boxes searched for 240 pieces: ${packed} (wanted: under 50 ms)`,
  ];
}
