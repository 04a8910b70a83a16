<!-- Lines that were taken in and could not be read: each stays as text until it reads as a line, or is dropped. -->
<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import { lineFromReading, namesIn, readLine } from '../../../../core/recipe';
  import { withPreparation, type Preparation } from '../../../../core/slab';
  import { slabWork } from '$lib/slabContext';

  let { preparation, at }: { preparation: Preparation; at: number } = $props();

  const work = slabWork();
  const { draft } = work;
  const unread = $derived(preparation.unread ?? []);
  const measures = $derived(draft.slab.measures ?? work.shop.measures);

  $effect(() => work.shelf.need(unread.flatMap(namesIn)));

  function set(lines: readonly string[], field = '') {
    draft.change(withPreparation(draft.slab, at, { unread: lines.length > 0 ? lines : undefined }), field);
  }

  function take(i: number) {
    const line = lineFromReading(readLine(unread[i]!, measures, work.larder));
    if (!line) return;
    const rest = unread.filter((_, j) => j !== i);
    draft.change(
      withPreparation(draft.slab, at, {
        lines: [...preparation.lines, line],
        unread: rest.length > 0 ? rest : undefined,
      }),
    );
  }
</script>

{#each unread as text, i (i)}
  {@const read = readLine(text, measures, work.larder)}
  {@const line = lineFromReading(read)}
  <div class="unread">
    <TextInput
      size="sm"
      hideLabel
      labelText="Not read yet, line {i + 1} of {preparation.name}"
      value={text}
      warn
      warnText={line ? `Reads as ${line.quantity} ${line.unit} of ${line.ingredient}` : read.why}
      on:input={(event) => {
        const next = String(event.detail ?? '');
        if (next.trim() !== '')
          set(
            unread.map((text, j) => (j === i ? next.slice(0, 1000) : text)),
            `${preparation.id} unread ${i}`,
          );
      }}
    />
    <Button size="small" kind="tertiary" disabled={!line} on:click={() => take(i)}>Take as a line</Button>
    <Button size="small" kind="ghost" on:click={() => set(unread.filter((_, j) => j !== i))}>Drop</Button>
  </div>
{/each}

<style>
  .unread {
    display: grid;
    grid-template-columns: 1fr max-content max-content;
    gap: 0.4rem;
    align-items: start;
    margin: 0.4rem 0 0 1.6rem;
  }
</style>
