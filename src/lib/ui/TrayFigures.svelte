<!-- Figures of the tray, with the saved values until the changes are saved. On a phone some are shown only when it is open. -->
<script lang="ts">
  import type { AllergenStatement } from '$core/larder';
  import { withoutText } from '$wording/grammar';
  import { containsText, unknownForText } from '$wording/allergens';
  import { missingFrom, type Plan } from '$core/usecases';
  import { isCutDecided, scaleOf, type Slab } from '$core/slab';
  import { asTin } from '$core/tin';
  import { aboutDuration } from '$lib/format/figures';
  import { money } from '$lib/format/money';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    /** Current and saved plan, each with its allergens. */
    plan: Plan;
    allergens: AllergenStatement;
    kept: Plan;
    keptAllergens: AllergenStatement;
    /** Current and saved price of a piece; `null` if unknown. */
    soldAt: string | null;
    keptSoldAt: string | null;
    slab: Slab;
    /** Minutes until ready, and labour; `null` if unknown. */
    readyIn: { readonly minutes: number; readonly handsMinutes: number } | null;
    /** On a phone: whether all figures are shown. */
    raised: boolean;
  }
  let { plan, allergens, kept, keptAllergens, soldAt, keptSoldAt, slab, readyIn, raised }: Props = $props();

  const shown = $derived(shopFigures());
  const CELLS = [
    ['pieces', 'Pieces'],
    ['each', 'Piece weight'],
    ['cost', 'Ingredients, each'],
    ['height', 'Height'],
  ] as const;

  const isDecided = $derived(isCutDecided(slab));

  /** Pieces made, and of an order how many are ordered: "24 of 48", or "48, 2 extra". */
  function madeOf(count: number): string {
    const scale = scaleOf(slab);
    if (scale.mode !== 'pieces' || count === scale.count) return String(count);
    return count < scale.count ? `${count} of ${scale.count}` : `${scale.count}, ${count - scale.count} extra`;
  }

  function figures({ cut, cost, slab: planned, slabs }: Plan, statement: AllergenStatement) {
    const [piece] = cut.pieces;
    const count = cut.pieces.reduce((sum, kind) => sum + kind.count, 0);
    const light = Math.min(...cut.pieces.map(({ lightestG }) => lightestG));
    const heavy = Math.max(...cut.pieces.map(({ heaviestG }) => heaviestG));
    const depthMm = slabs[0] ? asTin(slabs[0].tin).depthMm : 0;
    return {
      pieces: isDecided ? madeOf(count) : 'not cut yet',
      each: piece ? shown.massRange(light, heavy) : '-',
      cost: cost.perPiece === null ? '-' : money(cost.perPiece, cost.currency),
      height:
        depthMm > 0
          ? `${shown.length.figure(planned.heightMm)} of ${shown.size(depthMm)}`
          : shown.length.say(planned.heightMm),
      allergens: slab.preparations.length > 0 ? containsText(statement) : '-',
      unknown: unknownForText(statement),
    };
  }
  /** What a figure leaves out: ingredients without a weight, or without a price. */
  const without = $derived.by(() => {
    const { weightless, uncosted } = missingFrom(plan);
    return { each: withoutText(weightless), height: withoutText(weightless), cost: withoutText(uncosted), pieces: '' };
  });
  const now = $derived(figures(plan, allergens));
  const before = $derived(figures(kept, keptAllergens));
  const isChanged = $derived(CELLS.some(([key]) => before[key] !== now[key]) || (keptSoldAt ?? soldAt) !== soldAt);
  const ready = $derived(
    readyIn
      ? `${aboutDuration(readyIn.minutes)}, ${aboutDuration(readyIn.handsMinutes)} of labour`
      : slab.layers.length > 0
        ? '…'
        : '-',
  );
</script>

<dl class="figures" class:raised class:isChanged aria-live="polite">
  {#each CELLS as [key, label] (key)}
    <div class={key}>
      <dt>{label}</dt>
      <dd>
        {#if before[key] !== now[key]}<s><span class="unseen">was </span>{before[key].replace(/ .*$/, '')}</s>{/if}
        <b>{now[key]}</b>{#if without[key] !== '' && now[key] !== '-'}<small>{without[key]}</small>{/if}
      </dd>
    </div>
  {/each}
  {#if soldAt !== null}
    <div class="sold">
      <dt>Price</dt>
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
      <dt>Shelf life</dt>
      <dd><b>{slab.keep.days} days, {slab.keep.place}</b></dd>
    </div>
  {/if}
  <div class="contains">
    <dt>Contains</dt>
    <dd title="{now.allergens}{now.unknown === '' ? '' : `. ${now.unknown}`}">
      {#if before.allergens !== now.allergens}<s><span class="unseen">was </span>{before.allergens}</s>{/if}
      <b>{now.allergens}</b>{#if now.unknown !== ''}<b class="unknown">. {now.unknown}</b>{/if}
    </dd>
  </div>
</dl>

<style>
  dl {
    display: flex;
    flex: 1;
    min-width: 0;
    overflow: hidden;
  }

  div {
    flex: 1 0 auto;
    padding: 0.5rem 1rem 0.4rem;
    border-right: 1px solid color-mix(in srgb, var(--on-bar) 22%, transparent);
  }

  .contains {
    flex: 6 1 4rem;
    min-width: 0;
  }

  /** A long list takes two lines. */
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

  dt {
    font-size: 0.78rem;
    opacity: 0.88;
    white-space: nowrap;
  }

  dd {
    font-size: 1.15rem;
    line-height: 1.35;
    white-space: nowrap;
  }

  dd b {
    font-weight: 650;
  }

  small {
    display: block;
    font-size: 0.72rem;
    line-height: 1.1;
    opacity: 0.9;
  }

  s {
    font-size: 0.85rem;
    opacity: 0.8;
    margin-right: 0.3rem;
    font-weight: 400;
  }

  /** Allergens take precedence over the gaps. */
  @media (max-width: 1400px) {
    div {
      padding-inline: 0.65rem;
    }

    .contains {
      flex-basis: 8rem;
      min-width: 8rem;
    }

    /** Shown in Pack; old and new figures need its place. */
    .isChanged .keeps {
      display: none;
    }
  }

  @media (max-width: 1180px) {
    div {
      padding-inline: 0.55rem;
    }

    /** Shown in Pack. */
    .keeps {
      display: none;
    }

    dd {
      font-size: 1.02rem;
    }
  }

  @media (max-width: 759px) {
    div {
      padding: 0.4rem 0.6rem;
    }

    dl:not(.raised) > :is(.height, .sold, .ready, .keeps, .contains) {
      display: none;
    }

    .raised .keeps {
      display: block;
    }

    .raised {
      position: absolute;
      left: 0;
      right: 0;
      bottom: 100%;
      display: grid;
      grid-template-columns: 1fr 1fr;
      overflow: visible;
      background: var(--bar);
    }

    .raised dd {
      white-space: normal;
    }
  }
</style>
