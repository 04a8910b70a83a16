<!-- Shown while the server is still calculating: the page reloads its data until it is there. -->
<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { InlineLoading } from 'carbon-components-svelte';
  import { onMount } from 'svelte';

  /** What is being calculated, and how much is still to come if known. */
  let { what = '' }: { what?: string } = $props();

  const AGAIN_MS = 1000;
  const LONG_MS = 10_000;
  let isLong = $state(false);
  onMount(() => {
    const again = setInterval(() => void invalidateAll(), AGAIN_MS);
    const long = setTimeout(() => (isLong = true), LONG_MS);
    return () => {
      clearInterval(again);
      clearTimeout(long);
    };
  });
</script>

<InlineLoading description="{isLong ? 'Still calculating' : 'Calculating'}{what ? ` ${what}` : ''}…" />
