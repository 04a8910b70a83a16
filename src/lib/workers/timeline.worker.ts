/** Lays a slab's steps out in time, away from the screen. */
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
  /** Whether to go on and tell how it is if all goes quickly, and if all goes slowly. */
  readonly quickAndSlow: boolean;
}

/** When it would be done, or have to begin, if all goes quickly and if all goes slowly. */
export interface Moments {
  readonly quick: Date;
  readonly slow: Date;
}
export interface TimelineAnswer {
  readonly day: Day;
  /** Minutes of hands and of what draws power that its steps take. */
  readonly run: RunMinutes;
  /** null until it is known, and where it makes no difference. */
  readonly between: Moments | null;
  /** Nothing more comes to this question. */
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
