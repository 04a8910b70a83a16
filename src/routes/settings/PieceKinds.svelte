<!-- The kinds of piece that the shop cuts again and again, each by its name, size and price. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { ShopPiece } from '../../core/shop';
  import type { Problem } from '../../core/validation';
  import { shopLimits } from '$lib/limits';
  import { problemAt } from '$lib/api';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { replaced, without } from './replaced';
  import EquipmentRow from './EquipmentRow.svelte';

  interface Props {
    kinds: readonly ShopPiece[] | undefined;
    /** In which the shop's prices are as they were kept. */
    currency: string;
    typed: Record<string, string>;
    problems: readonly Problem[];
  }
  let { kinds = $bindable(), currency, typed, problems }: Props = $props();

  const set = (at: number, part: Partial<ShopPiece>) => (kinds = replaced(kinds ?? [], at, part));
</script>

<fieldset>
  <legend>Kinds of piece</legend>
  {#each kinds ?? [] as kind, at (at)}
    <EquipmentRow
      name={kind.name}
      problem={problemAt(problems, `/pieceKinds/${at}/name`)}
      columns="1fr 1fr 1fr"
      onname={(name) => set(at, { name })}
      onremove={() => (kinds = without(kinds ?? [], at))}
    >
      <NumberField
        label="Long"
        quantity="length"
        value={kind.lengthMm}
        limits={shopLimits('pieceKinds.lengthMm')}
        name="kind {at} length"
        {typed}
        onvalue={(lengthMm) => lengthMm !== null && set(at, { lengthMm })}
      />
      <NumberField
        label="Wide"
        quantity="length"
        value={kind.widthMm}
        limits={shopLimits('pieceKinds.widthMm')}
        name="kind {at} width"
        {typed}
        onvalue={(widthMm) => widthMm !== null && set(at, { widthMm })}
      />
      <NumberField
        label="Price, {kind.currency ?? currency}"
        value={kind.price ?? null}
        limits={shopLimits('pieceKinds.price')}
        name="kind {at} price"
        {typed}
        onvalue={(price) => set(at, { price: price ?? undefined, currency: undefined })}
      />
    </EquipmentRow>
  {/each}
  <p>
    <Button
      size="small"
      kind="tertiary"
      on:click={() => (kinds = [...(kinds ?? []), { name: '', lengthMm: 75, widthMm: 25 }])}>Add a kind of piece</Button
    >
  </p>
</fieldset>
