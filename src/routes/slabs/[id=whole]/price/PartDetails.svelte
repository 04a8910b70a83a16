<!-- Details of one part of the price: ingredients, labour, energy, lining, packaging. -->
<script lang="ts">
  import { linerM2, tinInWords } from '$core/tin';
  import { POWERED } from '$core/shop';
  import { slabWork } from '$lib/draft/slabContext';
  import { formatDuration, percent } from '$lib/format/figures';
  import { inCoins } from '$core/cost';
  import type { SlabPrice } from '$core/usecases';
  import { shopFigures } from '$lib/format/shopFigures';
  import { PART_NAMES, type PartKey } from './pieceMoney';

  interface Props {
    price: SlabPrice;
    part: PartKey;
    /** Amount of the part in one piece, coins. */
    ofPiece: number;
    show: (coins: number) => string;
  }
  let { price, part, ofPiece, show }: Props = $props();

  const work = slabWork();
  const figures = $derived(shopFigures());
  const { bill, earned, pricing, packed } = $derived(price);

  interface Row {
    readonly name: string;
    readonly what: string;
    /** Of the whole batch, coins. */
    readonly coins: number;
  }

  /** Converts amounts to coins that add up to the item's. */
  const adding = (rows: readonly { name: string; what: string; amount: number }[], to: number): Row[] => {
    const whole = rows.reduce((sum, { amount }) => sum + amount, 0);
    const coins = inCoins(
      rows.map(({ amount }) => (whole > 0 ? (amount * to) / whole : 0)),
      0,
    );
    return rows.map(({ name, what }, i) => ({ name, what, coins: coins[i]! }));
  };

  const rows = $derived.by((): Row[] => {
    if (part === 'ingredients') {
      const used = work.plan.cost.byIngredient
        .filter(({ cost }) => cost !== null && cost > 0)
        .map(({ name, massG, cost }) => ({ name, what: figures.mass.say(massG), amount: cost! }));
      return adding(used, bill.coins.ingredients).sort((a, b) => b.coins - a.coins);
    }
    if (part === 'labour' && work.money.run) {
      const { busy, watch } = work.money.run;
      const watched = watch * pricing.watchShare;
      return adding(
        [
          { name: 'Hands-on', what: formatDuration(busy), amount: busy },
          { name: `Watching, charged at ${percent(pricing.watchShare)}`, what: formatDuration(watch), amount: watched },
        ],
        bill.coins.labour,
      );
    }
    if (part === 'energy' && work.money.run) {
      const { run } = work.money;
      const drawn = POWERED.map((what) => ({
        name: { oven: 'Oven', ring: 'Rings', mixer: 'Mixer', fridge: 'Fridge', freezer: 'Freezer' }[what],
        what: `${formatDuration(run[what])} at ${pricing.power[what]} kW`,
        amount: (run[what] / 60) * pricing.power[what],
      })).filter(({ amount }) => amount > 0);
      return adding(drawn, bill.coins.energy);
    }
    if (part === 'lining') {
      const papers = work.plan.slabs.map(({ tin, sheet, count }) => {
        const m2 = count * linerM2(sheet ?? tin, work.draft.slab.lining);
        return { name: tinInWords(sheet ?? tin, figures), what: `${m2.toFixed(2)} m²`, amount: m2 };
      });
      return adding(papers, bill.coins.lining);
    }
    if (part === 'packing') {
      const { container, packs, perPack, wrap, priceEach, cost } = packed;
      const boxes = packs * (priceEach ?? 0);
      return adding(
        [
          ...(container ? [{ name: container.name, what: `${packs} of ${perPack}`, amount: boxes }] : []),
          ...(wrap ? [{ name: wrap.name, what: `${wrap.sheets} sheets`, amount: Math.max(0, cost - boxes) }] : []),
        ],
        bill.coins.packing,
      );
    }
    return [];
  });
  const most = $derived(rows.reduce((max, { coins }) => Math.max(max, coins), 1));
  /** Coins of each row in one piece, which add up to the part in the bar. */
  const each = $derived.by(() => {
    const whole = rows.reduce((sum, { coins }) => sum + coins, 0);
    return inCoins(
      rows.map(({ coins }) => (whole > 0 ? (coins * ofPiece) / whole : 0)),
      0,
    );
  });

  const words = $derived.by(() => {
    if (part === 'overhead') {
      const { by, amount } = pricing.overhead;
      return by === 'percent'
        ? `${amount} % of ingredients, labour, energy and packaging.`
        : `${show(amount * 10 ** price.digits)} ${by === 'hour' ? 'per hour of labour' : 'per slab'}.`;
    }
    if (part === 'rejects')
      return `${percent(pricing.rejectShare)} of the pieces are not sold. The others pay for them.`;
    if (part === 'trimSold')
      return `${figures.mass.say(work.plan.cut.trimG)} of trims are sold at ${show(pricing.trimPerKg * 10 ** price.digits)} per kg.`;
    if (part === 'tax')
      return `${pricing.taxPercent} %, ${pricing.taxIncluded ? 'included in the price' : 'added to the price'}.`;
    if (part === 'margin')
      return `${earned.marginShare === null ? '-' : percent(earned.marginShare)} of the price before tax, after all costs.`;
    return '';
  });
</script>

<h3>{PART_NAMES[part]}</h3>
{#if words !== ''}<p class="words figures">{words}</p>{/if}
{#if rows.length > 0}
  <ul>
    {#each rows as { name, what, coins }, i (`${name} ${i}`)}
      <li>
        <span class="name">{name}</span>
        <span class="figures quiet">{what}</span>
        <span class="track"><span class="fill" style:width="{(coins / most) * 100}%"></span></span>
        <span class="figures">{show(coins)}</span>
        <span class="figures quiet">{each[i] === 0 && coins > 0 ? `< ${show(1)}` : show(each[i]!)} each</span>
      </li>
    {/each}
  </ul>
{:else if (part === 'labour' || part === 'energy') && !work.money.run}
  <p class="quiet">Calculating…</p>
{:else if part === 'labour' || part === 'energy'}
  <p class="words">
    Not counted yet. Enter the cost of labour and electricity in the <a href="/settings#prices">settings</a>.
  </p>
{:else if part === 'packing'}
  <p class="words">Sold loose. Choose the packaging in Pack.</p>
{/if}

<style>
  h3 {
    font-size: 0.95rem;
    font-weight: 650;
    margin-bottom: 0.2rem;
  }

  .words {
    font-size: 0.92rem;
  }

  li {
    display: grid;
    grid-template-columns: minmax(0, 11rem) minmax(0, 9rem) 1fr 4.2rem 6.2rem;
    gap: 0.6rem;
    align-items: center;
    min-height: 27px;
    border-bottom: 1px solid var(--rule);
    font-size: 0.92rem;
  }

  li > .figures:nth-last-child(-n + 2) {
    text-align: right;
  }

  .name {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .track {
    height: 12px;
    background: var(--sunk);
  }

  .fill {
    display: block;
    height: 100%;
    background: var(--smooth);
  }

  @media (max-width: 1180px) {
    li {
      grid-template-columns: minmax(0, 9rem) minmax(0, 8rem) 1fr 4rem 6rem;
    }
  }

  @media (max-width: 759px) {
    li {
      grid-template-columns: 1fr 4.5rem 6rem;
    }

    .track,
    li > .quiet:nth-child(2) {
      display: none;
    }
  }
</style>
