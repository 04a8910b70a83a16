<!-- Name of an ingredient on labels, and the shelf life of products made with it. -->
<script lang="ts">
  import { TextInput } from 'carbon-components-svelte';
  import type { Ingredient } from '$core/larder';
  import { larderLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    form: Ingredient;
    typed: Record<string, string>;
    onset: (part: Partial<Ingredient>) => void;
  }
  let { form, typed, onset }: Props = $props();

  const PLACES = [
    ['room', 'In the room, days'],
    ['fridge', 'In the fridge, days'],
    ['freezer', 'In the freezer, days'],
  ] as const;

  function keeps(place: (typeof PLACES)[number][0], days: number | null) {
    const next = { ...form.keepDays, [place]: days ?? undefined };
    const isEmpty = PLACES.every(([one]) => next[one] === undefined);
    onset({ keepDays: isEmpty ? undefined : next });
  }
</script>

<h3>Labels and shelf life</h3>
<div class="four">
  <TextInput
    size="sm"
    labelText="Name on labels"
    placeholder={form.name}
    maxlength={200}
    value={form.labelName ?? ''}
    on:input={(event) => onset({ labelName: String(event.detail ?? '') || undefined })}
  />
  {#each PLACES as [place, label] (place)}
    <NumberField
      {label}
      optional
      placeholder="no limit"
      value={form.keepDays?.[place]}
      limits={larderLimits(`keepDays.${place}`)}
      name="keeps {place}"
      {typed}
      onvalue={(days) => keeps(place, days)}
    />
  {/each}
</div>

<style>
  h3 {
    font-size: 0.95rem;
    font-weight: 650;
    margin: 1rem 0 0.4rem;
  }

  .four {
    display: grid;
    grid-template-columns: 1.6fr 1fr 1fr 1fr;
    gap: 0.6rem;
    align-items: end;
  }

  @media (max-width: 759px) {
    .four {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
