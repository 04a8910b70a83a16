<!-- Whether an order that is being entered can be made in time, and what it would displace. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import type { OrderLine } from '$core/orders';
  import { ask } from '$lib/api';
  import { formatDuration } from '$lib/format/figures';
  import { shopDates } from '$lib/format/shopDates';
  import type { InTime } from '$lib/server/inTime';

  interface Props {
    lines: readonly OrderLine[];
    due: Date | null;
    /** Number of the order that is being changed; `null` for a new one. */
    order: number | null;
  }
  let { lines, due, order }: Props = $props();

  const dates = $derived(shopDates());
  /** Delay that lets typing continue. */
  const WAIT_MS = 900;
  let answer: InTime | null = $state.raw(null);
  let isAsking = $state(false);
  let timer: ReturnType<typeof setTimeout> | undefined;
  /** The order that was last entered, as it is sent; empty without lines or a due time ahead. */
  let wanted = '';

  // One question at a time: what was entered meanwhile is asked when its answer is here.
  async function askNewest() {
    if (isAsking || wanted === '') return;
    isAsking = true;
    const mine = wanted;
    const found = await ask<InTime>('POST', `/api/week/check${order === null ? '' : `?order=${order}`}`, mine);
    isAsking = false;
    if (mine === wanted) answer = found.ok ? found.value : null;
    else await askNewest();
  }
  $effect(() => {
    const isComplete = lines.length > 0 && due !== null && due.getTime() > Date.now();
    const next = isComplete ? JSON.stringify({ name: 'check', due: due!.toISOString(), lines }) : '';
    // Prices that arrive meanwhile change nothing.
    if (next === wanted) return;
    clearTimeout(timer);
    answer = null;
    wanted = next;
    if (isComplete) timer = setTimeout(() => void askNewest(), WAIT_MS);
  });
  onDestroy(() => {
    clearTimeout(timer);
    wanted = '';
  });
</script>

<p role="status" class="figures">
  {#if isAsking && answer === null}<span class="quiet">Checking whether it can be made in time…</span>
  {:else if answer?.isPlanned}Planned batches already give these pieces.
  {:else if answer && answer.readyAt === null}<b class="harm">It fits into no working hours before then.</b>
  {:else if answer && answer.lateMinutes > 0}
    <b class="harm">Cannot be made in time: ready {dates.moment(Date.parse(answer.readyAt!))}</b>, {formatDuration(
      answer.lateMinutes,
    )} late.
  {:else if answer}<b class="good">Can be made in time</b>, ready {dates.moment(Date.parse(answer.readyAt!))}.{/if}
  {#if answer && answer.displaced.length > 0}
    Later because of it: {answer.displaced.map(({ name, minutes }) => `${name} ${formatDuration(minutes)}`).join(', ')}.
  {/if}
</p>

<style>
  p {
    min-height: 1.5em;
  }

  .good {
    color: var(--good);
  }

  .harm {
    color: var(--harm);
  }
</style>
