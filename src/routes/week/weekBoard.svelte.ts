import type { Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import type { FixedStep, WeekAsk, WeekPlan, WeekPlanStep, WeekWayOut } from '$core/usecases';
import { ask } from '$lib/api';
import { NewestAnswer } from '$lib/workers/newestAnswer';
import type { WeekAnswer, WeekQuestionAsked } from '$lib/workers/week.worker';
import WeekWorker from '$lib/workers/week.worker?worker';
import type { ProblemMessage } from '$wording/problems';

/** What a plan is made from, as the page loads it. */
export interface WeekData {
  readonly asked: WeekAsk;
  readonly ingredients: readonly Ingredient[];
  readonly shopOfWeek: Shop;
  readonly revision: number;
}

const PREVIEW_SECONDS = 0.1;
/** Long enough to work out the steps of all slabs, which later previews use. */
const WARM_SECONDS = 0.01;
const MEND_SECONDS = 0.4;
const MAX_RETRIES = 3;
export const SEARCH_SECONDS = 4;

interface Preview {
  readonly step: WeekPlanStep;
  readonly at: Date;
  readonly plan: WeekPlan | null;
  /** Whether the plan is that of this moment. */
  readonly isCurrent: boolean;
  /** Whether the step fits at this moment. If not, the plan is the one without the move. */
  readonly fits: boolean;
}

/** Tells whether a plan has a batch at all. */
const isPlanned = ({ late }: WeekPlan, batch: string) =>
  !late.some((own) => own.batch === batch && own.minutes === null);

const startsOf = (steps: readonly WeekPlanStep[]): FixedStep[] =>
  steps.map(({ batch, step, start }) => ({ batch, step, start }));

/** Plans the week in a worker, previews moves, and saves where everything goes. */
export class WeekBoard {
  plan: WeekPlan | null = $state.raw(null);
  waysOut: readonly WeekWayOut[] = $state.raw([]);
  /** Share of the search that has passed; `null` while nothing is searched. */
  progress: number | null = $state(null);
  problems: readonly ProblemMessage[] = $state.raw([]);
  hasFailed = $state(false);
  /** The plan with a step where it is dragged to: the last one that is calculated, which may be of a moment before. */
  preview: Preview | null = $state.raw(null);
  readonly #data: () => WeekData;
  readonly #saved: () => Promise<void>;
  #interim: WeekPlan | null = null;
  #retries = 0;
  readonly #worker = new NewestAnswer<WeekQuestionAsked, WeekAnswer>(
    () => new WeekWorker(),
    () => ((this.hasFailed = true), (this.progress = null)),
  );
  readonly #previews = new NewestAnswer<WeekQuestionAsked, WeekAnswer>(
    () => new WeekWorker(),
    () => (this.preview = null),
    true,
  );

  /** @param saved called when a plan was saved, to reload the page's data */
  constructor(data: () => WeekData, saved: () => Promise<void>) {
    this.#data = data;
    this.#saved = saved;
  }

  #question(change: Partial<WeekAsk>, seconds: number, withWaysOut: boolean): WeekQuestionAsked {
    const { asked, ingredients, shopOfWeek } = this.#data();
    return { asked: { ...asked, ...change }, ingredients, shop: shopOfWeek, seconds, withWaysOut };
  }

  /** Searches for the best plan: everything may move. */
  search(): void {
    this.#plan({ before: undefined }, SEARCH_SECONDS);
  }

  /** Plans what is new or does not fit any more, and moves as little else as possible. Without a plan, everything is searched. */
  mend(): void {
    if (this.#data().asked.before?.length) this.#plan({}, MEND_SECONDS);
    else this.search();
  }

  #plan(change: Partial<WeekAsk>, seconds: number): void {
    this.progress = 0;
    this.hasFailed = false;
    this.waysOut = [];
    this.#worker.ask(this.#question(change, seconds, true), ({ plan, waysOut, progress, isLast }) => {
      this.plan = plan;
      this.#interim = plan;
      this.waysOut = waysOut;
      this.progress = isLast ? null : progress;
      if (isLast) {
        void this.#save(plan);
        this.#warm();
      }
      return isLast ? 'done' : 'more';
    });
  }

  /** Works out the steps of all slabs, so that the first step that is moved finds them. One that is being moved comes first. */
  #warm(): void {
    if (this.preview) return;
    this.#previews.ask(this.#question({}, WARM_SECONDS, false), ({ isLast }) => (isLast ? 'done' : 'more'));
  }

  /** Ends the search, and keeps the best plan so far. */
  stop(): void {
    this.#worker.close();
    this.progress = null;
    if (this.#interim) void this.#save(this.#interim);
  }

  async #save({ steps }: WeekPlan): Promise<void> {
    this.#interim = null;
    const starts = startsOf(steps).map(({ batch, step, start }) => ({ batch: Number(batch), step, start }));
    const answer = await ask<{ revision: number }>('PUT', '/api/week/plan', {
      revision: this.#data().revision,
      starts,
    });
    // A delay at the bench, or somebody else, changed the week meanwhile: it is planned again from what it is now.
    const isStale = !answer.ok && answer.status === 409;
    this.problems = answer.ok || isStale ? [] : answer.problems;
    await this.#saved();
    if (isStale && this.#retries++ < MAX_RETRIES) this.mend();
    else this.#retries = 0;
  }

  /** Shows what a step at another moment would do; with `null` nothing is shown any more. */
  show(step: WeekPlanStep, at: Date | null): void {
    if (at === null || !this.plan) {
      this.preview = null;
      return;
    }
    const shown = this.preview?.step === step ? this.preview.plan : null;
    this.preview = { step, at, plan: shown, isCurrent: false, fits: true };
    const { keep = [] } = this.#data().asked;
    const others = keep.filter((own) => own.batch !== step.batch || own.step !== step.step);
    const change = {
      keep: [...others, { batch: step.batch, step: step.step, start: at }],
      before: startsOf(this.plan.steps),
    };
    this.#previews.ask(this.#question(change, PREVIEW_SECONDS, false), ({ plan, isLast }) => {
      if (this.preview?.step === step && this.preview.at.getTime() === at.getTime())
        this.preview = isPlanned(plan, step.batch)
          ? { step, at, plan, isCurrent: true, fits: true }
          : { step, at, plan: this.plan, isCurrent: true, fits: false };
      return isLast ? 'done' : 'more';
    });
  }

  close(): void {
    this.#worker.close();
    this.#previews.close();
  }
}
