<!-- Basis of the price: margin, markup, or a fixed price; further settings of the slab are collapsed. -->
<script lang="ts">
  import { Accordion, AccordionItem, Button, Select, SelectItem } from 'carbon-components-svelte';
  import { LEFTOVER_USES, TRIM_USES, type Pricing } from '$core/slab';
  import type { SettledPricing } from '$core/cost';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';
  import PercentField from '$lib/ui/PercentField.svelte';
  import { slabWork } from '$lib/draft/slabContext';

  let { settled, currency }: { settled: SettledPricing; currency: string } = $props();

  const work = slabWork();
  const { draft } = work;
  const pricing = $derived(draft.slab.pricing ?? {});

  const WAYS = { margin: 'a margin', markup: 'a markup', price: 'a price' } as const;
  type Way = keyof typeof WAYS;
  const way = $derived(settled.ask.by);

  /** Amounts carry the shop's currency, in case it changes later. */
  function set(part: Partial<Pricing>, of: string) {
    const next = { ...pricing, ...part, currency };
    const kept = Object.fromEntries(Object.entries(next).filter(([, value]) => value !== undefined));
    const isEmpty = Object.keys(kept).every((field) => field === 'currency');
    draft.change({ ...draft.slab, pricing: isEmpty ? undefined : (kept as Pricing) }, `pricing ${of}`);
  }
  const NONE = { margin: undefined, markup: undefined, price: undefined } as const;

  /** A new basis starts with the current price. */
  function askBy(next: Way) {
    const sold = work.money.price;
    const [kind] = sold?.earned.kinds ?? [];
    if (!sold || !kind) return set({ ...NONE, [next]: next === 'price' ? 1 : 0.6 }, 'ask');
    const share = kind.net > 0 ? Math.max(0, (kind.net - kind.cost) / kind.net) : 0;
    const value = {
      margin: Math.min(0.99, Number(share.toFixed(3))),
      markup: Number(Math.max(0, kind.cost > 0 ? kind.net / kind.cost - 1 : 0).toFixed(3)),
      price: (settled.taxIncluded ? kind.price : kind.net) / 10 ** sold.digits,
    }[next];
    set({ ...NONE, [next]: value }, 'ask');
  }

  const TRIM_WORDS = { waste: 'thrown away', eat: 'eaten in the workroom', sell: 'sold by weight' } as const;
  const LEFTOVER_WORDS = { charge: 'charged to this slab', carry: 'charged to the next slab that uses it' } as const;
</script>

<div class="panel ask">
  <Select
    size="sm"
    labelText="Set the price by"
    selected={way}
    on:change={(event) => askBy((event.target as HTMLSelectElement).value as Way)}
  >
    {#each Object.entries(WAYS) as [key, name] (key)}<SelectItem value={key} text={name} />{/each}
  </Select>
  {#key way}
    {#if settled.ask.by === 'price'}
      <NumberField
        label="Price of a piece, {currency}"
        value={settled.ask.price}
        limits={slabLimits('pricing.price')}
        name="price"
        typed={draft.typed}
        onvalue={(price) => price !== null && set({ ...NONE, price }, 'price')}
      />
    {:else}
      <PercentField
        label={way === 'margin' ? 'Margin, %' : 'Markup on cost, %'}
        value={settled.ask.share}
        limits={slabLimits(`pricing.${way}`)}
        name="asked"
        typed={draft.typed}
        onvalue={(share) => share !== null && set({ ...NONE, [way]: share }, 'share')}
      />
    {/if}
  {/key}
  {#if settled.askedBy === 'slab'}
    <Button size="small" kind="ghost" on:click={() => set(NONE, 'ask')}>Use the shop’s setting</Button>
  {:else}
    <p class="quiet">Shop setting</p>
  {/if}
</div>
<Accordion size="sm">
  <AccordionItem title="Trims, leftovers and unsold pieces">
    <div class="more">
      <Select
        size="sm"
        labelText="Use of trims"
        selected={settled.trim}
        on:change={(event) => set({ trim: (event.target as HTMLSelectElement).value as Pricing['trim'] }, 'trim')}
      >
        {#each TRIM_USES as use (use)}<SelectItem value={use} text={TRIM_WORDS[use]} />{/each}
      </Select>
      {#if settled.trim === 'sell'}
        <NumberField
          label="Trims per kilogram, {currency}"
          value={settled.trimPerKg}
          limits={slabLimits('pricing.trimPerKg')}
          name="trim per kg"
          typed={draft.typed}
          onvalue={(trimPerKg) => set({ trimPerKg: trimPerKg ?? undefined }, 'trim price')}
        />
      {/if}
      <Select
        size="sm"
        labelText="Cost of leftovers"
        selected={settled.leftover}
        on:change={(event) =>
          set({ leftover: (event.target as HTMLSelectElement).value as Pricing['leftover'] }, 'leftover')}
      >
        {#each LEFTOVER_USES as use (use)}<SelectItem value={use} text={LEFTOVER_WORDS[use]} />{/each}
      </Select>
      <PercentField
        label="Unsold pieces, %"
        value={settled.rejectShare}
        limits={slabLimits('pricing.rejectShare')}
        name="rejects"
        typed={draft.typed}
        onvalue={(rejectShare) => set({ rejectShare: rejectShare ?? undefined }, 'rejects')}
      />
    </div>
  </AccordionItem>
</Accordion>

<style>
  .ask {
    display: grid;
    grid-template-columns: 1fr 1fr auto;
    gap: 0.6rem;
    align-items: end;
    padding: 0.6rem 0.8rem;
  }

  .ask p {
    font-size: 0.85rem;
    padding-bottom: 0.5rem;
  }

  .more {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
    align-items: end;
  }

  @media (max-width: 1180px) {
    .ask {
      grid-template-columns: 1fr 1fr;
    }

    .ask :global(> :last-child) {
      grid-column: 1 / -1;
    }
  }
</style>
