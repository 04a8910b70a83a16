/** Sources of time. Moments in ms since 1970; ticks in ms from any start, never going back. */
interface Sources {
  readonly wall: () => number;
  readonly ticks: () => number;
}

/** A larger difference between clock and ticks means the clock was set or the device slept, ms. */
const LEAP_MS = 2000;

/**
 * The time of the shop's server on this device, so that timers agree on all devices, also if a device's clock is wrong or is
 * changed.
 *
 * Between two looks the device's clock and its ticks go on alike. Where the clock falls behind, it was set back: that is made up for. Where
 * it runs ahead, it was set on or the device slept while its ticks stood still; which of them only the server can tell, and until it does
 * the clock is believed.
 */
export class ShopClock {
  readonly #sources: Sources;
  #offsetMs = 0;
  #isSynced = false;
  #last: { readonly wall: number; readonly ticks: number };

  constructor(sources: Sources = { wall: () => Date.now(), ticks: () => performance.now() }) {
    this.#sources = sources;
    this.#last = this.#look();
  }

  #look() {
    return { wall: this.#sources.wall(), ticks: this.#sources.ticks() };
  }

  /** Sets the server's time. It arrives slightly late: a time that is only slightly behind does not set the clock back. */
  sync(serverMs: number): void {
    this.#last = this.#look();
    const offsetMs = serverMs - this.#last.wall;
    const known = this.#offsetMs;
    if (!this.#isSynced || offsetMs > known || offsetMs < known - LEAP_MS) this.#offsetMs = offsetMs;
    this.#isSynced = true;
  }

  /** Whether the server's time is known; until then the device's clock counts. */
  get isSynced(): boolean {
    return this.#isSynced;
  }

  /** Current time, ms since 1970. */
  now(): number {
    const look = this.#look();
    const ahead = look.wall - this.#last.wall - (look.ticks - this.#last.ticks);
    if (ahead < -LEAP_MS) this.#offsetMs -= ahead;
    this.#last = look;
    return look.wall + this.#offsetMs;
  }
}

/** The clock of this page. */
export const shopClock = new ShopClock();
