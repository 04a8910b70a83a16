<!-- The chosen batch: its steps, what it is for, and everything that can be done with it. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { PotChoice, PotForSeveral, WeekPlanStep } from '$core/usecases';
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
    /** Pots that it shares with other batches, and those that it could share. */
    pots: readonly PotForSeveral[];
    choices: readonly PotChoice[];
    /** Name and start of another batch. */
    batchNamed: (id: string) => string;
    busy: boolean;
    ondays: (days: number) => void;
    onunpin: () => void;
    onsplit: () => void;
    onmerge: (other: StoredBatch) => void;
    onshare: (choice: PotChoice) => void;
    onapart: (pot: PotForSeveral) => void;
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
  const own = $derived(String(p.batch.id));
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
  {#each p.pots as pot (pot.parts[0]!.batch + pot.parts[0]!.preparation)}
    <div class="pot">
      <p><b>{pot.name} is cooked once</b>, {figures.mass.say(pot.massG)} in one pot:</p>
      <ul>
        {#each pot.parts as part (part.batch)}
          <li>
            <span>{part.batch === own ? 'This batch' : p.batchNamed(part.batch)}</span>
            <b class="figures">{figures.mass.say(part.massG)}</b>
          </li>
        {/each}
      </ul>
      {#if p.batch.run === null}<Button size="small" kind="ghost" disabled={p.busy} on:click={() => p.onapart(pot)}
          >Cook it separately</Button
        >{/if}
    </div>
  {/each}
  {#if p.batch.run !== null}
    <Button size="small" href="/runs/{p.batch.run}">Go to its run</Button>
  {:else}
    <div class="acts">
      <Button size="small" disabled={p.busy} on:click={p.onstart}
        >{p.pots.length > 0 ? 'Start runs together' : 'Start run'}</Button
      >
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
      {#each p.choices as choice (`${choice.batch} ${choice.from} ${choice.preparation}`)}
        <Button size="small" kind="ghost" disabled={p.busy} on:click={() => p.onshare(choice)}
          >Cook {choice.name} together with {p.batchNamed(choice.batch === own ? choice.from : choice.batch)}</Button
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

  .pot {
    padding: 0.4rem 0;
  }

  .pot li {
    justify-content: space-between;
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

  ol .figures {
    flex: 0 0 5.2rem;
  }
</style>
