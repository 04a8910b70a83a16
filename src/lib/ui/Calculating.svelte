<!-- Shown in place of a result that is still being calculated on this device, or failed. -->
<script lang="ts">
  import { InlineLoading } from 'carbon-components-svelte';
  import Notice from './Notice.svelte';

  let { hasFailed = false }: { hasFailed?: boolean } = $props();
</script>

{#if hasFailed}
  <Notice harm title="This could not be calculated">Reload the page to try again.</Notice>
{:else}
  <InlineLoading description="Calculating…" />
{/if}
