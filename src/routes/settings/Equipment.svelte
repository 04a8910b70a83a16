<!-- The pots, bowls and boxes of the shop: what is boiled and stirred in, and what the pieces are packed in. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { VESSELS, type Box, type Vessel } from '../../core/tin';
  import type { Problem } from '../../core/validation';
  import { shopLimits } from '$lib/limits';
  import { problemAt } from '$lib/api';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { replaced, without } from './replaced';
  import EquipmentRow from './EquipmentRow.svelte';

  interface Props {
    vessels: readonly Vessel[] | undefined;
    boxes: readonly Box[] | undefined;
    typed: Record<string, string>;
    problems: readonly Problem[];
  }
  let { vessels = $bindable(), boxes = $bindable(), typed, problems }: Props = $props();

  const SIDES = [
    ['lengthMm', 'Length'],
    ['widthMm', 'Width'],
    ['heightMm', 'Height'],
  ] as const;
  const setVessel = (at: number, part: Partial<Vessel>) => (vessels = replaced(vessels ?? [], at, part));
  const setBox = (at: number, part: Partial<Box>) => (boxes = replaced(boxes ?? [], at, part));
</script>

<fieldset>
  <legend>Pots and bowls, to the brim</legend>
  {#each vessels ?? [] as vessel, at (at)}
    <EquipmentRow
      name={vessel.name}
      problem={problemAt(problems, `/vessels/${at}/name`)}
      columns="1.4fr 1.4fr"
      onname={(name) => setVessel(at, { name })}
      onremove={() => (vessels = without(vessels ?? [], at))}
    >
      <Select
        size="sm"
        labelText="Kind"
        selected={vessel.kind}
        on:change={(event) => setVessel(at, { kind: (event.target as HTMLSelectElement).value as Vessel['kind'] })}
      >
        {#each VESSELS as vessel (vessel)}<SelectItem value={vessel} text={vessel} />{/each}
      </Select>
      <NumberField
        label="Holds"
        quantity="volume"
        value={vessel.volumeMl}
        limits={shopLimits('vessels.volumeMl')}
        name="vessel {at}"
        {typed}
        onvalue={(volumeMl) => volumeMl !== null && setVessel(at, { volumeMl })}
      />
    </EquipmentRow>
  {/each}
  <p>
    <Button
      size="small"
      kind="tertiary"
      on:click={() => (vessels = [...(vessels ?? []), { name: '', kind: 'pot', volumeMl: 3000 }])}
      >Add a pot or bowl</Button
    >
  </p>
</fieldset>
<fieldset>
  <legend>Boxes, inside</legend>
  {#each boxes ?? [] as box, at (at)}
    <EquipmentRow
      name={box.name}
      problem={problemAt(problems, `/boxes/${at}/name`)}
      columns="1fr 1fr 1fr"
      onname={(name) => setBox(at, { name })}
      onremove={() => (boxes = without(boxes ?? [], at))}
    >
      {#each SIDES as [side, label] (side)}
        <NumberField
          {label}
          quantity="length"
          value={box[side]}
          limits={shopLimits(`boxes.${side}`)}
          name="box {at} {side}"
          {typed}
          onvalue={(mm) => mm !== null && setBox(at, { [side]: mm })}
        />
      {/each}
    </EquipmentRow>
  {/each}
  <p>
    <Button
      size="small"
      kind="tertiary"
      on:click={() => (boxes = [...(boxes ?? []), { name: '', lengthMm: 160, widthMm: 110, heightMm: 30 }])}
      >Add a box</Button
    >
  </p>
</fieldset>
