<!-- The steps of a schedule in order, as a table. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import { cautionText, stepText } from '$wording/steps';
  import type { Hands } from '$core/slab';
  import type { Day } from '$core/usecases';
  import { formatDuration } from '$lib/format/figures';
  import { shopFigures } from '$lib/format/shopFigures';

  let { day, timeOfDay }: { day: Day; timeOfDay: (moment: Date | number) => string } = $props();

  const figures = $derived(shopFigures());
  const LABOUR: Readonly<Record<Hands, string>> = { busy: 'hands-on', watch: 'watch', free: 'unattended' };
</script>

<div class="steps">
  <Table size="compact" class="table">
    <caption class="unseen">Steps in order</caption>
    <thead>
      <tr
        ><th class="num">No.</th><th>From</th><th class="beside">To</th><th>Step</th><th class="beside">Labour</th><th
          class="num beside">{day.slack === 'later' ? 'Slack, later' : 'Slack, earlier'}</th
        ></tr
      >
    </thead>
    <tbody>
      {#each day.steps as { activity, start: from, end, slackMinutes, deciding }, at (activity.id)}
        {@const hands = LABOUR[activity.hands]}
        <tr class:deciding>
          <td class="num quiet">{at + 1}</td>
          <td class="figures">{timeOfDay(from)}</td>
          <td class="figures beside">{timeOfDay(end)}</td>
          <td
            >{stepText(activity.title, figures)}<span class="beneath quiet"
              >to {timeOfDay(end)}, {hands}{deciding ? ', on the critical path' : ''}</span
            >{#if activity.caution}<span class="hot">{cautionText(activity.caution)}</span>{/if}</td
          >
          <td class="hands beside">{hands}</td>
          <td class="num beside">{deciding ? 'critical' : formatDuration(slackMinutes)}</td>
        </tr>
      {/each}
    </tbody>
  </Table>
</div>

<style>
  .steps :global(.table) {
    margin-top: 0.7rem;
  }

  /* On a narrow screen the table scrolls in its own frame. */
  .steps td:nth-child(4) {
    min-width: 12rem;
  }

  .steps .figures,
  .hands {
    white-space: nowrap;
  }

  .deciding td:first-child {
    box-shadow: inset 3px 0 0 var(--ink);
  }

  .hot {
    display: block;
    color: var(--hot);
    font-size: 0.88rem;
  }

  @media print {
    tr {
      break-inside: avoid;
    }

    .steps td {
      font-size: 10pt;
      line-height: 1.25;
      padding-block: 0.2rem;
    }

    .hot {
      font-size: 8.5pt;
    }
  }
</style>
