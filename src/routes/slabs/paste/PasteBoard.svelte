<!-- A pasted recipe: every line beside its reading, corrected here before it becomes a slab. -->
<script lang="ts">
  import { measuresAssumedText } from '$wording/reading';
  import { MEASURES_NAMES } from '$wording/terms';
  import { Button, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import { goto } from '$app/navigation';
  import { MEASURES, type Measures } from '$core/measure';
  import type { Shop } from '$core/shop';
  import { readMethod, slabFromMethod, type StepRead } from '$core/method';
  import { recipesFromJsonLd, measuresOf, namesIn, readRecipe, type LineRead } from '$core/recipe';
  import type { ProblemMessage } from '$wording/problems';
  import { ask } from '$lib/api';
  import { LarderShelf } from '$lib/draft/larderShelf.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import { forgetPaste, storedPaste, storePaste } from './storedPaste';
  import MethodPart from './MethodPart.svelte';
  import { lineWeight } from './lineWeight';
  import ReadRow from './ReadRow.svelte';
  import SlabSoFar from './SlabSoFar.svelte';
  import { methodChosen, NO_CHOICES, slabChosen, type SlabChoices } from './slabChoices';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    /** The shop's settings. */
    shop: Shop;
  }
  let { shop }: Props = $props();

  const shelf = new LarderShelf([]);

  const MAX_LINES = 1000;
  const EXAMPLE = [
    'For the base:',
    '180 g rye flour',
    '2 sticks butter, cubed',
    '1/2 cup packed light brown sugar',
    '',
    'For the caramel:',
    '1 x 340 g tin evaporated milk',
    '3/4 tsp fine salt',
    '',
    'Method:',
    'Press into a 20 x 30 cm tin and bake for 22 minutes at 165 °C.',
    '...',
  ].join('\n');
  const larder = $derived(shelf.larder);
  let text = $state('');
  let name = $state('');
  /** Whose cups and spoons, if the maker has chosen; otherwise what the recipe tells, or the shop's. */
  let chosenMeasures = $state<Measures | null>(null);
  /** Corrections by the original line and its position. */
  let corrected: Record<string, LineRead> = $state({});
  let correctedSteps: Record<string, StepRead> = $state({});
  /** Where the maker puts ingredients that no step names, by mixture. */
  let placed: Record<string, string> = $state({});
  let choices: SlabChoices = $state.raw(NO_CHOICES);
  /** Whether the text is being edited: at first, and whenever the maker asks. */
  let isEditing = $state(true);
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let busy = $state(false);
  let onlyOpen = $state(false);

  const document = $derived(recipesFromJsonLd(text)[0] ?? null);
  const told = $derived(measuresOf(document?.text ?? text));
  const measures = $derived(chosenMeasures ?? told ?? shop.measures);
  const written = $derived((document?.text ?? text).split(/\r\n|[\n\r\u2028\u2029]/).slice(0, MAX_LINES));
  $effect(() => shelf.need(written.flatMap(namesIn)));
  const reads = $derived(readRecipe(document?.text ?? text, measures, larder));
  const MEASURED: readonly (string | null)[] = ['cup', 'tbsp', 'tsp', 'stick'];
  const usesMeasures = $derived(reads.some(({ unit }) => MEASURED.includes(unit)));
  const keyOf = (read: LineRead, at: number) => `${at} ${read.text}`;
  const lines = $derived(reads.map((read, at) => corrected[keyOf(read, at)] ?? read));
  const count = (status: LineRead['status']) => read.lines.filter((line) => line.status === status).length;
  const called = $derived(name || (document?.name ?? ''));
  /** As it is read without corrections; they are kept by its steps. */
  const first = $derived(readMethod(lines, called, measures, {}, placed));
  const corrections = $derived(
    Object.fromEntries(
      first.method.steps.flatMap((step, at) => {
        const correction = correctedSteps[`${at} ${step.text}`];
        return correction ? [[at, correction]] : [];
      }),
    ),
  );
  /** Followed again from each correction on. */
  const read = $derived(
    Object.keys(corrections).length > 0 ? readMethod(lines, called, measures, corrections, placed) : first,
  );
  const method = $derived(methodChosen(read.method, choices));
  const slab = $derived(slabChosen(slabFromMethod({ ...read, method }), choices));
  /** Lines of the method are below, sentence by sentence. */
  const isOfMethod = $derived.by(() => {
    const own = new Set(read.lines);
    return (line: LineRead) => !own.has(line);
  });
  const isWeightless = (line: LineRead) =>
    line.status === 'read' && lineWeight(line, shelf.starter, measures).massG === null;
  const weightless = $derived(read.lines.filter(isWeightless).length);
  const questions = $derived(
    count('check') +
      count('unread') +
      weightless +
      method.steps.filter(({ status }) => status === 'check').length +
      method.unnamed.length +
      (slab.cut || choices.isCutLater ? 0 : 1),
  );
  const open = (read: LineRead) => read.status === 'check' || read.status === 'unread' || isWeightless(read);

  onMount(() => {
    const stored = storedPaste();
    if (!stored || text !== '') return;
    ({ text, name, measures: chosenMeasures, corrected, correctedSteps, placed, choices } = stored);
    isEditing = text === '';
  });
  $effect(() => {
    const now = { text, name, measures: chosenMeasures, corrected, correctedSteps, placed, choices };
    if (text !== '' || name !== '') storePaste(now);
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
    forgetPaste();
    await goto(`/slabs/${answer.value.id}/build`);
  }

  function clear() {
    forgetPaste();
    text = '';
    name = '';
    corrected = {};
    correctedSteps = {};
    placed = {};
    choices = NO_CHOICES;
    isEditing = true;
    chosenMeasures = null;
  }
</script>

<datalist id="larder-names">
  {#each shelf.names as name (name)}<option value={name}></option>{/each}
</datalist>

<div class="page">
  <div class="page-head">
    <h1>Paste a recipe</h1>
    {#if lines.length > 0}
      <p class="figures sum" role="status">
        {count('read')}
        {count('read') === 1 ? 'ingredient' : 'ingredients'}, {method.steps.length}
        {method.steps.length === 1 ? 'step' : 'steps'},
        {#if questions > 0}<b class="hot">{questions} {questions === 1 ? 'question' : 'questions'}</b>{:else}no
          questions{/if}{#if weightless > 0}, <b class="hot">{weightless} without weight</b>{/if}
      </p>
    {/if}
    <Button size="field" kind="ghost" href="/slabs">Back to slabs</Button>
    <Button size="field" kind="tertiary" disabled={text === '' && name === ''} on:click={clear}>Clear</Button>
    <Button size="field" disabled={busy || slab.preparations.length === 0} on:click={make}>Create slab</Button>
  </div>
  {#if problems.length > 0}
    <Notice harm {problems} />
  {/if}
  <div class="board" class:isEditing>
    {#if isEditing}
      <section aria-label="Pasted text" class="copied">
        <TextArea
          labelText="Recipe"
          rows={26}
          placeholder={EXAMPLE}
          bind:value={text}
          on:paste={() => setTimeout(() => (isEditing = text.trim() === ''))}
        />
        <p class="quiet small">Plain text, a saved web page or a recipe document. Headings divide it into mixtures.</p>
        {#if text.trim() !== ''}<Button size="small" on:click={() => (isEditing = false)}>Show what happens</Button
          >{/if}
      </section>
    {/if}
    <section aria-label="Recognised lines" class="reading" class:isNarrow={isEditing}>
      {#if lines.length === 0}
        <div class="panel empty">
          <EmptyState title="Nothing pasted yet">
            <p>
              Each line appears here with what was understood and its weight, each sentence with what happens. Nothing
              is dropped.
            </p>
          </EmptyState>
        </div>
      {:else}
        <div class="panel">
          <div class="tools">
            <TextInput size="sm" labelText="Slab name" placeholder={slab.name} bind:value={name} maxlength={200} />
            <Select
              size="sm"
              labelText="Cup and spoon sizes"
              selected={measures}
              helperText={chosenMeasures === null && told !== null && told !== shop.measures
                ? 'As the recipe suggests'
                : ''}
              on:change={(event) => (chosenMeasures = (event.target as HTMLSelectElement).value as Measures)}
            >
              {#each MEASURES as measure (measure)}<SelectItem value={measure} text={MEASURES_NAMES[measure]} />{/each}
            </Select>
            {#if !isEditing}<Button size="small" kind="tertiary" on:click={() => (isEditing = true)}>Edit text</Button
              >{/if}
            <Button size="small" kind="ghost" on:click={() => (onlyOpen = !onlyOpen)}
              >{onlyOpen ? 'Show everything' : 'Show only questions'}</Button
            >
          </div>
          <h2>Ingredients</h2>
          <ol>
            {#each lines as line, at (keyOf(reads[at]!, at))}
              {#if !isOfMethod(line) && (!onlyOpen || open(line) || open(reads[at]!))}
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
          {#if method.steps.length > 0}
            <MethodPart
              {method}
              read={first.method.steps}
              {slab}
              {onlyOpen}
              bind:corrected={correctedSteps}
              bind:placed
            />
          {/if}
        </div>
      {/if}
    </section>
    {#if lines.length > 0 && slab.layers.length > 0}
      <SlabSoFar
        {slab}
        {method}
        read={read.method}
        bind:choices
        ingredients={[...shelf.starter.values(), ...shelf.larder.values()]}
        {shop}
        measuresAssumed={chosenMeasures === null && usesMeasures ? measuresAssumedText(measures, told !== null) : ''}
        zone={shop.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone}
      />
    {/if}
  </div>
</div>

<style>
  .board {
    display: grid;
    grid-template-columns: minmax(0, 9fr) minmax(0, 3.2fr);
    gap: 1rem;
    align-items: start;
  }

  .board.isEditing {
    grid-template-columns: minmax(0, 3.6fr) minmax(0, 6fr) minmax(0, 3fr);
  }

  .tools {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 1.6fr) auto auto;
    gap: 0.6rem;
    align-items: end;
    padding: 0.6rem;
  }

  .isNarrow :global(li) {
    grid-template-columns: minmax(0, 1fr);
  }

  h2 {
    margin: 0.4rem 0 0.3rem;
    padding: 0 0.6rem;
    font-size: 1.1rem;
  }

  .sum {
    margin-right: auto;
  }

  .small {
    font-size: 0.85rem;
    margin: 0.3rem 0;
  }

  .hot {
    color: var(--hot);
  }

  .empty {
    min-height: 24rem;
  }

  @media (max-width: 900px) {
    .board,
    .board.isEditing {
      grid-template-columns: minmax(0, 1fr);
    }

    .tools {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
