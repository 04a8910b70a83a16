<!-- One slab. With tens of thousands of pieces it is drawn by the device alone, so that the server does not block others. -->
<script lang="ts">
  import { InlineLoading } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import Workspace from './Workspace.svelte';

  let { data, children } = $props();

  let isMounted = $state(false);
  onMount(() => (isMounted = true));
</script>

{#if data.isHeavy && !isMounted}
  <InlineLoading description="Calculating…" />
{:else}
  {#key data.kept.id}
    <Workspace {data}>{@render children()}</Workspace>
  {/key}
{/if}
