<!-- Notes, photos, rejects and tasting of a run, and a field for another note. -->
<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { RunRecord } from '$core/run';
  import { POT_SIGN_TEXTS } from '$wording/causes';
  import { shopDates } from '$lib/format/shopDates';

  interface Props {
    run: number;
    record: RunRecord;
    onnote: (text: string) => void;
  }
  let { run, record, onnote }: Props = $props();

  const dates = $derived(shopDates());
  const said = $derived(
    record.said.map((event) => {
      if (event.kind === 'pot-sign') return { ...event, words: POT_SIGN_TEXTS[event.sign] };
      const words = 'text' in event ? event.text : 'why' in event ? event.why : undefined;
      return { ...event, words: words ?? '' };
    }),
  );
  let note = $state('');
  function addNote() {
    if (note.trim() !== '') onnote(note.trim());
    note = '';
  }
</script>

<ul>
  {#each said as event (event.id)}
    <li>
      <span class="quiet figures">{dates.weekTime(Date.parse(event.at))}</span>
      {#if event.kind === 'photo'}
        <a href="/api/runs/{run}/photos/{event.photo}" data-sveltekit-reload>
          <img src="/api/runs/{run}/photos/{event.photo}" alt={event.words || 'Photo'} loading="lazy" />
        </a>
      {/if}
      <span
        >{#if event.kind === 'rejects'}{event.count} rejected:
        {/if}{#if event.kind === 'tasted'}Tasted:
        {/if}{event.words}</span
      >
    </li>
  {:else}
    <li class="quiet">No notes yet.</li>
  {/each}
</ul>
<form
  onsubmit={(event) => {
    event.preventDefault();
    addNote();
  }}
>
  <TextInput labelText="Note" bind:value={note} maxlength={5000} />
  <Button type="submit" size="field" kind="tertiary" disabled={note.trim() === ''}>Add note</Button>
</form>

<style>
  ul {
    margin-bottom: 0.6rem;
  }

  li {
    padding: 0.25rem 0;
    border-bottom: 1px solid var(--rule);
  }

  img {
    display: block;
    max-width: 100%;
    max-height: 200px;
  }

  form {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.5rem;
    align-items: end;
    margin-top: 0.6rem;
  }
</style>
