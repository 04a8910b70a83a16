<!-- Batches for a free afternoon: what would sell, by profit per labour hour. -->
<script lang="ts">
  import { ENOUGH_DAYS } from '$core/profit';
  import { money } from '$lib/format/money';
  import type { ProfitReport } from '$lib/server/profit/report';
  import type { SpareTime } from '$lib/server/profit/spareTime';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    spare: SpareTime;
    report: Pick<ProfitReport, 'digits' | 'currency'>;
    hours: number;
    onhours: (hours: number) => void;
  }
  let { spare, report, hours, onhours }: Props = $props();
  const say = (coins: number) => money(coins / 10 ** report.digits, report.currency);
  const typed: Record<string, string> = $state({});
</script>

<section class="panel" aria-label="What to make in spare time">
  <h2>What to make in spare time</h2>
  <div class="hours">
    <NumberField
      label="Spare labour, h"
      value={hours}
      limits={{ min: 0.25, max: 24 }}
      name="hours"
      {typed}
      onvalue={(value) => value !== null && value !== hours && onhours(value)}
    />
  </div>
  {#if spare.days < ENOUGH_DAYS}
    <p class="quiet">
      There are sales of {spare.days} days in this time. A proposal needs those of at least {ENOUGH_DAYS}.
    </p>
  {:else if spare.batches.length === 0}
    <p>
      Nothing that was sold in this time would bring a profit in {hours} h: it takes longer, or enough is in stock or planned.
    </p>
  {:else}
    <ol>
      {#each spare.batches as { slab, name, pieces, wouldSell, profitCoins, perHourCoins, labourMinutes } (slab)}
        <li>
          <a href="/slabs/{slab}">{name}</a>
          <span class="figures"><b>{say(perHourCoins)}</b> per labour hour</span>
          <span class="quiet"
            >{say(profitCoins)} profit in {Math.round(labourMinutes)} min of labour; about {Math.round(wouldSell)} of {pieces}
            would sell while they keep</span
          >
        </li>
      {/each}
    </ol>
    <p class="quiet">
      An estimate from the sales of {spare.days} days, at today's cost and less what is in stock or planned.
    </p>
  {/if}
</section>

<style>
  section {
    padding: 0.6rem 0.9rem 0.7rem;
  }

  .hours {
    max-width: 10rem;
  }

  h2 {
    font-size: 1rem;
    margin: 0 0 0.4rem;
  }

  ol {
    margin: 0.6rem 0;
    padding: 0;
  }

  li {
    margin-bottom: 0.5rem;
  }

  li span {
    display: block;
  }
</style>
