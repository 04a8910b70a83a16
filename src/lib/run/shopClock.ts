/** What a clock is read from. Moments in ms since 1970; ticks in ms from any beginning, never going back. */
interface Sources {
  readonly wall: () => number;
  readonly ticks: () => number;
}

/** A clock that differs from its ticks by more than this was set, or the device slept, ms. */
const LEAP_MS = 2000;

/**
 * The time of the shop's server on this device, so that timers on all devices agree and a device whose clock is wrong, or is set while
 * something boils, shows the right time all the same.
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

  /**
   * The server says that it is this moment. By the time it comes it is a little later: a word that is behind what was known by less than a
   * leap was on its way for so long, and does not set the clock back.
   */
  sync(serverMs: number): void {
    this.#last = this.#look();
    const offsetMs = serverMs - this.#last.wall;
    const known = this.#offsetMs;
    if (!this.#isSynced || offsetMs > known || offsetMs < known - LEAP_MS) this.#offsetMs = offsetMs;
    this.#isSynced = true;
  }

  /** Whether the server has said the time: until then the device's own clock is believed. */
  get isSynced(): boolean {
    return this.#isSynced;
  }

  /** The moment that it is, ms since 1970. */
  now(): number {
    const look = this.#look();
    const ahead = look.wall - this.#last.wall - (look.ticks - this.#last.ticks);
    if (ahead < -LEAP_MS) this.#offsetMs -= ahead;
    this.#last = look;
    return look.wall + this.#offsetMs;
  }
}

/** The one clock of this page. */
export const shopClock = new ShopClock();
