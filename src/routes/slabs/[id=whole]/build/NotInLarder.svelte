<!-- Actions for a name that is not in the larder, within the line. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { slabWork } from '$lib/draft/slabContext';

  let { name }: { name: string } = $props();

  const { shelf } = slabWork();
  const offered = $derived(shelf.offered(name));
  let wrong = $state('');
</script>

<Button size="small" kind="ghost" on:click={async () => (wrong = await shelf.add(name))}
  >{offered ? `Add ${offered.name} from the starter list` : `Add ${name} to the larder`}</Button
>
{#if wrong}<span role="alert">{wrong}</span>{/if}
