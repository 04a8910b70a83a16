<!-- One piece as a bar of money, to scale: a part for each layer, which opens to what is in it. -->
<script lang="ts">
  import type { Look } from '../../../../core/classify';
  import Nothing from '$lib/ui/Nothing.svelte';
  import { coinDigits } from '../../../../core/cost';
  import { money } from '$lib/money';
  import { percent } from '$lib/figures';

  interface Part {
    readonly id: string;
    readonly name: string;
    readonly look: Look | null;
    /** What this part of one piece costs. */
    readonly cost: number;
    readonly lines: readonly { readonly name: string; readonly cost: number | null }[];
  }
  interface Props {
    parts: readonly Part[];
    /** What one piece costs. */
    each: number;
    currency: string;
    pieces: number;
  }
  let { parts, each, currency, pieces }: Props = $props();

  let chosen: string | null = $state(null);
  const open = $derived(parts.find(({ id }) => id === chosen) ?? null);
  const total = $derived(parts.reduce((sum, { cost }) => sum + cost, 0));
  /** Lines of the opened part, or of all of them, the dearest first; the same thing in two places is one. */
  const lines = $derived.by(() => {
    const all = (open ? [open] : parts).flatMap((part) => part.lines);
    return [...new Set(all.map(({ name }) => name))]
      .map((name) => ({
        name,
        cost: all.reduce((sum, line) => (line.name === name ? sum + (line.cost ?? 0) : sum), 0),
      }))
      .sort((a, b) => b.cost - a.cost);
  });
  const most = $derived(Math.max(1e-12, ...lines.map(({ cost }) => cost)));
  const coin = $derived(10 ** -coinDigits(currency));
  /** Less than half a coin is still something. */
  const small = (cost: number) => (cost > 0 && cost < coin / 2 ? `< ${money(coin, currency)}` : money(cost, currency));
  const share = (cost: number) => (total > 0 ? cost / total : 0);
</script>

{#if total <= 0}
  <Nothing title="Nothing here has a price yet">
    <p>Write what a pack costs in the table beside, or in the larder.</p>
  </Nothing>
{:else}
  <p class="each figures"><b>{money(each, currency)}</b> <span class="quiet">each of {pieces} pieces</span></p>
  <div class="bar" role="group" aria-label="What one piece is made of, in money">
    {#each parts as { id, name, look, cost } (id)}
      {#if cost > 0}
        <button
          type="button"
          style:flex-grow={share(cost)}
          class:chosen={id === chosen}
          aria-expanded={id === chosen}
          aria-label="{name}, {money(cost, currency)}, {percent(share(cost))}"
          onclick={() => (chosen = chosen === id ? null : id)}
        >
          <svg aria-hidden="true"
            ><rect width="100%" height="100%" fill={look ? `url(#fill-${look})` : 'var(--sunk)'} /></svg
          >
          <span class="label"
            ><b>{name}</b><span class="figures">{money(cost, currency)} · {percent(share(cost))}</span></span
          >
        </button>
      {/if}
    {/each}
  </div>
  <h3>{open ? `In ${open.name}` : 'What is in it, the dearest first'}</h3>
  <ul class="lines">
    {#each lines as { name, cost } (name)}
      <li>
        <span class="name">{name}</span>
        <span class="track"><span class="fill" style:width="{(cost / most) * 100}%"></span></span>
        <span class="figures">{small(cost)}</span>
        <span class="figures quiet">{percent(share(cost))}</span>
      </li>
    {/each}
  </ul>
{/if}

<style>
  .each b {
    font-size: 1.6rem;
  }

  .bar {
    display: flex;
    height: 132px;
    border: 2px solid var(--steel);
    flex: none;
  }

  button {
    position: relative;
    container-type: inline-size;
    flex-basis: 0;
    min-width: 24px;
    padding: 0;
    border: 0;
    border-right: 2px solid var(--panel);
    overflow: hidden;
    cursor: pointer;
    font: inherit;
    color: var(--ink);
    background: none;
  }

  button:last-child {
    border-right: 0;
  }

  button:focus-visible,
  button.chosen {
    outline: 3px solid var(--primary);
    outline-offset: -3px;
    z-index: 1;
  }

  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }

  .label {
    position: absolute;
    left: 0.4rem;
    bottom: 0.4rem;
    max-width: calc(100% - 0.8rem);
    padding: 0.15rem 0.4rem;
    background: var(--panel);
    text-align: left;
    font-size: 0.85rem;
    line-height: 1.25;
  }

  .label > * {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  /* A part that is too narrow for its name says it when it is opened, and in the list below. */
  @container (max-width: 72px) {
    .label {
      display: none;
    }
  }

  h3 {
    font-size: 1rem;
    font-weight: 650;
    margin: 0.9rem 0 0.3rem;
  }

  .lines {
    flex: 1;
    min-height: 0;
    overflow: auto;
    scrollbar-width: thin;
  }

  li {
    display: grid;
    grid-template-columns: minmax(0, 11rem) 1fr 4.5rem 3.5rem;
    gap: 0.6rem;
    align-items: center;
    min-height: 28px;
    border-bottom: 1px solid var(--rule);
    font-size: 0.92rem;
  }

  li .figures {
    text-align: right;
  }

  .name {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .track {
    height: 14px;
    background: var(--sunk);
  }

  .fill {
    display: block;
    height: 100%;
    background: var(--smooth);
  }

  @media (max-width: 759px) {
    .bar {
      height: 80px;
    }
  }
</style>
