import { runState, type Happening, type RunEvent, type RunPlan, type RunState } from '$core/run';
import type { ProblemMessage } from '$wording/problems';
import { ask, type Answer } from '$lib/api';
import { DEVICE_CLOCK } from '$lib/devices/deviceClock';
import { EventStore, type Refused } from './eventStore';
import { shopClock } from './shopClock';
import { eventNow, unknownAmong } from './happening';

/** Retry intervals, and the one while a sign-in is needed, ms. */
const AGAIN_MS = 4000;
const SIGN_IN_MS = 15_000;
const MAX_AT_ONCE = 1000;
const TAKE_IN_MS = 20;
const NOTHING_REFUSED: Refused = { events: [], photos: [] };

interface EventsAnswer {
  /** Reasons of refused events, by place: `/3/at`. */
  readonly problems: readonly ProblemMessage[];
  /** Events whose times the server corrected. */
  readonly corrected: readonly { readonly id: string; readonly at: string }[];
  /** How far the server's clock is ahead of this device's, ms. */
  readonly clockOffsetMs: number;
}

/** Statuses worth a retry: no answer, not signed in, too busy, or a server error. */
const mayChange = (status: number) => status === 0 || [401, 408, 425, 429, 499].includes(status) || status >= 500;

/**
 * A run on this device: its events including unsent ones, and its state. An event is stored on the device before it is sent, and
 * is removed only when the server has confirmed it.
 */
export class RunFollower {
  readonly id: number;
  readonly plan: RunPlan;
  events: readonly RunEvent[] = $state.raw([]);
  nowMs = $state(shopClock.now());
  /** Whether all events of the server are here. Until then the state is incomplete. */
  isComplete = $state(true);
  /** Number of events that the server does not have yet. */
  waiting = $state(0);
  /** Whether the server answered the last request. */
  isReached = $state(true);
  /** Whether the device stored the last event. */
  isStored = $state(true);
  /** Whether a sign-in is needed before the server accepts anything. */
  needsSignIn = $state(false);
  /** Refused entries, kept on this device until someone removes them. */
  refused: Refused = $state.raw(NOTHING_REFUSED);
  /** How far the server's clock was ahead of this device's when it last corrected events, ms. */
  clockOffsetMs = $state(0);
  readonly state: RunState = $derived.by(() => runState(this.plan, this.events, this.nowMs));
  readonly #store: EventStore;
  readonly #loaded: readonly RunEvent[];
  #incoming: RunEvent[] = [];
  #takingIn: ReturnType<typeof setTimeout> | undefined;
  #again: ReturnType<typeof setTimeout> | undefined;
  #sending = false;
  #isWanted = false;
  #atOnce = MAX_AT_ONCE;

  constructor(id: number, plan: RunPlan, events: readonly RunEvent[], isComplete = true) {
    this.id = id;
    this.isComplete = isComplete;
    this.plan = plan;
    this.events = events;
    this.#loaded = events;
    this.#store = new EventStore(id);
  }

  /** Loads what was left on the device. */
  async start(): Promise<void> {
    await this.#store.forget(this.#loaded, this.isComplete);
    this.#add(await this.#store.all());
    this.refused = await this.#store.refused();
    await this.send();
  }

  close(): void {
    clearTimeout(this.#again);
    this.#takeIn();
  }

  /** Adds events that happen now. */
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

  /** Adds a photo, which is sent when possible. */
  async photographed(id: string, jpeg: Blob, text: string): Promise<void> {
    this.isStored = await this.#store.putPhoto(id, jpeg);
    this.happened({ kind: 'photo', photo: id, ...(text === '' ? {} : { text }) });
  }

  /**
   * Receives an event from the server. Events that arrive close together are handled together, since each recomputes the state.
   * They are stored, so that the run opens without the server.
   */
  received(event: RunEvent): void {
    this.#incoming.push(event);
    if (this.isComplete) this.#takingIn ??= setTimeout(() => this.#takeIn(), TAKE_IN_MS);
  }

  /** Marks that all events of the server have arrived. */
  caughtUp(): void {
    this.#takeIn();
    this.isComplete = true;
  }

  #takeIn(): void {
    clearTimeout(this.#takingIn);
    this.#takingIn = undefined;
    const fresh = this.#add(this.#incoming);
    this.#incoming = [];
    if (fresh.length > 0) void this.#store.put(fresh, true);
  }

  /** Removes refused entries. */
  async dropRefused(): Promise<void> {
    await this.#store.dropRefused();
    this.refused = NOTHING_REFUSED;
  }

  #add(events: readonly RunEvent[]): RunEvent[] {
    const fresh = unknownAmong(events, this.events);
    if (fresh.length > 0) this.events = [...this.events, ...fresh];
    return fresh;
  }

  /** Sends waiting entries until the server has all of them. */
  async send(): Promise<void> {
    this.#isWanted = true;
    if (this.#sending) return;
    this.#sending = true;
    clearTimeout(this.#again);
    let isUp = true;
    // Entries added meanwhile are sent afterwards.
    while (this.#isWanted && isUp) {
      this.#isWanted = false;
      isUp = (await this.#sendPhotos()) && (await this.#sendEvents());
    }
    this.#sending = false;
    if (!isUp) this.#again = setTimeout(() => void this.send(), this.needsSignIn ? SIGN_IN_MS : AGAIN_MS);
  }

  /** Handles the server's answer. @returns whether the answer is final */
  #heard(answer: Answer<unknown>): boolean {
    this.isReached = answer.ok || answer.status !== 0;
    this.needsSignIn = !answer.ok && answer.status === 401;
    return answer.ok || !mayChange(answer.status);
  }

  async #sendEvents(): Promise<boolean> {
    const all = await this.#store.waiting();
    this.waiting = all.length;
    const events = all.slice(0, this.#atOnce);
    if (events.length === 0) return true;
    const answer = await ask<EventsAnswer>('POST', `/api/runs/${this.id}/events`, events, {
      [DEVICE_CLOCK]: String(Date.now()),
    });
    if (!this.#heard(answer)) return false;
    if (answer.ok) await this.#confirmed(events, answer.value);
    else if (answer.status === 413 && events.length > 1) this.#atOnce = Math.ceil(events.length / 2);
    else await this.#refuse(Object.fromEntries(events.map(({ id }) => [id, answer.problems[0]!.message])));
    this.waiting = (await this.#store.waiting()).length;
    if (this.waiting > 0) this.#isWanted = true;
    return true;
  }

  async #confirmed(events: readonly RunEvent[], { problems, corrected, clockOffsetMs }: EventsAnswer): Promise<void> {
    const why: Readonly<Record<string, string>> = Object.fromEntries(
      problems.map(({ path, message }) => [events[Number(path.split('/')[1])]?.id ?? '', message]),
    );
    await this.#store.sent(events.filter(({ id }) => !Object.hasOwn(why, id)));
    if (problems.length > 0) await this.#refuse(why);
    if (corrected.length === 0) return;
    const at: Readonly<Record<string, string>> = Object.fromEntries(corrected.map((event) => [event.id, event.at]));
    this.events = this.events.map((event) => ({ ...event, at: at[event.id] ?? event.at }));
    await this.#store.replace(this.events.filter(({ id }) => Object.hasOwn(at, id)));
    this.clockOffsetMs = clockOffsetMs;
  }

  async #refuse(why: Readonly<Record<string, string>>): Promise<void> {
    await this.#store.refuse(why);
    this.refused = await this.#store.refused();
  }

  async #sendPhotos(): Promise<boolean> {
    for (const photo of await this.#store.waitingPhotos()) {
      const answer = await ask('PUT', `/api/runs/${this.id}/photos/${photo.id}`, photo.jpeg);
      if (!this.#heard(answer)) return false;
      if (answer.ok) await this.#store.forgetPhoto(photo.id);
      else {
        await this.#store.refusePhoto(photo, answer.problems[0]!.message);
        this.refused = await this.#store.refused();
      }
    }
    return true;
  }
}
