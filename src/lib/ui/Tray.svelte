<!--
  The strip under every station: what the maker cares about whatever they are changing, old beside new until it is kept. On a phone it
  is one line of three figures that opens upward.
-->
<script lang="ts">
  import { afterNavigate } from '$app/navigation';
  import type { Guess, Plan } from '../../core/usecases';
  import { aboutDuration } from '$lib/figures';
  import { money } from '$lib/money';
  import type { KnownWarning, Slab } from '../../core/slab';
  import { asTin } from '../../core/tin';
  import { shopFigures } from '$lib/shopFigures';

  interface Props {
    /** The plan as it is now and as last kept, each with the allergens that it carries. */
    plan: Plan;
    allergens: readonly string[];
    kept: Plan;
    keptAllergens: readonly string[];
    /** What a piece is sold at, as it is now and as last kept; null while that is not known. */
    soldAt: string | null;
    keptSoldAt: string | null;
    slab: Slab;
    /** Minutes until it is ready, and of work among them; null while that is not known. */
    readyIn: { readonly minutes: number; readonly handsMinutes: number } | null;
    /** What is taken as usual because nobody has said it. */
    guesses: readonly Guess[];
    unread: number;
    known: readonly KnownWarning[];
    onknown: (known: readonly KnownWarning[]) => void;
    /** Goes to what a warning speaks of. */
    onshow: (where: string) => void;
  }
  let {
    plan,
    allergens,
    kept,
    keptAllergens,
    soldAt,
    keptSoldAt,
    slab,
    readyIn,
    guesses,
    unread,
    known,
    onknown,
    onshow,
  }: Props = $props();

  const shown = $derived(shopFigures());
  const some = $derived(plan.warnings.length + plan.settled.length > 0);

  function figures({ cut, cost, slab: planned, slabs, warnings }: Plan, carried: readonly string[]) {
    const [piece] = cut.pieces;
    const count = cut.pieces.reduce((sum, kind) => sum + kind.count, 0);
    const light = Math.min(...cut.pieces.map(({ lightestG }) => lightestG));
    const heavy = Math.max(...cut.pieces.map(({ heaviestG }) => heaviestG));
    const depthMm = slabs[0] ? asTin(slabs[0].tin).depthMm : 0;
    return {
      pieces: String(count),
      each: piece ? shown.massRange(light, heavy) : '-',
      cost: piece ? money(cost.perPiece, cost.currency) : '-',
      height:
        depthMm > 0
          ? `${shown.length.figure(planned.heightMm)} of ${shown.size(depthMm)}`
          : shown.length.say(planned.heightMm),
      allergens: carried.length > 0 ? carried.join(', ') : '-',
      warnings: String(warnings.length),
    };
  }
  const now = $derived(figures(plan, allergens));
  const before = $derived(figures(kept, keptAllergens));
  const ready = $derived(
    readyIn
      ? `${aboutDuration(readyIn.minutes)}, ${aboutDuration(readyIn.handsMinutes)} work`
      : slab.layers.length > 0
        ? '...'
        : '-',
  );
  /** Which of the lists is open. */
  let open: 'warnings' | 'guesses' | null = $state(null);
  // What is opened here belongs to the screen on which it was opened.
  afterNavigate(() => {
    open = null;
    raised = false;
  });
  let raised = $state(false);

  const CELLS = [
    ['pieces', 'Pieces'],
    ['each', 'Each'],
    ['cost', 'Ingredients'],
    ['height', 'Height'],
  ] as const;

  function shut(event: KeyboardEvent) {
    if (event.key !== 'Escape' || !open) return;
    event.stopPropagation();
    close();
  }

  let buttons: Record<string, HTMLButtonElement | undefined> = $state({});
  function close() {
    const was = open;
    open = null;
    if (was) buttons[was]?.focus();
  }
  function go(where: string) {
    open = null;
    onshow(where);
  }
</script>

<svelte:window onkeydown={shut} />
<section class="tray" class:raised aria-label="Tray">
  {#if open === 'warnings' && some}
    <div class="list" id="warnings">
      {#await import('./Warnings.svelte') then { default: Warnings }}
        <Warnings {plan} {known} {onknown} onshow={go} onclose={close} />
      {/await}
    </div>
  {:else if open === 'guesses' && guesses.length > 0}
    <div class="list" id="guesses">
      {#await import('./Guesses.svelte') then { default: Guesses }}
        <Guesses {guesses} onshow={go} onclose={close} />
      {/await}
    </div>
  {/if}
  <dl class="figures" aria-live="polite">
    {#each CELLS as [key, label] (key)}
      <div class={key}>
        <dt>{label}</dt>
        <dd>
          {#if before[key] !== now[key]}<s><span class="unseen">was </span>{before[key].replace(/ .*$/, '')}</s>{/if}
          <b>{now[key]}</b>
        </dd>
      </div>
    {/each}
    {#if soldAt !== null}
      <div class="sold">
        <dt>Sold at</dt>
        <dd>
          {#if keptSoldAt !== null && keptSoldAt !== soldAt}<s><span class="unseen">was </span>{keptSoldAt}</s>{/if}
          <b>{soldAt}</b>
        </dd>
      </div>
    {/if}
    <div class="ready">
      <dt>Ready in about</dt>
      <dd><b>{ready}</b></dd>
    </div>
    {#if slab.keep}
      <div class="keeps">
        <dt>Keeps</dt>
        <dd><b>{slab.keep.days} days, {slab.keep.place}</b></dd>
      </div>
    {/if}
    <div class="contains">
      <dt>Contains</dt>
      <dd title={now.allergens}>
        {#if before.allergens !== now.allergens}<s><span class="unseen">was </span>{before.allergens}</s>{/if}
        <b>{now.allergens}</b>
      </dd>
    </div>
  </dl>
  {#if unread > 0}
    <p class="unread">{unread} {unread === 1 ? 'field needs' : 'fields need'} another look</p>
  {/if}
  <button
    type="button"
    class="more"
    aria-expanded={raised}
    aria-label="All figures of the tray"
    onclick={() => (raised = !raised)}>{raised ? 'less' : 'more'}</button
  >
  {#if guesses.length > 0}
    <button
      bind:this={buttons.guesses}
      type="button"
      class="look guessed"
      aria-expanded={open === 'guesses'}
      aria-controls="guesses"
      onclick={() => (open = open === 'guesses' ? null : 'guesses')}
    >
      <span>Guessed</span>
      <b>{guesses.length}</b>
    </button>
  {/if}
  <button
    bind:this={buttons.warnings}
    type="button"
    class="look"
    class:some={plan.warnings.length > 0}
    aria-expanded={open === 'warnings' && some}
    aria-controls="warnings"
    disabled={!some}
    onclick={() => (open = open === 'warnings' ? null : 'warnings')}
  >
    <span>To look at</span>
    <b
      >{#if before.warnings !== now.warnings}<s>{before.warnings}</s>{/if}
      {now.warnings}{#if plan.settled.length > 0}<small>{` + ${plan.settled.length} known`}</small>{/if}</b
    >
  </button>
</section>

<style>
  .tray {
    position: sticky;
    bottom: 0;
    z-index: 5;
    display: flex;
    align-items: stretch;
    background: var(--bar);
    color: var(--on-bar);
    height: 62px;
  }

  dl {
    display: flex;
    flex: 1;
    min-width: 0;
  }

  dl > div {
    flex: 1 0 auto;
    padding: 0.5rem 1rem 0.4rem;
    border-right: 1px solid color-mix(in srgb, var(--on-bar) 22%, transparent);
  }

  dl > .contains {
    flex: 6 1 4rem;
    min-width: 0;
  }

  /* A long list takes two lines. */
  .contains dd {
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    line-clamp: 2;
    overflow: hidden;
    white-space: normal;
    font-size: 0.85rem;
    line-height: 1.2;
  }

  dt,
  .look span {
    display: block;
    font-size: 0.78rem;
    opacity: 0.88;
    white-space: nowrap;
  }

  dd,
  .look b {
    font-size: 1.15rem;
    line-height: 1.35;
    white-space: nowrap;
  }

  dd b,
  .look b {
    font-weight: 650;
  }

  small {
    font-size: 0.8rem;
    font-weight: 400;
  }

  s {
    font-size: 0.85rem;
    opacity: 0.8;
    margin-right: 0.3rem;
    font-weight: 400;
  }

  button {
    background: transparent;
    color: inherit;
    border: 0;
    text-align: left;
    padding: 0.5rem 1rem 0.4rem;
    cursor: pointer;
    font: inherit;
    line-height: inherit;
  }

  .look {
    display: flex;
    flex-direction: column;
    border-left: 1px solid color-mix(in srgb, var(--on-bar) 22%, transparent);
  }

  .more {
    display: none;
  }

  button.some span {
    opacity: 1;
  }

  button.some {
    background: var(--hot-ground);
    color: var(--hot);
  }

  button:disabled {
    cursor: default;
  }

  button:focus-visible {
    outline-color: currentColor;
    outline-offset: -3px;
  }

  .unread {
    align-self: center;
    padding: 0 1rem;
    font-size: 0.9rem;
  }

  .list {
    position: absolute;
    right: 0;
    bottom: 100%;
    width: min(560px, 100vw);
    max-height: 50vh;
    overflow: auto;
    background: var(--panel);
    color: var(--ink);
    border: 1px solid var(--rule-strong);
    padding: 0.9rem 1rem 1rem;
  }

  @media (max-width: 1100px) {
    dl > div,
    button {
      padding-inline: 0.65rem;
    }

    dd,
    .look b {
      font-size: 1.02rem;
    }
  }

  @media (max-width: 759px) {
    .tray {
      height: 56px;
    }

    .more {
      display: block;
      min-width: 44px;
      font-size: 0.85rem;
    }

    dl > div {
      padding: 0.4rem 0.6rem;
    }

    .tray:not(.raised) dl > :is(.height, .sold, .ready, .keeps, .contains),
    .tray:not(.raised) .guessed,
    .unread {
      display: none;
    }

    .tray.raised dl {
      position: absolute;
      left: 0;
      right: 0;
      bottom: 100%;
      display: grid;
      grid-template-columns: 1fr 1fr;
      background: var(--bar);
    }

    .tray.raised {
      justify-content: end;
    }

    .raised dd {
      white-space: normal;
    }
  }
</style>
