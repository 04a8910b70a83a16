<!-- Allergen statement of a slab: what it contains, what is assumed, and what is unknown. -->
<script lang="ts">
  import type { AllergenStatement } from '$core/larder';
  import { containsText, unknownForText } from '$wording/allergens';

  let { statement }: { statement: AllergenStatement } = $props();

  const unknown = $derived(unknownForText(statement));
</script>

<p>
  <span class="quiet">Contains:</span> <b>{containsText(statement)}</b>.
  {#if unknown !== ''}<b class="harm">{unknown}.</b>{/if}
</p>

<style>
  .harm {
    color: var(--harm);
  }
</style>
