<!-- Units for display, and of bare numbers. -->
<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import { SHOWN_IN, type ShownIn } from '$core/measure';
  import type { Shop } from '$core/shop';

  interface Props {
    shownIn: ShownIn | undefined;
    onshop: (part: Partial<Shop>) => void;
  }
  let { shownIn = {}, onshop }: Props = $props();

  const NAMES: {
    readonly [Q in keyof typeof SHOWN_IN]: { label: string } & Record<(typeof SHOWN_IN)[Q][number], string>;
  } = {
    temperature: { label: 'Temperature', celsius: '°C first', fahrenheit: '°F first' },
    length: { label: 'Length', mm: 'mm', cm: 'cm', inches: 'inches, in sixteenths' },
    mass: { label: 'Weight', grams: 'grams', ounces: 'ounces and pounds' },
    volume: { label: 'Volume', millilitres: 'ml and litres', cups: 'cups' },
  };
  const quantities = Object.entries(SHOWN_IN) as [keyof typeof SHOWN_IN, readonly string[]][];
  const wordsOf = (quantity: keyof typeof SHOWN_IN) => NAMES[quantity] as Record<string, string>;
</script>

<fieldset>
  <legend>Units shown</legend>
  <div class="four">
    {#each quantities as [quantity, units] (quantity)}
      <Select
        size="sm"
        labelText={NAMES[quantity].label}
        selected={shownIn[quantity] ?? units[0]}
        on:change={(event) =>
          onshop({ shownIn: { ...shownIn, [quantity]: (event.target as HTMLSelectElement).value } })}
      >
        {#each units as unit (unit)}<SelectItem value={unit} text={wordsOf(quantity)[unit]} />{/each}
      </Select>
    {/each}
  </div>
  <p class="quiet">Every field accepts any unit: 237F, 9 in, 1 kg, 2 tsp. Slab files stay metric.</p>
</fieldset>

<style>
  .four {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 0.6rem;
  }

  @media (width < 40rem) {
    .four {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
