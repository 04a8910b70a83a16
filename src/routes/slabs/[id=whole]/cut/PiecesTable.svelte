<!-- Pieces, trims and kerf of a cut; together the slab. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import type { PlannedSlab, PricedPieces, Swirl } from '$core/usecases';
  import { percent } from '$lib/format/figures';
  import { money } from '$lib/format/money';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    isDecided: boolean;
    planned: PlannedSlab;
    currency: string;
    /** Layers of several mixtures. */
    swirls: readonly Swirl[];
  }
  let { isDecided, planned, currency, swirls }: Props = $props();

  const figures = $derived(shopFigures());
  const NAMES = { piece: 'Piece', rim: 'Clipped', shard: 'Shard' };
  const cut = $derived(planned.cut);
  const slabG = $derived(planned.slab.massG);
  const share = (massG: number) => (slabG > 0 ? percent(massG / slabG) : '');
  const sizeOf = ({ kind, lengthMm, widthMm, heightMm }: PricedPieces) =>
    kind === 'shard'
      ? 'broken'
      : `${kind === 'rim' ? 'within ' : ''}${[lengthMm, widthMm, heightMm].map((mm) => figures.length.figure(mm)).join(' x ')}`;
</script>

<Table size="compact" class="table">
  <thead>
    <tr
      ><th>Piece type</th><th class="num">Count</th><th class="num">Size, {figures.length.unit}</th><th class="num"
        >Each, {figures.mass.unit}</th
      ><th class="num">Cost</th></tr
    >
  </thead>
  <tbody>
    {#each cut.pieces as kind, i (i)}
      <tr>
        <td>{kind.name ?? NAMES[kind.kind]}{kind.name && kind.kind === 'rim' ? ', clipped' : ''}</td>
        <td class="num">{kind.count}</td>
        <td class="num">{sizeOf(kind)}</td>
        <td class="num"
          >{figures.mass.figure(kind.lightestG) === figures.mass.figure(kind.heaviestG)
            ? figures.mass.figure(kind.massG)
            : `${figures.mass.figure(kind.lightestG)}-${figures.mass.figure(kind.heaviestG)}`}</td
        >
        <td class="num">{money(kind.cost, currency)}</td>
      </tr>
    {:else}
      <tr
        ><td colspan="5"
          >{isDecided
            ? 'Trims and cuts leave nothing to sell. Make the trims smaller, or cut fewer columns and rows.'
            : 'No pieces until a cut is chosen.'}</td
        ></tr
      >
    {/each}
    <tr
      ><td>Trim</td><td class="num"></td><td class="num"></td><td class="num">{figures.mass.figure(cut.trimG)}</td><td
        class="num quiet">{share(cut.trimG)}</td
      ></tr
    >
    <tr
      ><td>Kerf</td><td class="num"></td><td class="num"></td><td class="num">{figures.mass.figure(cut.kerfG)}</td><td
        class="num quiet">{share(cut.kerfG)}</td
      ></tr
    >
  </tbody>
</Table>
{#if cut.pieces.length > 0}
  <p class="quiet even">
    {cut.pieces[0]!.kind === 'shard'
      ? `Nine of ten shards weigh ${figures.massRange(cut.pieces[0]!.lightestG, cut.pieces[0]!.heaviestG)}.`
      : `Weight variation: ${(cut.massVariation * 100).toFixed(1)} %.`}
  </p>
  {#each swirls as { name, parts }, i (i)}
    <p class="quiet even figures">
      {name}: {parts.map(({ name: of, share }) => `${percent(share)} ${of}`).join(', ')} in each piece when stirred together.
      When swirled, a piece differs by {percent(Math.max(...parts.map(({ spread }) => spread)))}.
    </p>
  {/each}
{/if}

<style>
  .even {
    padding: 0.4rem 0.6rem;
    font-size: 0.88rem;
  }
</style>
