<!-- Pricing of the shop: margin, tax, labour, energy, overheads, and the power of its equipment. -->
<script lang="ts">
  import { Select, SelectItem, TextInput, Toggle } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { settledPricing } from '$core/cost';
  import { readNumber } from '$core/measure';
  import { POWERED, USUAL_POWER, type Shop } from '$core/shop';
  import { OVERHEADS, type Pricing } from '$core/slab';
  import { shopLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';
  import PercentField from '$lib/ui/PercentField.svelte';
  import { problemAt } from '$lib/api';
  import type { ProblemMessage } from '$wording/problems';

  interface Props {
    shop: Pick<Shop, 'pricing' | 'power'>;
    currency: string;
    typed: Record<string, string>;
    problems: readonly ProblemMessage[];
    onshop: (part: Partial<Shop>) => void;
  }
  let { shop, currency, typed, problems, onshop }: Props = $props();

  const pricing = $derived(shop.pricing ?? {});
  const settled = $derived(settledPricing(undefined, { ...shop, currency }));
  function set(part: Partial<Pricing>) {
    const next = Object.entries({ ...pricing, ...part }).filter(([, value]) => value !== undefined);
    onshop({ pricing: Object.fromEntries(next) });
  }
  /** Amounts are entered in the shop's currency. */
  const money = (part: Partial<Pricing>) => set({ ...part, currency: undefined });
  const limit = (field: string) => shopLimits(`pricing.${field}`);
  const NONE = { margin: undefined, markup: undefined, price: undefined } as const;
  const asksMarkup = $derived(pricing.markup !== undefined && pricing.price === undefined);

  const OVERHEAD_WORDS = {
    slab: 'per slab',
    hour: 'per hour of labour',
    percent: 'percent of other costs',
  } as const;
  const NAMES = { oven: 'Oven', ring: 'Hob ring', mixer: 'Mixer', fridge: 'Fridge', freezer: 'Freezer' } as const;

  let ladder = $state(untrack(() => typed.ladder ?? (pricing.ladder ?? []).join('; ')));
  const wrongLadder = $derived(
    typed.ladder === undefined ? problemAt(problems, '/pricing/ladder') : 'Enter endings such as 0.50; 0.95',
  );
  function takeLadder() {
    const parts = ladder.split(/[;\s]+/).filter(Boolean);
    const read = parts.map((part) => readNumber(part, { min: 0, max: 1e6 }));
    if (read.some((rung) => !rung.ok) || parts.length > 12) {
      typed.ladder = ladder;
      return;
    }
    delete typed.ladder;
    set({ ladder: read.flatMap((rung) => (rung.ok ? [rung.value] : [])) });
  }
</script>

<div class="grid">
  <Select
    size="sm"
    labelText="Set prices by"
    selected={asksMarkup ? 'markup' : 'margin'}
    on:change={(event) => {
      const isMarkup = (event.target as HTMLSelectElement).value === 'markup';
      const share = settled.ask.by === 'price' ? 0.6 : settled.ask.share;
      set(
        isMarkup
          ? { ...NONE, markup: Number((share / (1 - Math.min(0.98, share))).toFixed(3)) }
          : { ...NONE, margin: Number((share / (1 + share)).toFixed(3)) },
      );
    }}
  >
    <SelectItem value="margin" text="margin" />
    <SelectItem value="markup" text="markup on cost" />
  </Select>
  {#key asksMarkup}
    <PercentField
      label={asksMarkup ? 'Markup on cost, %' : 'Margin, %'}
      value={settled.ask.by === 'price' ? null : settled.ask.share}
      limits={limit(asksMarkup ? 'markup' : 'margin')}
      name="shop asks"
      problem={problemAt(problems, '/pricing/margin')}
      {typed}
      onvalue={(share) => share !== null && set({ ...NONE, [asksMarkup ? 'markup' : 'margin']: share })}
    />
  {/key}
  <PercentField
    label="Warn below a margin of, %"
    optional
    value={pricing.leastMargin}
    limits={limit('leastMargin')}
    name="least margin"
    {typed}
    onvalue={(leastMargin) => set({ leastMargin: leastMargin ?? undefined })}
  />
  <NumberField
    label="Sales tax, %"
    value={settled.taxPercent}
    limits={limit('taxPercent')}
    name="tax"
    {typed}
    onvalue={(taxPercent) => set({ taxPercent: taxPercent ?? undefined })}
  />
  <Toggle
    size="sm"
    labelText="Sales tax is"
    labelA="added to the price"
    labelB="included in the price"
    toggled={settled.taxIncluded}
    on:toggle={(event) => event.detail.toggled !== settled.taxIncluded && set({ taxIncluded: event.detail.toggled })}
  />
  <TextInput
    size="sm"
    labelText="Round prices up to endings"
    placeholder="0.50; 0.95"
    helperText="For example 0.50; 0.95, separated by semicolons"
    bind:value={ladder}
    invalid={wrongLadder !== ''}
    invalidText={wrongLadder}
    on:change={takeLadder}
  />
  <NumberField
    label="Labour per hour, {pricing.currency ?? currency}"
    optional
    placeholder="0"
    value={pricing.labourPerHour}
    limits={limit('labourPerHour')}
    name="labour"
    {typed}
    onvalue={(labourPerHour) => money({ labourPerHour: labourPerHour ?? undefined })}
  />
  <PercentField
    label="Watching time charged as labour, %"
    value={settled.watchShare}
    limits={limit('watchShare')}
    name="watch"
    {typed}
    onvalue={(watchShare) => set({ watchShare: watchShare ?? undefined })}
  />
  <PercentField
    label="Unsold pieces, %"
    value={settled.rejectShare}
    limits={limit('rejectShare')}
    name="shop rejects"
    {typed}
    onvalue={(rejectShare) => set({ rejectShare: rejectShare ?? undefined })}
  />
  <NumberField
    label="Overheads{settled.overhead.by === 'percent' ? ', %' : `, ${pricing.currency ?? currency}`}"
    value={settled.overhead.amount}
    limits={limit('overhead.amount')}
    name="overhead"
    {typed}
    onvalue={(amount) => amount !== null && money({ overhead: { by: settled.overhead.by, amount } })}
  />
  <Select
    size="sm"
    labelText="Overheads charged"
    selected={settled.overhead.by}
    on:change={(event) =>
      money({
        overhead: {
          by: (event.target as HTMLSelectElement).value as (typeof OVERHEADS)[number],
          amount: settled.overhead.amount,
        },
      })}
  >
    {#each OVERHEADS as by (by)}<SelectItem value={by} text={OVERHEAD_WORDS[by]} />{/each}
  </Select>
  <NumberField
    label="Electricity per kWh, {pricing.currency ?? currency}"
    optional
    placeholder="0"
    value={pricing.energyPerKWh}
    limits={limit('energyPerKWh')}
    name="tariff"
    {typed}
    onvalue={(energyPerKWh) => money({ energyPerKWh: energyPerKWh ?? undefined })}
  />
  <NumberField
    label="Lining paper per m², {pricing.currency ?? currency}"
    optional
    placeholder="0"
    value={pricing.liningPerM2}
    limits={limit('liningPerM2')}
    name="lining"
    {typed}
    onvalue={(liningPerM2) => money({ liningPerM2: liningPerM2 ?? undefined })}
  />
</div>
<fieldset>
  <legend>Average power while switched on, kW</legend>
  <div class="five">
    {#each POWERED as what (what)}
      <NumberField
        label={NAMES[what]}
        optional
        placeholder={String(USUAL_POWER[what])}
        value={shop.power?.[what]}
        limits={shopLimits(`power.${what}`)}
        name="power {what}"
        {typed}
        onvalue={(kw) => onshop({ power: { ...shop.power, [what]: kw ?? undefined } })}
      />
    {/each}
  </div>
</fieldset>

<style>
  .grid {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.7rem 1rem;
    align-items: start;
    margin-bottom: 1rem;
  }

  .five {
    display: grid;
    grid-template-columns: repeat(5, minmax(0, 1fr));
    gap: 0.6rem;
  }

  @media (max-width: 759px) {
    .grid,
    .five {
      grid-template-columns: repeat(2, minmax(0, 1fr));
    }
  }
</style>
