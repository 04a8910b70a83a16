<!-- Shards as they were weighed, put in bags that each reach what they declare. -->
<script lang="ts">
  import { Button, InlineLoading, TextArea } from 'carbon-components-svelte';
  import { onDestroy } from 'svelte';
  import type { Bagged } from '../../../../core/cut';
  import { shopFigures } from '$lib/shopFigures';
  import BagsWorker from '$lib/workers/bags.worker?worker';
  import type { BagsAsked } from '$lib/workers/bags.worker';
  import { weightsIn } from './weights';

  let { bagG }: { bagG: number | null } = $props();

  const figures = $derived(shopFigures());
  let text = $state('');
  const read = $derived(weightsIn(text));
  const { shardsG, wrong } = $derived({ shardsG: read.massesG, wrong: read.wrong });
  let worker: Worker | null = null;
  let busy = $state(false);
  let found: Bagged | null = $state.raw(null);
  let asked: readonly number[] = $state.raw([]);

  const stop = () => {
    worker?.terminate();
    worker = null;
    busy = false;
  };
  onDestroy(stop);

  function fill() {
    if (bagG === null || shardsG.length === 0) return;
    stop();
    busy = true;
    asked = [...shardsG];
    worker = new BagsWorker();
    worker.addEventListener('message', ({ data }: MessageEvent<Bagged>) => {
      found = data;
      stop();
    });
    const question: BagsAsked = { shardsG: asked, bagG };
    worker.postMessage(question);
  }
</script>

<TextArea
  labelText="What the shards weigh, in g, one after the other"
  rows={2}
  bind:value={text}
  invalid={wrong.length > 0}
  invalidText="Not a weight: {wrong.slice(0, 3).join(', ')}"
/>
<p class="row">
  <span class="quiet figures">{shardsG.length} shards, {figures.mass.say(shardsG.reduce((sum, g) => sum + g, 0))}</span>
  {#if busy}<Button size="small" kind="secondary" on:click={stop}>Stop</Button>
  {:else}<Button size="small" disabled={bagG === null || shardsG.length === 0 || wrong.length > 0} on:click={fill}
      >Fill bags</Button
    >{/if}
</p>
{#if bagG === null}<p class="quiet">Say above what a bag holds.</p>{/if}
<div role="status">
  {#if busy}<InlineLoading description="Trying the ways to fill them" />{/if}
  {#if found && !busy}
    <p class="figures">
      <b>{found.bags.length} full bags</b>, {found.givenAwayG.toFixed(1)} g given away in all, {found.over.length} shards
      left over.
      {found.proven ? 'Nobody fills more, or gives away less.' : `No more than ${found.most} could be filled.`}
    </p>
    <ol>
      {#each found.bags as { shards, massG }, i (i)}
        <li class="figures"><b>{massG.toFixed(1)} g</b> {shards.map((at) => asked[at]).join(' + ')}</li>
      {/each}
    </ol>
  {/if}
</div>

<style>
  .row {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin: 0.5rem 0;
  }

  ol {
    margin-top: 0.4rem;
    font-size: 0.9rem;
  }

  li {
    list-style: decimal;
    margin-left: 1.4rem;
  }
</style>
