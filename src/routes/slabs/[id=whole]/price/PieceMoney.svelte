<!-- The price of one piece as a bar to scale: costs, profit and tax; each part opens. -->
<script lang="ts">
  import type { PartKey, PricePart } from './pieceMoney';

  interface Props {
    parts: readonly PricePart[];
    /** Formats coins. */
    show: (coins: number) => string;
    chosen: PartKey;
  }
  let { parts, show, chosen = $bindable() }: Props = $props();

  /** Drawn parts: losses and sold trims take no room in the bar and are listed below it. */
  const drawn = $derived(parts.filter(({ coins }) => coins > 0));
  const total = $derived(drawn.reduce((sum, { coins }) => sum + coins, 0));
  const taken = $derived(parts.filter(({ coins }) => coins < 0));
  const price = $derived(parts.reduce((sum, { coins }) => sum + coins, 0));
  const share = (coins: number) => (total > 0 ? coins / total : 0);
</script>

<div class="bar" role="group" aria-label="Breakdown of the price of one piece">
  {#each drawn as { key, name, coins } (key)}
    <button
      type="button"
      class={key}
      class:chosen={key === chosen}
      style:flex-grow={share(coins)}
      aria-pressed={key === chosen}
      aria-label="{name}, {show(coins)}"
      onclick={() => (chosen = key)}
    >
      <span class="label" aria-hidden="true"><b>{name}</b><span class="figures">{show(coins)}</span></span>
    </button>
  {/each}
  {#if price < total && total > 0}
    <span class="mark" class:early={price / total < 0.35} style:left="{(price / total) * 100}%"
      ><span class="figures">sold at {show(price)}</span></span
    >
  {/if}
</div>
{#if taken.length > 0}
  <p class="taken figures">
    {#each taken as { key, name, coins } (key)}
      {#if key === 'margin'}<b class="harm">Every piece loses {show(-coins)}.</b>
      {:else}{name} bring back {show(-coins)}.{/if}
    {/each}
  </p>
{/if}

<style>
  .bar {
    position: relative;
    display: flex;
    flex: none;
    height: 104px;
    border: 2px solid var(--steel);
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
    background: var(--sunk);
  }

  button:last-of-type {
    border-right: 0;
  }

  button:focus-visible,
  button.chosen {
    outline: 3px solid var(--primary);
    outline-offset: -3px;
    z-index: 1;
  }

  /** Each part differs by its pattern as well as by its colour. */
  .ingredients {
    background: var(--crumb-lit);
  }

  .labour {
    background: repeating-linear-gradient(90deg, var(--hot-ground) 0 10px, var(--panel) 10px 12px);
  }

  .energy {
    background: repeating-linear-gradient(135deg, var(--hot-ground) 0 5px, var(--rule) 5px 7px);
  }

  .packing {
    background: repeating-linear-gradient(0deg, var(--sunk) 0 9px, var(--paper) 9px 11px);
  }

  .overhead {
    background: repeating-linear-gradient(45deg, var(--sunk) 0 7px, var(--rule) 7px 9px);
  }

  .rejects {
    background: repeating-linear-gradient(90deg, var(--harm-ground) 0 6px, var(--panel) 6px 8px);
  }

  .margin {
    background: color-mix(in srgb, var(--good) 24%, var(--panel));
  }

  .tax {
    background: var(--rule);
  }

  .label {
    position: absolute;
    left: 0.3rem;
    bottom: 0.3rem;
    max-width: calc(100% - 0.6rem);
    padding: 0.1rem 0.35rem;
    background: var(--panel);
    color: var(--ink);
    text-align: left;
    font-size: 0.82rem;
    line-height: 1.25;
  }

  .label > * {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  /** A part too narrow for its name is named when it is opened. */
  @container (max-width: 76px) {
    .label {
      display: none;
    }
  }

  .mark {
    position: absolute;
    top: -2px;
    bottom: -2px;
    border-left: 3px solid var(--harm);
    pointer-events: none;
    z-index: 2;
  }

  .mark span {
    position: absolute;
    top: 0.2rem;
    right: 0.4rem;
    padding: 0 0.35rem;
    background: var(--panel);
    color: var(--harm);
    font-size: 0.82rem;
    white-space: nowrap;
  }

  .taken {
    margin-top: 0.3rem;
    font-size: 0.92rem;
  }

  .harm {
    color: var(--harm);
  }

  .mark.early span {
    right: auto;
    left: 0.4rem;
  }

  @media (max-width: 759px) {
    .bar {
      height: 74px;
    }
  }
</style>
