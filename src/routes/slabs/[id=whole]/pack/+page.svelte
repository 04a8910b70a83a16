<!-- Pack: packaging drawn to scale, wrappers, bags, gift stacks, and shelf life. -->
<script lang="ts">
  import { Accordion, AccordionItem, Button, InlineLoading, Select, SelectItem } from 'carbon-components-svelte';
  import { lookOf } from '$core/classify';
  import { boxAnswers } from '$core/pack';
  import { packedPiece } from '$core/usecases';
  import type { Packing } from '$core/slab';
  import { money } from '$lib/format/money';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { slabWork } from '$lib/draft/slabContext';
  import Panel from '$lib/ui/Panel.svelte';
  import Allergens from '$lib/ui/Allergens.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import BoxDrawing from './BoxDrawing.svelte';
  import BoxTable from './BoxTable.svelte';
  import StorageFields from './StorageFields.svelte';
  import StackOnRound from './StackOnRound.svelte';
  import WrapDrawing from './WrapDrawing.svelte';

  const work = slabWork();
  const { draft } = work;
  const figures = $derived(shopFigures());
  const slab = $derived(draft.slab);
  const packing = $derived(slab.packing ?? {});
  const piece = $derived(packedPiece(work.plan.cut));
  const pieces = $derived(work.plan.cut.pieces.reduce((sum, { count }) => sum + count, 0));
  const boxes = $derived(work.shop.boxes ?? []);
  const bags = $derived(work.shop.bags ?? []);
  const wraps = $derived(work.shop.wraps ?? []);
  const { currency } = $derived(work.plan.cost);
  const packed = $derived(work.money.selling?.price.packed ?? null);
  const box = $derived(boxes.find(({ name }) => name === packing.in));
  const answers = $derived(pieces > 0 ? boxAnswers(piece, pieces, boxes, packing.interleafMm, packing.pieces) : []);
  const title = $derived(
    !packed?.container
      ? 'Packaging'
      : packed.perPack === 0
        ? `${packed.container.name} is too small for a piece`
        : `${packed.perPack} pieces in ${packed.container.name}`,
  );
  const tooSmall = $derived(
    boxes.map(({ name }) => name).filter((name) => !answers.some((answer) => answer.box === name)),
  );

  function set(part: Partial<Packing>) {
    const next = Object.fromEntries(
      Object.entries({ ...packing, ...part }).filter(([, value]) => value !== undefined && value !== ''),
    );
    draft.change({ ...slab, packing: Object.keys(next).length > 0 ? (next as Packing) : undefined }, 'packing');
  }

  /** Layers of a piece from the bottom, with their look. */
  const layers = $derived.by(() => {
    const laid = work.plan.slabs[0]?.layers ?? [];
    const high = laid.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0);
    return slab.layers.flatMap((layer, i) => {
      const thicknessMm = laid[i]?.thicknessMm ?? 0;
      return thicknessMm > 0 && high > 0 ? [{ look: lookOf(layer, slab.preparations), share: thicknessMm / high }] : [];
    });
  });
  const face = $derived(layers.at(-1)?.look ?? null);
</script>

<Panel label="Pack" {title} note="To scale, inside measures.">
  {#snippet stage()}
    {#if pieces === 0}
      <EmptyState title="Nothing to pack yet">
        <p>Add layers in Build and a cut in Cut. Packaging then appears here.</p>
        <Button size="small" kind="tertiary" href="/slabs/{draft.id}/cut">Go to Cut</Button>
      </EmptyState>
    {:else if !packed}
      <InlineLoading description="Calculating…" />
    {:else}
      <div class="drawn" class:two={packed.wrap !== null && packed.box !== null}>
        {#if packed.box && box}
          <BoxDrawing {box} answer={packed.box} {piece} interleafMm={packing.interleafMm ?? 0} look={face} {layers} />
        {:else if packed.container?.kind === 'bag'}
          <p class="bag figures">
            <b>{packed.perPack}</b>
            {packed.perPack === 1 ? 'piece' : 'pieces'} in each {packed.container.name},
            <b>{packed.packs}</b> per batch{#if packed.perPack > 0}, about {figures.mass.say(
                packed.perPack * piece.massG,
              )} each{/if}.
          </p>
        {:else if packed.container}
          <p class="bag">A piece does not fit into {packed.container.name}.</p>
        {:else if !packed.wrap}
          <EmptyState title="Sold loose">
            <p>Choose a box, bag or wrapper to see how many pieces fit, how full it is and what it costs.</p>
          </EmptyState>
        {/if}
        {#if packed.wrap}<WrapDrawing {piece} paper={packed.wrap.paper} name={packed.wrap.name} />{/if}
      </div>
    {/if}
  {/snippet}
  {#snippet hand()}
    <div class="panel fields">
      <Select
        size="sm"
        labelText="Packaging"
        selected={packing.in ?? ''}
        on:change={(event) => set({ in: (event.target as HTMLSelectElement).value, pieces: undefined })}
      >
        <SelectItem value="" text="none, sold loose" />
        {#each boxes as { name }, i (i)}<SelectItem value={name} text="{name}, a box" />{/each}
        {#each bags as { name }, i (i)}<SelectItem value={name} text="{name}, a bag" />{/each}
        {#if packing.in && ![...boxes, ...bags].some(({ name }) => name === packing.in)}
          <SelectItem value={packing.in} text="{packing.in}, not in the settings" />
        {/if}
      </Select>
      <NumberField
        label="Pieces per pack"
        optional
        placeholder="as many as fit"
        value={packing.pieces}
        limits={slabLimits('packing.pieces')}
        name="pack pieces"
        typed={draft.typed}
        onvalue={(many) => set({ pieces: many ?? undefined })}
      />
      <Select
        size="sm"
        labelText="Wrapper"
        selected={packing.wrap ?? ''}
        on:change={(event) => set({ wrap: (event.target as HTMLSelectElement).value })}
      >
        <SelectItem value="" text="none" />
        {#each wraps as { name }, i (i)}<SelectItem value={name} text={name} />{/each}
      </Select>
      <NumberField
        label="Paper between layers"
        quantity="length"
        optional
        value={packing.interleafMm}
        limits={slabLimits('packing.interleafMm')}
        name="interleaf"
        typed={draft.typed}
        onvalue={(interleafMm) => set({ interleafMm: interleafMm ?? undefined })}
      />
    </div>
    {#if packed && pieces > 0}
      <p class="note figures">
        {#if packed.container && packed.packs > 0}
          {pieces} pieces go into <b>{packed.packs}</b>
          {packed.container.kind === 'box' ? 'boxes' : 'bags'}, {packed.priceEach === null
            ? 'price unknown'
            : `${money(packed.priceEach, currency)} each`}.
        {/if}
        {#if packed.wrap}
          One sheet of {packed.wrap.name} makes {packed.wrap.perSheet} wrappers: {packed.wrap.sheets} sheets needed.
        {/if}
        Packaging costs <b>{money(packed.cost, currency)}</b>, {money(packed.cost / pieces, currency)} per piece.
      </p>
    {/if}
    <div class="note"><Allergens statement={work.allergens} /></div>
    {#if boxes.length > 0 && pieces > 0}
      <BoxTable
        {answers}
        {tooSmall}
        chosen={packing.in ?? ''}
        {currency}
        ontake={(name) => set({ in: name, pieces: packing.pieces })}
      />
    {:else if boxes.length === 0}
      <p class="quiet note">No boxes yet. <a href="/settings#packing">Add boxes in the settings</a>.</p>
    {/if}
    {#if work.money.selling}<StorageFields keeping={work.money.selling.label.keeping} />{/if}
    {#if pieces > 0}
      <Accordion size="sm">
        <AccordionItem title="Stack on a round board"><StackOnRound {piece} {pieces} /></AccordionItem>
      </Accordion>
    {/if}
  {/snippet}
</Panel>

<style>
  .drawn {
    flex: 1;
    min-height: 0;
    display: grid;
  }

  .drawn.two {
    grid-template-columns: 1.4fr 1fr;
    gap: 1rem;
  }

  .bag {
    align-self: center;
    justify-self: center;
    font-size: 1.05rem;
  }

  .fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
    align-items: end;
    padding: 0.6rem 0.8rem;
  }

  .note {
    font-size: 0.9rem;
  }
</style>
