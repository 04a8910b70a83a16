<!-- Planned and actual figures of a run, with its layer thicknesses. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import type { RunPlan, RunRecord } from '$core/run';
  import { asTin, tinInWords } from '$core/tin';
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
  const plannedLeftG = $derived(Math.max(0, plan.pots.reduce((sum, { massOutG }) => sum + massOutG, 0) - plan.slabG));
  const tins = $derived(record.tins?.map(({ tin, count }) => `${count} x ${tinInWords(asTin(tin), figures)}`) ?? []);
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
    ...plan.pots.flatMap(({ preparation, name, massOutG }) => {
      const outG = record.cameOut.get(preparation);
      return outG === undefined
        ? []
        : [[`${name}, out of the pot`, figures.mass.say(massOutG), figures.mass.say(outG)]];
    }),
    [
      'Left over',
      figures.mass.say(plannedLeftG),
      outcome.leftoverG === null ? unknown : figures.mass.say(outcome.leftoverG),
    ],
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
{#if tins.length > 0}<p class="effect">Made in {tins.join(', ')} instead of the planned tin.</p>{/if}
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
