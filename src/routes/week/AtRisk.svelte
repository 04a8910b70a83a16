<!-- What cannot be done in time, why, and what would help. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { LateInWeek, WeekWayOut } from '$core/usecases';
  import { formatDuration } from '$lib/format/figures';
  import { shopDates } from '$lib/format/shopDates';
  import { lateText, stillLateText, wayOutText } from '$wording/week';

  interface Props {
    late: readonly LateInWeek[];
    waysOut: readonly WeekWayOut[];
    nameOf: (batch: string) => string;
    busy: boolean;
    onapply: (way: WeekWayOut) => void;
  }
  let { late, waysOut, nameOf, busy, onapply }: Props = $props();
  const dates = $derived(shopDates());
  const MAX_LATE = 4;
</script>

<section class="panel" aria-label="At risk">
  <h2>At risk</h2>
  <ul>
    {#each late.slice(0, MAX_LATE) as { batch, minutes, because } (batch)}
      <li>
        <b>{nameOf(batch)}</b>, {minutes === null ? 'not planned' : `${formatDuration(minutes)} late`}.
        <span class="quiet">{lateText(because, dates.weekTime)}.</span>
      </li>
    {/each}
  </ul>
  {#if late.length > MAX_LATE}<p class="quiet">and {late.length - MAX_LATE} more batches</p>{/if}
  {#each waysOut as way (JSON.stringify(way.change))}
    <div class="way">
      <span
        >{wayOutText(way.change, nameOf, dates.weekTime)},
        <span class="quiet">{stillLateText(way.lateMinutes, formatDuration)}</span></span
      >
      <Button size="small" kind="ghost" disabled={busy} on:click={() => onapply(way)}>Apply</Button>
    </div>
  {/each}
</section>

<style>
  section {
    padding: 0.8rem 1rem;
    background: var(--hot-ground);
    border-left: 4px solid var(--hot);
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  .way {
    display: flex;
    justify-content: space-between;
    gap: 0.6rem;
    align-items: center;
    border-top: 1px solid var(--rule);
    padding: 0.3rem 0;
  }
</style>
