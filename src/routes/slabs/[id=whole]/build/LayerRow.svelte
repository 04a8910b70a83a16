<!-- Row of a layer beside its band: name, mixtures and amount, with a handle to move it. -->
<script lang="ts">
  import Draggable from 'carbon-icons-svelte/lib/Draggable.svelte';
  import type { LaidLayer } from '$core/scale';
  import { moved } from '$core/slab';

  import { slabWork } from '$lib/draft/slabContext';
  import { shopFigures } from '$lib/format/shopFigures';

  let { laid }: { laid: LaidLayer } = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const at = $derived(draft.slab.layers.findIndex(({ id }) => id === laid.id));
  const layer = $derived(draft.slab.layers[at]);
  const madeOf = $derived(
    (layer?.from ?? [])
      .map(({ preparation: id, share }) => {
        const name = draft.slab.preparations.find((preparation) => preparation.id === id)?.name ?? '?';
        return share > 0.999 ? `${name}, all` : `${name}, ${(share * 100).toFixed(0)} %`;
      })
      .join('; '),
  );
  const place = $derived.by(() => {
    const { place: where, toC } = layer?.set ?? {};
    return [where, toC === undefined ? '' : `until ${figures.temperature.say(toC)}`].filter(Boolean).join(', ');
  });

  let dragging = $state(false);

  function move(to: number) {
    if (to === at || to < 0 || to >= draft.slab.layers.length) return;
    draft.change({ ...draft.slab, layers: moved(draft.slab.layers, at, to) }, `order ${laid.id}`);
  }

  /** Target row of the pointer: the layer moves there at once. */
  function drag(event: PointerEvent) {
    if (!dragging) return;
    const rows = [...document.querySelectorAll<HTMLElement>('[data-layer]')];
    const over = rows.find((row) => {
      const { top, bottom } = row.getBoundingClientRect();
      return event.clientY >= top && event.clientY <= bottom;
    });
    const to = draft.slab.layers.findIndex(({ id }) => id === over?.dataset.layer);
    if (to !== -1) move(to);
  }

  function key(event: KeyboardEvent) {
    const by = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (by === 0) return;
    event.preventDefault();
    event.stopPropagation();
    move(at + by);
  }
</script>

{#if layer}
  <div class="row" class:chosen={work.chosen === laid.id} data-layer={laid.id}>
    <button
      type="button"
      class="open"
      aria-expanded={work.chosen === laid.id}
      onclick={() => (work.chosen = work.chosen === laid.id ? null : laid.id)}
    >
      <b class="name">{layer.name}</b>
      <span class="quiet of">{madeOf || 'laid from nothing yet'}</span>
      <span class="figures"
        ><b
          >{laid.thicknessMm > 0
            ? `${laid.footMm > 0 ? '2 x ' : ''}${figures.length.say(laid.thicknessMm)}`
            : layer.spread.replace('-', ' ')}</b
        >
        <span class="mass">{figures.mass.say(laid.massG)}</span></span
      >
      {#if place}<span class="quiet place">{place}</span>{/if}
    </button>
    <span
      class="handle"
      role="button"
      tabindex="0"
      aria-label="Move {layer.name}: up and down arrows"
      onkeydown={key}
      onpointerdown={(event) => {
        (event.currentTarget as Element).setPointerCapture(event.pointerId);
        dragging = true;
      }}
      onpointermove={drag}
      onpointerup={() => (dragging = false)}
      onpointercancel={() => (dragging = false)}><Draggable /></span
    >
  </div>
{/if}

<style>
  .row {
    display: flex;
    align-items: center;
    gap: 0.2rem;
  }

  .open {
    flex: 1;
    min-width: 0;
    display: grid;
    text-align: left;
    background: none;
    border: 0;
    border-left: 3px solid transparent;
    padding: 0.2rem 0.5rem;
    color: inherit;
    font: inherit;
    line-height: 1.25;
    cursor: pointer;
  }

  .open > * {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  /** Words may be cut short; figures go on the next line. */
  .open > .figures {
    white-space: normal;
  }

  .open:hover {
    background: var(--sunk);
  }

  .chosen .open {
    border-left-color: var(--primary);
    background: var(--sunk);
  }

  .name {
    font-size: 1.02rem;
  }

  .of,
  .place {
    font-size: 0.84rem;
  }

  .handle {
    display: grid;
    place-items: center;
    width: 24px;
    height: 44px;
    color: var(--quiet);
    cursor: grab;
    touch-action: none;
  }

  @media (pointer: coarse) {
    .handle {
      width: 44px;
    }
  }

  /** On a phone a row is one line, and layers are moved in the opened drawing. */
  @media (max-width: 759px) {
    :global(.stage:not(.expanded)) .handle {
      display: none;
    }

    .open {
      grid-template-columns: minmax(0, 1fr) max-content;
      gap: 0.4rem;
      align-items: baseline;
      padding-inline: 0.2rem;
    }

    .name,
    .figures {
      font-size: 0.88rem;
    }

    .of,
    .place,
    .mass {
      display: none;
    }
  }
</style>
