<!-- Dividing a side by halves and thirds, drawn round by round, with the error by eye compared with marks. -->
<script lang="ts">
  import { halving, type Side } from '$core/cut';
  import { shopFigures } from '$lib/format/shopFigures';

  let { side, name }: { side: Side; name: string } = $props();

  const figures = $derived(shopFigures());
  const found = $derived(halving(side));
  /** One row per round: existing lines, and those of the round. */
  const rows = $derived(
    (found?.rounds ?? []).map((round, at) => ({
      ...round,
      before: found!.rounds.slice(0, at).flatMap(({ linesMm }) => linesMm),
    })),
  );
  const ROW = 26;
</script>

{#if found}
  <figure>
    <figcaption>Halving by eye, {name}</figcaption>
    {#each rows as { into, before, linesMm }, i (i)}
      <div>
        <span class="quiet">{i + 1}. {into === 2 ? 'halve' : 'cut in three'}</span>
        <svg viewBox="0 0 {side.insideMm} {ROW}" preserveAspectRatio="none" height={ROW} aria-hidden="true">
          <rect width={side.insideMm} height={ROW} />
          {#each before as mm (mm)}<path d="M{mm} 0v{ROW}" />{/each}
          {#each linesMm as mm (mm)}<path class="now" d="M{mm} 0v{ROW}" />{/each}
        </svg>
        <span class="figures">{linesMm.map((mm) => figures.length.figure(mm)).join(', ')}</span>
      </div>
    {/each}
    <p class="quiet figures">
      Typical error per piece: {figures.length.say(found.byEyeMm)} by eye, {figures.length.say(found.byMarksMm)} with marks
      measured from one edge.
    </p>
  </figure>
{/if}

<style>
  figure {
    margin-bottom: 0.6rem;
  }

  figcaption {
    font-weight: 650;
    font-size: 0.92rem;
  }

  div {
    display: grid;
    grid-template-columns: 5rem minmax(6rem, 9rem) 1fr;
    gap: 0.5rem;
    align-items: center;
    margin-top: 0.2rem;
    font-size: 0.88rem;
  }

  svg {
    width: 100%;
  }

  rect {
    fill: var(--sunk);
  }

  path {
    stroke: var(--quiet);
    vector-effect: non-scaling-stroke;
  }

  .now {
    stroke: var(--primary);
    stroke-width: 3px;
  }

  p {
    font-size: 0.88rem;
    margin-top: 0.2rem;
  }
</style>
