<!-- The chosen batch: its steps, what it is for, and everything that can be done with it. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { WeekPlanStep } from '$core/usecases';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import type { StoredBatch } from '$lib/server/week';
  import { stepText } from '$wording/steps';

  interface Props {
    batch: StoredBatch;
    name: string;
    steps: readonly WeekPlanStep[];
    /** Names of the orders that it is for. */
    orders: readonly string[];
    /** Batches of the same slab that it can be made together with. */
    others: readonly StoredBatch[];
    busy: boolean;
    ondays: (days: number) => void;
    onunpin: () => void;
    onsplit: () => void;
    onmerge: (other: StoredBatch) => void;
    onremove: () => void;
    onstart: () => void;
  }
  let p: Props = $props();
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  const pieces = $derived(p.batch.pieces.reduce((sum, { count }) => sum + count, 0));
  const tins = $derived(p.batch.tins.map(({ name, count }) => `${count} x ${name || 'its own tin'}`).join(', '));
  const tinCount = $derived(p.batch.tins.reduce((sum, { count }) => sum + count, 0));
  const start = $derived(p.steps[0]?.start);
  const cut = $derived(p.steps.find(({ title }) => title.code === 'cut')?.start);
  const end = $derived(p.steps.length > 0 ? Math.max(...p.steps.map((step) => step.end.getTime())) : null);
  const isPinned = $derived((p.batch.pinned ?? []).length > 0);
</script>

<section class="panel" aria-label="Batch: {p.name}">
  <h2>{p.name}</h2>
  <p class="quiet">{tins}, {pieces} pieces</p>
  <dl>
    <div>
      <dt>Start</dt>
      <dd>{start ? dates.moment(start) : 'not planned'}</dd>
    </div>
    {#if cut}<div>
        <dt>Ready to cut</dt>
        <dd>{dates.moment(cut)}</dd>
      </div>{/if}
    {#if end}<div>
        <dt>Packed</dt>
        <dd>{dates.moment(end)}</dd>
      </div>{/if}
    <div>
      <dt>Due</dt>
      <dd>{dates.moment(Date.parse(p.batch.due))}</dd>
    </div>
    {#if p.orders.length > 0}<div>
        <dt>For</dt>
        <dd>{p.orders.join(', ')}</dd>
      </div>{/if}
  </dl>
  {#if p.batch.run !== null}
    <Button size="small" href="/runs/{p.batch.run}">Go to its run</Button>
  {:else}
    <div class="acts">
      <Button size="small" disabled={p.busy} on:click={p.onstart}>Start run</Button>
      <Button size="small" kind="ghost" disabled={p.busy} on:click={() => p.ondays(-1)}>A day earlier</Button>
      <Button size="small" kind="ghost" disabled={p.busy} on:click={() => p.ondays(1)}>A day later</Button>
      {#if isPinned}<Button size="small" kind="ghost" disabled={p.busy} on:click={p.onunpin}>Unpin</Button>{/if}
      {#if tinCount > 1}<Button size="small" kind="ghost" disabled={p.busy} on:click={p.onsplit}>Split in two</Button
        >{/if}
      {#each p.others as other (other.id)}
        <Button size="small" kind="ghost" disabled={p.busy} on:click={() => p.onmerge(other)}
          >Merge with the batch due {dates.moment(Date.parse(other.due))}</Button
        >
      {/each}
      <Button size="small" kind="danger-ghost" disabled={p.busy} on:click={p.onremove}>Remove</Button>
    </div>
  {/if}
  {#if p.steps.length > 0}
    <details>
      <summary>{p.steps.length} steps</summary>
      <ol>
        {#each p.steps as step (step.step)}
          <li>
            <span class="figures quiet">{dates.weekTime(step.start)}</span>
            <span
              >{stepText(step.title, figures)}{#if step.hands}<span class="quiet">, {step.hands}</span>{/if}</span
            >
          </li>
        {/each}
      </ol>
    </details>
  {/if}
</section>

<style>
  .panel {
    padding: 0.8rem 1rem;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  dl {
    margin: 0.4rem 0;
  }

  dl div {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    padding: 0.2rem 0;
    border-bottom: 1px solid var(--rule);
  }

  dd {
    font-weight: 650;
    text-align: right;
    font-variant-numeric: tabular-nums;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem;
  }

  summary {
    cursor: pointer;
    padding: 0.4rem 0;
  }

  li {
    display: flex;
    gap: 0.6rem;
    padding: 0.2rem 0;
    border-bottom: 1px solid var(--rule);
  }

  li > .figures {
    flex: 0 0 5.2rem;
  }
</style>
