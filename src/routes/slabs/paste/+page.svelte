<!-- A recipe as it was copied: every line beside its reading and its larder match, corrected here before it becomes a slab. -->
<script lang="ts">
  import { Button, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
  import { onMount, untrack } from 'svelte';
  import { goto } from '$app/navigation';
  import { MEASURES, MEASURES_NAMED, type Measures } from '../../../core/measure';
  import { recipesFromJsonLd, namesIn, readRecipe, slabFromRecipe, type LineRead } from '../../../core/recipe';
  import type { Problem } from '../../../core/validation';
  import { ask } from '$lib/api';
  import { LarderShelf } from '$lib/larderShelf.svelte';
  import Nothing from '$lib/ui/Nothing.svelte';
  import { forgetText, storedText, storeText } from '$lib/deviceStore';
  import ReadRow from './ReadRow.svelte';
  import Notice from '$lib/ui/Notice.svelte';

  let { data } = $props();

  const shelf = new LarderShelf([]);

  const KEY = 'knife-tray.paste';
  const MOST_LINES = 1000;
  const EXAMPLE = [
    'For the base:',
    '180 g rye flour',
    '2 sticks butter, cubed',
    '1/2 cup packed light brown sugar',
    '',
    'For the caramel:',
    '1 x 340 g tin evaporated milk',
    '3/4 tsp fine salt',
    '...',
  ].join('\n');
  const larder = $derived(shelf.larder);
  let text = $state('');
  let name = $state('');
  let measures = $state<Measures>(untrack(() => data.shop.measures));
  /** What the maker corrected, by the line as it was written and where it stands. */
  let corrected: Record<string, LineRead> = $state({});
  let problems: readonly Problem[] = $state.raw([]);
  let busy = $state(false);
  let onlyOpen = $state(false);

  const document = $derived(recipesFromJsonLd(text)[0] ?? null);
  const written = $derived((document?.text ?? text).split(/\r\n|[\n\r\u2028\u2029]/).slice(0, MOST_LINES));
  $effect(() => shelf.need(written.flatMap(namesIn)));
  const reads = $derived(readRecipe(document?.text ?? text, measures, larder));
  const keyOf = (read: LineRead, at: number) => `${at} ${read.text}`;
  const lines = $derived(reads.map((read, at) => corrected[keyOf(read, at)] ?? read));
  const count = (status: LineRead['status']) => lines.filter((line) => line.status === status).length;
  const slab = $derived(slabFromRecipe(lines, name || (document?.name ?? ''), measures));
  const open = (read: LineRead) => read.status === 'check' || read.status === 'unread';

  onMount(() => {
    const before = storedText('window', KEY);
    if (!before || text !== '') return;
    const kept = JSON.parse(before) as {
      text: string;
      name: string;
      measures: Measures;
      corrected: Record<string, LineRead>;
    };
    ({ text, name, measures, corrected } = kept);
  });
  $effect(() => {
    const now = JSON.stringify({ text, name, measures, corrected });
    if (text !== '' || name !== '') storeText('window', KEY, now);
  });

  async function make() {
    busy = true;
    problems = [];
    const answer = await ask<{ id: number }>('POST', '/api/slabs', JSON.stringify(slab));
    busy = false;
    if (!answer.ok) {
      problems = answer.problems;
      return;
    }
    forgetText('window', KEY);
    await goto(`/slabs/${answer.value.id}/build`);
  }

  function clear() {
    forgetText('window', KEY);
    text = '';
    name = '';
    corrected = {};
  }
</script>

<svelte:head><title>Paste a recipe - Knife Tray</title></svelte:head>

<datalist id="larder-names">
  {#each shelf.names as name (name)}<option value={name}></option>{/each}
</datalist>

<div class="page">
  <div class="page-head">
    <h1>Paste a recipe</h1>
    <Button size="field" kind="ghost" href="/slabs">Back to the slabs</Button>
    <Button size="field" kind="tertiary" disabled={text === '' && name === ''} on:click={clear}>Clear</Button>
    <Button size="field" disabled={busy || slab.preparations.length === 0} on:click={make}>Make it a slab</Button>
  </div>
  {#if problems.length > 0}
    <Notice harm {problems} />
  {/if}
  <div class="board">
    <section aria-label="As it was copied">
      <div class="two">
        <TextInput size="sm" labelText="Name of the slab" placeholder={slab.name} bind:value={name} maxlength={200} />
        <Select size="sm" labelText="Whose cups and spoons" bind:selected={measures}>
          {#each MEASURES as measure (measure)}<SelectItem value={measure} text={MEASURES_NAMED[measure]} />{/each}
        </Select>
      </div>
      <TextArea labelText="The recipe" rows={26} placeholder={EXAMPLE} bind:value={text} />
      <p class="quiet small">
        Plain text, a saved web page or a recipe document with the ingredients in it. Headings part it into
        preparations.
      </p>
    </section>
    <section aria-label="As it is read" class="reading">
      {#if lines.length === 0}
        <div class="panel">
          <Nothing title="Nothing pasted yet">
            <p>
              Each line appears here with its amount, what the larder calls it, and what it weighs. Nothing is dropped.
            </p>
          </Nothing>
        </div>
      {:else}
        <div class="sum">
          <p class="figures" role="status">
            <b>{count('read')}</b> read{#if count('check') > 0}, <b class="hot">{count('check')} to look at</b
              >{/if}{#if count('unread') > 0},
              <b class="hot">{count('unread')} kept as text</b>{/if}, in {slab.preparations.length}
            {slab.preparations.length === 1 ? 'preparation' : 'preparations'}
          </p>
          <Button size="small" kind="ghost" on:click={() => (onlyOpen = !onlyOpen)}
            >{onlyOpen ? 'Show all lines' : 'Only those to look at'}</Button
          >
        </div>
        <ol>
          {#each lines as line, at (keyOf(reads[at]!, at))}
            {#if !onlyOpen || open(line) || open(reads[at]!)}
              <ReadRow
                {line}
                {at}
                {measures}
                {shelf}
                isCorrected={keyOf(reads[at]!, at) in corrected}
                onchange={(next) => (corrected[keyOf(reads[at]!, at)] = next)}
                onback={() => delete corrected[keyOf(reads[at]!, at)]}
              />
            {/if}
          {/each}
        </ol>
      {/if}
    </section>
  </div>
</div>

<style>
  .board {
    display: grid;
    grid-template-columns: minmax(0, 4fr) minmax(0, 8fr);
    gap: 1rem;
    align-items: start;
  }

  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
    margin-bottom: 0.6rem;
  }

  .small {
    font-size: 0.85rem;
    margin-top: 0.3rem;
  }

  .sum {
    display: flex;
    justify-content: space-between;
    align-items: center;
    min-height: 32px;
    margin-bottom: 0.3rem;
  }

  .hot {
    color: var(--hot);
  }

  @media (max-width: 900px) {
    .board {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
