<!-- What the week plans for today: orders at risk, batches to start, and one list of steps for each person. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import { ask } from '$lib/api';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import type { WeekToday } from '$lib/server/weekToday';
  import Notice from '$lib/ui/Notice.svelte';
  import { placeOfStarted, type StartedBatch } from '$lib/run/startedBatch';
  import type { ProblemMessage } from '$wording/problems';
  import { stepText } from '$wording/steps';

  let { today }: { today: WeekToday } = $props();
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  let busy = $state(false);
  let problems: readonly ProblemMessage[] = $state.raw([]);

  const people = $derived([...new Set(today.steps.flatMap(({ hands }) => hands ?? []))]);

  async function start(id: number) {
    busy = true;
    const answer = await ask<StartedBatch>('POST', `/api/week/batches/${id}/run`);
    busy = false;
    if (answer.ok) await goto(placeOfStarted(answer.value));
    else problems = answer.problems;
  }
</script>

{#if problems.length > 0}<Notice harm {problems} />{/if}
{#if today.atRisk.length > 0}
  <Notice>
    <p>
      At risk: {#each today.atRisk as { name, due }, i (`${name} ${due}`)}{i > 0 ? ', ' : ''}<b>{name}</b>, {dates.weekTime(
          Date.parse(due),
        )}{/each}. <a href="/week">See what helps</a>
    </p>
  </Notice>
{/if}
{#if today.batches.length > 0}
  <div class="planned">
    <section class="panel" aria-labelledby="to-start">
      <h2 id="to-start">To start today</h2>
      <ul>
        {#each today.batches as { id, name, start: at, tins, pieces } (id)}
          <li>
            <span class="figures quiet">{dates.clock(Date.parse(at))}</span>
            <span>{name} <span class="quiet">{tins} {tins === 1 ? 'tin' : 'tins'}, {pieces} pieces</span></span>
            <Button size="small" kind="tertiary" disabled={busy} on:click={() => void start(id)}
              >Start run<span class="unseen"> of {name}</span></Button
            >
          </li>
        {/each}
      </ul>
    </section>
    {#each people as person (person)}
      <section class="panel" aria-label="Planned work of {person}">
        <h2>{people.length === 1 ? 'Planned work' : person}</h2>
        <ol>
          {#each today.steps.filter(({ hands }) => hands === person) as step (`${step.batch} ${step.step}`)}
            <li>
              <span class="figures quiet">{dates.clock(Date.parse(step.start))}</span>
              <span>{stepText(step.title, figures)} <span class="quiet">{step.name}</span></span>
            </li>
          {/each}
        </ol>
      </section>
    {/each}
  </div>
{/if}

<style>
  .planned {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(20rem, 1fr));
    gap: 0.8rem;
    margin-top: 0.8rem;
    align-items: start;
  }

  .panel {
    padding: 0.8rem 1rem;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  ol {
    max-height: 24rem;
    overflow-y: auto;
  }

  li {
    display: flex;
    gap: 0.8rem;
    align-items: center;
    padding: 0.35rem 0;
    border-bottom: 1px solid var(--rule);
  }

  li > .figures {
    flex: 0 0 3rem;
  }

  li > :global(.bx--btn) {
    margin-left: auto;
  }
</style>
