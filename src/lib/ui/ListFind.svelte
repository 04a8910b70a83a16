<!-- Search in a long list, on the server, while typing; the address keeps the query. -->
<script lang="ts">
  import { Search } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { goto } from '$app/navigation';
  import { pageAddress } from '$lib/forms/pages';

  let { path, label, sought }: { path: string; label: string; sought: string } = $props();

  const WAIT_MS = 150;
  let text = $state(untrack(() => sought));
  let timer: ReturnType<typeof setTimeout> | undefined;

  $effect(() => {
    const wanted = text;
    clearTimeout(timer);
    if (wanted.trim() === untrack(() => sought)) return;
    timer = setTimeout(
      () => void goto(pageAddress(path, wanted, 1), { keepFocus: true, noScroll: true, replaceState: true }),
      WAIT_MS,
    );
  });
</script>

<Search size="lg" labelText={label} placeholder={label} bind:value={text} />
