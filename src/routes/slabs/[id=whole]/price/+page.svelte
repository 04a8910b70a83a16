<!-- Price: price of a piece and its parts, what changes it, and alternatives. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { onDestroy, onMount } from 'svelte';
  import { storedText, storeText } from '$lib/devices/deviceStore';
  import { formatDuration, percent } from '$lib/format/figures';
  import { money } from '$lib/format/money';
  import { namedIngredients } from '$lib/draft/namedIngredients';
  import { NewestAnswer } from '$lib/workers/newestAnswer';
  import { slabWork } from '$lib/draft/slabContext';
  import Panel from '$lib/ui/Panel.svelte';
  import Calculating from '$lib/ui/Calculating.svelte';
  import Tabs, { type TabItem } from '$lib/ui/Tabs.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import type { MoneyAnswer, MoneyQuestion } from '$lib/workers/money.worker';
  import MoneyWorker from '$lib/workers/money.worker?worker';
  import type { Ingredient } from '$core/larder';
  import PriceBasis from './PriceBasis.svelte';
  import Channels from './Channels.svelte';
  import { pieceParts, type PartKey } from './pieceMoney';
  import PartDetails from './PartDetails.svelte';
  import PieceMoney from './PieceMoney.svelte';
  import RunTable from './RunTable.svelte';

  const work = slabWork();
  const slab = $derived(work.draft.slab);
  const price = $derived(work.money.price);
  const show = $derived.by(() => {
    const coin = 10 ** (price?.digits ?? 2);
    const { currency } = work.plan.cost;
    return (coins: number) => money(coins / coin, currency);
  });
  const parts = $derived(price ? pieceParts(price) : []);
  let part: PartKey = $state('ingredients');

  const TABS = [
    { key: 'details', name: 'Details' },
    { key: 'dearer', name: 'Price rise' },
    { key: 'cuts', name: 'Other cuts' },
    { key: 'runs', name: 'Larger batches' },
    { key: 'time', name: 'Cost history' },
    { key: 'went', name: 'Actual cost' },
  ] as const satisfies readonly TabItem[];
  let activeTab: (typeof TABS)[number]['key'] = $state('details');
  let answer = $state.raw<MoneyAnswer | null>(null);
  let hasFailed = $state(false);
  const worker = new NewestAnswer<MoneyQuestion, MoneyAnswer>(
    () => new MoneyWorker(),
    () => (hasFailed = true),
  );
  onDestroy(() => worker.close());
  $effect(() => {
    if (activeTab !== 'cuts' && activeTab !== 'runs') return;
    answer = null;
    hasFailed = false;
    worker.ask(
      {
        of: activeTab,
        slab: $state.snapshot(slab) as typeof slab,
        ingredients: $state.snapshot(namedIngredients(slab, work.larder)) as Ingredient[],
        shop: $state.snapshot(work.shop) as typeof work.shop,
        run: work.money.run,
      },
      (found) => {
        answer = found;
        return 'done';
      },
    );
  });
  const kinds = $derived(price?.earned.kinds ?? []);

  /** A solo maker who pays herself no wage asks what an hour earns, wage and profit together. */
  const MY_HOUR = 'knife-tray my hour';
  let isMyHour = $state(false);
  onMount(() => (isMyHour = storedText('device', MY_HOUR) === 'yes'));
  function setMyHour(is: boolean) {
    isMyHour = is;
    storeText('device', MY_HOUR, is ? 'yes' : '');
  }
  const perHour = $derived.by(() => {
    if (!price || price.earned.marginPerHour === null || !price.bill.handsMinutes) return null;
    return price.earned.marginPerHour + (isMyHour ? (price.bill.coins.labour * 60) / price.bill.handsMinutes : 0);
  });
</script>

<Panel fitsContent label="Price" title="Price of one piece" note="To scale. Select a part to see its details.">
  {#snippet stage()}
    {#if slab.preparations.length === 0}
      <EmptyState title="No costs yet">
        <p>Add mixtures in Build. The prices of their packs are entered here.</p>
        <Button size="small" kind="tertiary" href="/slabs/{work.draft.id}/build">Go to Build</Button>
      </EmptyState>
    {:else if !price || work.money.hasFailed}
      <Calculating hasFailed={work.money.hasFailed} />
    {:else if parts.length === 0}
      <EmptyState title="No price yet">
        <p>Add layers in Build and a cut in Cut. The price of a piece then appears here.</p>
      </EmptyState>
    {:else}
      <div class="parts" class:calculating={!work.money.isCurrent} aria-busy={!work.money.isCurrent}>
        <PieceMoney {parts} {show} bind:chosen={() => part, (key) => ((part = key), (activeTab = 'details'))} />
        <div class="views">
          <Tabs label="More views" tabs={TABS} bind:active={activeTab}>
            {#snippet content(key)}
              {#if key === 'details'}<PartDetails
                  {price}
                  {part}
                  {show}
                  ofPiece={parts.find(({ key: one }) => one === part)?.coins ?? 0}
                />
              {:else if key === 'dearer'}
                {#await import('./PriceRise.svelte') then { default: PriceRise }}<PriceRise {price} />{/await}
              {:else if key === 'time'}
                {#await import('./CostHistory.svelte') then { default: CostHistory }}<CostHistory />{/await}
              {:else if key === 'went'}
                {#await import('./ActualCost.svelte') then { default: ActualCost }}<ActualCost {price} {show} />{/await}
              {:else if !answer}<Calculating {hasFailed} />
              {:else if key === 'cuts'}
                {@const { cuts } = answer}
                {#await import('./OtherCuts.svelte') then { default: OtherCuts }}<OtherCuts {cuts} {show} />{/await}
              {:else}
                {@const { runs } = answer}
                {#await import('./LargerBatches.svelte') then { default: LargerBatches }}<LargerBatches
                    {runs}
                    {show}
                  />{/await}
              {/if}
            {/snippet}
          </Tabs>
        </div>
      </div>
    {/if}
  {/snippet}
  {#snippet hand()}
    {#if price && kinds.length > 0}
      <dl class="totals panel figures" class:calculating={!work.money.isCurrent} aria-busy={!work.money.isCurrent}>
        <div class="sold">
          <dt>Sold at{price.pricing.taxPercent > 0 && price.pricing.taxIncluded ? ', tax included' : ''}</dt>
          <dd>
            {#each kinds as { id, name, price: coins } (id)}<span
                >{#if kinds.length > 1}<small>{name ?? 'others'}</small>{/if}{show(coins)}</span
              >{/each}
          </dd>
        </div>
        <div>
          <dt>Profit per batch</dt>
          <dd class:harm={price.earned.margin < 0}>{show(price.earned.margin)}</dd>
        </div>
        <div>
          <dt>{price.earned.marginShare === null ? 'Share' : 'Margin'}</dt>
          <dd>{price.earned.marginShare === null ? '-' : percent(price.earned.marginShare)}</dd>
        </div>
        <div>
          <dt>{isMyHour ? 'An hour of mine earns' : 'Profit per labour hour'}</dt>
          <dd>{perHour === null ? '-' : show(perHour)}</dd>
        </div>
      </dl>
      <p class="note figures" class:calculating={!work.money.isCurrent}>
        {#if price.earned.breakEvenPieces !== null}Break-even: <b>{price.earned.breakEvenPieces}</b> pieces.
        {:else}At this price there is no break-even.{/if}
        {#if price.bill.handsMinutes !== null}
          Labour: {formatDuration(price.bill.handsMinutes)}{price.pricing.labourPerHour === 0
            ? ', no wage set.'
            : isMyHour
              ? '. Its wage is counted as earned.'
              : `, wages of ${show(price.bill.coins.labour)} already paid.`}
        {/if}
        <span class="quiet">Cost of the whole packs to buy today: {money(price.toBuy, price.currency)}.</span>
      </p>
      {#if price.pricing.labourPerHour > 0 && price.bill.handsMinutes !== null}
        <p>
          <Button size="small" kind="ghost" on:click={() => setMyHour(!isMyHour)}
            >{isMyHour ? 'Show profit after wages' : 'Show what an hour of mine earns'}</Button
          >
        </p>
      {/if}
      <PriceBasis settled={price.pricing} currency={price.currency} />
    {/if}
    {#if work.plan.cost.byIngredient.some(({ cost }) => cost === null)}
      {#await import('./Unpriced.svelte') then { default: Unpriced }}<Unpriced />{/await}
    {/if}
    {#if price && kinds.length > 0}
      <div class="parts" class:calculating={!work.money.isCurrent}>
        <RunTable {price} {show} />
        <Channels {price} {show} />
      </div>
      <p class="quiet note">
        Rates, tax, price endings and sales channels are set in the <a href="/settings#prices">settings</a>. See also
        the <a href="/prices">price list</a>.
      </p>
    {/if}
  {/snippet}
</Panel>

<style>
  .parts {
    display: contents;
  }

  .totals {
    display: grid;
    grid-template-columns: repeat(4, auto);
    gap: 0.6rem;
    padding: 0.5rem 0.8rem;
  }

  .totals dt {
    color: var(--quiet);
    font-size: 0.8rem;
  }

  .totals dd {
    font-size: 1.2rem;
    font-weight: 650;
  }

  .sold dd {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.6rem;
  }

  .sold small {
    display: block;
    font-weight: 400;
    color: var(--quiet);
  }

  .harm {
    color: var(--harm);
  }

  .note {
    font-size: 0.88rem;
  }

  .views {
    flex: 1;
    min-height: 0;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    padding-top: 0.4rem;
  }

  /** The collapsed stage has room only for the price bar. */
  @media (max-width: 759px) {
    :global(.stage:not(.expanded)) .views {
      display: none;
    }
  }

  @media (max-width: 1180px) {
    .totals {
      grid-template-columns: repeat(2, auto);
    }
  }
</style>
