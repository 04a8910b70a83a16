<!-- One run at the bench. -->
<script lang="ts">
  import Bench from '$lib/bench/Bench.svelte';

  let { data } = $props();
</script>

<Bench runs={data.runs} last={data.last} isComplete={data.isComplete} rack={data.rack} lots={data.lots} />
