<!-- Price by plan beside the price by the last runs. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import type { ProblemMessage } from '$wording/problems';
  import { priceFromRuns, type SlabLog, type SlabPrice } from '$core/usecases';
  import { ask } from '$lib/api';
  import { formatDuration, percent } from '$lib/format/figures';
  import { slabWork } from '$lib/draft/slabContext';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    price: SlabPrice;
    show: (coins: number) => string;
  }
  let { price, show }: Props = $props();

  const work = slabWork();
  let log = $state.raw<SlabLog | null>(null);
  let problems: readonly ProblemMessage[] = $state.raw([]);
  onMount(async () => {
    const answer = await ask<SlabLog>('GET', `/api/slabs/${work.draft.id}/log`);
    if (answer.ok) log = answer.value;
    else problems = answer.problems;
  });

  const basis = $derived(log?.basis ?? null);
  const went = $derived(basis ? priceFromRuns(work.draft.slab, work.shop, work.plan, work.money.run, basis) : null);
  const each = (of: SlabPrice, coins: number) => (of.pieces > 0 ? show(coins / of.pieces) : '');
  const share = ({ earned }: SlabPrice) => (earned.marginShare === null ? '' : percent(earned.marginShare));
  const rows = $derived(
    went && basis
      ? ([
          ['Ingredients', each(price, price.bill.coins.ingredients), each(went, went.bill.coins.ingredients)],
          ['Labour', each(price, price.bill.coins.labour), each(went, went.bill.coins.labour)],
          ['Rejects', each(price, price.bill.coins.rejects), each(went, went.bill.coins.rejects)],
          ['Cost of one', each(price, price.bill.total), each(went, went.bill.total)],
          ['Sold at', show(price.earned.kinds[0]?.price ?? 0), show(went.earned.kinds[0]?.price ?? 0)],
          ['Margin', share(price), share(went)],
        ] as const)
      : [],
  );
</script>

{#if problems.length > 0}
  <Notice harm {problems} />
{:else if !log}
  <p class="quiet" role="status">Calculating…</p>
{:else if !basis || !went}
  <p class="quiet">No finished run with counted pieces yet. After one, the actual costs appear here.</p>
{:else}
  <p class="quiet">
    Median of the last {basis.runs}
    {basis.runs === 1 ? 'run' : 'runs'}: {formatDuration(basis.busy + basis.watch)} of labour, {percent(
      basis.rejectShare,
    )} rejects.
  </p>
  <Table size="compact" class="table">
    <thead>
      <tr><th>Per piece</th><th class="num">Planned</th><th class="num">Actual</th></tr>
    </thead>
    <tbody>
      {#each rows as [name, plan, run] (name)}
        <tr><th scope="row">{name}</th><td class="num">{plan}</td><td class="num"><b>{run}</b></td></tr>
      {/each}
    </tbody>
  </Table>
{/if}
