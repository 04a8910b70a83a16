/** Computes the schedule of a slab in a worker. */
import { READY } from './newestAnswer';
import type { RunMinutes } from '$core/cost';
import { larderOf, type Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import type { Pace } from '$core/time';
import { layOutDay, runMinutesOf, workOf, type Day, type DayOptions } from '$core/usecases';

export interface TimelineQuestion {
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  readonly pace: Pace;
  readonly asked: DayOptions;
  readonly now: Date;
  /** Whether to compute the fastest and slowest schedules too. */
  readonly quickAndSlow: boolean;
}

/** End or start if everything runs fast, and if everything runs slow. */
export interface Moments {
  readonly quick: Date;
  readonly slow: Date;
}
export interface TimelineAnswer {
  readonly day: Day;
  /** Labour and powered minutes of its steps. */
  readonly run: RunMinutes;
  /** `null` until known, and if it makes no difference. */
  readonly between: Moments | null;
  /** Whether the answer is final. */
  readonly isLast: boolean;
}

addEventListener('message', ({ data }: MessageEvent<TimelineQuestion>) => {
  const { slab, ingredients, shop, pace, asked, now, quickAndSlow } = data;
  const larder = larderOf(ingredients);
  const dayAt = (at: Pace) => layOutDay(workOf(slab, larder, shop, {}, at), asked, now);
  const work = workOf(slab, larder, shop, {}, pace);
  const run = runMinutesOf(work.activities);
  const day = layOutDay(work, asked, now);
  const tell = (between: Moments | null, isLast: boolean) =>
    postMessage({ day, run, between, isLast } satisfies TimelineAnswer);
  const isLast = !day.feasible || !quickAndSlow;
  tell(null, isLast);
  if (isLast) return;
  const [quick, slow] = (['least', 'most'] as const).map((at) => {
    const { feasible, earliestEnd, steps } = at === pace ? day : dayAt(at);
    return feasible ? (asked.deadline ? steps[0]?.start : earliestEnd) : null;
  });
  const differ = quick && slow && quick.getTime() !== slow.getTime();
  tell(differ ? { quick, slow } : null, true);
});
postMessage(READY);
