<!-- Planned and actual figures of a run, with its layer thicknesses. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import type { RunPlan, RunRecord } from '$core/run';
  import type { RunOutcome } from '$core/usecases';
  import { formatDuration, percent } from '$lib/format/figures';
  import { money } from '$lib/format/money';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    plan: RunPlan;
    record: RunRecord;
    outcome: RunOutcome;
  }
  let { plan, record, outcome: found }: Props = $props();
  const { cost, effects } = $derived(found);

  const figures = $derived(shopFigures());
  const { outcome } = $derived(record);
  const plannedMinutes = $derived(plan.steps.reduce((latest, { planned }) => Math.max(latest, planned.to), 0));
  const unknown = 'not recorded';
  /** Name, planned, actual. */
  const rows = $derived([
    [
      'Total time',
      formatDuration(plannedMinutes),
      record.endedAt === null ? 'in progress' : formatDuration(record.minutes),
    ],
    [
      'Good pieces',
      String(plan.pieces),
      outcome.pieces === null ? unknown : `${outcome.pieces} (${percent(outcome.yieldShare ?? 0)})`,
    ],
    ['Rejects', '0', outcome.pieces === null ? unknown : String(outcome.rejects)],
    ['One piece', figures.mass.say(plan.pieceG), outcome.pieceG === null ? unknown : figures.mass.say(outcome.pieceG)],
    ['Weight variation', '', outcome.pieceVariation === null ? unknown : percent(outcome.pieceVariation)],
    ['Trims', figures.mass.say(plan.trimG), outcome.trimG === null ? unknown : figures.mass.say(outcome.trimG)],
    ['Ingredients', money(cost.planned, cost.currency), money(cost.made, cost.currency)],
    [
      'Ingredients per piece',
      plan.pieces > 0 ? money(cost.planned / plan.pieces, cost.currency) : '',
      outcome.pieces ? money(cost.made / outcome.pieces, cost.currency) : unknown,
    ],
  ] as const);
</script>

<Table size="compact" class="table">
  <thead
    ><tr><th><span class="unseen">What</span></th><th class="num">Planned</th><th class="num">Actual</th></tr></thead
  >
  <tbody>
    {#each rows as [name, planned, went] (name)}
      <tr><th scope="row">{name}</th><td class="num quiet">{planned}</td><td class="num"><b>{went}</b></td></tr>
    {/each}
  </tbody>
</Table>
{#each effects as { layer, name, plannedMm, madeMm } (layer)}
  <p class="effect">{name} is {figures.length.say(madeMm)} instead of {figures.length.say(plannedMm)}.</p>
{/each}
{#each record.thickness as [layer, mm] (layer)}
  {@const laid = plan.layers.find(({ id }) => id === layer)}
  {#if laid}
    {@const madeMm = effects.find((effect) => effect.layer === layer)?.madeMm ?? laid.thicknessMm}
    <p class="quiet small">
      {laid.name} measured: {figures.length.say(mm)}, calculated {figures.length.say(madeMm)}.
    </p>
  {/if}
{/each}

<style>
  .effect {
    color: var(--hot);
  }

  .small {
    font-size: 0.9rem;
  }
</style>
