<!-- The strip under every station: what the maker cares about whatever they are changing, old beside new until it is kept. -->
<script lang="ts">
  import type { Plan } from '../../core/usecases';
  import { grams, mm } from '$lib/figures';
  import { money } from '$lib/money';
  import type { KnownWarning } from '../../core/slab';
  import Warnings from './Warnings.svelte';

  interface Props {
    plan: Plan;
    kept: Plan;
    unread: number;
    known: readonly KnownWarning[];
    onknown: (known: readonly KnownWarning[]) => void;
  }
  let { plan, kept, unread, known, onknown }: Props = $props();

  const some = $derived(plan.warnings.length + plan.settled.length > 0);

  function figures({ cut, cost, slab, warnings }: Plan) {
    const [piece] = cut.pieces;
    const count = cut.pieces.reduce((sum, kind) => sum + kind.count, 0);
    const light = Math.min(...cut.pieces.map(({ lightestG }) => lightestG));
    const heavy = Math.max(...cut.pieces.map(({ heaviestG }) => heaviestG));
    const range = grams(light) === grams(heavy) ? grams(heavy) : `${grams(light)}-${grams(heavy)}`;
    return {
      pieces: String(count),
      each: piece ? `${range} g` : '-',
      cost: piece ? money(cost.perPiece, cost.currency) : '-',
      height: `${mm(slab.heightMm)} mm`,
      warnings: String(warnings.length),
    };
  }
  const now = $derived(figures(plan));
  const before = $derived(figures(kept));
  let open = $state(false);

  const CELLS = [
    ['pieces', 'Pieces'],
    ['each', 'Each'],
    ['cost', 'Each costs'],
    ['height', 'Height'],
  ] as const;
</script>

<section class="tray" aria-label="Tray">
  {#if open && some}
    <div class="list" id="warnings"><Warnings {plan} {known} {onknown} /></div>
  {/if}
  <dl class="figures" aria-live="polite">
    {#each CELLS as [key, label] (key)}
      <div>
        <dt>{label}</dt>
        <dd>
          {#if before[key] !== now[key]}<s><span class="unseen">was </span>{before[key]}</s>{/if}
          <b>{now[key]}</b>
        </dd>
      </div>
    {/each}
  </dl>
  <button
    type="button"
    class:some={plan.warnings.length > 0}
    aria-expanded={open && some}
    aria-controls="warnings"
    disabled={!some}
    onclick={() => (open = !open)}
  >
    <span>Warnings</span>
    <b
      >{#if before.warnings !== now.warnings}<s>{before.warnings}</s>{/if}
      {now.warnings}{#if plan.settled.length > 0}<small>{` + ${plan.settled.length} known`}</small>{/if}</b
    >
  </button>
  {#if unread > 0}
    <p class="unread">{unread} {unread === 1 ? 'field needs' : 'fields need'} another look</p>
  {/if}
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
    min-height: 68px;
  }

  dl {
    display: flex;
    flex: 1;
    flex-wrap: wrap;
  }

  dl > div {
    padding: 0.55rem 1.4rem 0.5rem;
    border-right: 1px solid color-mix(in srgb, var(--on-bar) 22%, transparent);
    min-width: 8.5rem;
  }

  dt,
  button span {
    display: block;
    font-size: 0.78rem;
    opacity: 0.85;
  }

  dd,
  button b {
    font-size: 1.35rem;
    line-height: 1.25;
    white-space: nowrap;
  }

  dd b,
  button b {
    font-weight: 650;
  }

  small {
    font-size: 0.85rem;
    font-weight: 400;
  }

  s {
    font-size: 0.95rem;
    opacity: 0.8;
    margin-right: 0.35rem;
    font-weight: 400;
  }

  button {
    background: transparent;
    color: inherit;
    border: 0;
    text-align: left;
    padding: 0.55rem 1.4rem 0.5rem;
    min-width: 8rem;
    cursor: pointer;
    font: inherit;
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
    width: min(640px, 100vw);
    max-height: 50vh;
    overflow: auto;
    background: var(--panel);
    color: var(--ink);
    border: 1px solid var(--rule-strong);
    padding: 0.9rem 1rem 1rem;
  }

  @media (max-width: 700px) {
    dl > div {
      padding: 0.35rem 0.7rem;
      min-width: 0;
    }
  }
</style>
