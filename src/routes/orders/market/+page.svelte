<!-- Market days of a slab: what was taken and sold, and how much to take next time. -->
<script lang="ts">
  import { Button, Select, SelectItem, Table, TextInput } from 'carbon-components-svelte';
  import { goto, invalidateAll } from '$app/navigation';
  import { marketAdvice, type MarketDayEntry } from '$core/market';
  import { MIN_POSITIVE } from '$core/validation';
  import { ask, problemAt } from '$lib/api';
  import { money } from '$lib/format/money';
  import { shopDates } from '$lib/format/shopDates';
  import Chart from '$lib/ui/Chart.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TimeField from '$lib/ui/TimeField.svelte';
  import type { ProblemMessage } from '$wording/problems';

  let { data } = $props();
  const dates = $derived(shopDates());
  const say = (amount: number) => money(amount, data.shop.currency);

  let typed: Record<string, string> = $state({});
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let day = $state('');
  let market = $state('');
  let taken: number | null = $state(null);
  let cameBack: number | null = $state(null);
  let soldOutAt = $state('');

  /** Price, cost and worth as entered here; otherwise those of the price list. */
  let own: { price?: number; cost?: number; leftoverWorth?: number } = $state.raw({});
  const worth = $derived({
    price: own.price ?? data.piece?.price ?? 0,
    cost: own.cost ?? data.piece?.cost ?? 0,
    leftoverWorth: own.leftoverWorth ?? 0,
  });
  const isWorthKnown = $derived(worth.price > 0 && worth.leftoverWorth < worth.cost);
  const advice = $derived(
    data.days.length > 0 && isWorthKnown
      ? marketAdvice(
          data.days.map((one) => ({ ...one, isSoldOut: one.soldOutAt !== undefined })),
          worth,
        )
      : null,
  );
  /** A round number of pieces between marks of the chart. */
  const markPieces = $derived.by(() => {
    const last = advice?.expectedProfit.at(-1)?.[0] ?? 0;
    return [5, 10, 20, 50, 100, 200, 500, 1000].find((step) => last / step <= 9) ?? 2000;
  });
  const lastMark = $derived(Math.ceil((advice?.expectedProfit.at(-1)?.[0] ?? 0) / markPieces) * markPieces);
  const TABLE_ROWS = 8;
  /** A few quantities around the best one, for the table. */
  const rows = $derived.by(() => {
    const curve = advice?.expectedProfit ?? [];
    const each = Math.max(1, Math.ceil(curve.length / TABLE_ROWS));
    return curve.filter(([quantity], i) => i % each === 0 || quantity === advice?.quantity);
  });
  const profitOf = (quantity: number) => advice?.expectedProfit.find(([q]) => q === quantity)?.[1] ?? null;
  const name = $derived(data.slabs.find(({ id }) => id === data.slab)?.name ?? '');
  /** An order for the weekday and market of the last one, to be read by the order form. */
  const orderText = $derived.by(() => {
    const [last] = data.days;
    if (!advice || !last) return '';
    const weekday = new Date(`${last.day}T12:00:00Z`).toLocaleDateString('en', { weekday: 'long', timeZone: 'UTC' });
    return `${last.market}: ${advice.quantity} ${name}, ${weekday} 8`;
  });

  async function add() {
    if (Object.keys(typed).length > 0) return;
    const entry = {
      ...{ slab: data.slab, market, day, taken, sold: taken === null ? null : taken - (cameBack ?? 0) },
      ...(soldOutAt ? { soldOutAt } : {}),
    };
    const answer = await ask('POST', '/api/market/days', entry as MarketDayEntry);
    problems = answer.ok ? [] : answer.problems;
    if (!answer.ok) return;
    [day, taken, cameBack, soldOutAt] = ['', null, null, ''];
    await invalidateAll();
  }
  async function remove(id: number) {
    const answer = await ask('DELETE', `/api/market/days/${id}`);
    problems = answer.ok ? [] : answer.problems;
    await invalidateAll();
  }
</script>

<svelte:head><title>Market days - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Market days</h1>
    {#if data.slabs.length > 0}
      <div class="slab">
        <Select
          size="sm"
          hideLabel
          labelText="Slab"
          selected={String(data.slab)}
          on:change={(event) => void goto(`/orders/market?slab=${(event.target as HTMLSelectElement).value}`)}
        >
          {#each data.slabs as { id, name } (id)}<SelectItem value={String(id)} text={name} />{/each}
        </Select>
      </div>
    {/if}
    <Button size="small" kind="ghost" href="/orders">Orders</Button>
  </div>
  {#if data.slab === null}
    <div class="panel">
      <EmptyState title="No slabs yet"
        ><p>Create a slab first. Then enter what you sold of it at markets.</p></EmptyState
      >
    </div>
  {:else}
    <div class="both">
      <section class="panel" aria-label="Markets held">
        <form
          onsubmit={(event) => {
            event.preventDefault();
            void add();
          }}
        >
          <DayField
            label="Day"
            value={day}
            name="day"
            problem={problemAt(problems, '/day')}
            {typed}
            onvalue={(value) => (day = value ?? '')}
          />
          <TextInput
            size="sm"
            labelText="Market"
            maxlength={100}
            bind:value={market}
            invalid={problemAt(problems, '/market') !== ''}
            invalidText={problemAt(problems, '/market')}
          />
          <NumberField
            label="Pieces taken"
            value={taken}
            limits={{ min: 1, max: 10_000, whole: true }}
            name="taken"
            problem={problemAt(problems, '/taken')}
            {typed}
            onvalue={(value) => (taken = value)}
          />
          <NumberField
            label="Pieces left over"
            value={cameBack}
            limits={{ min: 0, max: 10_000, whole: true }}
            name="left over"
            problem={problemAt(problems, '/sold')}
            {typed}
            onvalue={(value) => (cameBack = value)}
          />
          <TimeField
            label="Sold out at (optional)"
            optional
            value={soldOutAt}
            name="sold out"
            problem={problemAt(problems, '/soldOutAt')}
            {typed}
            onvalue={(value) => (soldOutAt = value ?? '')}
          />
          <Button size="small" type="submit">Add market</Button>
        </form>
        {#if problemAt(problems, '')}<Notice harm {problems} />{/if}
        <Table size="compact" class="table">
          <thead>
            <tr>
              <th>Day</th><th>Market</th><th class="num">Taken</th><th class="num">Sold</th><th>Sold out</th>
              <th><span class="unseen">Delete</span></th>
            </tr>
          </thead>
          <tbody>
            {#each data.days as one (one.id)}
              <tr>
                <td class="figures">{dates.day(one.day)}</td><td>{one.market}</td>
                <td class="num">{one.taken}</td><td class="num">{one.sold}</td>
                <td class="figures"
                  >{one.soldOutAt ? dates.time(one.soldOutAt) : one.sold === one.taken ? 'yes' : '-'}</td
                >
                <td
                  ><Button size="small" kind="ghost" on:click={() => void remove(one.id)}
                    >Delete<span class="unseen"> {one.market} {dates.day(one.day)}</span></Button
                  ></td
                >
              </tr>
            {:else}
              <tr><td colspan="6" class="quiet">No market of {name} yet.</td></tr>
            {/each}
          </tbody>
        </Table>
      </section>
      <section class="panel" aria-label="Next market">
        <h2>Next market</h2>
        <div class="worth">
          <NumberField
            label="Price of a piece, {data.shop.currency}"
            value={worth.price}
            limits={{ min: MIN_POSITIVE, max: 1e6 }}
            name="price"
            {typed}
            onvalue={(value) => (own = { ...own, price: value ?? undefined })}
          />
          <NumberField
            label="Cost of a piece, {data.shop.currency}"
            value={worth.cost}
            limits={{ min: 0, max: 1e6 }}
            name="cost"
            {typed}
            onvalue={(value) => (own = { ...own, cost: value ?? undefined })}
          />
          <NumberField
            label="Value of a left-over piece, {data.shop.currency}"
            value={worth.leftoverWorth}
            limits={{ min: 0, max: 1e6 }}
            name="worth"
            problem={worth.leftoverWorth >= worth.cost ? 'Enter a value below the cost' : ''}
            {typed}
            onvalue={(value) => (own = { ...own, leftoverWorth: value ?? undefined })}
          />
        </div>
        {#if advice}
          <p class="advice">
            Take <b>{advice.quantity} pieces</b>, expected profit about {say(profitOf(advice.quantity) ?? 0)}.
          </p>
          <p class="quiet">
            From {advice.restsOn === 1 ? 'one market' : `${advice.restsOn} markets`}{advice.isGuess
              ? ', which is a guess: enter at least four'
              : ''}. At this price it pays to have enough on {Math.round(100 * advice.criticalRatio)} % of the days. On days
            that sold out, demand was at least that high.
          </p>
          <Chart
            type="line"
            height={220}
            series={[
              {
                name: 'Expected profit',
                data: advice.expectedProfit.map(([x, y]) => ({ x, y: Number(y.toFixed(2)) })),
              },
            ]}
            colours={['--primary']}
            options={{
              stroke: { curve: 'straight', width: 3 },
              xaxis: {
                type: 'numeric',
                min: 0,
                max: lastMark,
                tickAmount: lastMark / markPieces,
                decimalsInFloat: 0,
                title: { text: 'Pieces taken' },
              },
              yaxis: { labels: { formatter: (value) => say(Number(value)) }, title: { text: 'Expected profit' } },
              annotations: {
                xaxis: [{ x: advice.quantity, borderColor: '#a81c46', label: { text: `${advice.quantity}` } }],
              },
            }}
          />
          <Table size="compact" class="table">
            <thead><tr><th class="num">Pieces taken</th><th class="num">Expected profit</th></tr></thead>
            <tbody>
              {#each rows as [quantity, profit] (quantity)}
                <tr class:best={quantity === advice.quantity}>
                  <td class="num">{quantity}</td><td class="num">{say(profit)}</td>
                </tr>
              {/each}
            </tbody>
          </Table>
          <p class="order">
            <Button size="small" kind="tertiary" href="/orders?text={encodeURIComponent(orderText)}"
              >Order {advice.quantity} pieces</Button
            >
          </p>
        {:else if data.days.length === 0}
          <p class="quiet">Enter at least one market to see how many pieces to take.</p>
        {:else}
          <p class="quiet">Enter a price, and a cost above the value of a left-over piece.</p>
        {/if}
      </section>
    </div>
  {/if}
</div>

<style>
  .slab {
    width: 18rem;
  }

  .both {
    display: grid;
    grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
    gap: 1rem;
    align-items: start;
  }

  section {
    padding: 0.7rem 0.9rem;
  }

  form,
  .worth {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.5rem;
    align-items: end;
    margin-bottom: 0.8rem;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  .best :global(td) {
    font-weight: 650;
  }

  .order {
    margin-top: 0.6rem;
  }

  .advice {
    font-size: 1.15rem;
  }

  @media (max-width: 900px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
