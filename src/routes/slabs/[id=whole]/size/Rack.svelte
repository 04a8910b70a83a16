<!-- The rack: a tap selects a tin, plus and minus select several. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { invalidateAll } from '$app/navigation';
  import Add from 'carbon-icons-svelte/lib/Add.svelte';
  import Subtract from 'carbon-icons-svelte/lib/Subtract.svelte';
  import { inTins, tinsOf } from '$core/slab';
  import { sameOnRack as same, tinInWords, withoutOutline, type AnyTin, type TinCount } from '$core/tin';
  import type { StoredTin } from '$lib/server/tins';
  import { slabWork } from '$lib/draft/slabContext';
  import TinDialog from '$lib/ui/TinDialog.svelte';
  import TinShape from '$lib/ui/TinShape.svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const tins = $derived(tinsOf(slab));

  const countOf = (tin: AnyTin) => tins.find((placed) => same(placed.tin, tin))?.count ?? 0;

  /** The tin of the base recipe comes first, with the rack's count. */
  const kinds = $derived.by(() => {
    const written = work.rack.find(({ tin }) => same(tin, slab.tin));
    const first: Pick<StoredTin, 'id' | 'name' | 'count' | 'tin'> = {
      id: 0,
      name: written ? `${written.name}, base recipe` : 'Base recipe',
      count: written?.count ?? 1,
      tin: slab.tin,
    };
    return [first, ...work.rack.filter(({ tin }) => !same(tin, slab.tin))];
  });

  let adding = $state(false);

  function choose(tin: AnyTin) {
    draft.change(inTins(slab, [{ tin, count: 1 }]));
  }

  function count(tin: AnyTin, by: number) {
    const others = tins.filter((placed) => !same(placed.tin, tin));
    const now = tins.find((placed) => same(placed.tin, tin));
    const next: TinCount[] = [...tins];
    const at = tins.findIndex((placed) => same(placed.tin, tin));
    const n = (now?.count ?? 0) + by;
    if (at === -1) next.push({ tin, count: 1 });
    else next[at] = { tin: now!.tin, count: n };
    draft.change(inTins(slab, n < 1 && at !== -1 ? others : next));
  }
</script>

<ul class="rack">
  {#each kinds as { id, name, count: have, tin } (id)}
    {@const on = countOf(tin)}
    <li class:on={on > 0}>
      <button type="button" class="choose" aria-pressed={on > 0} onclick={() => choose(tin)}>
        <TinShape {tin} pxPerMm={0.13} />
        <span class="words">
          <b
            >{name}{#if have > 1}<span class="quiet">{`\u00a0x\u00a0${have}`}</span>{/if}</b
          >
          <span class="quiet">{tinInWords(withoutOutline(tin), figures)}</span>
        </span>
      </button>
      <div class="count">
        <button
          type="button"
          aria-label="One fewer {name}"
          disabled={on === 0 || (on === 1 && tins.length === 1)}
          onclick={() => count(tin, -1)}><Subtract size={16} /></button
        >
        <output aria-label="Number of {name}">{on || ''}</output>
        <button type="button" aria-label="One more {name}" onclick={() => count(tin, 1)}><Add size={16} /></button>
      </div>
    </li>
  {/each}
  <li class="another">
    <Button size="small" kind="ghost" icon={Add} on:click={() => (adding = true)}>Another tin</Button>
  </li>
</ul>
{#if adding}
  <TinDialog
    rackTin={null}
    act="Use this tin"
    onleave={() => (adding = false)}
    ondone={async (tin) => {
      adding = false;
      choose(tin);
      await invalidateAll();
    }}
  />
{/if}

<style>
  .rack {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: 0.4rem;
  }

  li {
    display: flex;
    background: var(--panel);
    border: 1px solid var(--rule);
  }

  li.another {
    align-items: center;
    background: none;
    border-style: dashed;
  }

  li.on {
    border-color: var(--primary);
    box-shadow: inset 0 0 0 2px var(--primary);
  }

  button {
    background: none;
    border: 0;
    color: var(--ink);
    font: inherit;
    cursor: pointer;
  }

  button:disabled {
    color: var(--rule-strong);
    cursor: default;
  }

  .choose {
    flex: 1;
    display: grid;
    grid-template-columns: 54px 1fr;
    gap: 0.5rem;
    align-items: center;
    justify-items: center;
    min-height: 58px;
    padding: 0.3rem 0.4rem;
    font-size: 0.86rem;
    text-align: left;
  }

  .words {
    display: grid;
    justify-self: start;
  }

  .quiet {
    font-size: 0.8rem;
    font-weight: 400;
  }

  .count {
    display: grid;
    align-content: space-between;
    justify-items: center;
    width: 30px;
    border-left: 1px solid var(--rule);
  }

  .count button {
    width: 100%;
    min-height: 25px;
    padding: 0;
  }

  .count button:first-child {
    order: 3;
  }

  output {
    order: 2;
    font-weight: 650;
    font-size: 0.95rem;
    min-height: 1.3em;
  }

  @media (pointer: coarse) {
    .rack {
      grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
    }

    .choose {
      grid-template-columns: minmax(0, 1fr);
      gap: 0.2rem;
    }

    .choose :global(svg) {
      justify-self: start;
    }

    .count {
      width: 44px;
    }

    .count button {
      min-height: 44px;
    }
  }
</style>
