<!-- Text in which parts between stars are emphasised. -->
<script lang="ts">
  import { runsOf } from '$lib/format/labelText';

  let { text }: { text: string } = $props();
</script>

{#each runsOf(text) as run, i (i)}{#if run.bold}<b>{run.text}</b>{:else}{run.text}{/if}{/each}

<style>
  b {
    font-weight: 750;
  }
</style>
