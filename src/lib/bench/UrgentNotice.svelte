<!-- Urgent notices: a step that comes too late, and a device that cannot store entries. -->
<script lang="ts">
  import type { RunPlan, RunState } from '$core/run';
  import { stepInShort } from '$core/time';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    plan: RunPlan;
    dangers: RunState['dangers'];
    /** Whether this device stores entries. */
    isStored: boolean;
  }
  let { plan, dangers, isStored }: Props = $props();

  const nameOf = (id: string) => stepInShort(plan.steps.find((step) => step.id === id)?.text ?? id);
</script>

{#each dangers as { step, waitsMinutes, mostMinutes, behind } (`${step} ${behind}`)}
  <Notice harm>
    "{nameOf(step)}" would start {Math.round(waitsMinutes)} min after "{nameOf(behind)}" but can wait only {Math.round(
      mostMinutes,
    )} min. Start it as soon as you can, or delay the step before it.
  </Notice>
{/each}
{#if !isStored}
  <Notice harm>The storage of this device is full. Leave this page open until all entries are sent.</Notice>
{/if}
