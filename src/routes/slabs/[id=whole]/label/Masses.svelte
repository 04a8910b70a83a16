<!-- Basis of the ingredient list: mass of each at mixing, and what the name promises. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import { PROFILE_FACTS } from '$core/label';
  import type { LabelDraft } from '$core/usecases';
  import { shopFigures } from '$lib/format/shopFigures';

  let { label }: { label: LabelDraft } = $props();
  const figures = $derived(shopFigures());
  const { givesShares } = $derived(PROFILE_FACTS[label.profile]);
  const wholeG = $derived(label.ingredients.reduce((sum, { massG }) => sum + massG, 0));
</script>

<section class="panel" aria-label="How the list was made">
  <Table size="compact" class="table">
    <thead
      ><tr
        ><th>Weighed in</th><th class="num">{figures.mass.unit}</th><th class="num">Share</th>{#if givesShares}<th
            class="num">Share declared</th
          >{/if}<th>Contains</th></tr
      ></thead
    >
    <tbody>
      {#each label.ingredients as { name, massG, percent, allergens, of } (name)}
        <tr>
          <td>{name}</td>
          <td class="num">{figures.mass.figure(massG)}</td>
          <td class="num quiet">{wholeG > 0 ? `${((massG / wholeG) * 100).toFixed(1)} %` : '-'}</td>
          {#if givesShares}<td class="num"
              >{percent !== null
                ? `${percent.toFixed(percent < 1 ? 1 : 0)} %`
                : of.some((part) => part.percent !== null)
                  ? 'inside'
                  : ''}</td
            >{/if}
          <td>{allergens.join(', ')}</td>
        </tr>
      {/each}
    </tbody>
  </Table>
</section>

<style>
  @media (max-width: 30rem) {
    section :global(.bx--data-table th),
    section :global(.bx--data-table td) {
      padding-inline: 0.35rem;
      white-space: normal;
    }
  }
</style>
