<!-- Imported method, and the maker's notes. -->
<script lang="ts">
  import { TextArea } from 'carbon-components-svelte';
  import { slabWork } from '$lib/draft/slabContext';

  const { draft } = slabWork();
  const MOST = 20_000;
  const notes = $derived(draft.slab.notes ?? '');
</script>

<TextArea
  hideLabel
  labelText="Method and notes"
  rows={Math.min(24, Math.max(6, notes.split('\n').length + 2))}
  maxlength={MOST}
  value={notes}
  on:input={(event) =>
    draft.change({ ...draft.slab, notes: (event.target as HTMLTextAreaElement).value || undefined }, 'notes')}
/>
