<!-- Unattended steps with their timers, and the next steps. -->
<script module lang="ts">
  import type { StepNow } from '$core/run';

  /** A step with its run. */
  export interface OfRun {
    readonly run: number;
    readonly name: string;
    readonly step: StepNow;
  }
</script>

<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { SetReading } from '$core/run';
  import { stepInShort } from '$core/time';
  import { shopDates } from '$lib/format/shopDates';
  import { countdown } from './clock';

  interface Props {
    byItself: readonly OfRun[];
    next: readonly OfRun[];
    /** Whether several runs have to be distinguished. */
    isSeveral: boolean;
    nowMs: number;
    /** Milliseconds left of a step in progress. */
    left: (stepNow: StepNow) => number | null;
    /** Called to start a step before its turn. */
    onbegin: (run: number, step: string) => void;
    onend: (run: number, step: string) => void;
    onsoft: (run: number, step: string, reading: SetReading) => void;
  }
  let { byItself, next, isSeveral, nowMs, left, onbegin, onend, onsoft }: Props = $props();

  const dates = $derived(shopDates());
  const MAX_NEXT = 6;
  const isSet = ({ step }: StepNow) => step.id.startsWith('set/');
</script>

<aside>
  {#if byItself.length > 0}
    <section class="panel" aria-label="Unattended">
      <h2>Unattended</h2>
      <ul>
        {#each byItself as { run, name, step: stepNow } (`${run} ${stepNow.step.id}`)}
          {@const rest = left(stepNow) ?? 0}
          <li>
            <span
              >{stepInShort(stepNow.step.text)}{#if isSeveral}<span class="quiet">, {name}</span>{/if}</span
            >
            <b class="figures" class:over={rest < 0} role="timer">{countdown(rest)}</b>
            <span class="acts">
              <Button size="field" kind="tertiary" on:click={() => onend(run, stepNow.step.id)}
                >{isSet(stepNow) ? 'Firm' : 'Done'}<span class="unseen"> {stepNow.step.text}</span></Button
              >
              {#if isSet(stepNow) && rest < 0}
                <Button size="field" kind="ghost" on:click={() => onsoft(run, stepNow.step.id, 'still soft')}
                  >Still soft</Button
                >
                <Button size="field" kind="ghost" on:click={() => onsoft(run, stepNow.step.id, 'still sticky')}
                  >Still sticky</Button
                >
              {/if}
            </span>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  <section class="panel" aria-label="Next">
    <h2>Next</h2>
    <ol>
      {#each next.slice(0, MAX_NEXT) as { run, name, step: stepNow } (`${run} ${stepNow.step.id}`)}
        <li class="next">
          <span class="figures quiet">{stepNow.from <= nowMs ? 'now' : dates.weekTime(stepNow.from)}</span>
          <span
            >{stepInShort(stepNow.step.text)}{#if isSeveral}<span class="quiet">, {name}</span
              >{/if}{#if stepNow.isPutOff}<span class="quiet">, postponed</span>{/if}</span
          >
          {#if stepNow.status === 'ready'}
            <Button size="field" kind="ghost" on:click={() => onbegin(run, stepNow.step.id)}
              >Begin<span class="unseen"> {stepInShort(stepNow.step.text)} out of its order</span></Button
            >
          {/if}
        </li>
      {:else}
        <li class="quiet">Nothing left to do</li>
      {/each}
    </ol>
    {#if next.length > MAX_NEXT}<p class="quiet">and {next.length - MAX_NEXT} more steps</p>{/if}
  </section>
</aside>

<style>
  aside {
    display: grid;
    gap: 0.8rem;
  }

  section {
    padding: 0.8rem 1rem;
  }

  h2 {
    font-size: 1.05rem;
    font-weight: 650;
    margin-bottom: 0.3rem;
  }

  li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.2rem 0.8rem;
    align-items: center;
    padding: 0.4rem 0;
    border-bottom: 1px solid var(--rule);
    font-size: 1.05rem;
  }

  li b {
    font-size: 1.5rem;
  }

  .over {
    color: var(--harm);
  }

  .acts {
    grid-column: 1 / -1;
    display: flex;
    gap: 0.4rem;
  }

  .next {
    grid-template-columns: 5.6rem 1fr auto;
  }
</style>
