<!-- A slab that lies free on a sheet: choose how far it spreads, or how thick its first layer is; the other follows. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { scaleOf } from '../../../../core/usecases/plan';
  import { withLayer } from '../../../../core/slab';
  import { type TinCount, isSheet, outlineAt, sameTin, sheetOfArea, type SheetTin } from '../../../../core/tin';
  import { slabLimits } from '$lib/limits';
  import { mm } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { inTins } from './tins';

  let { tins }: { tins: readonly TinCount[] } = $props();

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const planned = $derived(work.plan.slabs);
  const at = $derived(slab.layers.findIndex(({ spread }) => spread === 'level'));
  const isWritten = (tin: SheetTin) =>
    isSheet(slab.tin) && sameTin({ ...tin, outlineMm: undefined }, { ...slab.tin, outlineMm: undefined });

  /** Where the slab is as written on its own sheet, its shape is the slab's own; elsewhere it belongs to the tin chosen. */
  function shape(i: number, outlineMm: SheetTin['outlineMm'], thicknessMm: number | undefined) {
    const tin = tins[i]!.tin as SheetTin;
    if (isWritten(tin) && slab.tins === undefined && scaleOf(slab).mode === 'same-thickness') {
      const shaped = { ...slab, tin: { ...tin, outlineMm } };
      draft.change(at === -1 ? shaped : withLayer(shaped, at, { thicknessMm }), 'sheet');
      return;
    }
    const next = tins.map((one, j) => (j === i ? { ...one, tin: { ...tin, outlineMm } } : one));
    draft.change(inTins(slab, next), 'sheet');
  }

  function thick(i: number, thicknessMm: number) {
    const tin = tins[i]!.tin as SheetTin;
    if (isWritten(tin) && slab.tins === undefined && scaleOf(slab).mode === 'same-thickness') {
      shape(i, undefined, thicknessMm);
      return;
    }
    const { volumeMl = 0 } = planned[i]!.layers[at] ?? {};
    const outline = outlineAt(sheetOfArea(tin, (volumeMl * 1000) / thicknessMm), 0);
    const outlineMm = { length: Number(outline.lengthMm.toFixed(1)), width: Number(outline.widthMm.toFixed(1)) };
    const next = tins.map((one, j) => (j === i ? { ...one, tin: { ...tin, outlineMm } } : one));
    // The amounts stay as they are now.
    const by = work.plan.preparations[0]?.multiple ?? 1;
    draft.change(inTins(slab, next, { mode: 'multiple', by }), 'sheet');
  }
</script>

{#each tins as { tin }, i (i)}
  {#if isSheet(tin)}
    {@const now = planned[i]!}
    {@const outline = outlineAt(now.tin, 0)}
    <fieldset>
      <legend>On the sheet it spreads to {outline.lengthMm.toFixed(0)} x {outline.widthMm.toFixed(0)} mm</legend>
      <NumberField
        label="Outline, length mm"
        value={Number(outline.lengthMm.toFixed(1))}
        limits={slabLimits('tin.sheet.outlineMm.length')}
        name="sheet {i} length"
        typed={draft.typed}
        onvalue={(length) =>
          length !== null && shape(i, { length, width: Number(outline.widthMm.toFixed(1)) }, undefined)}
      />
      <NumberField
        label="width mm"
        value={Number(outline.widthMm.toFixed(1))}
        limits={slabLimits('tin.sheet.outlineMm.width')}
        name="sheet {i} width"
        typed={draft.typed}
        onvalue={(width) =>
          width !== null && shape(i, { length: Number(outline.lengthMm.toFixed(1)), width }, undefined)}
      />
      {#if at !== -1}
        <span class="or">or</span>
        <NumberField
          label="{slab.layers[at]!.name}, thick mm"
          value={Number(mm(now.layers[at]!.thicknessMm))}
          limits={slabLimits('layers.thicknessMm')}
          name="sheet {i} thickness"
          typed={draft.typed}
          onvalue={(thicknessMm) => thicknessMm !== null && thick(i, thicknessMm)}
        />
      {/if}
      {#if tin.outlineMm}
        <Button size="small" kind="ghost" on:click={() => shape(i, undefined, undefined)}>Cover the sheet</Button>
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

  fieldset :global(.number-field) {
    width: 8.4rem;
  }

  .or {
    line-height: 2rem;
  }
</style>
