import { runState, type RunEvent, type RunPlan, type RunState } from '../core/run';
import type { Problem } from '../core/validation';
import { ask } from './api';
import { eventNow, unknownAmong, WaitingEvents, type Happening } from './waitingEvents';

const TICK_MS = 1000;
/** How soon what did not go up is sent again. */
const AGAIN_MS = 4000;
const MOST_AT_ONCE = 1000;

/**
 * A run on this device: its events, those that wait to go up among them, and the state that they make of its plan. An event is on the
 * device before anything else is done with it, and leaves when the server has it; those of other devices come in as they happen.
 */
export class RunFollower {
  readonly id: number;
  readonly plan: RunPlan;
  events: readonly RunEvent[] = $state.raw([]);
  nowMs = $state(Date.now());
  /** How many events the server does not have yet. */
  waiting = $state(0);
  /** Whether the server answered when it was last asked. */
  isReached = $state(true);
  /** Whether the device took the last event. */
  isStored = $state(true);
  problems: readonly Problem[] = $state.raw([]);
  readonly state: RunState = $derived.by(() => runState(this.plan, this.events, this.nowMs));
  readonly #waiting: WaitingEvents;
  #last: number;
  #stream: EventSource | null = null;
  #tick: ReturnType<typeof setInterval> | undefined;
  #again: ReturnType<typeof setTimeout> | undefined;
  #sending = false;

  /** @param last the sequence of the last of the events that the server has */
  constructor(id: number, plan: RunPlan, events: readonly RunEvent[], last: number) {
    this.id = id;
    this.plan = plan;
    this.events = events;
    this.#last = last;
    this.#waiting = new WaitingEvents(id);
  }

  /** Takes up what was left on the device, and follows the run from now on. */
  start(): void {
    this.#add(this.#waiting.all());
    this.#tick = setInterval(() => (this.nowMs = Date.now()), TICK_MS);
    this.#listen();
    void this.#send();
  }

  close(): void {
    clearInterval(this.#tick);
    clearTimeout(this.#again);
    this.#stream?.close();
  }

  /** Something has happened, now. */
  happened(happening: Happening): void {
    const event = eventNow(happening);
    this.isStored = this.#waiting.put(event);
    this.nowMs = Date.now();
    this.#add([event]);
    void this.#send();
  }

  #add(events: readonly RunEvent[]): void {
    const fresh = unknownAmong(events, this.events);
    if (fresh.length > 0) this.events = [...this.events, ...fresh];
    this.waiting = this.#waiting.all().length;
  }

  async #send(): Promise<void> {
    const events = this.#waiting.all().slice(0, MOST_AT_ONCE);
    if (this.#sending || events.length === 0) return;
    this.#sending = true;
    clearTimeout(this.#again);
    const answer = await ask<{ problems: Problem[] }>('POST', `/api/runs/${this.id}/events`, events);
    this.#sending = false;
    this.isReached = answer.ok || answer.status !== 0;
    if (!answer.ok) {
      this.#again = setTimeout(() => void this.#send(), AGAIN_MS);
      return;
    }
    // What the server refused it would refuse again: it is said.
    this.problems = answer.value.problems;
    this.#waiting.remove(events);
    this.#add([]);
    if (this.#stream?.readyState === EventSource.CLOSED) this.#listen();
    void this.#send();
  }

  #listen(): void {
    this.#stream?.close();
    const stream = new EventSource(`/api/runs/${this.id}/stream?after=${this.#last}`);
    this.#stream = stream;
    stream.onmessage = ({ data, lastEventId }: MessageEvent<string>) => {
      this.#last = Number(lastEventId);
      this.#add([JSON.parse(data) as RunEvent]);
    };
    stream.onopen = () => {
      this.isReached = true;
      void this.#send();
    };
    // The browser tries again by itself; after a refusal it does not, and the next event that goes up does.
    stream.onerror = () => (this.isReached = false);
  }
}
