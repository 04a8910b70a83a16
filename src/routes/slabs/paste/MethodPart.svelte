<!-- Method of a pasted recipe: its tin, cut and shelf life, and every step beside its sentence. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { MethodRead, StepRead } from '$core/method';
  import type { Preparation } from '$core/slab';
  import { tinInWords } from '$core/tin';
  import { shopFigures } from '$lib/format/shopFigures';
  import { PLACE_WORDS } from './methodWords';
  import StepRow from './StepRow.svelte';

  interface Props {
    method: MethodRead;
    /** As read, before corrections. */
    read: readonly StepRead[];
    preparations: readonly Preparation[];
    onlyOpen: boolean;
    corrected: Record<string, StepRead>;
    /** Of tin, cut and shelf life, what is left out. */
    without: Record<string, boolean>;
  }
  let { method, read, preparations, onlyOpen, corrected = $bindable(), without = $bindable() }: Props = $props();

  const figures = $derived(shopFigures());
  const keyOf = (step: StepRead, at: number) => `${at} ${step.text}`;

  function cutWords({ pieces, columns, rows, lengthMm, widthMm, way, shape }: NonNullable<MethodRead['cut']>): string {
    if (way === 'break') return 'broken by hand';
    const what = { rectangle: 'pieces', triangle: 'triangles', diamond: 'diamonds' }[shape];
    if (columns !== null && rows !== null) return `cut ${columns} x ${rows}`;
    if (widthMm !== null)
      return `cut ${figures.length.say(lengthMm ?? widthMm)}${lengthMm === null ? ' wide' : ` x ${figures.length.say(widthMm)}`}`;
    return pieces === null ? `cut into ${what}` : `cut into ${pieces} ${what}`;
  }
  const found = $derived([
    ...(method.tin ? [{ key: 'tin', text: tinInWords(method.tin, figures) }] : []),
    ...(method.cut ? [{ key: 'cut', text: cutWords(method.cut) }] : []),
    ...(method.keep ? [{ key: 'keep', text: `keeps ${method.keep.days} days ${PLACE_WORDS[method.keep.place]}` }] : []),
  ]);
</script>

<section aria-label="Method">
  <h2>Method</h2>
  {#if found.length > 0}
    <div class="found">
      {#each found as { key, text } (key)}
        <span class:gone={without[key]}>{text}</span>
        <Button size="small" kind="ghost" on:click={() => (without[key] = !without[key])}
          >{without[key] ? 'Use' : 'Skip'}<span class="unseen">: {text}</span></Button
        >
      {/each}
    </div>
  {/if}
  <p class="heads" aria-hidden="true">
    <span>Step</span><span>Mixture</span><span>From, min</span><span>To, min</span><span>Temperature, place</span><span
      >Ingredients added</span
    >
  </p>
  <ol>
    {#each method.steps as step, at (keyOf(read[at]!, at))}
      {@const key = keyOf(read[at]!, at)}
      {#if !onlyOpen || step.status === 'check' || read[at]!.status === 'check'}
        <StepRow
          {step}
          {at}
          {preparations}
          isCorrected={key in corrected}
          onchange={(next) => (corrected[key] = next)}
          onback={() => delete corrected[key]}
        />
      {/if}
    {/each}
  </ol>
</section>

<style>
  h2 {
    margin: 0.8rem 0 0.3rem;
    font-size: 1.1rem;
  }

  .found {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    align-items: center;
    margin-bottom: 0.4rem;
  }

  .heads {
    display: grid;
    grid-template-columns: 6.6rem minmax(0, 8.2rem) 4.6rem 4.6rem 5.6rem minmax(0, 1fr);
    gap: 0.3rem;
    padding: 0 0.8rem;
    font-size: 0.8rem;
    color: var(--quiet);
  }

  @media (max-width: 700px) {
    .heads {
      display: none;
    }
  }

  .found span:not(.unseen) {
    font-weight: 650;
  }

  .found .gone {
    color: var(--quiet);
    text-decoration: line-through;
  }
</style>
