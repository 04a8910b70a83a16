<!-- Text in which what stands between stars stands out. -->
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
