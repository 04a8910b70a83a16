<!-- Composition of an ingredient per 100 g, and its sugars by kind. -->
<script lang="ts">
  import type { Composition, Ingredient, SugarKinds } from '$core/larder';
  import { larderLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    form: Ingredient;
    typed: Record<string, string>;
    onset: (part: Partial<Ingredient>) => void;
  }
  let { form, typed, onset }: Props = $props();

  const PARTS = ['water', 'sugars', 'fat', 'protein', 'other'] as const;
  /** Further nutrients for labels. */
  const OF_IT = [
    ['saturates', 'of the fat saturates, %'],
    ['addedSugars', 'of the sugars added, %'],
    ['starch', 'of the other starch, %'],
    ['fibre', 'fibre, %'],
    ['salt', 'salt, %'],
  ] as const;
  const KINDS = [
    ['sucrose', 'sucrose'],
    ['lactose', 'lactose'],
    ['mono', 'single sugars'],
    ['glucoseSyrup', 'glucose syrup'],
  ] as const;
  const parts = $derived<Partial<Composition>>(form.composition ?? {});

  function setPart(part: keyof Composition, value: number | null) {
    const next = { ...parts, [part]: value ?? undefined };
    const none = PARTS.every((part) => next[part] === undefined);
    onset({ composition: none ? undefined : (next as Composition) });
  }

  function setKind(kind: keyof SugarKinds, value: number | null) {
    const next = { ...form.sugarKinds, [kind]: value ?? undefined };
    onset({ sugarKinds: Object.values(next).some((grams) => grams !== undefined) ? next : undefined });
  }
</script>

<h3>Composition, by weight</h3>
<div class="six">
  {#each PARTS as part (part)}
    <NumberField
      label="{part}, %"
      optional
      value={parts[part]}
      limits={larderLimits(`composition.${part}`)}
      name="part {part}"
      {typed}
      onvalue={(value) => setPart(part, value)}
    />
  {/each}
</div>
<div class="six">
  {#each OF_IT as [part, label] (part)}
    <NumberField
      {label}
      optional
      value={parts[part]}
      limits={larderLimits(`composition.${part}`)}
      name="part {part}"
      {typed}
      onvalue={(value) => setPart(part, value)}
    />
  {/each}
</div>
<div class="six">
  {#each KINDS as [kind, label] (kind)}
    <NumberField
      label="of sugars, {label}, %"
      optional
      value={form.sugarKinds?.[kind]}
      limits={larderLimits(`sugarKinds.${kind}`)}
      name="kind {kind}"
      {typed}
      onvalue={(value) => setKind(kind, value)}
    />
  {/each}
</div>

<style>
  h3 {
    font-size: 0.95rem;
    font-weight: 650;
    margin: 1rem 0 0.4rem;
  }

  .six {
    display: grid;
    gap: 0.6rem;
    align-items: end;
    grid-template-columns: repeat(auto-fill, minmax(6rem, 1fr));
    margin-bottom: 0.5rem;
  }
</style>
