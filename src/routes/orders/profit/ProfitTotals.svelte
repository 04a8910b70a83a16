<!-- Totals of a report, and what they leave out or estimate. -->
<script lang="ts">
  import { money } from '$lib/format/money';
  import type { ProfitReport } from '$lib/server/profit/report';

  let { report }: { report: ProfitReport } = $props();
  const say = (coins: number | null) => (coins === null ? '-' : money(coins / 10 ** report.digits, report.currency));
  const total = $derived(report.total);
  const figures = $derived([
    ['Revenue before tax', say(total.revenue)],
    ['Production cost', say(total.production)],
    ['Selling cost', say(total.selling)],
    ['Thrown away or missing', say(total.lost)],
    ['Profit', say(total.profit)],
    ['Profit per labour hour', say(total.perHour)],
  ] as const);
  const notes = $derived(
    [
      total.unknownPieces > 0 &&
        `${total.unknownPieces} pieces are not counted in the money: their price or their cost is unknown.`,
      total.unknownGrams > 0 && `${total.unknownGrams} g sold by weight are not counted: their cost is unknown.`,
      total.estimated > 0 &&
        `The cost of ${total.estimated} pieces is an estimate: their run is not known, was not timed or was not counted.`,
      report.unpriced.length > 0 && `Without the cost of ${report.unpriced.join(', ')}: there was no price.`,
    ].filter((note) => note !== false),
  );
</script>

<dl>
  {#each figures as [name, figure] (name)}
    <div class:main={name === 'Profit'}>
      <dt>{name}</dt>
      <dd class="figures">{figure}</dd>
    </div>
  {/each}
</dl>
{#each notes as note (note)}<p class="quiet">{note}</p>{/each}

<style>
  dl {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
    gap: 0.1rem 1rem;
    margin: 0.4rem 0 0.7rem;
    padding: 0.6rem 0.9rem;
    background: var(--panel);
    border: 1px solid var(--rule);
  }

  dt {
    color: var(--quiet);
    font-size: 0.82rem;
  }

  dd {
    margin: 0;
    font-size: 1.15rem;
  }

  .main dd {
    font-weight: 650;
  }
</style>
