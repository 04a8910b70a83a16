<!-- One weigh-out sheet for several slabs: shared mixtures are made once, each ingredient is weighed and bought once. -->
<script lang="ts">
  import { Button, Checkbox } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import { larderOf } from '$core/larder';
  import { allergenStatement, plan } from '$core/usecases';
  import WeighOutSheet from '$lib/ui/WeighOutSheet.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';

  let { data } = $props();

  const larder = $derived(larderOf(data.ingredients));
  const starter = $derived(larderOf(data.starter));
  /** Ticked slabs, also while their sheet is loading. */
  let chosen = $derived(data.chosen.map(({ id }) => id));
  const works = $derived(
    data.chosen.map(({ id, slab }) => ({ key: String(id), slab, plan: plan(slab, larder, data.whole) })),
  );

  /** What is planned, with the names of its slabs. */
  const proposals = $derived(
    (
      [
        ['Planned for today', data.planned.today],
        ['Planned for this week', data.planned.week],
      ] as const
    )
      .map(([label, ids]) => ({ label, slabs: data.names.filter(({ id }) => ids.includes(id)) }))
      .filter(({ slabs }, at, all) => slabs.length > 0 && slabs.length !== all[at - 1]?.slabs.length),
  );

  function choose(id: number, on: boolean) {
    if (on === chosen.includes(id)) return;
    chooseAll(on ? [...chosen, id] : chosen.filter((slab) => slab !== id));
  }
  function chooseAll(ids: readonly number[]) {
    chosen = [...ids];
    void goto(`/weigh-out${chosen.length > 0 ? `?slabs=${chosen.join(',')}` : ''}`, {
      keepFocus: true,
      noScroll: true,
    });
  }
</script>

<svelte:head><title>Weigh out - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head no-print"><h1>Weigh out</h1></div>
  {#if data.names.length === 0}
    <div class="panel">
      <EmptyState title="No slabs yet">
        <p>Once there are slabs, this page lists what several of them need together.</p>
        <Button size="small" kind="tertiary" href="/slabs">Create a slab</Button>
      </EmptyState>
    </div>
  {:else}
    <fieldset class="panel no-print">
      <legend>Slabs to make together, in their saved tins</legend>
      {#if proposals.length > 0}
        <ul class="planned">
          {#each proposals as { label, slabs } (label)}
            <li>
              <Button size="small" kind="tertiary" on:click={() => chooseAll(slabs.map(({ id }) => id))}>{label}</Button
              >
              <span class="quiet">{slabs.map(({ name }) => name).join(', ')}</span>
            </li>
          {/each}
        </ul>
      {/if}
      <div class="names">
        {#each data.names as { id, name } (id)}
          <Checkbox labelText={name} checked={chosen.includes(id)} on:check={(event) => choose(id, event.detail)} />
        {/each}
      </div>
    </fieldset>
  {/if}
  {#if works.length > 0}
    <WeighOutSheet
      {works}
      {larder}
      shop={data.whole}
      tickKey="slabs {works.map(({ key }) => key).join(',')}"
      allergens={new Map(works.map(({ key, slab }) => [key, allergenStatement(slab, larder, starter)]))}
    />
  {/if}
</div>

<style>
  fieldset {
    padding: 0.6rem 0.9rem 0.8rem;
    margin-bottom: 1rem;
  }

  legend {
    float: left;
    width: 100%;
    font-weight: 650;
  }

  .planned {
    clear: both;
    display: grid;
    gap: 0.4rem;
    padding: 0.4rem 0 0.6rem;
  }

  .planned li {
    display: flex;
    flex-wrap: wrap;
    gap: 0.8rem;
    align-items: center;
  }

  .names :global(.bx--checkbox-wrapper) {
    margin-block: 0.2rem;
  }

  .names {
    clear: both;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
    max-height: 30vh;
    position: relative;
    overflow: auto;
  }

  @media print {
    .no-print {
      display: none;
    }

    .page {
      padding: 0;
    }
  }
</style>
