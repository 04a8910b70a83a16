<!-- Urgent notices: a step that comes too late with what can still be done, and a device that cannot store entries. -->
<script lang="ts">
  import type { Danger, RunState } from '$core/run';
  import { stepInShort } from '$core/time';
  import { shopDates } from '$lib/format/shopDates';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    run: RunState;
    nowMs: number;
    /** Whether this device stores entries. */
    isStored: boolean;
  }
  let { run, nowMs, isStored }: Props = $props();

  const dates = $derived(shopDates());
  const MINUTE_MS = 60_000;
  const stepOf = (id: string) => run.steps.find(({ step }) => step.id === id);
  const nameOf = (id: string) => stepInShort(stepOf(id)?.step.text ?? id);

  /** What can still be done: wait with the step before it, or start it now, or at its next chance. */
  function remedy({ step, behind }: Danger): string {
    const [late, before] = [stepOf(step), stepOf(behind)];
    if (before && before.begunAt === null) return `Wait with "${nameOf(behind)}", which has not begun.`;
    if (late?.status === 'ready' || !late || late.from - nowMs < MINUTE_MS) return 'Start it now.';
    return `It cannot start before ${dates.clock(late.from)}: let somebody else do it, or leave out what comes before it.`;
  }
</script>

{#each run.dangers as danger (`${danger.step} ${danger.behind}`)}
  <Notice harm>
    "{nameOf(danger.step)}" would start {Math.round(danger.waitsMinutes)} min after "{nameOf(danger.behind)}" but can
    wait only {Math.round(danger.mostMinutes)} min. {remedy(danger)}
  </Notice>
{/each}
{#if !isStored}
  <Notice harm>The storage of this device is full. Leave this page open until all entries are sent.</Notice>
{/if}
