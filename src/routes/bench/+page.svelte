<!-- All runs that are on the bench, in the order of the clock. -->
<script lang="ts">
  import Bench from '$lib/bench/Bench.svelte';

  let { data } = $props();
</script>

<Bench runs={data.runs} last={data.last} isComplete={data.isComplete} rack={data.rack} lots={data.lots} />
