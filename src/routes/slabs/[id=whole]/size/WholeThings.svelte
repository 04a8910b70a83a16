<!-- Half an egg, a third of a can: the nearest whole ones, and what each does to the height. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { plan } from '../../../../core/plan';
  import type { WholeThing } from '../../../../core/scale';
  import type { Scale } from '../../../../core/slab';
  import { mm } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';

  let { things }: { things: readonly WholeThing[] } = $props();

  const work = slabWork();
  const { draft } = work;
  const scaleBy = (by: number): Scale => ({ mode: 'multiple', by });
  const heightMm = (by: number) => plan({ ...draft.slab, scale: scaleBy(by) }, work.larder, work.shop).slab.heightMm;
  const counted = (count: number, unit: WholeThing['unit']) =>
    `${count}${unit === 'pack' ? ' pack' : ''}${unit === 'pack' && count > 1 ? 's' : ''}`;
</script>

<h2>Whole things</h2>
<table class="table">
  <thead><tr><th>Ingredient</th><th class="num">Asked for</th><th>Make it</th></tr></thead>
  <tbody>
    {#each things as { p, l, ingredient, unit, exact, options } (`${p} ${l}`)}
      <tr>
        <td>{ingredient}</td>
        <td class="num">{Number(exact.toPrecision(3))}</td>
        <td
          ><div class="options">
            {#each options as { count, by } (count)}
              <Button size="small" kind="tertiary" on:click={() => draft.change({ ...draft.slab, scale: scaleBy(by) })}>
                {counted(count, unit)}: {mm(heightMm(by))} mm high
              </Button>
            {/each}
          </div></td
        >
      </tr>
    {/each}
  </tbody>
</table>

<style>
  h2 {
    margin: 0.8rem 0 0.4rem;
  }

  .options {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }

  .options :global(.bx--btn) {
    padding: 0 0.7rem;
  }
</style>
