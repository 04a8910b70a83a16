<!-- Fractions of eggs and cans: the nearest whole counts, their effect on thickness, and a tin that keeps it. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import { heightsOf, nearestTin } from '$core/usecases';
  import { inTins, scaleOf, tinsOf } from '$core/slab';
  import type { WholeThing } from '$core/scale';
  import type { Scale } from '$core/slab';
  import type { TinCount } from '$core/tin';

  import { slabWork } from '$lib/draft/slabContext';
  import Notice from '$lib/ui/Notice.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  let { things }: { things: readonly WholeThing[] } = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const scaleBy = (by: number): Scale => ({ mode: 'scaleFactor', by });
  const heights = $derived(heightsOf(draft.slab, work.larder, work.shop));
  const heightMm = (by: number, tins: readonly TinCount[]) => heights(tins, scaleBy(by));
  const scale = $derived(scaleOf(draft.slab));
  /** The thickness that the maker has set; `null` if none is. */
  const wish = $derived(
    scale.mode === 'total-height'
      ? `${figures.length.say(scale.mm)} in all`
      : scale.mode === 'layer-thickness' && Object.keys(scale.mm).length > 0
        ? draft.slab.layers
            .filter(({ id }) => id in scale.mm)
            .map(({ id, name }) => `${name} ${figures.length.say(scale.mm[id]!)}`)
            .join(', ')
        : null,
  );
  /** A height within this of the wanted one keeps it, as a share. */
  const KEEPS = 0.03;
  const wantedMm = $derived(work.plan.slab.heightMm);
  const keeps = (heightMm: number) =>
    wish !== null && Math.abs(heightMm - wantedMm) <= KEEPS * wantedMm ? ', keeps your thickness' : '';
  const counted = (count: number, unit: WholeThing['unit']) =>
    `${count}${unit === 'pack' ? ` pack${count > 1 ? 's' : ''}` : ''}`;
</script>

<h2>Whole eggs, cans and packs</h2>
{#if wish !== null}
  <Notice>
    Your thickness is set: {wish}. Whole packs set the amounts, so only the tin is free to move. A choice below replaces
    your thickness, unless it says that it keeps it.
  </Notice>
{/if}
<Table size="compact" class="table">
  <thead
    ><tr><th>Ingredient</th><th class="num">Amount needed</th><th>Round to whole, in this tin or another</th></tr
    ></thead
  >
  <tbody>
    {#each things as { lines, ingredient, unit, exact, options } (`${lines[0]!.p} ${lines[0]!.l}`)}
      <tr>
        <td
          >{ingredient}{#if lines.length > 1}<span class="quiet">{`, in ${lines.length} mixtures`}</span>{/if}</td
        >
        <td class="num">{Number(exact.toPrecision(3))}</td>
        <td
          ><div class="options">
            {#each options as { count, scaleFactor: by } (count)}
              {@const near = nearestTin(draft.slab, work.rack, by, heights)}
              <Button
                size="small"
                kind="tertiary"
                on:click={() => draft.change(inTins(draft.slab, tinsOf(draft.slab), scaleBy(by)))}
              >
                {counted(count, unit)}: {figures.length.say(heightMm(by, tinsOf(draft.slab)))} high{keeps(
                  heightMm(by, tinsOf(draft.slab)),
                )}
              </Button>
              {#if near}
                <Button
                  size="small"
                  kind="ghost"
                  on:click={() => draft.change(inTins(draft.slab, [{ tin: near.tin, count: 1 }], scaleBy(by)))}
                >
                  {counted(count, unit)} in {near.name}: {figures.length.say(near.heightMm)}{keeps(near.heightMm)}
                </Button>
              {/if}
            {/each}
          </div></td
        >
      </tr>
    {/each}
  </tbody>
</Table>

<style>
  h2 {
    margin: 0.8rem 0 0.4rem;
  }

  .options {
    display: grid;
    grid-template-columns: repeat(2, max-content);
    gap: 0.3rem;
  }

  .options :global(.bx--btn) {
    padding: 0 0.6rem;
    width: 100%;
    max-width: none;
  }
</style>
