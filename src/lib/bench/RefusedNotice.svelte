<!-- Entries that the server refused for good: they stay on this device, can be saved as files, and are removed only on request. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import type { RunFollower } from '$lib/run/runFollower.svelte';
  import { saveBlob, saveText } from '$lib/format/saveText';
  import Notice from '$lib/ui/Notice.svelte';

  let { followed }: { followed: RunFollower } = $props();

  const entries = $derived(followed.refused.events);
  const photos = $derived(followed.refused.photos);
  const reasons = $derived([...new Set([...entries, ...photos].map(({ why }) => why))]);
  const count = (n: number, one: string, many: string) => (n === 1 ? `1 ${one}` : `${n} ${many}`);
  const what = $derived(
    [
      ...(entries.length > 0 ? [count(entries.length, 'entry', 'entries')] : []),
      ...(photos.length > 0 ? [count(photos.length, 'photo', 'photos')] : []),
    ].join(' and '),
  );

  function save() {
    const lot = followed.plan.lot;
    if (entries.length > 0) saveText(JSON.stringify(entries, null, 2), 'application/json', `${lot}-refused.json`);
    photos.forEach(({ jpeg }, i) => saveBlob(jpeg, `${lot}-photo-${i + 1}.jpg`));
  }

  async function remove() {
    const question = `Remove ${what} from this device? The server does not have them. Save them to files first if you may need them.`;
    const isSure = await confirmation.ask(question, 'Remove');
    if (isSure) await followed.dropRefused();
  }
</script>

<Notice harm title="{followed.plan.name}: the server does not accept {what}.">
  {reasons.join('. ')}. {entries.length + photos.length === 1 ? 'It is' : 'They are'} still on this device.
  <span class="actions">
    <Button size="small" kind="tertiary" on:click={save}>Save to files</Button>
    <Button size="small" kind="ghost" on:click={remove}>Remove from this device</Button>
  </span>
</Notice>

<style>
  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin-top: 0.5rem;
  }
</style>
