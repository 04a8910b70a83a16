<!-- Lines of a mixture as a list to type in: Enter adds the next line, Backspace removes an empty one. -->
<script lang="ts">
  import { tick } from 'svelte';
  import { Button } from 'carbon-components-svelte';
  import OverflowMenuHorizontal from 'carbon-icons-svelte/lib/OverflowMenuHorizontal.svelte';
  import { lineFromReading, readLine, type LineRead } from '$core/recipe';
  import { addedLines, moved, withPreparation, type Line, type Preparation } from '$core/slab';

  import { slabWork } from '$lib/draft/slabContext';
  import { HALF_WRITTEN } from '$lib/draft/slabDraft.svelte';
  import Reorder from '$lib/ui/Reorder.svelte';
  import NotInLarder from './NotInLarder.svelte';
  import { linesIn, lineText } from './lineText';
  import LineField from './LineField.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  let { preparation, at }: { preparation: Preparation; at: number } = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const measures = $derived(draft.slab.measures ?? work.shop.measures);
  const lines = $derived(preparation.lines);
  const unread = $derived(preparation.unread ?? []);
  const planned = $derived(work.plan.preparations[at]?.lines);

  let list: HTMLElement | undefined = $state();
  let openLine: number | null = $state(null);
  /** Position of the next new line. */
  let wanted: number | null = $state(null);
  const newAt = $derived(Math.min(wanted ?? lines.length, lines.length));
  const half = $derived(`${HALF_WRITTEN}${preparation.id} line`);
  const halfWritten = $derived(draft.typed[half] ?? '');

  const massOf = (l: number) => {
    const { massG = null, guess = null } = planned?.[l] ?? {};
    if (massG === null) return 'no weight';
    return `${guess?.of.includes('mass') ? 'about ' : ''}${figures.mass.say(massG)}`;
  };
  const field = (l: number) => `${preparation.id} ${l} line`;
  const textOf = (l: number, line: Line) => draft.typed[field(l)] ?? lineText(line, measures, work.larder);

  function setLines(next: readonly Line[], name = '') {
    if (next.length !== lines.length) draft.forgetTyped(`${preparation.id} `);
    draft.change(withPreparation(draft.slab, at, { lines: next }), name);
  }

  function setUnread(next: readonly string[], name = '') {
    draft.change(withPreparation(draft.slab, at, { unread: next.length > 0 ? next : undefined }), name);
  }

  function change(l: number, text: string, read: LineRead) {
    const line = lineFromReading(read);
    if (!line) {
      draft.typed[field(l)] = text;
      return;
    }
    delete draft.typed[field(l)];
    const { addedAt, divided } = lines[l]!;
    const next = { ...line, ...(addedAt ? { addedAt } : {}), ...(divided ? { divided } : {}) };
    setLines(
      lines.map((old, i) => (i === l ? next : old)),
      field(l),
    );
  }

  /** Inserts texts at a position: recognised lines become lines, the rest stays below as text. */
  function take(texts: readonly string[], position: number) {
    const read = texts.map((text) => ({ text, line: lineFromReading(readLine(text, measures, work.larder)) }));
    const taken = read.flatMap(({ line }) => (line ? [line] : []));
    const left = read.flatMap(({ text, line }) => (line ? [] : [text.slice(0, 1000)]));
    draft.forgetTyped(`${preparation.id} `);
    const next = addedLines(draft.slab, at, taken, position);
    const all = [...unread, ...left];
    draft.change(left.length > 0 ? withPreparation(next, at, { unread: all }) : next);
    wanted = position + taken.length;
  }

  /** The fields in display order. */
  const fields = () => [...(list?.querySelectorAll<HTMLInputElement>('.said-line input') ?? [])];
  async function focus(i: number) {
    await tick();
    const all = fields();
    all[Math.max(0, Math.min(all.length - 1, i))]?.focus();
  }

  async function step(by: 1 | -1) {
    const all = fields();
    const now = all.indexOf(document.activeElement as HTMLInputElement);
    await focus(now + by);
  }

  async function beginBehind(l: number) {
    wanted = l + 1;
    await focus(l + 1);
  }

  async function removeLine(l: number) {
    setLines(lines.filter((_, i) => i !== l));
    wanted = null;
    await focus(l - 1);
  }

  function write(text: string) {
    if (text === '') delete draft.typed[half];
    else draft.typed[half] = text;
  }

  async function add() {
    if (halfWritten.trim() === '') return;
    const [text, position] = [halfWritten, newAt];
    delete draft.typed[half];
    take([text], position);
    await focus(newAt);
  }
</script>

<div class="lines" bind:this={list}>
  {#snippet newLine()}
    <LineField
      label="New line in {preparation.name}"
      text={halfWritten}
      mass=""
      placeholder={lines.length === 0 ? '250 g butter, cold' : 'add a line, such as 2 tsp salt'}
      ontext={write}
      onenter={add}
      onback={() => {
        const before = newAt - 1;
        wanted = null;
        void focus(before);
      }}
      onmove={step}
      onpaste={(text) => take(linesIn(text), newAt)}
    >
      {#snippet more()}
        {#if halfWritten.trim() !== ''}<Button size="small" kind="ghost" on:click={add}>Add</Button>{/if}
      {/snippet}
      {#snippet unknown(name: string)}<NotInLarder {name} />{/snippet}
    </LineField>
  {/snippet}

  {#if newAt === 0 && lines.length > 0}{@render newLine()}{/if}
  <Reorder
    items={lines}
    label="Lines of {preparation.name}"
    nameOf={(line) => line.ingredient}
    onorder={(from, to) => setLines(moved(lines, from, to))}
  >
    {#snippet row(line, l)}
      <div class="row">
        <LineField
          label="Line {l + 1} of {preparation.name}"
          text={textOf(l, line)}
          mass={massOf(l)}
          ontext={(text, read) => change(l, text, read)}
          onenter={() => beginBehind(l)}
          onback={() => removeLine(l)}
          onmove={step}
          onpaste={(text) => take(linesIn(text), l + 1)}
        >
          {#snippet more()}
            <Button
              kind="ghost"
              size="small"
              icon={OverflowMenuHorizontal}
              iconDescription="More of {line.ingredient}"
              tooltipPosition="left"
              aria-expanded={openLine === l}
              on:click={() => (openLine = openLine === l ? null : l)}
            />
          {/snippet}
          {#snippet unknown(name: string)}<NotInLarder {name} />{/snippet}
        </LineField>
        {#if openLine === l}
          {#await import('./LineMore.svelte') then { default: LineMore }}
            <LineMore
              {preparation}
              {at}
              {l}
              onremove={() => {
                openLine = null;
                void removeLine(l);
              }}
            />
          {/await}
        {/if}
        {#if newAt === l + 1 && newAt < lines.length}{@render newLine()}{/if}
      </div>
    {/snippet}
  </Reorder>
  {#each unread as text, i (i)}
    <LineField
      label="Not recognised, line {i + 1} of {preparation.name}"
      {text}
      mass=""
      waits
      ontext={(next) =>
        next.trim() !== '' &&
        setUnread(
          unread.map((old, j) => (j === i ? next : old)),
          `${preparation.id} unread ${i}`,
        )}
      onenter={() => {
        const line = lineFromReading(readLine(text, measures, work.larder));
        if (!line) return;
        const rest = unread.filter((_, j) => j !== i);
        draft.change(
          withPreparation(draft.slab, at, { lines: [...lines, line], unread: rest.length > 0 ? rest : undefined }),
        );
      }}
      onback={() => setUnread(unread.filter((_, j) => j !== i))}
      onmove={step}
      onpaste={(pasted) => take(linesIn(pasted), lines.length)}
    >
      {#snippet more()}
        <Button size="small" kind="ghost" on:click={() => setUnread(unread.filter((_, j) => j !== i))}>Remove</Button>
      {/snippet}
      {#snippet unknown(name: string)}<NotInLarder {name} />{/snippet}
    </LineField>
  {/each}
  {#if newAt === lines.length}{@render newLine()}{/if}
</div>

<style>
  .row {
    flex: 1;
    min-width: 0;
  }

  .lines :global(li) {
    padding: 0;
  }

  .lines :global(.handle) {
    width: 24px;
    margin-left: -0.5rem;
    min-height: 33px;
    opacity: 0.55;
  }
</style>
