<!-- Nutrition per 100 g and per piece, as Europe and the United Kingdom have it. -->
<script lang="ts">
  import type { LabelDraft } from '$core/usecases';
  import { eachMassG } from '$lib/format/labelText';
  import { nutritionRows } from '$wording/labelTable';

  let { label }: { label: LabelDraft } = $props();
  const rows = $derived(nutritionRows(label.nutrition, eachMassG(label), label.profile));
</script>

<table>
  <thead><tr><th>Nutrition</th><th>per 100 g</th><th>per piece</th></tr></thead>
  <tbody>
    {#each rows as { name, per, each, indent } (name)}
      <tr><td class:part={indent > 0}>{name}</td><td>{per}</td><td>{each}</td></tr>
    {/each}
  </tbody>
</table>

<style>
  table {
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
    font-size: 0.78rem;
  }

  th {
    text-align: left;
    border-bottom: 1.5px solid #201b18;
    font-weight: 700;
  }

  td,
  th {
    padding: 0.05rem 0.3rem 0.05rem 0;
  }

  td:nth-child(n + 2),
  th:nth-child(n + 2) {
    text-align: right;
    white-space: nowrap;
  }

  td:last-child,
  th:last-child {
    padding-left: 0.5rem;
  }

  .part {
    padding-left: 0.7rem;
  }
</style>
