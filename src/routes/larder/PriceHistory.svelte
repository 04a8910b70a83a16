<!-- Price of an ingredient by weight over time, by pack. -->
<script lang="ts">
  import { Accordion, AccordionItem, Table } from 'carbon-components-svelte';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import { money } from '$lib/format/money';
  import type { PastPrice } from '$lib/server/packs';
  import Chart from '$lib/ui/Chart.svelte';

  let { prices, currency }: { prices: readonly PastPrice[]; currency: string } = $props();

  const today = Date.now();
  /** Prices in another currency are only in the table. */
  const counted = $derived(prices.filter((price) => price.currency === currency));
  const packs = $derived([...new Set(counted.map(({ pack }) => pack))]);
  const figures = $derived(shopFigures());
  const dates = $derived(shopDates());
  const perMass = ({ price, massG }: PastPrice) => (price / massG) * figures.priceMass.massG;
  const series = $derived(
    packs.map((pack) => {
      const points = counted
        .filter((price) => price.pack === pack)
        .map((price) => ({ x: Date.parse(price.pricedOn), y: perMass(price) }));
      // A price holds until the next one: the last extends to today.
      const last = points.at(-1)!;
      return { name: pack, data: last.x < today ? [...points, { x: today, y: last.y }] : points };
    }),
  );
  const options = $derived({
    stroke: { curve: 'stepline' as const, width: 2, dashArray: packs.map((_, i) => i * 4) },
    markers: { size: 4 },
    xaxis: {
      type: 'datetime' as const,
      labels: { formatter: (value: string) => dates.day(new Date(Number(value)).toISOString().slice(0, 10)) },
    },
    yaxis: { min: 0, labels: { formatter: (value: number) => money(value, currency) } },
    legend: { showForSingleSeries: true, position: 'top' as const, horizontalAlign: 'left' as const },
  });
</script>

<Chart type="line" height={190} {series} colours={['--primary', '--smooth', '--good', '--harm']} {options} />
<Accordion size="sm">
  <AccordionItem title="Table">
    <Table size="compact" class="table">
      <thead
        ><tr><th>From</th><th>Pack</th><th class="num">Price</th><th class="num">Per {figures.priceMass.unit}</th></tr
        ></thead
      >
      <tbody>
        {#each [...prices].reverse() as past (`${past.pack} ${past.pricedOn} ${past.currency}`)}
          <tr
            ><td>{dates.day(past.pricedOn)}</td><td>{past.pack}</td><td class="num"
              >{money(past.price, past.currency)}</td
            ><td class="num">{money(perMass(past), past.currency)}</td></tr
          >
        {/each}
      </tbody>
    </Table>
  </AccordionItem>
</Accordion>
