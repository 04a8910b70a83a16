<!-- Running late: how long, for all work or for the next step, with what each choice does before it is chosen. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { previewOf, type Happening } from '$core/run';
  import { stepInShort } from '$core/time';
  import { shopDates } from '$lib/format/shopDates';
  import type { RunFollower } from '$lib/run/runFollower.svelte';
  import { plural } from '$wording/grammar';
  import Choices from './Choices.svelte';
  import Sheet from './Sheet.svelte';

  /** An entry for each run that it is about. */
  type Late = readonly (readonly [RunFollower, Happening])[];

  interface Props {
    followers: readonly RunFollower[];
    /** The run shown, whose next step can be late alone. */
    follower: RunFollower;
    onlate: (late: Late) => void;
    onclose: () => void;
  }
  let { followers, follower, onlate, onclose }: Props = $props();

  const dates = $derived(shopDates());
  const MINUTES = [10, 25, 40, 60] as const;
  const MINUTE_MS = 60_000;
  /** The moment at which the sheet was opened: choices do not move under the hand. */
  const openedMs = untrack(() => follower.nowMs);
  /** The step that is next to begin. */
  const current = untrack(() => {
    const { now, next } = follower.state;
    return now?.begunAt === null ? now : (next[0] ?? null);
  });
  const open = $derived(followers.filter(({ state }) => state.status === 'open'));

  const until = (minutes: number) => new Date(openedMs + minutes * MINUTE_MS).toISOString();
  const everything = (minutes: number): Late =>
    open.map((followed) => [followed, { kind: 'held-up', until: until(minutes) }]);
  const oneStep = (minutes: number): Late =>
    current ? [[follower, { kind: 'step-put-off', step: current.step.id, until: until(minutes) }]] : [];

  /** Says when the last run ends, and how many waits become too long. */
  function effect(late: Late): string {
    const previews = late.map(([{ plan, events }, happening]) => previewOf(plan, events, happening, openedMs));
    const endsAt = Math.max(...previews.map(({ state }) => state.endsAt));
    const dangers = previews.reduce((sum, own) => sum + own.dangers.length, 0);
    const waits = dangers > 0 ? `, ${plural(dangers, 'wait', 'waits')} too long` : '';
    return `done ${dates.clock(endsAt)}${waits}`;
  }
  const choicesOf = (lateBy: (minutes: number) => Late) =>
    MINUTES.map((minutes) => ({ id: String(minutes), text: `${minutes} min: ${effect(lateBy(minutes))}` }));
</script>

<Sheet title="Running late: how long?" {onclose}>
  <h3>All work</h3>
  <Choices
    label="All work is late by"
    choices={choicesOf(everything)}
    onchoose={(minutes) => onlate(everything(Number(minutes)))}
  />
  {#if current}
    <h3>Only "{stepInShort(current.step.text)}"</h3>
    <Choices
      label="Only this step is late by"
      choices={choicesOf(oneStep)}
      onchoose={(minutes) => onlate(oneStep(Number(minutes)))}
    />
  {/if}
  <p class="quiet">What is in the oven, cooling or setting goes on. Undo takes this back.</p>
</Sheet>

<style>
  h3 {
    font-size: 1.05rem;
    font-weight: 650;
  }
</style>
