<!-- The inside measures of a tin, as fields. -->
<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import type { Tin } from '../../core/tin';
  import NumberField from './NumberField.svelte';

  interface Props {
    tin: Tin;
    onvalue: (tin: Tin) => void;
    typed: Record<string, string>;
    name: string;
  }
  let { tin, onvalue, typed, name }: Props = $props();

  const LENGTH = { min: 1, max: 5000 };

  function setShape(shape: string) {
    const { depthMm, flareDeg } = tin;
    if (shape === tin.shape) return;
    if (tin.shape === 'rectangle') onvalue({ shape: 'round', diameterMm: tin.widthMm, depthMm, flareDeg });
    else
      onvalue({
        shape: 'rectangle',
        lengthMm: tin.diameterMm,
        widthMm: tin.diameterMm,
        depthMm,
        cornerMm: 0,
        flareDeg,
      });
  }
</script>

<Select
  size="sm"
  labelText="Shape"
  selected={tin.shape}
  on:change={(event) => setShape((event.target as HTMLSelectElement).value)}
>
  <SelectItem value="rectangle" text="rectangle" />
  <SelectItem value="round" text="round" />
</Select>
{#if tin.shape === 'round'}
  <NumberField
    label="Across, mm"
    value={tin.diameterMm}
    limits={LENGTH}
    name="{name} across"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, diameterMm: mm })}
  />
{:else}
  <NumberField
    label="Inside length, mm"
    value={tin.lengthMm}
    limits={LENGTH}
    name="{name} length"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, lengthMm: mm, cornerMm: Math.min(tin.cornerMm ?? 0, mm / 2) })}
  />
  <NumberField
    label="Inside width, mm"
    value={tin.widthMm}
    limits={LENGTH}
    name="{name} width"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, widthMm: mm, cornerMm: Math.min(tin.cornerMm ?? 0, mm / 2) })}
  />
  <NumberField
    label="Corner radius, mm"
    value={tin.cornerMm ?? 0}
    limits={{ min: 0, max: Math.min(tin.lengthMm, tin.widthMm) / 2 }}
    name="{name} corner"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, cornerMm: mm })}
  />
{/if}
<NumberField
  label="Depth, mm"
  value={tin.depthMm}
  limits={{ min: 1, max: 1000 }}
  name="{name} depth"
  {typed}
  onvalue={(mm) => mm !== null && onvalue({ ...tin, depthMm: mm })}
/>
<NumberField
  label="Flare, degrees from upright"
  value={tin.flareDeg ?? 0}
  limits={{ min: 0, max: 60 }}
  name="{name} flare"
  {typed}
  onvalue={(deg) => deg !== null && onvalue({ ...tin, flareDeg: deg })}
/>
