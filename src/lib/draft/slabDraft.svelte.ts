import type { Slab } from '$core/slab';
import {
  draftKey,
  forgetDraft,
  leftDrafts,
  storeDraft,
  storedDraft,
  type LeftDraft,
  type StoredDraft,
} from './draftStore';

import { isSameSlab } from './slabJson';

const MAX_UNDO = 40;
/** How the names of texts begin that are not part of the slab yet: a line that is still being written. */
export const HALF_WRITTEN = 'new ';

/** What stands in the shop: a slab as last kept. */
interface Kept {
  readonly id: number;
  readonly version: number;
  readonly slab: Slab;
}

/** The time of day as it is stored. */
const nowText = () => new Date().toISOString();

/**
 * A slab under work in this window: every change can be undone and is stored on the device at once, until it is kept.
 */
export class SlabDraft {
  readonly id: number;
  kept: Slab = $state.raw()!;
  /** The version that the changes began from. */
  baseVersion = $state(0);
  slab: Slab = $state.raw()!;
  past: readonly Slab[] = $state.raw([]);
  /** Texts in fields that could not be read, by field name. */
  typed: Record<string, string> = $state({});
  /** Changes from windows that were closed before they were kept. */
  left: readonly LeftDraft[] = $state.raw([]);
  readonly changed = $derived(!isSameSlab(this.slab, this.kept));
  /** Runs whose lessons were put into this draft: the version that is kept of it remembers them. */
  learnt: readonly number[] = $state.raw([]);
  /** Whether the device has taken the changes: else only this window has them. */
  stored = $state(true);
  #key: string | null = null;
  #lastField = '';

  constructor({ id, version, slab }: Kept) {
    this.id = id;
    this.kept = slab;
    this.slab = slab;
    this.baseVersion = version;
  }

  /** Takes up what this window had before it was left or reloaded, and looks for what closed windows left. */
  async restore(): Promise<void> {
    const key = await draftKey(this.id);
    const stored = storedDraft(key);
    this.#key = key;
    if (stored && !this.changed) this.#take(stored);
    else this.store();
    this.left = (await leftDrafts(this.id)).filter(({ draft }) => !isSameSlab(draft.slab, this.kept));
  }

  #take(stored: StoredDraft): void {
    this.slab = stored.slab;
    this.past = stored.past;
    this.typed = { ...stored.typed };
    this.baseVersion = stored.seen;
    this.learnt = stored.learnt ?? [];
    this.store();
  }

  /** Lessons of some runs go into the draft. */
  learn(runs: readonly number[]): void {
    this.learnt = [...this.learnt, ...runs.filter((run) => !this.learnt.includes(run))];
  }

  /**
   * Makes a change. Changes to the same field one after the other are undone together.
   *
   * @param field a name of what is changed, or nothing for a change that stands alone
   */
  change(next: Slab, field = ''): void {
    if (isSameSlab(next, this.slab)) return;
    if (field === '' || field !== this.#lastField) this.past = [...this.past.slice(1 - MAX_UNDO), this.slab];
    this.#lastField = field;
    this.slab = next;
    this.store();
  }

  /** How many changes have been made since the slab was last kept; those too long ago to be undone are not counted. */
  get changesSinceKept(): number {
    const since = this.past.length - this.past.lastIndexOf(this.kept);
    return Math.min(since, this.past.length) || 1;
  }

  /** Lets go of unread texts whose names begin so, when the lines they stood in move or go. */
  forgetTyped(prefix: string): void {
    for (const name of Object.keys(this.typed)) if (name.startsWith(prefix)) delete this.typed[name];
  }

  /** Names of the fields whose texts could not be read. */
  readonly unread = $derived(Object.keys(this.typed).filter((name) => !name.startsWith(HALF_WRITTEN)));

  undo(): void {
    const before = this.past.at(-1);
    if (!before) return;
    this.past = this.past.slice(0, -1);
    this.#lastField = '';
    for (const name of this.unread) delete this.typed[name];
    this.slab = before;
    this.store();
  }

  /** A slab that was sent is in the shop now, as a version; what was changed while it was on its way is not. */
  wasKept(sent: Slab, version: number): void {
    this.kept = sent;
    this.baseVersion = version;
    this.learnt = [];
    this.#lastField = '';
    this.store();
  }

  /** Takes the shop's slab instead of this one; undo brings this one back. */
  takeShops(slab: Slab, version: number): void {
    this.change(slab);
    this.kept = slab;
    this.baseVersion = version;
    this.store();
  }

  /** Takes up changes that a closed window left. */
  takeUp({ key, draft }: LeftDraft): void {
    this.past = [...this.past, this.slab];
    this.slab = draft.slab;
    this.baseVersion = draft.seen;
    this.store();
    this.drop(key);
  }

  drop(key: string): void {
    forgetDraft(key);
    this.left = this.left.filter((draft) => draft.key !== key);
  }

  /** Writes the changes to the device, or clears them when there are none. */
  store(): void {
    if (this.#key === null) return;
    if (!this.changed && Object.keys(this.typed).length === 0) {
      forgetDraft(this.#key);
      this.stored = true;
      return;
    }
    const { slab, baseVersion: seen, past, learnt } = this;
    this.stored = storeDraft(this.#key, { slab, seen, past, typed: { ...this.typed }, learnt, at: nowText() });
  }
}
