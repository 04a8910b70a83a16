<!-- Dimensions of the shop's label sheets, drawn to scale, and texts on every label. -->
<script lang="ts">
  import { PROFILE_NAMES } from '$wording/label';
  import { Select, SelectItem, TextArea } from 'carbon-components-svelte';
  import { LABEL_PROFILES, PAPERS, USUAL_LABELS, type LabelSheet, type Shop } from '$core/shop';
  import { shopLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    labels: Shop['labels'];
    typed: Record<string, string>;
    onshop: (part: Partial<Shop>) => void;
  }
  let { labels, typed, onshop }: Props = $props();

  const sheet = $derived({ ...USUAL_LABELS, ...labels });
  const set = (part: Partial<LabelSheet>) => onshop({ labels: { ...labels, ...part } });
  const SIZES = { A4: [210, 297], Letter: [216, 279] } as const;
  const size = $derived(SIZES[sheet.paper]);
  const COUNTS = [
    ['columns', 'Labels across'],
    ['rows', 'Labels down'],
  ] as const;
  const LENGTHS = [
    ['widthMm', 'Width of one'],
    ['heightMm', 'Height of one'],
    ['leftMm', 'From the left edge'],
    ['topMm', 'From the top edge'],
    ['gapAcrossMm', 'Gap across'],
    ['gapDownMm', 'Gap down'],
  ] as const;
  const places = $derived(
    Array.from({ length: sheet.columns * sheet.rows }, (_, i) => ({
      x: sheet.leftMm + (i % sheet.columns) * (sheet.widthMm + sheet.gapAcrossMm),
      y: sheet.topMm + Math.floor(i / sheet.columns) * (sheet.heightMm + sheet.gapDownMm),
    })),
  );
</script>

<div class="both">
  <div class="fields">
    <Select
      size="sm"
      labelText="Rules"
      selected={sheet.profile}
      on:change={(event) => set({ profile: (event.target as HTMLSelectElement).value as LabelSheet['profile'] })}
    >
      {#each LABEL_PROFILES as profile (profile)}<SelectItem value={profile} text={PROFILE_NAMES[profile]} />{/each}
    </Select>
    <Select
      size="sm"
      labelText="Paper"
      selected={sheet.paper}
      on:change={(event) => set({ paper: (event.target as HTMLSelectElement).value as LabelSheet['paper'] })}
    >
      {#each PAPERS as paper (paper)}<SelectItem value={paper} text={paper} />{/each}
    </Select>
    <div class="wide">
      <TextArea
        labelText="Name and address on labels"
        rows={2}
        maxlength={500}
        value={sheet.address}
        on:input={(event) => set({ address: (event.target as HTMLTextAreaElement).value })}
      />
    </div>
    {#each COUNTS as [field, label] (field)}
      <NumberField
        {label}
        value={sheet[field]}
        limits={shopLimits(`labels.${field}`)}
        name="labels {field}"
        {typed}
        onvalue={(value) => value !== null && set({ [field]: value })}
      />
    {/each}
    {#each LENGTHS as [field, label] (field)}
      <NumberField
        {label}
        quantity="length"
        value={sheet[field]}
        limits={shopLimits(`labels.${field}`)}
        name="labels {field}"
        {typed}
        onvalue={(value) => value !== null && set({ [field]: value })}
      />
    {/each}
  </div>
  <svg viewBox="-2 -2 {size[0] + 4} {size[1] + 4}" role="img" aria-label="The sheet with its labels, to scale">
    <rect class="paper" width={size[0]} height={size[1]} />
    {#each places as { x, y }, i (i)}
      <rect
        class="label"
        class:off={x + sheet.widthMm > size[0] || y + sheet.heightMm > size[1]}
        {x}
        {y}
        width={sheet.widthMm}
        height={sheet.heightMm}
      />
      <text x={x + sheet.widthMm / 2} y={y + sheet.heightMm / 2 + 4}>{i + 1}</text>
    {/each}
  </svg>
</div>

<style>
  .both {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 260px;
    gap: 1.2rem;
    align-items: start;
  }

  .fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
  }

  .wide {
    grid-column: 1 / -1;
  }

  svg {
    width: 100%;
    max-height: 420px;
  }

  .paper {
    fill: var(--panel);
    stroke: var(--steel);
  }

  .label {
    fill: var(--sunk);
    stroke: var(--primary);
  }

  .off {
    fill: var(--harm-ground);
    stroke: var(--harm);
  }

  text {
    text-anchor: middle;
    font-size: 12px;
    fill: var(--quiet);
    font-family: var(--body);
  }

  @media (max-width: 759px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
