import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { env } from 'node:process';

const SALT = randomBytes(16);
const KEY_BYTES = 32;
const TRIES_A_MINUTE = 10;
/** Maximum attempts from all addresses together: each takes a tenth of a second of processor time. */
const TRIES_A_MINUTE_IN_ALL = 60;
const MINUTE_MS = 60_000;
const MAX_SESSIONS = 1000;
const MAX_ADDRESSES = 10_000;

/** Session cookie. */
export const SESSION = 'knife-tray-session';

const derived = (text: string) =>
  new Promise<Buffer>((resolve, reject) =>
    scrypt(text.normalize('NFKC'), SALT, KEY_BYTES, (error, key) => (error ? reject(error) : resolve(key))),
  );

/** Access control for an application that is open to the network. */
export class Door {
  readonly #key: Promise<Buffer>;
  readonly #sessions = new Set<string>();
  readonly #tries = new Map<string, { count: number; since: number }>();
  #all = { count: 0, since: 0 };

  constructor(passphrase: string) {
    this.#key = derived(passphrase);
  }

  /** Tells whether a session is valid. */
  knows(session: string | undefined): boolean {
    return session !== undefined && this.#sessions.has(session);
  }

  /**
   * Checks a passphrase.
   *
   * @param address from where; ten tries a minute are checked, and sixty from all addresses together
   * @param nowMs the time
   * @returns a new session; or why there is none
   */
  async enter(passphrase: string, address: string, nowMs: number): Promise<{ session: string } | 'wrong' | 'too-many'> {
    const current = (tries: { count: number; since: number } | undefined) =>
      tries && nowMs - tries.since < MINUTE_MS ? tries : { count: 0, since: nowMs };
    const tries = current(this.#tries.get(address));
    this.#all = current(this.#all);
    if (tries.count >= TRIES_A_MINUTE || this.#all.count >= TRIES_A_MINUTE_IN_ALL) return 'too-many';
    tries.count += 1;
    this.#all.count += 1;
    if (this.#tries.size > MAX_ADDRESSES) this.#tries.clear();
    this.#tries.set(address, tries);
    const [given, key] = await Promise.all([derived(passphrase), this.#key]);
    if (!timingSafeEqual(given, key)) return 'wrong';
    const session = randomBytes(24).toString('base64url');
    if (this.#sessions.size >= MAX_SESSIONS) this.#sessions.delete(this.#sessions.values().next().value!);
    this.#sessions.add(session);
    return { session };
  }
}

/** Access control of this server, if it is open to the network. */
export const door: Door | null = env.KNIFE_TRAY_PASSPHRASE ? new Door(env.KNIFE_TRAY_PASSPHRASE) : null;
