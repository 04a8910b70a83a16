<!-- Shares of a mixture by layer, as a bar with draggable borders. -->
<script lang="ts">
  import { withShares, type Preparation } from '$core/slab';
  import { lookOf } from '$core/classify';

  import { slabWork } from '$lib/draft/slabContext';
  import { shopFigures } from '$lib/format/shopFigures';

  let { preparation, at }: { preparation: Preparation; at: number } = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const massG = $derived(work.plan.preparations[at]?.massOutG ?? 0);
  const parts = $derived(
    draft.slab.layers.flatMap((layer) =>
      layer.from
        .filter((part) => part.preparation === preparation.id)
        .map(({ share }) => ({ layer, share, texture: lookOf(layer, draft.slab.preparations) })),
    ),
  );
  const total = $derived(parts.reduce((sum, { share }) => sum + share, 0));
  const left = $derived(Math.max(0, 1 - total));
  const borders = $derived(parts.map((_, i) => parts.slice(0, i + 1).reduce((sum, { share }) => sum + share, 0)));

  let strip: HTMLElement | undefined = $state();
  let drag: number | null = null;

  /** Moves the border after part i: what that part gains, its neighbour or the leftover loses. */
  function move(i: number, to: number) {
    const from = i === 0 ? 0 : borders[i - 1]!;
    const until = i + 1 < parts.length ? borders[i + 1]! : 1;
    const border = Math.min(until, Math.max(from, Math.round(to * 100) / 100));
    const shares = parts.map(({ share }, j) =>
      j === i ? border - from : j === i + 1 ? borders[i + 1]! - border : share,
    );
    draft.change(withShares(draft.slab, preparation.id, shares), `${preparation.id} shares`);
  }

  function pull(event: PointerEvent) {
    if (drag === null) return;
    const box = strip!.getBoundingClientRect();
    move(drag, (event.clientX - box.left) / box.width);
  }

  function key(event: KeyboardEvent, i: number) {
    const step = { ArrowRight: 0.01, ArrowUp: 0.01, ArrowLeft: -0.01, ArrowDown: -0.01 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    move(i, borders[i]! + step * (event.shiftKey ? 5 : 1));
  }
</script>

{#if parts.length > 0}
  <div class="strip" bind:this={strip} role="group" aria-label="Layers made from {preparation.name}">
    {#each parts as { layer, share, texture }, i (i)}
      <div class="part" style:width="{share * 100}%">
        <svg aria-hidden="true" preserveAspectRatio="none"
          ><rect width="100%" height="100%" fill="url(#fill-{texture})" /></svg
        >
        <span>{layer.name} {(share * 100).toFixed(0)} %{` · ${figures.mass.say(share * massG)}`}</span>
      </div>
    {/each}
    {#if left > 0.001}
      <div class="part left" style:width="{left * 100}%">
        <span>unused {(left * 100).toFixed(0)} %{` · ${figures.mass.say(left * massG)}`}</span>
      </div>
    {/if}
    {#each borders as border, i (i)}
      <button
        type="button"
        class="border"
        role="slider"
        aria-label="{preparation.name} into {parts[i]!.layer.name}"
        aria-valuemin="0"
        aria-valuemax="100"
        aria-valuenow={Math.round(parts[i]!.share * 100)}
        aria-valuetext="{(parts[i]!.share * 100).toFixed(0)} %"
        style:left="{border * 100}%"
        onkeydown={(event) => key(event, i)}
        onpointerdown={(event) => {
          (event.currentTarget as Element).setPointerCapture(event.pointerId);
          drag = i;
        }}
        onpointermove={pull}
        onpointerup={() => (drag = null)}
      ></button>
    {/each}
  </div>
{/if}

<style>
  .strip {
    position: relative;
    display: flex;
    height: 30px;
    margin: 0.5rem 8px 0 0;
    border: 1px solid var(--rule-strong);
    background: var(--sunk);
    touch-action: none;
  }

  .part {
    position: relative;
    overflow: hidden;
    min-width: 0;
    display: grid;
    align-items: center;
  }

  .part svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }

  .part span {
    position: relative;
    justify-self: start;
    margin-left: 0.35rem;
    padding: 0 0.3rem;
    font-size: 0.8rem;
    white-space: nowrap;
    background: var(--panel);
    font-variant-numeric: tabular-nums;
  }

  .left {
    background: repeating-linear-gradient(45deg, var(--sunk) 0 6px, var(--panel) 6px 12px);
  }

  .border {
    position: absolute;
    top: -4px;
    bottom: -4px;
    width: 14px;
    margin-left: -7px;
    padding: 0;
    border: 0;
    cursor: ew-resize;
    background: linear-gradient(var(--ink), var(--ink)) center / 3px 100% no-repeat;
  }

  .border:focus-visible {
    outline-offset: 0;
  }
</style>
