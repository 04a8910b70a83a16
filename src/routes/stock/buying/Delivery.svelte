<!-- A delivery of one ingredient: packs, price, lot and best-before date, as they are on the pack. -->
<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import type { StockEntry } from '$core/stock';
  import { larderLimits } from '$lib/limits/fieldLimits';
  import { endOfDay, newEntry } from '$lib/stock/newEntry';
  import DayField from '$lib/ui/DayField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    line: {
      readonly ingredient: string;
      readonly supplier: string | null;
      readonly packs: readonly {
        readonly name: string;
        readonly massG: number;
        readonly count: number;
        readonly price: number | null;
      }[];
    };
    currency: string;
    zone: string | undefined;
    onsave: (entry: StockEntry) => void;
    oncancel: () => void;
  }
  let { line, currency, zone, onsave, oncancel }: Props = $props();

  const pack = untrack(() => line.packs[0]);
  let count: number | null = $state(pack?.count ?? null);
  let massG: number | null = $state(null);
  let price: number | null = $state(pack?.price ?? null);
  let lot = $state('');
  let day = $state('');
  let typed: Record<string, string> = $state({});
  const totalG = $derived(pack ? (count ?? 0) * pack.massG : (massG ?? 0));

  function save() {
    if (totalG <= 0 || Object.keys(typed).length > 0) return;
    onsave(
      newEntry({
        of: { ingredient: line.ingredient },
        ...{ change: totalG, unit: 'g', why: 'delivery', lot: lot.trim() },
        ...(day ? { keepsUntil: endOfDay(day, zone) } : {}),
        ...(price === null ? {} : { price }),
        ...(pack ? { pack: pack.name } : {}),
        ...(line.supplier ? { supplier: line.supplier } : {}),
      }),
    );
  }
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    save();
  }}
>
  {#if pack}
    <NumberField
      label="Packs ({pack.name})"
      value={count}
      limits={{ min: 1, max: 10_000 }}
      name="packs"
      {typed}
      onvalue={(value) => (count = value)}
    />
  {:else}
    <NumberField
      label="Weight"
      quantity="mass"
      value={massG}
      limits={larderLimits('packs.massG')}
      name="mass"
      {typed}
      onvalue={(value) => (massG = value)}
    />
  {/if}
  <NumberField
    label="Price of all, {currency}"
    optional
    value={price}
    limits={larderLimits('packs.price')}
    name="price"
    {typed}
    onvalue={(value) => (price = value)}
  />
  <TextInput size="sm" labelText="Lot" maxlength={200} bind:value={lot} />
  <DayField
    label="Best before"
    optional
    value={day}
    name="best before"
    {typed}
    onvalue={(value) => (day = value ?? '')}
  />
  <div class="acts">
    <Button size="small" type="submit" disabled={totalG <= 0}>Add to stock</Button>
    <Button size="small" kind="ghost" on:click={oncancel}>Cancel</Button>
  </div>
</form>

<style>
  form {
    display: grid;
    grid-template-columns: repeat(4, minmax(7rem, 1fr)) auto;
    gap: 0.5rem;
    align-items: end;
    padding: 0.4rem 0;
  }

  .acts {
    display: flex;
  }

  @media (max-width: 759px) {
    form {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
