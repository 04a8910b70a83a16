<!-- A free-form slab on a sheet: its outline, or the thickness of its first layer; the other follows. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { withSheetOutline, withSheetThickness } from '$core/scale';
  import { scaleSlab } from '$core/usecases';
  import { expandDividedLines } from '$core/slab';
  import { isSheet, outlineAt, type SheetTin, type TinCount } from '$core/tin';
  import { slabLimits } from '$lib/limits/fieldLimits';

  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  let { tins }: { tins: readonly TinCount[] } = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const planned = $derived(work.plan.slabs);
  const at = $derived(slab.layers.findIndex(({ spread }) => spread === 'level'));

  const shape = (i: number, outlineMm: SheetTin['outlineMm']) =>
    draft.change(withSheetOutline(slab, i, outlineMm), 'sheet');

  function thick(i: number, thicknessMm: number) {
    const { scaling } = scaleSlab(expandDividedLines(slab), work.larder, work.shop, {});
    draft.change(withSheetThickness(slab, i, thicknessMm, scaling), 'sheet');
  }
</script>

{#each tins as { tin }, i (i)}
  {#if isSheet(tin)}
    {@const now = planned[i]!}
    {@const outline = outlineAt(now.tin, 0)}
    <fieldset>
      <legend>It spreads to {figures.size(outline.lengthMm, outline.widthMm)}</legend>
      <NumberField
        label="Length"
        quantity="length"
        value={Number(outline.lengthMm.toFixed(1))}
        limits={slabLimits('tin.sheet.outlineMm.length')}
        name="sheet {i} length"
        typed={draft.typed}
        onvalue={(length) => length !== null && shape(i, { length, width: Number(outline.widthMm.toFixed(1)) })}
      />
      <NumberField
        label="Width"
        quantity="length"
        value={Number(outline.widthMm.toFixed(1))}
        limits={slabLimits('tin.sheet.outlineMm.width')}
        name="sheet {i} width"
        typed={draft.typed}
        onvalue={(width) => width !== null && shape(i, { length: Number(outline.lengthMm.toFixed(1)), width })}
      />
      {#if at !== -1}
        <span class="or">or</span>
        <NumberField
          label="{slab.layers[at]!.name}, thickness"
          quantity="length"
          value={Number(figures.length.figure(now.layers[at]!.thicknessMm))}
          limits={slabLimits('layers.thicknessMm')}
          name="sheet {i} thickness"
          typed={draft.typed}
          onvalue={(thicknessMm) => thicknessMm !== null && thick(i, thicknessMm)}
        />
      {/if}
      {#if tin.outlineMm}
        <Button size="small" kind="ghost" on:click={() => shape(i, undefined)}>Cover the sheet</Button>
      {/if}
    </fieldset>
  {/if}
{/each}

<style>
  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: end;
    margin-top: 0.6rem;
    padding: 0.5rem 0.7rem;
    background: var(--panel);
    border: 1px solid var(--rule);
  }

  legend {
    font-weight: 650;
    float: left;
    width: 100%;
    margin-bottom: 0.2rem;
  }

  fieldset :global(.typed-field) {
    width: 8.4rem;
  }

  .or {
    line-height: 2rem;
  }
</style>
