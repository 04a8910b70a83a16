<!-- Everything needed for this slab as it is now. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { slabWork } from '$lib/draft/slabContext';
  import WeighOutSheet from '$lib/ui/WeighOutSheet.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';

  const work = slabWork();
  const works = $derived([{ key: String(work.draft.id), slab: work.draft.slab, plan: work.plan }]);
</script>

{#if work.draft.slab.preparations.length === 0}
  <div class="panel">
    <EmptyState title="Nothing to weigh out yet">
      <p>Add mixtures in Build. Their ingredients are listed here in the order of use, to weigh and tick off.</p>
      <Button size="small" kind="tertiary" href="/slabs/{work.draft.id}/build">Go to Build</Button>
    </EmptyState>
  </div>
{:else}
  <WeighOutSheet
    {works}
    larder={work.larder}
    shop={work.shop}
    tickKey="slab {work.draft.id}"
    allergens={new Map(works.map(({ key }) => [key, work.allergens]))}
    onlining={(lining) =>
      work.draft.change({ ...work.draft.slab, lining: lining === 'one sheet' ? undefined : lining }, 'lining')}
  />
{/if}
