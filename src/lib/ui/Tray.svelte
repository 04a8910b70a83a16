<!-- Bar below every station: key figures whatever is being edited, with the saved values until the changes are saved. On a phone
  it shows three figures and opens upwards. -->
<script lang="ts">
  import { afterNavigate } from '$app/navigation';
  import type { ComponentProps } from 'svelte';
  import type { Declare } from '$lib/draft/larderShelf.svelte';
  import type { AcknowledgedCheck } from '$core/slab';
  import type { Assumption } from '$core/usecases';
  import { shopFigures } from '$lib/format/shopFigures';
  import TrayFigures from './TrayFigures.svelte';

  interface Props {
    figures: Omit<ComponentProps<typeof TrayFigures>, 'raised'>;
    assumptions: readonly Assumption[];
    unread: number;
    known: readonly AcknowledgedCheck[];
    onknown: (known: readonly AcknowledgedCheck[]) => void;
    /** Goes to the field of a check. */
    onshow: (where: string) => void;
    /** Declares allergens that an ingredient's name states. */
    ondeclare: Declare;
  }
  let { figures, assumptions, unread, known, onknown, onshow, ondeclare }: Props = $props();

  const { plan, kept } = $derived(figures);
  const say = $derived(shopFigures(figures.slab.measures));
  const some = $derived(plan.checks.length + plan.acknowledged.length > 0);

  /** The open list. */
  let open: 'checks' | 'assumptions' | null = $state(null);
  // A list belongs to the page on which it was opened; an address can open it.
  afterNavigate(({ to }) => {
    const hash = to?.url.hash.slice(1);
    open = hash === 'checks' || hash === 'assumptions' ? hash : null;
    raised = false;
  });
  let raised = $state(false);

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
  {#if open === 'checks' && some}
    <div class="list" id="checks">
      {#await import('./Checks.svelte') then { default: Checks }}
        <Checks {plan} {say} {known} {onknown} onshow={go} {ondeclare} onclose={close} />
      {/await}
    </div>
  {:else if open === 'assumptions' && assumptions.length > 0}
    <div class="list" id="assumptions">
      {#await import('./Assumptions.svelte') then { default: Assumptions }}
        <Assumptions {assumptions} {say} onshow={go} onclose={close} />
      {/await}
    </div>
  {/if}
  <TrayFigures {...figures} {raised} />
  {#if unread > 0}
    <p class="unread">{unread} {unread === 1 ? 'field is' : 'fields are'} invalid</p>
  {/if}
  <button type="button" class="more" aria-expanded={raised} aria-label="All figures" onclick={() => (raised = !raised)}
    >{raised ? 'less' : 'more'}</button
  >
  {#if assumptions.length > 0}
    <button
      bind:this={buttons.assumptions}
      type="button"
      class="look guessed"
      aria-expanded={open === 'assumptions'}
      aria-controls="assumptions"
      onclick={() => (open = open === 'assumptions' ? null : 'assumptions')}
    >
      <span>Assumptions</span>
      <b>{assumptions.length}</b>
    </button>
  {/if}
  <button
    bind:this={buttons.checks}
    type="button"
    class="look"
    class:some={plan.checks.length > 0}
    aria-expanded={open === 'checks' && some}
    aria-controls="checks"
    disabled={!some}
    onclick={() => (open = open === 'checks' ? null : 'checks')}
  >
    <span>Checks</span>
    <b
      >{#if kept.checks.length !== plan.checks.length}<s>{kept.checks.length}</s>{/if}
      {plan.checks.length}{#if plan.acknowledged.length > 0}<small>{` + ${plan.acknowledged.length} known`}</small
        >{/if}</b
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

  .look span {
    display: block;
    font-size: 0.78rem;
    opacity: 0.88;
    white-space: nowrap;
  }

  .look b {
    font-size: 1.15rem;
    line-height: 1.35;
    white-space: nowrap;
  }

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
    max-width: 7rem;
    padding: 0 0.7rem;
    font-size: 0.85rem;
    line-height: 1.15;
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

  @media (max-width: 1180px) {
    button {
      padding-inline: 0.65rem;
    }

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

    .tray:not(.raised) .guessed,
    .unread {
      display: none;
    }

    .tray.raised {
      justify-content: end;
    }
  }
</style>
