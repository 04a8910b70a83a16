<!-- Layers: base recipe and now; a thickness can be typed as well as dragged. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import { inTins } from '$core/slab';
  import { plan, type Plan } from '$core/usecases';
  import { tinInWords } from '$core/tin';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { percent } from '$lib/format/figures';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const now: Plan = $derived(work.plan);
  const asWritten = $derived(
    plan(inTins(slab, [{ tin: slab.tin, count: 1 }], { mode: 'same-thickness' }), work.larder, work.shop),
  );
  const many = $derived(now.slabs.length > 1 || now.slabs[0]!.count > 1);
</script>

<h2>Layers</h2>
<Table size="compact" class="table">
  <thead>
    <tr
      ><th>Layer, from the top</th><th class="num">Base, {figures.length.unit}</th><th class="num"
        >Now, {figures.length.unit}</th
      ><th class="num">Base, {figures.mass.unit}</th><th class="num">Now{many ? ' in all' : ''}, {figures.mass.unit}</th
      ></tr
    >
  </thead>
  <tbody>
    {#each [...slab.layers.keys()].reverse() as at (slab.layers[at]!.id)}
      {@const before = asWritten.layers[at]!}
      {@const after = now.layers[at]!}
      {@const { id, name } = slab.layers[at]!}
      <tr>
        <td
          >{name}{#if after.covers !== null}<span class="quiet">, covers {percent(after.covers)} of the surface</span
            >{/if}</td
        >
        <td class="num quiet">{before.thicknessMm > 0 ? figures.length.figure(before.thicknessMm) : '-'}</td>
        <td class="num field">
          {#if after.thicknessMm > 0}
            <NumberField
              label="{name} now"
              quantity="length"
              hideLabel
              value={Number(after.thicknessMm.toFixed(1))}
              limits={slabLimits('scale.layer-thickness.mm.any')}
              name="{id} thickness"
              typed={draft.typed}
              onvalue={(thicknessMm) => thicknessMm !== null && work.setThickness(id, thicknessMm)}
            />
          {:else}-{/if}
        </td>
        <td class="num quiet">{figures.mass.figure(before.massG)}</td>
        <td class="num"><b>{figures.mass.figure(after.massG)}</b></td>
      </tr>
    {/each}
  </tbody>
</Table>

{#if many}
  <h2>Into each tin</h2>
  <Table size="compact" class="table">
    <thead>
      <tr
        ><th>Tin</th><th class="num">Height, {figures.length.unit}</th>{#each slab.layers as { id, name } (id)}<th
            class="num">{name}, {figures.mass.unit}</th
          >{/each}<th class="num">Each, {figures.mass.unit}</th></tr
      >
    </thead>
    <tbody>
      {#each now.slabs as laid, i (i)}
        <tr>
          <td>{laid.count} x {tinInWords(laid.sheet ?? laid.tin, figures)}</td>
          <td class="num">{figures.length.figure(laid.slab.heightMm)}</td>
          {#each laid.layers as { id, massG } (id)}<td class="num">{figures.mass.figure(massG)}</td>{/each}
          <td class="num"><b>{figures.mass.figure(laid.slab.massG)}</b></td>
        </tr>
      {/each}
    </tbody>
    <tfoot>
      <tr>
        <td colspan="2">All {now.slabs.reduce((sum, { count }) => sum + count, 0)}</td>
        {#each now.layers as { id, massG } (id)}<td class="num">{figures.mass.figure(massG)}</td>{/each}
        <td class="num">{figures.mass.figure(now.slab.massG)}</td>
      </tr>
    </tfoot>
  </Table>
{/if}

<style>
  h2 {
    margin: 0.8rem 0 0.4rem;
  }

  .field {
    width: 5.6rem;
    padding-top: 0.1rem;
    padding-bottom: 0.1rem;
  }

  .field :global(input) {
    text-align: right;
    font-weight: 650;
  }
</style>
