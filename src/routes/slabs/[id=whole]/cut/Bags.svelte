<!-- Weighed shards distributed over bags of a declared weight. -->
<script lang="ts">
  import { Button, InlineLoading } from 'carbon-components-svelte';
  import { onDestroy } from 'svelte';
  import type { Bagged } from '$core/fit';
  import type { CutSpec } from '$core/slab';
  import { shopFigures } from '$lib/format/shopFigures';
  import BagsWorker from '$lib/workers/bags.worker?worker';
  import type { BagsAsked } from '$lib/workers/bags.worker';
  import { slabWork } from '$lib/draft/slabContext';
  import { SHARDS_SPREAD } from '$core/cut';
  import Notice from '$lib/ui/Notice.svelte';
  import Weights from './Weights.svelte';

  let { broken }: { broken: NonNullable<CutSpec['break']> } = $props();
  const bagG = $derived(broken.bagG ?? null);

  const figures = $derived(shopFigures());
  const { draft } = slabWork();
  let shardsG: readonly number[] = $state.raw([]);
  let wrong = $state(false);
  let worker: Worker | null = null;
  let busy = $state(false);
  let failed = $state(false);
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
    failed = false;
    asked = [...shardsG];
    worker = new BagsWorker();
    worker.addEventListener('message', ({ data }: MessageEvent<Bagged>) => {
      found = data;
      stop();
    });
    worker.addEventListener('error', () => {
      failed = true;
      stop();
    });
    const question: BagsAsked = { shardsG: asked, bagG };
    worker.postMessage(question);
  }
</script>

<Weights
  label="Shard weights"
  key="shards {draft.id}"
  aimG={broken.aimG}
  spread={broken.spread ?? SHARDS_SPREAD}
  bind:massesG={shardsG}
  bind:wrong
/>
<p class="row">
  <span class="quiet figures">{shardsG.length} shards, {figures.mass.say(shardsG.reduce((sum, g) => sum + g, 0))}</span>
  {#if busy}<Button size="small" kind="secondary" on:click={stop}>Stop</Button>
  {:else}<Button size="small" disabled={bagG === null || shardsG.length === 0 || wrong} on:click={fill}
      >Fill bags</Button
    >{/if}
</p>
{#if bagG === null}<p class="quiet">Enter the weight of a bag above.</p>{/if}
<div role="status">
  {#if busy}<InlineLoading description="Calculating…" />{/if}
  {#if failed}<Notice harm>The search could not start. Reload the page and try again.</Notice>{/if}
  {#if found && !busy}
    <p class="figures">
      <b>{found.bags.length} full bags</b>, {found.givenAwayG.toFixed(1)} g given away in total, {found.over.length} shards
      left over.
      {found.proven ? 'This is the best possible result.' : `At most ${found.most} bags are possible.`}
    </p>
    <p class="quiet">Shards are numbered in the order you weighed them.</p>
    <ol>
      {#each found.bags as { shards, massG }, i (i)}
        <li class="figures">
          <b>{massG.toFixed(1)} g</b> <span class="quiet">of</span>
          {#each shards as at (at)}<span class="shard"><i>{at + 1}</i> {asked[at]!.toFixed(1)}</span>{/each}
        </li>
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

  .shard {
    display: inline-block;
    margin: 0 0.5rem 0.2rem 0;
    white-space: nowrap;
  }

  i {
    display: inline-block;
    min-width: 1.4rem;
    padding: 0 0.2rem;
    background: var(--sunk);
    font-style: normal;
    font-weight: 650;
    text-align: center;
  }

  li {
    list-style: decimal;
    margin-left: 1.4rem;
  }
</style>
