<!-- Which tin the slab is made in, what stays as it is, and what that does to every line and layer. -->
<script lang="ts">
  import { Button, RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
  import { plan, scaleOf, tinsOf, writtenForItsTin } from '../../../../core/plan';
  import type { Slab } from '../../../../core/slab';
  import { sameTin, tinInWords, type Tin } from '../../../../core/tin';
  import { grams, mm } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Cupboard from './Cupboard.svelte';
  import WholeThings from './WholeThings.svelte';
  import TinShape from '$lib/ui/TinShape.svelte';

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const made = $derived(tinsOf(slab)[0]!.tin);
  const several = $derived(tinsOf(slab).length > 1 || tinsOf(slab)[0]!.count > 1);
  const scale = $derived(scaleOf(slab));
  const asWritten = $derived(plan(withTin(slab, slab.tin, undefined), work.larder, work.shop));
  const now = $derived(work.plan);
  const shownMode = $derived(scale.mode === 'layer-thickness' ? 'same-thickness' : scale.mode);
  const isWritten = $derived(sameTin(made, slab.tin) && !several && slab.scale === undefined);

  const rack = $derived(work.rack.filter(({ tin }) => !sameTin(tin, slab.tin)));

  /** The slab in a tin; in its written tin it carries no choice of tin at all. */
  function withTin(from: Slab, tin: Tin, kept: Slab['scale']): Slab {
    const { tins: _tins, scale: _scale, ...rest } = from;
    return {
      ...rest,
      ...(sameTin(tin, from.tin) ? {} : { tins: [{ tin, count: 1 }] }),
      ...(kept ? { scale: kept } : {}),
    };
  }

  function choose(tin: Tin) {
    draft.change(withTin(slab, tin, slab.scale));
  }

  function setMode(mode: string) {
    // The group also tells of changes that come from elsewhere, as when an edge is pulled.
    if (mode === shownMode) return;
    if (mode === 'multiple') draft.change({ ...slab, scale: { mode, by: 1 } });
    else if (mode === 'as-far-as') draft.change({ ...slab, scale: { mode, have: [] } });
    else if (mode === 'total-height')
      draft.change({ ...slab, scale: { mode, mm: Number(now.slab.heightMm.toFixed(1)) || 1 } });
    else draft.change(withTin(slab, made, undefined));
  }

  function writeAnew() {
    draft.change(writtenForItsTin(slab, work.larder, work.shop));
  }

  const change = (before: number, after: number) => (before > 0 ? `${(after / before).toFixed(2)} x` : '');
</script>

<h2>Tin</h2>
<ul class="rack">
  {#each [{ id: 0, name: 'As written', count: 1, tin: slab.tin }, ...rack] as { id, name, count, tin } (id)}
    {@const on = !several && sameTin(tin, made)}
    <li>
      <button type="button" aria-pressed={on} class:on onclick={() => choose(tin)}>
        <TinShape {tin} pxPerMm={0.15} />
        <span class="words">
          <b
            >{name}{#if count > 1}<span class="quiet">{` x ${count}`}</span>{/if}</b
          >
          <span class="quiet">{tinInWords(tin)}</span>
        </span>
      </button>
    </li>
  {/each}
</ul>
{#if several}<p class="said">
    This slab is made in {tinsOf(slab)
      .map(({ tin, count }) => `${count} x ${tinInWords(tin)}`)
      .join(' and ')}; the drawing shows the first. Choose one tin to leave that.
  </p>{/if}

<div class="modes">
  <RadioButtonGroup
    legendText="What stays as it is"
    selected={shownMode}
    on:change={(event) => setMode(String(event.detail))}
  >
    <RadioButton value="same-thickness" labelText="thickness of the layers" />
    <RadioButton value="total-height" labelText="a total height" />
    <RadioButton value="multiple" labelText="the amounts, times" />
    <RadioButton value="as-far-as" labelText="what is in the cupboard" />
  </RadioButtonGroup>
  {#if scale.mode === 'multiple'}
    <div class="by">
      <NumberField
        label="Times"
        hideLabel
        value={scale.by}
        limits={{ min: 0.01, max: 1000 }}
        name="multiple"
        typed={draft.typed}
        onvalue={(by) => by !== null && draft.change({ ...slab, scale: { mode: 'multiple', by } }, 'multiple')}
      />
    </div>
  {:else if scale.mode === 'total-height'}
    <div class="by">
      <NumberField
        label="Total height, mm"
        hideLabel
        value={scale.mm}
        limits={{ min: 1, max: 1000 }}
        name="total height"
        typed={draft.typed}
        onvalue={(mm) => mm !== null && draft.change({ ...slab, scale: { mode: 'total-height', mm } }, 'total height')}
      />
    </div>
  {:else if scale.mode === 'as-far-as'}
    <Cupboard have={scale.have} />
  {:else if scale.mode === 'layer-thickness'}
    <p>
      Changed by hand: {slab.layers
        .filter(({ id }) => id in scale.mm)
        .map(({ id, name }) => `${name} ${mm(scale.mm[id]!)} mm`)
        .join(', ')}.
      <Button size="small" kind="ghost" on:click={() => draft.change(withTin(slab, made, undefined))}
        >Back to the written thickness</Button
      >
    </p>
  {/if}
</div>

{#if now.wholeThings.length > 0}<WholeThings things={now.wholeThings} />{/if}

<h2>Layer by layer</h2>
<table class="table">
  <thead>
    <tr
      ><th>Layer, from the top</th><th class="num">Written, mm</th><th class="num">Now, mm</th><th class="num"
        >Written, g</th
      ><th class="num">Now, g</th></tr
    >
  </thead>
  <tbody>
    {#each [...slab.layers.keys()].reverse() as at (slab.layers[at]!.id)}
      {@const before = asWritten.layers[at]!}
      {@const after = now.layers[at]!}
      <tr>
        <td>{slab.layers[at]!.name}</td>
        <td class="num quiet">{before.thicknessMm > 0 ? mm(before.thicknessMm) : '-'}</td>
        <td class="num"><b>{after.thicknessMm > 0 ? mm(after.thicknessMm) : '-'}</b></td>
        <td class="num quiet">{grams(before.massG)}</td>
        <td class="num"><b>{grams(after.massG)}</b></td>
      </tr>
    {/each}
  </tbody>
</table>

<h2>Line by line</h2>
<table class="table lines">
  <thead>
    <tr><th>Ingredient</th><th class="num">Written</th><th class="num">Now, g</th><th class="num">Measure</th></tr>
  </thead>
  {#each slab.preparations as preparation, p (preparation.id)}
    {@const planned = now.preparations[p]!}
    <tbody>
      <tr class="group">
        <th scope="rowgroup" colspan="2">{preparation.name}</th>
        <td class="num" colspan="2"
          >{change(1, planned.multiple)}{#if planned.cooks > 1}, in {planned.cooks} cooks{/if}</td
        >
      </tr>
      {#each preparation.lines as line, l (l)}
        {@const amount = planned.lines[l]!}
        <tr>
          <td
            >{line.ingredient}{#if line.state}<span class="quiet">, {line.state}</span>{/if}</td
          >
          <td class="num quiet">{amount.asWritten}</td>
          <td class="num"><b>{amount.massG === null ? 'no weight' : grams(amount.massG)}</b></td>
          <td class="num">
            {amount.measured}{#if Math.abs(amount.measuredError) >= 0.03}<span class="off">
                ({amount.measuredError > 0 ? '+' : '-'}{Math.abs(amount.measuredError * 100).toFixed(0)} %)</span
              >{/if}
          </td>
        </tr>
      {/each}
    </tbody>
  {/each}
</table>
{#if !isWritten && !several}
  <p class="anew">
    <Button size="small" kind="tertiary" on:click={writeAnew}>Write the slab for this tin</Button>
    <span class="quiet">The amounts as they are now become the written ones.</span>
  </p>
{/if}

<style>
  h2 {
    margin: 0.8rem 0 0.4rem;
  }

  h2:first-child {
    margin-top: 0;
  }

  .rack {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 0.5rem;
  }

  .rack button {
    display: grid;
    grid-template-columns: 56px 1fr;
    gap: 0.6rem;
    align-items: center;
    justify-items: center;
    width: 100%;
    height: 100%;
    min-height: 62px;
    padding: 0.4rem 0.5rem;
    background: var(--panel);
    border: 1px solid var(--rule);
    color: var(--ink);
    font: inherit;
    font-size: 0.88rem;
    cursor: pointer;
    text-align: left;
  }

  .words {
    display: grid;
    justify-self: start;
  }

  .rack button.on {
    border-color: var(--primary);
    box-shadow: inset 0 0 0 2px var(--primary);
  }

  .rack .quiet {
    font-size: 0.82rem;
    font-weight: 400;
  }

  .modes {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1rem;
    align-items: end;
    margin-top: 0.8rem;
  }

  .by {
    width: 5rem;
  }

  .group th,
  .group td {
    border-bottom: 1px solid var(--rule-strong);
    padding-top: 0.6rem;
    color: var(--ink);
    font-weight: 650;
  }

  .off {
    color: var(--hot);
  }

  .anew {
    margin-top: 0.6rem;
  }
</style>
