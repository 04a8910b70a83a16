<!-- Everything to have at hand for this slab as it stands now. -->
<script lang="ts">
  import { slabWork } from '$lib/slabContext';
  import GatherSheet from '$lib/ui/GatherSheet.svelte';

  const work = slabWork();
  const works = $derived([{ key: String(work.draft.id), slab: work.draft.slab, plan: work.plan }]);
</script>

<GatherSheet {works} larder={work.larder} shop={work.shop} tickKey="slab {work.draft.id}" />
