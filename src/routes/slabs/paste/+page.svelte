<!-- A pasted recipe: every line beside its reading, corrected here before it becomes a slab. -->
<script lang="ts">
  import { MEASURES_NAMES } from '$wording/terms';
  import { Button, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import { goto } from '$app/navigation';
  import { MEASURES, type Measures } from '$core/measure';
  import { readMethod, slabFromMethod, type StepRead } from '$core/method';
  import { recipesFromJsonLd, measuresOf, namesIn, readRecipe, type LineRead } from '$core/recipe';
  import type { ProblemMessage } from '$wording/problems';
  import { ask } from '$lib/api';
  import { LarderShelf } from '$lib/draft/larderShelf.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import { forgetText, storedText, storeText } from '$lib/devices/deviceStore';
  import MethodPart from './MethodPart.svelte';
  import { lineWeight } from './lineWeight';
  import ReadRow from './ReadRow.svelte';
  import SlabSoFar from './SlabSoFar.svelte';
  import Notice from '$lib/ui/Notice.svelte';

  let { data } = $props();

  const shelf = new LarderShelf([]);

  const KEY = 'knife-tray.paste';
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
  /** Of tin, cut and shelf life, what is not used from the method. */
  let without: Record<string, boolean> = $state({});
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let busy = $state(false);
  let onlyOpen = $state(false);

  const document = $derived(recipesFromJsonLd(text)[0] ?? null);
  const told = $derived(measuresOf(document?.text ?? text));
  const measures = $derived(chosenMeasures ?? told ?? data.shop.measures);
  const written = $derived((document?.text ?? text).split(/\r\n|[\n\r\u2028\u2029]/).slice(0, MAX_LINES));
  $effect(() => shelf.need(written.flatMap(namesIn)));
  const reads = $derived(readRecipe(document?.text ?? text, measures, larder));
  const keyOf = (read: LineRead, at: number) => `${at} ${read.text}`;
  const lines = $derived(reads.map((read, at) => corrected[keyOf(read, at)] ?? read));
  const count = (status: LineRead['status']) => read.lines.filter((line) => line.status === status).length;
  const called = $derived(name || (document?.name ?? ''));
  /** As it is read without corrections; they are kept by its steps. */
  const first = $derived(readMethod(lines, called, measures));
  const corrections = $derived(
    Object.fromEntries(
      first.method.steps.flatMap((step, at) => {
        const correction = correctedSteps[`${at} ${step.text}`];
        return correction ? [[at, correction]] : [];
      }),
    ),
  );
  /** Followed again from each correction on. */
  const read = $derived(Object.keys(corrections).length > 0 ? readMethod(lines, called, measures, corrections) : first);
  const method = $derived({
    ...read.method,
    tin: without.tin ? null : read.method.tin,
    cut: without.cut ? null : read.method.cut,
    keep: without.keep ? null : read.method.keep,
  });
  const slab = $derived(slabFromMethod({ ...read, method }));
  /** Lines of the method are below, sentence by sentence. */
  const isOfMethod = $derived.by(() => {
    const own = new Set(read.lines);
    return (line: LineRead) => !own.has(line);
  });
  const stepsToCheck = $derived(method.steps.filter(({ status }) => status === 'check').length);
  const isWeightless = (line: LineRead) =>
    line.status === 'read' && lineWeight(line, shelf.starter, measures).massG === null;
  const weightless = $derived(read.lines.filter(isWeightless).length);
  const open = (read: LineRead) => read.status === 'check' || read.status === 'unread' || isWeightless(read);

  onMount(() => {
    const before = storedText('window', KEY);
    if (!before || text !== '') return;
    const kept = JSON.parse(before) as {
      text: string;
      name: string;
      measures: Measures | null;
      corrected: Record<string, LineRead>;
      correctedSteps?: Record<string, StepRead>;
      without?: Record<string, boolean>;
    };
    ({ text, name, corrected, correctedSteps = {}, without = {} } = kept);
    chosenMeasures = kept.measures ?? null;
  });
  $effect(() => {
    const now = JSON.stringify({ text, name, measures: chosenMeasures, corrected, correctedSteps, without });
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
    correctedSteps = {};
    without = {};
    chosenMeasures = null;
  }
</script>

<svelte:head><title>Paste a recipe - Knife Tray</title></svelte:head>

<datalist id="larder-names">
  {#each shelf.names as name (name)}<option value={name}></option>{/each}
</datalist>

<div class="page">
  <div class="page-head">
    <h1>Paste a recipe</h1>
    <Button size="field" kind="ghost" href="/slabs">Back to slabs</Button>
    <Button size="field" kind="tertiary" disabled={text === '' && name === ''} on:click={clear}>Clear</Button>
    <Button size="field" disabled={busy || slab.preparations.length === 0} on:click={make}>Create slab</Button>
  </div>
  {#if problems.length > 0}
    <Notice harm {problems} />
  {/if}
  <div class="board">
    <section aria-label="Pasted text" class="copied">
      <div class="two">
        <TextInput size="sm" labelText="Slab name" placeholder={slab.name} bind:value={name} maxlength={200} />
        <Select
          size="sm"
          labelText="Cup and spoon sizes"
          selected={measures}
          helperText={chosenMeasures === null && told !== null && told !== data.shop.measures
            ? 'As the recipe suggests'
            : ''}
          on:change={(event) => (chosenMeasures = (event.target as HTMLSelectElement).value as Measures)}
        >
          {#each MEASURES as measure (measure)}<SelectItem value={measure} text={MEASURES_NAMES[measure]} />{/each}
        </Select>
      </div>
      <TextArea labelText="Recipe" rows={26} placeholder={EXAMPLE} bind:value={text} />
      <p class="quiet small">Plain text, a saved web page or a recipe document. Headings divide it into mixtures.</p>
    </section>
    <section aria-label="Recognised lines" class="reading">
      {#if lines.length === 0}
        <div class="panel">
          <EmptyState title="Nothing pasted yet">
            <p>
              Each line appears here with its amount, its ingredient in the larder and its weight. Nothing is dropped.
            </p>
          </EmptyState>
        </div>
      {:else}
        <div class="sum">
          <p class="figures" role="status">
            <b>{count('read')}</b> recognised{#if count('check') > 0}, <b class="hot">{count('check')} to check</b
              >{/if}{#if count('unread') > 0},
              <b class="hot">{count('unread')} not recognised</b>{/if}{#if weightless > 0},
              <b class="hot">{weightless} without weight</b>{/if}, in {slab.preparations.length}
            {slab.preparations.length === 1 ? 'mixture' : 'mixtures'}{#if method.steps.length > 0}; {method.steps
                .length}
              {method.steps.length === 1 ? 'step' : 'steps'}{#if stepsToCheck > 0}, <b class="hot"
                  >{stepsToCheck} to check</b
                >{/if}{/if}
          </p>
          <Button size="small" kind="ghost" on:click={() => (onlyOpen = !onlyOpen)}
            >{onlyOpen ? 'Show all lines' : 'Show only lines to check'}</Button
          >
        </div>
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
            preparations={slab.preparations}
            {onlyOpen}
            bind:corrected={correctedSteps}
            bind:without
          />
        {/if}
      {/if}
    </section>
    {#if lines.length > 0 && slab.layers.length > 0}
      <SlabSoFar {slab} {method} ingredients={[...shelf.starter.values(), ...shelf.larder.values()]} shop={data.shop} />
    {/if}
  </div>
</div>

<style>
  .board {
    display: grid;
    grid-template-columns: minmax(0, 3.4fr) minmax(0, 8fr) minmax(0, 2.8fr);
    gap: 1rem;
    align-items: start;
  }

  .copied {
    position: sticky;
    top: 56px;
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
    .copied {
      position: static;
    }

    .board {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
