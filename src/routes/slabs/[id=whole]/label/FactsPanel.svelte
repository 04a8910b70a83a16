<!-- Nutrition per serving with daily values, as the United States have it. Its type sizes are for the printer to set. -->
<script lang="ts">
  import type { LabelDraft } from '$core/usecases';
  import { eachMassG } from '$lib/format/labelText';
  import { servingsText, servingText } from '$wording/label';
  import { nutritionRows } from '$wording/labelTable';

  let { label }: { label: LabelDraft } = $props();
  const rows = $derived(nutritionRows(label.nutrition, eachMassG(label), label.profile));
  const [calories, ...nutrients] = $derived(rows);
</script>

<section aria-label="Nutrition facts">
  <h3>Nutrition Facts</h3>
  <p>{servingsText(label.serving)}</p>
  <p class="row strong"><span>Serving size</span><span>{servingText(label.serving)}</span></p>
  <p class="row calories"><span>Calories</span><span>{calories?.each}</span></p>
  <table>
    <thead><tr><th>Amount per serving</th><th>% Daily Value</th></tr></thead>
    <tbody>
      {#each nutrients as { name, each, daily, indent } (name)}
        <tr>
          <td class:one={indent === 1} class:two={indent === 2}>
            {#if indent === 2}Includes {each} {name}{:else}<span class:strong={indent === 0}>{name}</span> {each}{/if}
          </td>
          <td>{daily}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</section>

<style>
  section {
    border: 1.5px solid #201b18;
    padding: 0.3rem 0.5rem;
    font-size: 0.78rem;
    font-variant-numeric: tabular-nums;
  }

  h3 {
    font-family: var(--body);
    font-size: 1.05rem;
    font-weight: 800;
  }

  .row {
    display: flex;
    justify-content: space-between;
    gap: 0.5rem;
  }

  .strong {
    font-weight: 700;
  }

  .calories {
    border-top: 5px solid #201b18;
    border-bottom: 3px solid #201b18;
    font-size: 1.05rem;
    font-weight: 800;
    margin-top: 0.15rem;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th {
    text-align: left;
    font-weight: 600;
    font-size: 0.72rem;
  }

  tr + tr,
  tbody tr {
    border-top: 1px solid #8d9aa2;
  }

  td {
    padding: 0.03rem 0;
  }

  td:last-child,
  th:last-child {
    text-align: right;
    font-weight: 650;
    white-space: nowrap;
  }

  .one {
    padding-left: 0.7rem;
  }

  .two {
    padding-left: 1.4rem;
  }
</style>
