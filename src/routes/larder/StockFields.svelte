<!-- Stock of an ingredient: how much there is, the minimum, and where it stands. -->
<script lang="ts">
  import { TextInput } from 'carbon-components-svelte';
  import type { Ingredient } from '$core/larder';
  import type { Expected } from '$core/measure';
  import { larderLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    form: Ingredient;
    /** What an amount can be entered in besides its mass. */
    countable: Pick<Expected, 'densityGPerMl' | 'piece'>;
    typed: Record<string, string>;
    onchange: (part: Partial<Ingredient>) => void;
  }
  let { form, countable, typed, onchange }: Props = $props();
</script>

<NumberField
  label="In stock"
  quantity="mass"
  optional
  {countable}
  value={form.heldG}
  limits={{ ...larderLimits('heldG'), min: 0 }}
  name="held"
  {typed}
  onvalue={(value) => onchange({ heldG: value ?? undefined })}
/>
<NumberField
  label="Minimum stock"
  quantity="mass"
  optional
  {countable}
  value={form.minimumStockG}
  limits={larderLimits('minimumStockG')}
  name="least"
  helper="Below this it is on the buying list"
  {typed}
  onvalue={(value) => onchange({ minimumStockG: value ?? undefined })}
/>
<TextInput
  size="sm"
  labelText="Shelf"
  maxlength={60}
  value={form.shelf ?? ''}
  on:input={(event) => onchange({ shelf: String(event.detail ?? '') || undefined })}
/>
