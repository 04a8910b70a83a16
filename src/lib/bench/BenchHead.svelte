<!-- Head of the bench: the run, when it ends, and actions that are always available. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import type { RunPlan, RunState } from '$core/run';
  import Allergens from '$lib/ui/Allergens.svelte';
  import { formatDuration } from '$lib/format/figures';
  import { shopDates } from '$lib/format/shopDates';
  import { askToNotify, canAskToNotify } from './notify';

  interface Props {
    plan: RunPlan;
    run: RunState;
    canUndo: boolean;
    onlate: () => void;
    onnote: () => void;
    onundo: () => void;
  }
  let { plan, run, canUndo, onlate, onnote, onundo }: Props = $props();

  const dates = $derived(shopDates());
  /** Maximum delay that counts as on time, min. */
  const ON_TIME_MINUTES = 2;

  /** Whether the device can be asked to show alerts. */
  let canAsk = $state(false);
  onMount(() => (canAsk = canAskToNotify()));
</script>

<header>
  <h1>{plan.name}</h1>
  <p class="figures quiet">
    {plan.lot}, version {plan.version}. {run.status === 'open'
      ? `Done at about ${dates.weekTime(run.endsAt)}`
      : run.status === 'finished'
        ? 'Finished'
        : 'Stopped'}{#if run.status === 'open' && Math.abs(run.lateMinutes) >= ON_TIME_MINUTES}, {formatDuration(
        Math.abs(run.lateMinutes),
      )}
      {run.lateMinutes > 0 ? 'later' : 'earlier'} than planned{/if}
  </p>
  {#if plan.allergens}<Allergens statement={plan.allergens} />{/if}
  <div class="acts">
    {#if canAsk}
      <Button size="field" kind="ghost" on:click={() => void askToNotify().then(() => (canAsk = canAskToNotify()))}
        >Play alerts on this device</Button
      >
    {/if}
    {#if run.status === 'open' && run.now}
      <Button size="field" kind="tertiary" on:click={onlate}>Running late …</Button>
    {/if}
    <Button size="field" kind="tertiary" on:click={onnote}>Add a note</Button>
    <Button size="field" kind="ghost" disabled={!canUndo} on:click={onundo}>Undo last entry</Button>
  </div>
</header>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1.2rem;
    align-items: baseline;
  }

  h1 {
    font-size: 1.4rem;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    margin-left: auto;
  }

  @media (max-width: 759px) {
    h1 {
      font-size: 1.15rem;
    }

    /** One row of buttons, so that the step and its amounts come above the fold. */
    .acts {
      flex-wrap: nowrap;
      gap: 0;
      margin: 0 -0.4rem;
    }

    .acts :global(.bx--btn) {
      min-height: 44px;
      padding: 0 0.5rem;
      white-space: nowrap;
    }
  }
</style>
