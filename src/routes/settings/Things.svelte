<!-- The pots, bowls and boxes of the shop: what is boiled and stirred in, and what the pieces are packed in. -->
<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { VESSELS, type Box, type Vessel } from '../../core/tin';
  import type { Problem } from '../../core/slab';
  import { problemAt } from '$lib/api';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    vessels: readonly Vessel[] | undefined;
    boxes: readonly Box[] | undefined;
    typed: Record<string, string>;
    problems: readonly Problem[];
  }
  let { vessels = $bindable(), boxes = $bindable(), typed, problems }: Props = $props();

  const SIDES = [
    ['lengthMm', 'Length, mm'],
    ['widthMm', 'Width, mm'],
    ['heightMm', 'Height, mm'],
  ] as const;
  const replaced = <T,>(list: readonly T[], at: number, part: Partial<T>): T[] =>
    list.map((one, i) => (i === at ? { ...one, ...part } : one));
  const without = <T,>(list: readonly T[], at: number): T[] => list.filter((_, i) => i !== at);
</script>

<fieldset>
  <legend>Pots and bowls, to the brim</legend>
  {#each vessels ?? [] as vessel, at (at)}
    <div class="row">
      <TextInput
        size="sm"
        labelText="Name"
        value={vessel.name}
        invalid={problemAt(problems, `/vessels/${at}/name`) !== ''}
        invalidText={problemAt(problems, `/vessels/${at}/name`)}
        on:input={(event) => (vessels = replaced(vessels ?? [], at, { name: String(event.detail ?? '') }))}
      />
      <Select
        size="sm"
        labelText="Kind"
        selected={vessel.kind}
        on:change={(event) =>
          (vessels = replaced(vessels ?? [], at, {
            kind: (event.target as HTMLSelectElement).value as Vessel['kind'],
          }))}
      >
        {#each VESSELS as one (one)}<SelectItem value={one} text={one} />{/each}
      </Select>
      <NumberField
        label="Holds, ml"
        value={vessel.volumeMl}
        limits={{ min: 1, max: 1e6 }}
        name="vessel {at}"
        {typed}
        onvalue={(volumeMl) => volumeMl !== null && (vessels = replaced(vessels ?? [], at, { volumeMl }))}
      />
      <Button size="small" kind="ghost" on:click={() => (vessels = without(vessels ?? [], at))}
        >Remove<span class="unseen"> {vessel.name}</span></Button
      >
    </div>
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
    <div class="row box">
      <TextInput
        size="sm"
        labelText="Name"
        value={box.name}
        invalid={problemAt(problems, `/boxes/${at}/name`) !== ''}
        invalidText={problemAt(problems, `/boxes/${at}/name`)}
        on:input={(event) => (boxes = replaced(boxes ?? [], at, { name: String(event.detail ?? '') }))}
      />
      {#each SIDES as [side, label] (side)}
        <NumberField
          {label}
          value={box[side]}
          limits={{ min: 1, max: 5000 }}
          name="box {at} {side}"
          {typed}
          onvalue={(mm) => mm !== null && (boxes = replaced(boxes ?? [], at, { [side]: mm }))}
        />
      {/each}
      <Button size="small" kind="ghost" on:click={() => (boxes = without(boxes ?? [], at))}
        >Remove<span class="unseen"> {box.name}</span></Button
      >
    </div>
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

<style>
  fieldset {
    display: grid;
    gap: 0.5rem;
  }

  legend {
    font-weight: 650;
    margin-bottom: 0.3rem;
  }

  .row {
    display: grid;
    grid-template-columns: 3fr 1.4fr 1.4fr max-content;
    gap: 0.5rem;
    align-items: end;
  }

  .row.box {
    grid-template-columns: 3fr 1fr 1fr 1fr max-content;
  }
</style>
