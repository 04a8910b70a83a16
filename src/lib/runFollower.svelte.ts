import { runState, type Happening, type RunEvent, type RunPlan, type RunState } from '../core/run';
import type { Problem } from '../core/validation';
import { ask } from './api';
import { EventStore } from './eventStore';
import { shopClock } from './shopClock';
import { eventNow, unknownAmong } from './happening';

/** How soon what did not go up is sent again. */
const AGAIN_MS = 4000;
const MOST_AT_ONCE = 1000;

/**
 * A run on this device: its events, those that wait to go up among them, and the state that they make of its plan. An event is on the
 * device before it is sent, and counts as waiting until the server has it.
 */
export class RunFollower {
  readonly id: number;
  readonly plan: RunPlan;
  events: readonly RunEvent[] = $state.raw([]);
  nowMs = $state(shopClock.now());
  /** How many events the server does not have yet. */
  waiting = $state(0);
  /** Whether the server answered when it was last asked. */
  isReached = $state(true);
  /** Whether the device took the last event. */
  isStored = $state(true);
  problems: readonly Problem[] = $state.raw([]);
  readonly state: RunState = $derived.by(() => runState(this.plan, this.events, this.nowMs));
  readonly #store: EventStore;
  readonly #loaded: readonly RunEvent[];
  #again: ReturnType<typeof setTimeout> | undefined;
  #sending = false;
  #isWanted = false;

  constructor(id: number, plan: RunPlan, events: readonly RunEvent[]) {
    this.id = id;
    this.plan = plan;
    this.events = events;
    this.#loaded = events;
    this.#store = new EventStore(id);
  }

  /** Takes up what was left on the device. */
  async start(): Promise<void> {
    await this.#store.forget(this.#loaded);
    this.#add(await this.#store.all());
    await this.send();
  }

  close(): void {
    clearTimeout(this.#again);
  }

  /** Something has happened, now. */
  happened(...happenings: readonly Happening[]): void {
    const events = happenings.map(eventNow);
    this.nowMs = shopClock.now();
    this.waiting += events.length;
    this.#add(events);
    void this.#store.put(events, false).then((isStored) => {
      this.isStored = isStored;
      return this.send();
    });
  }

  /** A photo was taken: it goes up when it can. */
  async photographed(id: string, jpeg: Blob, text: string): Promise<void> {
    this.isStored = await this.#store.putPhoto(id, jpeg);
    this.happened({ kind: 'photo', photo: id, ...(text === '' ? {} : { text }) });
  }

  /** Something came from the server. It is kept here too, so that this device opens as it was without the server. */
  received(event: RunEvent): void {
    const fresh = this.#add([event]);
    if (fresh.length > 0) void this.#store.put(fresh, true);
  }

  #add(events: readonly RunEvent[]): RunEvent[] {
    const fresh = unknownAmong(events, this.events);
    if (fresh.length > 0) this.events = [...this.events, ...fresh];
    return fresh;
  }

  /** Sends what waits, and goes on until all of it is up. */
  async send(): Promise<void> {
    this.#isWanted = true;
    if (this.#sending) return;
    this.#sending = true;
    clearTimeout(this.#again);
    let isUp = true;
    // Whatever came while something was on its way goes up behind it.
    while (this.#isWanted && isUp) {
      this.#isWanted = false;
      isUp = (await this.#sendPhotos()) && (await this.#sendEvents());
    }
    this.#sending = false;
    if (!isUp) this.#again = setTimeout(() => void this.send(), AGAIN_MS);
  }

  async #sendEvents(): Promise<boolean> {
    const events = (await this.#store.waiting()).slice(0, MOST_AT_ONCE);
    this.waiting = events.length;
    if (events.length === 0) return true;
    const answer = await ask<{ problems: Problem[] }>('POST', `/api/runs/${this.id}/events`, events);
    this.isReached = answer.ok || answer.status !== 0;
    if (!answer.ok) return false;
    // What the server refused it would refuse again: it is said.
    if (answer.value.problems.length > 0) this.problems = answer.value.problems;
    await this.#store.sent(events);
    this.waiting = (await this.#store.waiting()).length;
    if (this.waiting > 0) this.#isWanted = true;
    return true;
  }

  async #sendPhotos(): Promise<boolean> {
    for (const { id, jpeg } of await this.#store.photos()) {
      const answer = await ask('PUT', `/api/runs/${this.id}/photos/${id}`, jpeg);
      this.isReached = answer.ok || answer.status !== 0;
      if (!answer.ok && answer.status === 0) return false;
      if (!answer.ok) this.problems = answer.problems;
      await this.#store.forgetPhoto(id);
    }
    return true;
  }
}
