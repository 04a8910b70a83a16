<!-- Everything to have at hand for this slab as it stands now. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { slabWork } from '$lib/slabContext';
  import GatherSheet from '$lib/ui/GatherSheet.svelte';
  import Nothing from '$lib/ui/Nothing.svelte';

  const work = slabWork();
  const works = $derived([{ key: String(work.draft.id), slab: work.draft.slab, plan: work.plan }]);
</script>

{#if work.draft.slab.preparations.length === 0}
  <div class="panel">
    <Nothing title="Nothing to gather yet">
      <p>
        What goes into each pot or bowl is written in Build. Here it stands in the order of use, to weigh and to tick.
      </p>
      <Button size="small" kind="tertiary" href="/slabs/{work.draft.id}/build">To Build</Button>
    </Nothing>
  </div>
{:else}
  <GatherSheet {works} larder={work.larder} shop={work.shop} tickKey="slab {work.draft.id}" />
{/if}
