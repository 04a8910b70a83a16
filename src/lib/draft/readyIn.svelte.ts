import type { RunMinutes } from '$core/cost';
import type { Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import { meansOf } from '$core/time';
import type { Slab } from '$core/slab';
import { NewestAnswer } from '$lib/workers/newestAnswer';
import type { TimelineAnswer, TimelineQuestion } from '$lib/workers/timeline.worker';
import TimelineWorker from '$lib/workers/timeline.worker?worker';

/** Delay that lets typing continue. */
const WAIT_MS = 600;

/** Duration of a slab from the first step to the last, and its labour, updated with its changes. */
export class ReadyIn {
  /** `null` until known, and if it cannot be calculated. */
  minutes: number | null = $state(null);
  handsMinutes = $state(0);
  /** Labour and powered minutes; `null` until known. */
  run: RunMinutes | null = $state.raw(null);
  /** The slab of these results; `null` while calculating. */
  of: Slab | null = $state.raw(null);
  /** The slab last asked about, and whether the worker failed. */
  asked: Slab | null = null;
  hasFailed = $state(false);
  readonly #worker = new NewestAnswer<TimelineQuestion, TimelineAnswer>(
    () => new TimelineWorker(),
    () => (this.hasFailed = true),
  );
  #timer: ReturnType<typeof setTimeout> | undefined;

  /** Starts a calculation for the current slab; the newest one counts. */
  ask(slab: Slab, ingredients: readonly Ingredient[], shop: Shop, now: Date): void {
    clearTimeout(this.#timer);
    this.of = null;
    this.asked = slab;
    this.hasFailed = false;
    this.#timer = setTimeout(() => {
      // Ignores working hours: the duration of the work, not of opening hours.
      const asked = { start: now, ...meansOf(shop), blocked: [], hours: [], zone: 'UTC' };
      this.#worker.ask(
        { slab, ingredients, shop, pace: 'usual', asked, now, quickAndSlow: false },
        ({ day, run, isLast }) => {
          this.run = run;
          this.of = slab;
          const [first] = day.steps;
          const end = day.earliestEnd;
          this.minutes = day.feasible && first && end ? (end.getTime() - first.start.getTime()) / 60_000 : null;
          this.handsMinutes = day.steps.reduce(
            (sum, { activity: { hands: need, minutes } }) => (need === 'busy' ? sum + minutes : sum),
            0,
          );
          return isLast ? 'done' : 'more';
        },
      );
    }, WAIT_MS);
  }

  close(): void {
    clearTimeout(this.#timer);
    this.#worker.close();
  }
}
