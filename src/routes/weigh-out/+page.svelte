<!-- One weigh-out sheet for planned batches or several slabs: shared mixtures are made once, each ingredient is weighed and bought once. -->
<script lang="ts">
  import { Button, Checkbox } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import { larderOf } from '$core/larder';
  import { allergenStatement, plan, potsForSeveral, type Take, type WeighOutWork } from '$core/usecases';
  import { shopDates } from '$lib/format/shopDates';
  import WeighOutSheet from '$lib/ui/WeighOutSheet.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';

  let { data } = $props();

  const larder = $derived(larderOf(data.ingredients));
  const starter = $derived(larderOf(data.starter));
  const dates = $derived(shopDates());
  /** What is ticked, also while its sheet is loading. */
  let slabs = $derived(data.chosen.map(({ id }) => id));
  let batches = $derived(data.chosenBatches.map(({ id }) => id));
  const pots = $derived(
    potsForSeveral(
      data.chosenBatches.map(({ id, slab, tins, scale, takes }) => ({
        ...{ id: keyOf(id), slab, tins, scale },
        takes: takes.map(({ preparation, from }) => ({ preparation, from: keyOf(from) })),
      })),
      larder,
      data.whole,
    ),
  );
  const keyOf = (batch: number) => `batch ${batch}`;
  /** What a batch takes from the pots of others on this sheet. */
  const takesOf = (key: string) =>
    pots.flatMap(({ parts: [cook, ...others] }) =>
      others.filter(({ batch }) => batch === key).map(({ preparation }): Take => ({ preparation, from: cook!.batch })),
    );
  const works = $derived<WeighOutWork[]>([
    ...data.chosenBatches.map(({ id, slab, tins, scale }) => ({
      ...{ key: keyOf(id), slab, takes: takesOf(keyOf(id)) },
      plan: plan(slab, larder, data.whole, { tins, ...(scale ? { scale } : {}) }),
    })),
    ...data.chosen.map(({ id, slab }) => ({ key: String(id), slab, plan: plan(slab, larder, data.whole) })),
  ]);

  const today = $derived(data.planned.filter(({ isToday }) => isToday).map(({ id }) => id));

  const toggled = (ids: readonly number[], id: number, on: boolean) =>
    on ? [...ids.filter((own) => own !== id), id] : ids.filter((own) => own !== id);
  function choose(of: { slabs?: readonly number[]; batches?: readonly number[] }) {
    const next = { slabs, batches, ...of };
    if (String(next.slabs) === String(slabs) && String(next.batches) === String(batches)) return;
    slabs = [...next.slabs];
    batches = [...next.batches];
    const asked = Object.entries({ slabs, batches }).flatMap(([name, ids]) =>
      ids.length > 0 ? [`${name}=${ids.join(',')}`] : [],
    );
    void goto(`/weigh-out${asked.length > 0 ? `?${asked.join('&')}` : ''}`, { keepFocus: true, noScroll: true });
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
    {#if data.planned.length > 0}
      <fieldset class="panel no-print">
        <legend>Planned batches, in their tins</legend>
        <div class="presets">
          {#if today.length > 0}
            <Button size="small" kind="tertiary" on:click={() => choose({ batches: today, slabs: [] })}
              >Planned for today</Button
            >
          {/if}
          {#if today.length < data.planned.length}
            <Button
              size="small"
              kind="tertiary"
              on:click={() => choose({ batches: data.planned.map(({ id }) => id), slabs: [] })}
              >Planned for the next 7 days</Button
            >
          {/if}
        </div>
        <div class="names">
          {#each data.planned as { id, name, tins, beginMs } (id)}
            <Checkbox
              labelText="{name}, {tins
                .map(({ name: tin, count }) => `${count} x ${tin || 'its own tin'}`)
                .join(', ')}, {dates.weekTime(beginMs)}"
              checked={batches.includes(id)}
              on:check={(event) => choose({ batches: toggled(batches, id, event.detail) })}
            />
          {/each}
        </div>
      </fieldset>
    {/if}
    <fieldset class="panel no-print">
      <legend>Slabs to make together, in their saved tins</legend>
      <div class="names">
        {#each data.names as { id, name } (id)}
          <Checkbox
            labelText={name}
            checked={slabs.includes(id)}
            on:check={(event) => choose({ slabs: toggled(slabs, id, event.detail) })}
          />
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

  .presets {
    clear: both;
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    padding: 0.4rem 0;
  }

  .names :global(.bx--checkbox-wrapper) {
    margin-block: 0.2rem;
  }

  .names {
    clear: both;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(20rem, 100%), 1fr));
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
