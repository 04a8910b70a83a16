<!-- Half an egg, a third of a can: the nearest whole ones, what each does to the thickness here, and the tin that keeps it. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { plan, tinsOf } from '../../../../core/usecases/plan';
  import type { WholeThing } from '../../../../core/scale';
  import type { Scale } from '../../../../core/slab';
  import { type TinCount, isSheet, sameTin, type AnyTin } from '../../../../core/tin';
  import { mm } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import { inTins } from './tins';

  let { things }: { things: readonly WholeThing[] } = $props();

  const work = slabWork();
  const { draft } = work;
  const scaleBy = (by: number): Scale => ({ mode: 'multiple', by });
  const heightMm = (by: number, tins: readonly TinCount[]) =>
    plan(inTins(draft.slab, tins, scaleBy(by)), work.larder, work.shop).slab.heightMm;
  const writtenMm = $derived(
    plan(inTins(draft.slab, [{ tin: draft.slab.tin, count: 1 }], { mode: 'same-thickness' }), work.larder, work.shop)
      .slab.heightMm,
  );
  const counted = (count: number, unit: WholeThing['unit']) =>
    `${count}${unit === 'pack' ? ` pack${count > 1 ? 's' : ''}` : ''}`;

  /** The single tin of the rack in which so much comes nearest to the written height. */
  function nearestTin(by: number): { name: string; tin: AnyTin; mm: number } | null {
    const here = tinsOf(draft.slab);
    const kinds = [{ name: 'the written tin', tin: draft.slab.tin }, ...work.rack]
      .filter(({ tin }) => !isSheet(tin) && !(here.length === 1 && here[0]!.count === 1 && sameTin(tin, here[0]!.tin)))
      .map(({ name, tin }) => ({ name, tin, mm: heightMm(by, [{ tin, count: 1 }]) }));
    const near = kinds.sort((a, b) => Math.abs(a.mm - writtenMm) - Math.abs(b.mm - writtenMm))[0];
    return near ?? null;
  }
</script>

<h2>Whole things</h2>
<table class="table">
  <thead
    ><tr><th>Ingredient</th><th class="num">Asked for</th><th>Use whole ones: here, or in another tin</th></tr></thead
  >
  <tbody>
    {#each things as { lines, ingredient, unit, exact, options } (`${lines[0]!.p} ${lines[0]!.l}`)}
      <tr>
        <td
          >{ingredient}{#if lines.length > 1}<span class="quiet">{`, in ${lines.length} pots`}</span>{/if}</td
        >
        <td class="num">{Number(exact.toPrecision(3))}</td>
        <td
          ><div class="options">
            {#each options as { count, by } (count)}
              {@const near = nearestTin(by)}
              <Button
                size="small"
                kind="tertiary"
                on:click={() => draft.change(inTins(draft.slab, tinsOf(draft.slab), scaleBy(by)))}
              >
                {counted(count, unit)}: {mm(heightMm(by, tinsOf(draft.slab)))} mm high
              </Button>
              {#if near}
                <Button
                  size="small"
                  kind="ghost"
                  on:click={() => draft.change(inTins(draft.slab, [{ tin: near.tin, count: 1 }], scaleBy(by)))}
                >
                  {counted(count, unit)} in {near.name}: {mm(near.mm)} mm
                </Button>
              {/if}
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
