<!-- Size: the tins of the slab, how it is scaled, and the resulting amounts and layers. -->
<script lang="ts">
  import { Button, RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
  import { pieceSizeFor, writtenForItsTin } from '$core/usecases';
  import { inTins, scaleOf, tinsOf } from '$core/slab';
  import { isSheet, sameTin, tinInWords, withoutOutline } from '$core/tin';
  import { slabLimits } from '$lib/limits/fieldLimits';

  import { slabWork } from '$lib/draft/slabContext';
  import Panel from '$lib/ui/Panel.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Section from '$lib/ui/Section.svelte';
  import Amounts from './Amounts.svelte';
  import StockFields from './StockFields.svelte';
  import LayerTable from './LayerTable.svelte';
  import Order from './Order.svelte';
  import Overflow from './Overflow.svelte';
  import Rack from './Rack.svelte';
  import SheetShape from './SheetShape.svelte';
  import TinsFromAbove from './TinsFromAbove.svelte';
  import WholeThings from './WholeThings.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const tins = $derived(tinsOf(slab));
  const several = $derived(tins.length > 1 || tins[0]!.count > 1);
  const scale = $derived(scaleOf(slab));
  const now = $derived(work.plan);
  const title = $derived(
    tins
      .map(({ tin, count }) => `${count > 1 ? `${count} x ` : ''}${tinInWords(withoutOutline(tin), figures)}`)
      .join(', '),
  );
  const isWritten = $derived(!several && sameTin(tins[0]!.tin, slab.tin) && slab.scale === undefined);

  /** Whole pieces of all tins together. */
  const wholePieces = $derived(
    now.cut.pieces.reduce((sum, { kind, count }) => sum + (kind === 'piece' ? count : 0), 0),
  );

  function setMode(mode: string) {
    // The group also reports changes from elsewhere, such as a dragged edge.
    if (mode === scale.mode) return;
    if (mode === 'scaleFactor') draft.change({ ...slab, scale: { mode, by: 1 } });
    else if (mode === 'as-far-as') draft.change({ ...slab, scale: { mode, have: [] } });
    else if (mode === 'layer-thickness') draft.change({ ...slab, scale: { mode, mm: {} } });
    else if (mode === 'pieces')
      draft.change({
        ...slab,
        scale: {
          mode,
          // Twice what it makes now, in the slab's own pieces exactly as they are cut.
          count: Math.max(1, 2 * wholePieces),
          ...(pieceSizeFor(now, {}) ?? { lengthMm: 40, widthMm: 25 }),
        },
      });
    else if (mode === 'total-height')
      draft.change({ ...slab, scale: { mode, mm: Number(now.slab.heightMm.toFixed(1)) || 1 } });
    else draft.change(inTins({ ...slab, scale: undefined }, tins, undefined));
  }

  function writeAnew() {
    draft.change(writtenForItsTin(slab, work.larder, work.shop));
  }
</script>

<Panel label="Size" {title} note="To scale. The tin of the base recipe is dashed.">
  {#snippet stage()}
    <div class="picture">
      <TinsFromAbove {tins} written={slab.tin} />
      <div class="face">
        <Section
          {slab}
          planned={now.slabs[0]!}
          chosen={work.chosen}
          onthickness={work.setThickness}
          onchoose={(id) => (work.chosen = id)}
          rowsShare={0.42}
        />
      </div>
    </div>
    <!-- It scrolls, so the keyboard must be able to reach it. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <section class="amounts" aria-label="Layers and lines, base recipe and now" tabindex="0">
      {#if slab.preparations.length === 0 && slab.layers.length === 0}
        <EmptyState title="Nothing to weigh yet">
          <p>Add mixtures in Build. Their amounts are shown here for the base recipe and for the tins above.</p>
          <Button size="small" kind="tertiary" href="/slabs/{draft.id}/build">Go to Build</Button>
        </EmptyState>
      {:else}
        <LayerTable />
        <Amounts />
      {/if}
    </section>
  {/snippet}
  {#snippet hand()}
    <Overflow />
    <Rack />
    {#if several}<p class="quiet">
        One batch fills {tins.reduce((sum, { count }) => sum + count, 0)} tins. The cross-section shows the first.
      </p>{/if}
    {#if tins.some(({ tin }) => isSheet(tin))}<SheetShape {tins} />{/if}
    <div class="panel pad">
      <div class="modes">
        <RadioButtonGroup
          legendText="Scale by"
          selected={scale.mode}
          on:change={(event) => setMode(String(event.detail))}
        >
          <RadioButton value="same-thickness" labelText="same thickness as the base recipe" />
          <RadioButton value="layer-thickness" labelText="thickness of each layer" />
          <RadioButton value="total-height" labelText="a total height" />
          <RadioButton value="scaleFactor" labelText="a factor" />
          <RadioButton value="as-far-as" labelText="what I have" />
          <RadioButton value="pieces" labelText="a number of pieces" />
        </RadioButtonGroup>
        {#if scale.mode === 'scaleFactor'}
          <div class="by">
            <NumberField
              label="Factor"
              hideLabel
              value={scale.by}
              limits={slabLimits('scale.scaleFactor.by')}
              name="scaleFactor"
              typed={draft.typed}
              onvalue={(by) =>
                by !== null && draft.change({ ...slab, scale: { mode: 'scaleFactor', by } }, 'scaleFactor')}
            />
          </div>
        {:else if scale.mode === 'total-height'}
          <div class="by">
            <NumberField
              label="Total height"
              quantity="length"
              hideLabel
              value={scale.mm}
              limits={slabLimits('scale.total-height.mm')}
              name="total height"
              typed={draft.typed}
              onvalue={(mm) =>
                mm !== null && draft.change({ ...slab, scale: { mode: 'total-height', mm } }, 'total height')}
            />
          </div>
        {:else if scale.mode === 'as-far-as'}
          <StockFields have={scale.have} />
        {:else if scale.mode === 'pieces'}
          <div class="wide"><Order {scale} /></div>
        {:else if scale.mode === 'layer-thickness'}
          <p class="wide">
            {#if Object.keys(scale.mm).length > 0}
              Set by you: {slab.layers
                .filter(({ id }) => id in scale.mm)
                .map(({ id, name }) => `${name} ${figures.length.say(scale.mm[id]!)}`)
                .join(', ')}.
            {:else}
              Enter a thickness in the table below, or drag an edge in the cross-section.
            {/if}
            <Button
              size="small"
              kind="ghost"
              on:click={() => draft.change(inTins({ ...slab, scale: undefined }, tins, undefined))}
              >Reset to the base recipe</Button
            >
          </p>
        {/if}
      </div>
    </div>
    {#if now.wholeThings.length > 0}<WholeThings things={now.wholeThings} />{/if}
    {#if !isWritten && !several}
      <p class="anew">
        <Button size="small" kind="tertiary" on:click={writeAnew}>Make this the base recipe</Button>
        <span class="quiet">The current amounts and tin become the base recipe.</span>
      </p>
    {/if}
  {/snippet}
</Panel>

<style>
  .picture {
    display: grid;
    grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
    gap: 1rem;
    height: 42%;
    min-height: 150px;
    flex: none;
  }

  /** The names of the layers need more room than the tin from above. */
  @media (max-width: 759px) {
    .picture {
      grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
    }
  }

  .face {
    min-height: 0;
    display: flex;
  }

  .amounts {
    position: relative;
    flex: 1;
    min-height: 0;
    overflow: auto;
    scrollbar-width: thin;
    border-top: 1px solid var(--rule);
    margin-top: 0.6rem;
  }

  .pad {
    padding: 0.6rem 0.8rem;
  }

  .modes {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1rem;
    align-items: end;
  }

  .modes :global(.bx--radio-button-group) {
    flex-wrap: wrap;
    gap: 0.15rem 0;
  }

  .by {
    width: 5rem;
  }

  .wide {
    width: 100%;
  }

  .anew {
    margin-top: 0.6rem;
  }
</style>
