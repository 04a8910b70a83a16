<!-- A recipe line in one field: read while typed, with its reading beside it and questions below. -->
<script lang="ts">
  import { lineNotesText } from '$wording/reading';
  import type { Snippet } from 'svelte';
  import { Button, TextInput } from 'carbon-components-svelte';
  import { ingredientNamed } from '$core/larder';
  import { densityFor, isVolume, writtenAmount, type Measures } from '$core/measure';
  import { lineInWords, namesIn, readLine, type LineRead } from '$core/recipe';
  import { slabWork } from '$lib/draft/slabContext';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    label: string;
    text: string;
    /** Mass in the plan, g; `null` if unknown. */
    mass: string;
    placeholder?: string;
    /** Called on every change, and when the larder gives a better reading. */
    ontext: (text: string, read: LineRead) => void;
    /** List keys: Enter, Backspace in an empty field, and the arrows. */
    onenter: () => void;
    onback: () => void;
    onmove: (by: 1 | -1) => void;
    onpaste: (text: string) => void;
    /** Further actions for the line. */
    more?: Snippet;
    /** Shown if the larder does not have the name. */
    unknown?: Snippet<[string]>;
    /** Marks a line that has not been added yet. */
    waits?: boolean;
  }
  let {
    label,
    text,
    mass,
    placeholder = '',
    ontext,
    onenter,
    onback,
    onmove,
    onpaste,
    more,
    unknown,
    waits = false,
  }: Props = $props();
  const figures = $derived(shopFigures());

  const WHOSE: Readonly<Record<Measures, string>> = {
    us: 'US',
    metric: 'metric',
    au: 'Australian',
    imperial: 'imperial',
  };
  const work = slabWork();
  const measures = $derived(work.draft.slab.measures ?? work.shop.measures);
  let focused = $state(false);
  /** While someone is typing, the field is not overwritten. */
  let typed: string | null = $state(null);
  const value = $derived(typed ?? text);
  const read = $derived(value.trim() === '' ? null : readLine(value, measures, work.larder));
  const isLine = $derived(read !== null && read.quantity !== null && read.unit !== null && read.ingredient !== null);
  const wrong = $derived(read !== null && !isLine);

  /** What the line was understood as. */
  const reading = $derived.by(() => {
    if (read === null || !isLine) return '';
    const { unit, larder, ingredient, state, massG } = read;
    const known = ingredientNamed(larder ?? '', work.larder);
    const density = known && isVolume(unit!) ? densityFor(known, state ?? undefined) : null;
    const cups = /^(cup|tbsp|tsp)$/.test(unit!) ? `${WHOSE[measures]} ${unit}, ` : '';
    const name = larder !== null && !value.toLowerCase().includes(larder.toLowerCase()) ? `${larder}, ` : '';
    if (massG === null) return `${name}${larder === null ? (ingredient ?? '') : ''}`.replace(/, $/, '');
    return `${name}${cups}${density === null ? '' : figures.density.say(density)}`.replace(/, $/, '');
  });

  function take(next: string) {
    typed = next;
    work.shelf.need(namesIn(next));
    ontext(next, readLine(next, measures, work.larder));
  }

  // The larder answers shortly after a name was typed; the line is then read again.
  let taken: string | null = null;
  $effect(() => {
    if (!focused || typed === null || read === null) return;
    const now = `${read.larder} ${read.massG} ${typed}`;
    if (taken !== null && taken !== now && taken.endsWith(` ${typed}`)) ontext(typed, read);
    taken = now;
  });

  function choose(part: Partial<Pick<LineRead, 'quantity' | 'unit'>>) {
    if (!read) return;
    const { state, packG, optional } = read;
    const said = lineInWords({
      ingredient: read.larder ?? read.ingredient!,
      quantity: part.quantity ?? read.quantity!,
      unit: part.unit ?? read.unit!,
      ...(state === null ? {} : { state }),
      ...(packG === null ? {} : { packG }),
      ...(optional ? { optional } : {}),
    });
    take(said);
  }

  function onkeydown(event: KeyboardEvent) {
    const input = event.target as HTMLInputElement;
    if (event.key === 'Enter') {
      typed = null;
      onenter();
    } else if (event.key === 'Backspace' && input.value === '') onback();
    else if (event.key === 'ArrowUp') onmove(-1);
    else if (event.key === 'ArrowDown') onmove(1);
    else if (event.key === 'Escape') input.blur();
    else return;
    event.preventDefault();
  }

  function pasted(event: ClipboardEvent) {
    const several = event.clipboardData?.getData('text/plain') ?? '';
    if (!/\n./.test(several.trim())) return;
    event.preventDefault();
    onpaste(several);
  }
</script>

<div class="said-line" class:focused class:wrong={wrong && !focused}>
  <!-- The field inside handles the keys of a list. -->
  <!-- svelte-ignore a11y_no_static_element_interactions -->
  <div class="field" {onkeydown} onpaste={pasted}>
    <TextInput
      size="sm"
      hideLabel
      labelText={label}
      {placeholder}
      autocomplete="off"
      dir="auto"
      maxlength={1000}
      {value}
      on:input={(event) => take(String(event.detail ?? ''))}
      on:focus={() => (focused = true)}
      on:blur={() => {
        focused = false;
        typed = null;
      }}
    />
  </div>
  {#if reading !== '' && focused}<span class="reading quiet">{reading}</span>{/if}
  <span class="mass figures">{mass}</span>
  {@render more?.()}
</div>
{#if read !== null && (wrong || read.status === 'check')}
  <div class="asks" role="status">
    <span>{lineNotesText(read.notes)}</span>
    {#if isLine && read.also}
      <Button size="small" kind="tertiary" on:click={() => choose({})}
        >{writtenAmount(read.quantity ?? 0, read.unit ?? 'each')}</Button
      >
      <Button
        size="small"
        kind="tertiary"
        on:click={() => choose({ quantity: read.also!.quantity, unit: read.also!.unit })}
        >{writtenAmount(read.also.quantity, read.also.unit)}</Button
      >
    {/if}
  </div>
{:else if read !== null && isLine && read.larder === null}
  <div class="asks">
    <span>Not in the larder</span>
    {@render unknown?.(read.ingredient!)}
  </div>
{/if}
{#if waits && isLine && !focused}
  <div class="asks"><Button size="small" kind="tertiary" on:click={onenter}>Use as an ingredient</Button></div>
{/if}

<style>
  .said-line {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 33px;
    border-bottom: 1px solid var(--rule);
  }

  .said-line.focused {
    outline: 2px solid var(--primary);
    outline-offset: -1px;
    background: color-mix(in srgb, var(--primary) 6%, var(--panel));
  }

  .said-line.wrong {
    border-bottom-color: var(--harm);
  }

  .field {
    flex: 1 0 56%;
    min-width: 0;
  }

  .field :global(input) {
    border: 0;
    outline: 0;
    background: transparent;
    font-size: 0.95rem;
    padding: 0 0.3rem;
    text-overflow: ellipsis;
  }

  .reading {
    flex: 0 1 auto;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    font-size: 0.82rem;
  }

  .mass {
    min-width: 3.6rem;
    text-align: right;
    font-weight: 650;
    white-space: nowrap;
  }

  .asks {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.2rem 0.5rem;
    padding: 0.2rem 0.4rem 0.3rem;
    font-size: 0.85rem;
    color: var(--hot);
    border-bottom: 1px solid var(--rule);
  }

  .asks :global(.bx--btn) {
    min-height: 26px;
    padding: 0.1rem 0.6rem;
  }
</style>
