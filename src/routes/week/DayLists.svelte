<!-- The week as lists: by day on a phone; on paper a sheet for each person and day. -->
<script lang="ts">
  import type { WeekPlanStep } from '$core/usecases';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import { cautionText, stepText } from '$wording/steps';

  interface Props {
    steps: readonly WeekPlanStep[];
    /** Midnights, with the one after the last day. */
    days: readonly number[];
    nameOf: (batch: string) => string;
    /** A list for each of them; without them one for all. */
    people?: readonly string[] | undefined;
    onchoose?: ((batch: string) => void) | undefined;
  }
  let { steps, days, nameOf, people, onchoose }: Props = $props();
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());

  const dayName = (midnight: number) => dates.shortDay(midnight + 43_200_000);
  const lists = $derived(
    days.slice(0, -1).flatMap((from, d) => {
      const own = steps.filter(({ start }) => start.getTime() >= from && start.getTime() < days[d + 1]!);
      return (people ?? [null]).map((person) => ({
        key: `${from} ${person ?? ''}`,
        title: person === null ? dayName(from) : `${dayName(from)}, ${person}`,
        steps: own.filter(({ hands, attended }) => (person === null ? attended : hands === person)),
      }));
    }),
  );
</script>

{#each lists.filter(({ steps: own }) => own.length > 0) as { key, title, steps: own } (key)}
  <section class="panel">
    <h2>{title}</h2>
    <ol>
      {#each own as step (`${step.batch} ${step.step}`)}
        <li>
          <span class="figures">{dates.clock(step.start)}</span>
          <span>
            {stepText(step.title, figures)}
            {#if onchoose}<button type="button" onclick={() => onchoose(step.batch)}>{nameOf(step.batch)}</button>
            {:else}<span class="quiet">{nameOf(step.batch)}</span>{/if}
            {#if step.caution}<span class="caution">{cautionText(step.caution)}</span>{/if}
          </span>
          <span class="figures quiet">{figures.duration.say((step.end.getTime() - step.start.getTime()) / 60_000)}</span
          >
        </li>
      {/each}
    </ol>
  </section>
{/each}

<style>
  .panel {
    padding: 0.6rem 0.9rem;
    margin-bottom: 0.7rem;
  }

  h2 {
    font-size: 1.05rem;
    font-weight: 650;
  }

  li {
    display: grid;
    grid-template-columns: 3.2rem minmax(0, 1fr) auto;
    gap: 0.6rem;
    padding: 0.35rem 0;
    border-bottom: 1px solid var(--rule);
  }

  button {
    border: 0;
    background: none;
    padding: 0.2rem 0;
    color: var(--primary);
    text-decoration: underline;
    cursor: pointer;
  }

  .caution {
    display: block;
    font-size: 0.85rem;
    color: var(--hot);
  }

  @media print {
    section {
      break-after: page;
    }
  }
</style>
