import { writeSlab } from '$core/slab';
import type { ProblemMessage } from '$wording/problems';
import { ask } from '$lib/api';
import type { KeptSlab } from '$lib/server/slabs';
import type { SlabDraft } from './slabDraft.svelte';

/** Saves a draft and holds the result: saved, refused, or saved by someone else meanwhile. */
export class SlabKeeping {
  busy = $state(false);
  said = $state('');
  problems: readonly ProblemMessage[] = $state.raw([]);
  /** The version that someone else saved since this draft began. */
  elsewhere: KeptSlab | null = $state.raw(null);
  readonly #draft: SlabDraft;

  constructor(draft: SlabDraft) {
    this.#draft = draft;
  }

  /** @param baseVersion version to replace: the one the draft began from, or one that was seen since */
  async keep(baseVersion = this.#draft.baseVersion): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    this.problems = [];
    const sent = this.#draft.slab;
    const answer = await ask<{ version: number }>('PUT', `/api/slabs/${this.#draft.id}`, {
      seen: baseVersion,
      slab: sent,
      learnt: this.#draft.learnt,
    });
    this.busy = false;
    if (answer.ok) {
      this.#draft.wasKept(sent, answer.value.version);
      this.elsewhere = null;
      this.said = `Saved as version ${answer.value.version}`;
    } else if (answer.status === 409) {
      this.elsewhere = (answer.value as { latest: KeptSlab }).latest;
    } else {
      this.problems = answer.problems;
    }
  }

  /** Overwrites what someone else saved; their version stays in the history. */
  async keepOver(): Promise<void> {
    await this.keep(this.elsewhere?.version);
  }

  /** Continues with what someone else saved; undo brings this one back. */
  takeTheirs(): void {
    if (this.elsewhere) this.#draft.takeShops(this.elsewhere.slab, this.elsewhere.version);
    this.elsewhere = null;
  }

  /** Saves this as a separate slab. Returns its number, or `null` if refused. */
  async keepAsNew(): Promise<number | null> {
    const mine = { ...this.#draft.slab, name: `${this.#draft.slab.name} (mine)`.slice(0, 200) };
    const answer = await ask<{ id: number }>('POST', '/api/slabs', writeSlab(mine));
    if (!answer.ok) {
      this.problems = answer.problems;
      return null;
    }
    this.takeTheirs();
    this.#draft.past = [];
    return answer.value.id;
  }
}
