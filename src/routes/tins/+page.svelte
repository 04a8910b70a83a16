<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { invalidateAll } from '$app/navigation';
  import { areaMm2At, asTin, longestMm, tinInWords, volumeMlTo } from '$core/tin';
  import type { StoredTin } from '$lib/server/tins';
  import TinShape from '$lib/ui/TinShape.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import TinDialog from '$lib/ui/TinDialog.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  let { data } = $props();
  const figures = $derived(shopFigures());
  let editing: { tin: StoredTin | null } | null = $state.raw(null);

  /** One scale for the whole rack, so that the longest tin fills its card. */
  const longest = $derived(Math.max(200, ...data.rack.map(({ tin }) => longestMm(tin))));
  const pxPerMm = $derived(230 / longest);

  async function done() {
    editing = null;
    await invalidateAll();
  }
</script>

<svelte:head><title>Tins - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Tins</h1>
    <Button size="field" on:click={() => (editing = { tin: null })}>Add a tin</Button>
  </div>
  {#if data.rack.length === 0}
    <div class="panel">
      <EmptyState title="The rack is empty">
        <p>Measure the inside of a tin at its base and add it: length, width, depth and corner radius.</p>
        <Button size="small" kind="tertiary" on:click={() => (editing = { tin: null })}>Add a tin</Button>
      </EmptyState>
    </div>
  {/if}
  <ul>
    {#each data.rack as rackTin (rackTin.id)}
      {@const tin = asTin(rackTin.tin)}
      <li class="panel">
        <div class="shape"><TinShape tin={rackTin.tin} {pxPerMm} /></div>
        <h2>
          {rackTin.name}{#if rackTin.count > 1}<span class="quiet">, {rackTin.count} of them</span>{/if}
        </h2>
        <p class="quiet figures">{tinInWords(rackTin.tin, figures)}</p>
        <p class="quiet figures">
          {figures.area(areaMm2At(tin, 0))} base{#if tin.depthMm > 0}, {figures.volume.say(
              volumeMlTo(tin, tin.depthMm),
            )} to the {rackTin.tin.shape === 'sheet' ? 'bars' : 'rim'}{/if}
        </p>
        <Button kind="ghost" size="small" on:click={() => (editing = { tin: rackTin })}
          >Edit<span class="unseen"> {rackTin.name}</span></Button
        >
      </li>
    {/each}
  </ul>
  {#if data.rack.length > 0}<p class="quiet">Top views, all at the same scale.</p>{/if}
</div>

{#if editing}<TinDialog rackTin={editing.tin} ondone={done} onleave={() => (editing = null)} />{/if}

<style>
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
    gap: 1rem;
    margin-bottom: 0.8rem;
  }

  li {
    display: flex;
    flex-direction: column;
    align-items: start;
    padding: 0.9rem 1rem 0.6rem;
  }

  .shape {
    align-self: center;
    flex: 1;
    display: grid;
    place-items: center;
    margin-bottom: 0.7rem;
  }
</style>
