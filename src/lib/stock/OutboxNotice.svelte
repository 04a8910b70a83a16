<!-- What this device has not sent yet, and what the server refused. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import type { StockOutbox } from './outbox.svelte';

  interface Props {
    outbox: StockOutbox;
  }
  let { outbox }: Props = $props();
</script>

{#if outbox.waiting.length > 0}
  <p role="status" class="quiet">
    {outbox.waiting.length === 1 ? 'One entry is' : `${outbox.waiting.length} entries are`} on this device and will be sent
    when the server answers.{#if outbox.isUnkept}<b> Keep this page open: the device cannot store entries.</b>{/if}
  </p>
{/if}
{#each outbox.refused as { entry, why } (entry.id)}
  <Notice harm>
    <p>
      Not entered: {entry.of.ingredient ?? 'pieces'}, {entry.counted ?? entry.change}
      {entry.unit}. {why}
      <Button size="small" kind="ghost" on:click={() => void outbox.discard(entry.id)}>Discard entry</Button>
    </p>
  </Notice>
{/each}
