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
/** Prefix of texts that are not part of the slab yet: lines being typed. */
export const HALF_WRITTEN = 'new ';

/** The slab as last saved. */
interface Kept {
  readonly id: number;
  readonly version: number;
  readonly slab: Slab;
}

/** The time of day as it is stored. */
const nowText = () => new Date().toISOString();

/** A slab being edited in this window: every change can be undone and is stored on the device at once until it is saved. */
export class SlabDraft {
  readonly id: number;
  kept: Slab = $state.raw()!;
  /** Version that the changes are based on. */
  baseVersion = $state(0);
  slab: Slab = $state.raw()!;
  past: readonly Slab[] = $state.raw([]);
  /** Invalid texts in fields, by field name. */
  typed: Record<string, string> = $state({});
  /** Unsaved changes from closed windows. */
  left: readonly LeftDraft[] = $state.raw([]);
  readonly changed = $derived(!isSameSlab(this.slab, this.kept));
  /** Runs whose changes were applied to this draft; the saved version records them. */
  learnt: readonly number[] = $state.raw([]);
  /** Whether the device stores the changes; if not, only this window has them. */
  stored = $state(true);
  #key: string | null = null;
  #lastField = '';

  constructor({ id, version, slab }: Kept) {
    this.id = id;
    this.kept = slab;
    this.slab = slab;
    this.baseVersion = version;
  }

  /** Restores this window's changes after a reload, and finds those of closed windows. */
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

  /** Records runs whose changes were applied. */
  learn(runs: readonly number[]): void {
    this.learnt = [...this.learnt, ...runs.filter((run) => !this.learnt.includes(run))];
  }

  /**
   * Makes a change. Consecutive changes to the same field are undone together.
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

  /** Number of changes since the slab was last saved, as far as they can be undone. */
  get changesSinceKept(): number {
    const since = this.past.length - this.past.lastIndexOf(this.kept);
    return Math.min(since, this.past.length) || 1;
  }

  /** Drops invalid texts by prefix, when their lines move or are removed. */
  forgetTyped(prefix: string): void {
    for (const name of Object.keys(this.typed)) if (name.startsWith(prefix)) delete this.typed[name];
  }

  /** Names of the fields with invalid text. */
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

  /** Marks a sent slab as saved in a version; changes made meanwhile stay unsaved. */
  wasKept(sent: Slab, version: number): void {
    this.kept = sent;
    this.baseVersion = version;
    this.learnt = [];
    this.#lastField = '';
    this.store();
  }

  /** Replaces this slab by the saved one; undo brings this one back. */
  takeShops(slab: Slab, version: number): void {
    this.change(slab);
    this.kept = slab;
    this.baseVersion = version;
    this.store();
  }

  /** Restores the changes of a closed window. */
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

  /** Stores the changes on the device, or clears them if there are none. */
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
