<!-- Fields for the inside dimensions of a tin. -->
<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import { asTin, type AnyTin } from '$core/tin';
  import { rackLimits } from '$lib/limits/fieldLimits';
  import NumberField from './NumberField.svelte';

  interface Props {
    tin: AnyTin;
    onvalue: (tin: AnyTin) => void;
    typed: Record<string, string>;
    name: string;
  }
  let { tin, onvalue, typed, name }: Props = $props();

  const limits = (field: string) => rackLimits(`tin.${tin.shape}.${field}`);

  function setShape(shape: string) {
    if (shape === tin.shape) return;
    const whole = asTin(tin);
    const [lengthMm, widthMm] =
      whole.shape === 'round' ? [whole.diameterMm, whole.diameterMm] : [whole.lengthMm, whole.widthMm];
    const depthMm = whole.depthMm || 40;
    if (shape === 'round') onvalue({ shape: 'round', diameterMm: widthMm, depthMm, flareDeg: 0 });
    else if (shape === 'sheet') onvalue({ shape: 'sheet', lengthMm, widthMm });
    else onvalue({ shape: 'rectangle', lengthMm, widthMm, depthMm, cornerMm: 0, flareDeg: 0 });
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
  <SelectItem value="sheet" text="free-form on a sheet" />
</Select>
{#if tin.shape === 'round'}
  <NumberField
    label="Diameter"
    quantity="length"
    value={tin.diameterMm}
    limits={limits('diameterMm')}
    name="{name} across"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, diameterMm: mm })}
  />
{:else if tin.shape === 'sheet'}
  <NumberField
    label="Length"
    quantity="length"
    value={tin.lengthMm}
    limits={limits('lengthMm')}
    name="{name} length"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, lengthMm: mm })}
  />
  <NumberField
    label="Width"
    quantity="length"
    value={tin.widthMm}
    limits={limits('widthMm')}
    name="{name} width"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, widthMm: mm })}
  />
  <NumberField
    label="Height of the bars"
    quantity="length"
    optional
    value={tin.depthMm}
    limits={limits('depthMm')}
    name="{name} depth"
    {typed}
    placeholder="no bars"
    onvalue={(mm) => onvalue({ ...tin, depthMm: mm ?? undefined })}
  />
{:else}
  <NumberField
    label="Inside length"
    quantity="length"
    value={tin.lengthMm}
    limits={limits('lengthMm')}
    name="{name} length"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, lengthMm: mm, cornerMm: Math.min(tin.cornerMm ?? 0, mm / 2) })}
  />
  <NumberField
    label="Inside width"
    quantity="length"
    value={tin.widthMm}
    limits={limits('widthMm')}
    name="{name} width"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, widthMm: mm, cornerMm: Math.min(tin.cornerMm ?? 0, mm / 2) })}
  />
  <NumberField
    label="Corner radius"
    quantity="length"
    value={tin.cornerMm ?? 0}
    limits={{ min: 0, max: Math.min(tin.lengthMm, tin.widthMm) / 2 }}
    name="{name} corner"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, cornerMm: mm })}
  />
{/if}
{#if tin.shape !== 'sheet'}
  <NumberField
    label="Depth"
    quantity="length"
    value={tin.depthMm}
    limits={limits('depthMm')}
    name="{name} depth"
    {typed}
    onvalue={(mm) => mm !== null && onvalue({ ...tin, depthMm: mm })}
  />
  <NumberField
    label="Wall slope, degrees from vertical"
    value={tin.flareDeg ?? 0}
    limits={limits('flareDeg')}
    name="{name} flare"
    {typed}
    onvalue={(deg) => deg !== null && onvalue({ ...tin, flareDeg: deg })}
  />
{/if}
