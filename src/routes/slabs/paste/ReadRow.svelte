<!-- A line beside its reading. Corrections apply; the original stays above. -->
<script lang="ts">
  import { lineNotesText } from '$wording/reading';
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { massOf, UNITS, writtenAmount, type Measures, type Unit } from '$core/measure';
  import { larderMatch, type LineRead } from '$core/recipe';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import type { LarderShelf } from '$lib/draft/larderShelf.svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { lineWeight } from './lineWeight';
  import WrittenText from './WrittenText.svelte';

  interface Props {
    line: LineRead;
    at: number;
    measures: Measures;
    shelf: LarderShelf;
    isCorrected: boolean;
    onchange: (line: LineRead) => void;
    onback: () => void;
  }
  let { line, at, measures, shelf, isCorrected, onchange, onback }: Props = $props();

  const figures = $derived(shopFigures());

  let typed: Record<string, string> = $state({});
  const isLine = $derived(line.status === 'read' || line.status === 'check' || isCorrected);

  const weight = $derived(lineWeight(line, shelf.starter, measures));
  const isWeightless = $derived(line.status === 'read' && weight.massG === null);

  const meaning = $derived(
    line.status === 'heading'
      ? 'Heading'
      : line.status === 'unread'
        ? ''
        : [
            line.larder ?? line.ingredient ?? '',
            ...(line.state && !(line.larder ?? line.ingredient ?? '').includes(line.state) ? [line.state] : []),
          ]
            .filter(Boolean)
            .join(', ') + (line.larder === null && weight.isFromStarter ? ' (starter list)' : ''),
  );

  /** Returns the corrected line with its mass. It counts as recognised once it has everything a line needs. */
  function correct(part: Partial<LineRead>) {
    const next = { ...line, ...part };
    const found = next.ingredient ? larderMatch(next.ingredient, shelf.larder) : null;
    const whole = next.quantity !== null && next.unit !== null && (next.ingredient ?? '').trim() !== '';
    const weighed = whole
      ? massOf(
          {
            quantity: next.quantity!,
            unit: next.unit!,
            state: next.state ?? undefined,
            packG: next.packG ?? undefined,
          },
          found ?? {},
          measures,
        )
      : null;
    onchange({
      ...next,
      larder: found?.name ?? null,
      massG: weighed?.ok ? weighed.massG : null,
      status: whole ? 'read' : 'check',
      notes: whole ? [] : [{ code: 'incomplete' }],
    });
  }

  /** Another name is looked up first; until then, and without the server, it counts as unknown. */
  function rename(ingredient: string) {
    correct({ ingredient });
    shelf.need([ingredient]);
    renamed = true;
  }
  let renamed = $state(false);
  $effect(() => {
    if (!renamed || line.larder !== null || !line.ingredient || !larderMatch(line.ingredient, shelf.larder)) return;
    renamed = false;
    correct({});
  });
</script>

{#snippet fields()}
  <div class="reads">
    <NumberField
      label="Amount, line {at + 1}"
      hideLabel
      optional
      value={line.quantity}
      counted={line.ingredient ?? ''}
      limits={slabLimits('preparations.lines.quantity')}
      name="quantity"
      {typed}
      onvalue={(quantity) => correct({ quantity, quantityMax: null, also: null })}
    />
    <Select
      size="sm"
      hideLabel
      labelText="Unit, line {at + 1}"
      selected={line.unit ?? ''}
      on:change={(event) =>
        correct({ unit: ((event.target as HTMLSelectElement).value || null) as Unit | null, also: null })}
    >
      {#if line.unit === null}<SelectItem value="" text="unit" />{/if}
      {#each UNITS as unit (unit)}<SelectItem value={unit} text={unit} />{/each}
    </Select>
    <TextInput
      size="sm"
      hideLabel
      labelText="Ingredient, line {at + 1}"
      list="larder-names"
      autocomplete="off"
      value={line.larder ?? line.ingredient ?? ''}
      warn={line.larder === null}
      warnText={weight.isFromStarter ? 'From the starter list' : 'Not in the larder'}
      on:input={(event) => void shelf.find(String(event.detail ?? ''))}
      on:change={(event) => rename(String(event.detail ?? ''))}
    />
    <TextInput
      size="sm"
      hideLabel
      labelText="State, line {at + 1}"
      placeholder="as is"
      maxlength={100}
      value={line.state ?? ''}
      on:change={(event) => correct({ state: String(event.detail ?? '') || null })}
    />
  </div>
  {#if line.also && line.status === 'check' && line.quantity !== null}
    <div class="which">
      <Button size="small" kind="tertiary" on:click={() => correct({ also: null })}
        >Use {writtenAmount(line.quantity, line.unit ?? 'each')}</Button
      >
      <Button
        size="small"
        kind="tertiary"
        on:click={() => correct({ quantity: line.also!.quantity, unit: line.also!.unit, also: null })}
        >Use {writtenAmount(line.also.quantity, line.also.unit)}</Button
      >
    </div>
  {/if}
  {#if line.alternatives.length > 0}
    <div class="which">
      <span class="quiet">or</span>
      {#each line.alternatives as other, i (i)}
        <Button
          size="small"
          kind="ghost"
          on:click={() =>
            correct({
              ingredient: other,
              alternatives: [
                line.ingredient ?? '',
                ...line.alternatives.filter((alternative) => alternative !== other),
              ],
            })}>{other}</Button
        >
      {/each}
    </div>
  {/if}
  {#if line.quantityMax !== null || line.optional || line.packG !== null}
    <p class="quiet small">
      {#if line.quantityMax !== null}The recipe says {line.quantity} to {line.quantityMax}. The lower amount is used.{/if}
      {#if line.packG !== null}Packs of {figures.mass.say(line.packG)}.{/if}
      {#if line.optional}Optional.{/if}
    </p>
  {/if}
{/snippet}

<WrittenText
  text={line.text}
  {meaning}
  tag={line.status === 'heading' || line.status === 'unread'
    ? ''
    : weight.massG === null
      ? 'no weight'
      : figures.mass.say(weight.massG)}
  status={isWeightless ? 'check' : line.status}
  why={isWeightless
    ? 'Weight unknown. Enter an amount in g, or add the ingredient to the larder'
    : lineNotesText(line.notes)}
  called="line {at + 1}"
  {isCorrected}
  {onback}
  isOpen={line.status === 'check'}
  fields={isLine && line.status !== 'heading' ? fields : undefined}
  acts={line.status === 'heading' || line.status === 'unread' ? others : undefined}
/>

{#snippet others()}
  {#if line.status === 'heading'}
    <Button size="small" kind="ghost" on:click={() => correct({ ingredient: '', status: 'unread' })}
      >Not a heading</Button
    >
  {:else if line.status === 'unread'}
    <Button
      size="small"
      kind="ghost"
      on:click={() => onchange({ ...line, status: 'heading', ingredient: line.text.replace(/:$/, '') })}
      >Use as a heading</Button
    >
    <Button size="small" kind="ghost" on:click={() => correct({ ingredient: line.text, unit: line.unit ?? 'g' })}
      >Use as an ingredient</Button
    >
  {/if}
{/snippet}

<style>
  .reads {
    display: grid;
    grid-template-columns: 4.6rem 4.8rem minmax(0, 3fr) minmax(0, 2fr);
    gap: 0.3rem;
    align-items: start;
  }

  .which {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    align-items: center;
    margin-top: 0.3rem;
  }

  .small {
    font-size: 0.82rem;
  }
</style>
