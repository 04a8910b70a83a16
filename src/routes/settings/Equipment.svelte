<!-- What a schedule and the week share: ovens, rings, mixers, boards, and the area of the cold. -->
<script lang="ts">
  import { USUAL_SHOP, type Shop } from '$core/shop';
  import { shopLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    shop: Partial<Shop>;
    typed: Record<string, string>;
    onshop: (part: Partial<Shop>) => void;
  }
  let { shop, typed, onshop }: Props = $props();

  const COUNTS = [
    ['ovens', 'Ovens'],
    ['ovenShelves', 'Shelves in each oven'],
    ['ovenHeatUpMinutes', 'Oven heating, min'],
    ['rings', 'Rings on the hob'],
    ['mixers', 'Mixers'],
    ['boards', 'Cutting boards'],
  ] as const;
  const COLD = [
    ['fridgeMm2', 'Fridge shelves, cm²'],
    ['freezerMm2', 'Freezer shelves, cm²'],
  ] as const;
  const MM2_PER_CM2 = 100;
</script>

<fieldset>
  <legend>Ovens, hob and cold</legend>
  <div class="four">
    {#each COUNTS as [what, label] (what)}
      <NumberField
        {label}
        value={shop[what] ?? USUAL_SHOP[what]}
        limits={shopLimits(what)}
        name={what}
        {typed}
        onvalue={(value) => value !== null && onshop({ [what]: Math.round(value) })}
      />
    {/each}
    {#each COLD as [what, label] (what)}
      <NumberField
        {label}
        value={shop[what] === undefined ? null : Math.round(shop[what] / MM2_PER_CM2)}
        limits={{ min: 0, max: (shopLimits(what).max ?? 0) / MM2_PER_CM2 }}
        name={what}
        optional
        {typed}
        onvalue={(value) => onshop({ [what]: value === null ? undefined : Math.round(value * MM2_PER_CM2) })}
      />
    {/each}
  </div>
</fieldset>

<style>
  .four {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 0.6rem;
    align-items: end;
  }

  @media (max-width: 759px) {
    .four {
      grid-template-columns: repeat(2, 1fr);
    }
  }
</style>
