<!-- The selected layer: its mixtures, how it is applied, and its texture. -->
<script lang="ts">
  import type { Quantity } from '$core/measure';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import Close from 'carbon-icons-svelte/lib/Close.svelte';
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
  import {
    spareShare,
    SPREADS,
    TEXTURES,
    withLayer,
    withoutLayer,
    type Layer,
    type Spread,
    type Texture,
  } from '$core/slab';
  import { lookOf, textureOf } from '$core/classify';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import NameField from './NameField.svelte';

  let { layer, at, onclose }: { layer: Layer; at: number; onclose: () => void } = $props();

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);

  const SPREAD_NAMES: Record<Spread, string> = {
    level: 'level',
    shell: 'shell',
    'both-faces': 'both faces',
    scatter: 'scattered',
    coat: 'coat',
    'per-piece': 'on each piece',
  };

  type Film = readonly [field: 'thicknessMm' | 'wallMm' | 'gramsPerPiece', label: string, quantity: Quantity];
  /** Fields of a film; if empty, the written amounts decide. */
  const FILMS: Record<Spread, readonly Film[]> = {
    level: [],
    scatter: [],
    shell: [
      ['thicknessMm', 'Film thickness', 'length'],
      ['wallMm', 'Height up the wall', 'length'],
    ],
    'both-faces': [['thicknessMm', 'Film thickness per face', 'length']],
    coat: [['thicknessMm', 'Film thickness', 'length']],
    'per-piece': [['gramsPerPiece', 'Amount per piece', 'mass']],
  };

  function setShare(at: number, layer: Layer, part: number, percent: number) {
    const from = layer.from.map((source, i) => (i === part ? { ...source, share: percent / 100 } : source));
    draft.change(withLayer(slab, at, { from }), `${layer.id} share ${part}`);
  }

  /** Returns the share of a preparation that the other layers leave, %. */
  const spare = (at: number, preparation: string, part: number) =>
    Number((spareShare(slab, preparation, { layer: at, part }) * 100).toFixed(4));

  function addSource(at: number, layer: Layer, preparation: string) {
    if (preparation === '') return;
    const share = spareShare(slab, preparation);
    draft.change(withLayer(slab, at, { from: [...layer.from, { preparation, share }] }));
  }
</script>

<article class="panel layer" aria-label="{layer.name}, a layer">
  <div class="first">
    <svg width="30" height="32" aria-hidden="true"
      ><rect width="30" height="32" fill="url(#fill-{lookOf(layer, slab.preparations)})" /></svg
    >
    <NameField
      label="Layer"
      hideLabel
      value={layer.name}
      name="{layer.id} name"
      typed={draft.typed}
      onvalue={(name) => draft.change(withLayer(slab, at, { name }), `${layer.id} name`)}
    />
    <Select
      size="sm"
      hideLabel
      labelText="How {layer.name} is applied"
      selected={layer.spread}
      on:change={(event) =>
        draft.change(withLayer(slab, at, { spread: (event.target as HTMLSelectElement).value as Spread }))}
    >
      {#each SPREADS as spread (spread)}<SelectItem value={spread} text={SPREAD_NAMES[spread]} />{/each}
    </Select>
    <Select
      size="sm"
      hideLabel
      labelText="Texture of {layer.name}"
      selected={textureOf(layer, slab.preparations)}
      on:change={(event) =>
        draft.change(withLayer(slab, at, { texture: (event.target as HTMLSelectElement).value as Texture }))}
    >
      {#each TEXTURES as texture (texture)}<SelectItem value={texture} text={texture} />{/each}
    </Select>
    <Button
      kind="ghost"
      size="small"
      icon={TrashCan}
      iconDescription="Remove {layer.name}"
      tooltipPosition="left"
      on:click={() => {
        onclose();
        draft.change(withoutLayer(slab, at));
      }}
    />
    <Button
      kind="ghost"
      size="small"
      icon={Close}
      iconDescription="Collapse"
      tooltipPosition="left"
      on:click={onclose}
    />
  </div>
  {#if FILMS[layer.spread].length > 0}
    <div class="films">
      {#each FILMS[layer.spread] as [key, label, quantity] (key)}
        <NumberField
          {label}
          {quantity}
          optional
          value={layer[key]}
          limits={slabLimits(`layers.${key}`)}
          name="{layer.id} {key}"
          typed={draft.typed}
          onvalue={(value) => draft.change(withLayer(slab, at, { [key]: value ?? undefined }), `${layer.id} ${key}`)}
        />
      {/each}
    </div>
  {/if}
  <div class="sources">
    {#each layer.from as source, part (part)}
      {@const preparation = slab.preparations.find(({ id }) => id === source.preparation)}
      <div class="source">
        <NumberField
          label="Share of {preparation?.name} in {layer.name}, %"
          hideLabel
          value={source.share * 100}
          limits={{ min: 0, max: spare(at, source.preparation, part) }}
          name="{layer.id} share {source.preparation}"
          typed={draft.typed}
          onvalue={(percent) => percent !== null && setShare(at, layer, part, percent)}
        />
        <span>% of {preparation?.name}</span>
        <Button
          kind="ghost"
          size="small"
          icon={TrashCan}
          iconDescription="Remove {preparation?.name} from {layer.name}"
          on:click={() => draft.change(withLayer(slab, at, { from: layer.from.filter((_, j) => j !== part) }))}
        />
      </div>
    {/each}
    {#if slab.preparations.some(({ id }) => !layer.from.some((source) => source.preparation === id))}
      <div class="more">
        <!-- Remounted after a choice, to offer what is left. -->
        {#key layer.from.length}<Select
            size="sm"
            hideLabel
            labelText="Add a mixture to {layer.name}"
            selected=""
            on:change={(event) => addSource(at, layer, (event.target as HTMLSelectElement).value)}
          >
            <SelectItem value="" text="add another mixture" />
            {#each slab.preparations.filter(({ id }) => !layer.from.some((source) => source.preparation === id)) as { id, name } (id)}<SelectItem
                value={id}
                text={name}
              />{/each}
          </Select>{/key}
      </div>
    {/if}
  </div>
</article>

<style>
  .layer {
    padding: 0.5rem;
    border-color: var(--primary);
  }

  .first {
    display: grid;
    grid-template-columns: 30px minmax(0, 1fr) 7.6rem 6.6rem 2rem 2rem;
    gap: 0.35rem;
  }

  .films {
    display: grid;
    grid-template-columns: repeat(2, 9rem);
    gap: 0.5rem;
    margin: 0.35rem 0 0 35px;
  }

  .sources {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem 0.8rem;
    align-items: center;
    margin: 0.35rem 0 0 35px;
  }

  .source {
    display: grid;
    grid-template-columns: 4.5rem max-content 2rem;
    gap: 0.35rem;
    align-items: center;
  }

  .more {
    width: 13rem;
  }
</style>
