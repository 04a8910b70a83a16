<!-- Symptoms and their likely causes, each with the recorded facts, and what to do now and next time. -->
<script lang="ts">
  import { Button, InlineLoading, RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
  import type { Layer } from '$core/slab';
  import { SEEN, type Diagnosis, type Seen } from '$core/diagnose';
  import type { ProblemMessage } from '$wording/problems';
  import { ask } from '$lib/api';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    slab: number;
    run: number;
    layers: readonly Pick<Layer, 'id' | 'name'>[];
  }
  let { slab, run, layers }: Props = $props();

  /** A cause from the server, with its texts and its findings as text. */
  type CauseFound = Omit<Diagnosis, 'because' | 'against'> &
    Record<'name' | 'now' | 'next', string> & { because: string[]; against: string[] };

  const MAX_SHOWN = 4;
  /** Empty for the whole slab. */
  let layer = $state('');
  let seen: readonly Seen[] = $state.raw([]);
  let causes: readonly CauseFound[] = $state.raw([]);
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let busy = $state(false);

  function toggle(what: Seen) {
    seen = seen.includes(what) ? seen.filter((other) => other !== what) : [...seen, what];
    void look();
  }

  async function look() {
    const [asked, of] = [seen, layer];
    if (asked.length === 0) {
      causes = [];
      return;
    }
    busy = true;
    const question = { slab, run, seen: asked, ...(of === '' ? {} : { layer: of }) };
    const answer = await ask<{ causes: CauseFound[] }>('POST', '/api/diagnose', question);
    if (asked !== seen || of !== layer) return;
    busy = false;
    problems = answer.ok ? [] : answer.problems;
    if (answer.ok) causes = answer.value.causes;
  }
</script>

{#if layers.length > 1}
  <RadioButtonGroup legendText="Where" bind:selected={layer} on:change={() => void look()}>
    <RadioButton value="" labelText="whole slab" />
    {#each layers as { id, name } (id)}<RadioButton value={id} labelText={name} />{/each}
  </RadioButtonGroup>
{/if}
<p class="quiet">Choose what you see. The records of this run are taken into account.</p>
<div class="seen" role="group" aria-label="Symptoms">
  {#each SEEN as what (what)}
    <Button
      size="field"
      kind={seen.includes(what) ? 'primary' : 'tertiary'}
      aria-pressed={seen.includes(what)}
      on:click={() => toggle(what)}>{what}</Button
    >
  {/each}
</div>
{#if problems.length > 0}<Notice harm {problems} />{/if}
{#if busy && causes.length === 0}<InlineLoading description="Calculating…" />{/if}
{#if causes.length > 0}
  <ol aria-label="Causes">
    {#each causes.slice(0, MAX_SHOWN) as { cause, name, now, next, likely, weight, because, against } (cause)}
      <li>
        <p class="head">
          <b>{name}</b><span class="bar" aria-hidden="true"><i style:width="{Math.round(weight * 100)}%"></i></span>
          <span class="quiet">{likely}</span>
        </p>
        {#each because as fact (fact)}<p class="for">Supports this: {fact}.</p>{/each}
        {#each against as fact (fact)}<p class="quiet small">Contradicts this: {fact}.</p>{/each}
        <p class="small"><b>This slab:</b> {now}</p>
        <p class="small"><b>Next time:</b> {next}</p>
      </li>
    {/each}
  </ol>
  <p class="quiet small">
    Estimated from experience and from this run's records, not measured on your slab. Where food safety is in doubt,
    throw it away.
  </p>
{/if}

<style>
  .seen {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    margin: 0.5rem 0;
  }

  ol {
    display: grid;
    gap: 0.8rem;
    counter-reset: cause;
  }

  li {
    border-left: 4px solid var(--rule-strong);
    padding-left: 0.7rem;
    display: grid;
    gap: 0.2rem;
  }

  .head {
    display: flex;
    gap: 0.7rem;
    align-items: center;
    font-size: 1.05rem;
  }

  .bar {
    flex: 0 0 5rem;
    height: 8px;
    background: var(--sunk);
  }

  .bar i {
    display: block;
    height: 100%;
    background: var(--primary);
  }

  .for {
    color: var(--hot);
    font-size: 0.92rem;
  }

  .small {
    font-size: 0.92rem;
  }
</style>
