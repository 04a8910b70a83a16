/** Lays a slab's steps out in time, away from the screen. */
import { larderOf, type Ingredient } from '../../core/larder';
import type { Shop } from '../../core/shop';
import type { Slab } from '../../core/slab';
import { workFor, dayOf, type Day, type DayAsked } from '../../core/timelineFor';

export interface TimelineAsked {
  readonly id: number;
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  readonly asked: DayAsked;
  readonly now: Date;
}
export interface TimelineFound {
  readonly id: number;
  readonly day: Day;
}

addEventListener('message', ({ data }: MessageEvent<TimelineAsked>) => {
  const { id, slab, ingredients, shop, asked, now } = data;
  const found: TimelineFound = { id, day: dayOf(workFor(slab, larderOf(ingredients), shop), asked, now) };
  postMessage(found);
});
