<!-- Paste a recipe. The reader with its model of the language is large, and loads behind the page. -->
<script lang="ts">
  import Calculating from '$lib/ui/Calculating.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Paste a recipe - Knife Tray</title></svelte:head>

{#await import('./PasteBoard.svelte')}
  <div class="page">
    <div class="page-head"><h1>Paste a recipe</h1></div>
    <Calculating hasFailed={false} />
  </div>
{:then { default: PasteBoard }}
  <PasteBoard shop={data.shop} />
{:catch}
  <div class="page">
    <div class="page-head"><h1>Paste a recipe</h1></div>
    <Calculating hasFailed />
  </div>
{/await}
