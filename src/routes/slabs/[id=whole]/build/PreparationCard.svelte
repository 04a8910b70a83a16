<!-- One preparation: its lines as written, what they weigh, and what comes out of the pot. -->
<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import OverflowMenuHorizontal from 'carbon-icons-svelte/lib/OverflowMenuHorizontal.svelte';
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
  import { readNumber, UNITS, type Unit } from '../../../../core/measure';
  import { ingredientNamed } from '../../../../core/larder';
  import {
    addedLine,
    endPointC,
    moved,
    STAGES,
    withLine,
    withoutPreparation,
    withPreparation,
    type Preparation,
    type Stage,
  } from '../../../../core/slab';
  import { grams } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import { HALF_WRITTEN } from '$lib/slabDraft.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Reorder from '$lib/ui/Reorder.svelte';
  import LineMore from './LineMore.svelte';
  import NameField from './NameField.svelte';
  import ShareBar from './ShareBar.svelte';
  import UnreadLines from './UnreadLines.svelte';

  let { preparation, at }: { preparation: Preparation; at: number } = $props();

  const work = slabWork();
  const { draft } = work;
  const planned = $derived(work.plan.preparations[at]);
  const field = (name: string) => `${preparation.id} ${name}`;
  const AMOUNT = { min: 0.0001, max: 1e6 };

  let unit = $state<Unit>('g');
  /** The line that is opened up. */
  let opened = $state<number | null>(null);
  /** The line that is being written waits with the draft, so that leaving the station does not lose it. */
  const half = (part: string) => `${HALF_WRITTEN}${preparation.id} ${part}`;
  const amount = $derived(draft.typed[half('amount')] ?? '');
  const ingredient = $derived(draft.typed[half('ingredient')] ?? '');
  function write(part: string, text: unknown) {
    if (text === '' || text === null) delete draft.typed[half(part)];
    else draft.typed[half(part)] = String(text);
  }
  let tried = $state(false);
  const amountRead = $derived(readNumber(amount, AMOUNT));
  /** Parts of lines that stand elsewhere and go in here. */
  const coming = $derived(
    draft.slab.preparations.flatMap((other) =>
      other.lines.flatMap((line) =>
        (line.divided ?? [])
          .filter((part) => part.preparation === preparation.id)
          .map(({ share }) => ({ line, share, from: other.name })),
      ),
    ),
  );
  const known = (name: string) =>
    ingredientNamed(name, work.larder) !== null || (draft.slab.larder ?? []).some((one) => one.name === name);

  function add(event: SubmitEvent) {
    event.preventDefault();
    tried = true;
    if (!amountRead.ok || ingredient.trim() === '' || ingredient.length > 200) return;
    draft.change(addedLine(draft.slab, at, { ingredient: ingredient.trim(), quantity: amountRead.value, unit }));
    write('amount', '');
    write('ingredient', '');
    tried = false;
    (event.target as HTMLFormElement).querySelector('input')?.focus();
  }

  function setLines(lines: Preparation['lines']) {
    draft.forgetTyped(`${preparation.id} `);
    draft.change(withPreparation(draft.slab, at, { lines }));
  }

  function remove() {
    draft.change(withoutPreparation(draft.slab, at));
  }
</script>

<article class="panel" aria-label={preparation.name}>
  <div class="top">
    <div class="name">
      <NameField
        label="Preparation"
        hideLabel
        value={preparation.name}
        name={field('name')}
        typed={draft.typed}
        onvalue={(name) => draft.change(withPreparation(draft.slab, at, { name }), field('name'))}
      />
    </div>
    <NumberField
      label="Cook to, °C"
      optional
      value={endPointC(preparation)}
      limits={{ min: 1, max: 300 }}
      name={field('cook')}
      typed={draft.typed}
      onvalue={(celsius) =>
        draft.change(
          withPreparation(draft.slab, at, {
            cookTo: celsius === null ? undefined : { celsius, stage: preparation.cookTo?.stage },
          }),
          field('cook'),
        )}
    />
    <NumberField
      label="Loss %"
      optional
      placeholder={preparation.cookTo ? '3' : '1'}
      value={preparation.lossPercent}
      limits={{ min: 0, max: 99 }}
      name={field('loss')}
      typed={draft.typed}
      onvalue={(loss) =>
        draft.change(withPreparation(draft.slab, at, { lossPercent: loss ?? undefined }), field('loss'))}
    />
    <NumberField
      label="g per mL"
      optional
      value={preparation.densityGPerMl}
      placeholder={planned ? planned.densityGPerMl.toFixed(2) : ''}
      limits={{ min: 0.01, max: 25 }}
      name={field('density')}
      typed={draft.typed}
      onvalue={(density) =>
        draft.change(withPreparation(draft.slab, at, { densityGPerMl: density ?? undefined }), field('density'))}
    />
    <Button kind="ghost" size="small" icon={TrashCan} iconDescription="Remove {preparation.name}" on:click={remove} />
  </div>

  <Reorder
    items={preparation.lines}
    label="Lines of {preparation.name}"
    nameOf={(line) => line.ingredient}
    onorder={(from, to) => setLines(moved(preparation.lines, from, to))}
  >
    {#snippet row(line, l)}
      {@const massG = planned?.lines[l]?.massG}
      <div class="whole">
        <div class="line">
          <NumberField
            label="Amount of {line.ingredient}"
            hideLabel
            value={line.quantity}
            limits={AMOUNT}
            name={field(`${l} amount`)}
            typed={draft.typed}
            onvalue={(quantity) =>
              quantity !== null && draft.change(withLine(draft.slab, at, l, { quantity }), field(`${l} amount`))}
          />
          <Select
            size="sm"
            hideLabel
            labelText="Unit of {line.ingredient}"
            selected={line.unit}
            on:change={(event) =>
              draft.change(withLine(draft.slab, at, l, { unit: (event.target as HTMLSelectElement).value as Unit }))}
          >
            {#each UNITS as one (one)}<SelectItem value={one} text={one} />{/each}
          </Select>
          <NameField
            label="Ingredient {l + 1}"
            hideLabel
            list="larder-names"
            value={line.ingredient}
            name={field(`${l} ingredient`)}
            typed={draft.typed}
            warn={known(line.ingredient) ? '' : 'Not in the larder'}
            onvalue={(name) =>
              draft.change(withLine(draft.slab, at, l, { ingredient: name }), field(`${l} ingredient`))}
          />
          <TextInput
            size="sm"
            hideLabel
            labelText="State of {line.ingredient}"
            placeholder="as it is"
            maxlength={100}
            value={line.state ?? ''}
            on:input={(event) =>
              draft.change(
                withLine(draft.slab, at, l, { state: String(event.detail ?? '') || undefined }),
                field(`${l} state`),
              )}
          />
          <span class="mass figures"
            >{massG === null || massG === undefined ? 'no weight' : `${grams(massG)} g`}{#if line.divided?.length}<span
                class="quiet"><br />of it here</span
              >{/if}</span
          >
          <Button
            kind="ghost"
            size="small"
            icon={OverflowMenuHorizontal}
            iconDescription="Divide or swap {line.ingredient}"
            aria-expanded={opened === l}
            on:click={() => (opened = opened === l ? null : l)}
          />
          <Button
            kind="ghost"
            size="small"
            icon={TrashCan}
            iconDescription="Remove {line.ingredient}"
            on:click={() => {
              opened = null;
              setLines(preparation.lines.filter((_, i) => i !== l));
            }}
          />
        </div>
        {#if opened === l}<LineMore {preparation} {at} {l} />{/if}
      </div>
    {/snippet}
  </Reorder>

  {#each coming as { line, share, from } (`${from} ${line.ingredient} ${share}`)}
    <p class="coming">
      {(share * 100).toFixed(0)} % of the {line.ingredient} that stands under {from}
    </p>
  {/each}
  <UnreadLines {preparation} {at} />
  <form class="line new" onsubmit={add}>
    <TextInput
      size="sm"
      hideLabel
      labelText="Amount"
      placeholder="Amount"
      inputmode="decimal"
      autocomplete="off"
      bind:value={() => amount, (text) => write('amount', text)}
      invalid={tried && !amountRead.ok}
      invalidText={amountRead.ok ? '' : amountRead.message}
    />
    <Select size="sm" hideLabel labelText="Unit" bind:selected={unit}>
      {#each UNITS as one (one)}<SelectItem value={one} text={one} />{/each}
    </Select>
    <TextInput
      size="sm"
      hideLabel
      labelText="Ingredient"
      placeholder="Ingredient"
      list="larder-names"
      autocomplete="off"
      bind:value={() => ingredient, (text) => write('ingredient', text)}
      invalid={tried && (ingredient.trim() === '' || ingredient.length > 200)}
      invalidText={ingredient.length > 200 ? 'Use 200 characters or fewer' : 'Write what it is'}
    />
    <Button size="small" kind="tertiary" type="submit">Add line</Button>
  </form>
  {#if planned}
    {@const [least, most] = planned.massOutRangeG}
    <p class="quiet out">
      {grams(planned.massInG)} g in, {grams(planned.massOutG)} g when done{#if most - least > 2}{` (${grams(least)}-${grams(most)})`}{/if}{#if planned.leftoverG > 0.5},
        <b>{grams(planned.leftoverG)} g left over</b>{/if}{#if preparation.cookTo && planned.waterShare !== null}; {grams(
          planned.evaporatedG,
        )} g boil off, {(planned.waterShare * 100).toFixed(0)} % water stays{/if}{#if planned.cooks > 1}; in {planned.cooks}
        equal cooks{/if}{#if planned.multiple.toFixed(3) !== '1.000'}; made {planned.multiple.toFixed(2)} times{/if}{#if planned.vessel.kind === 'pot'};
        a pot of {(planned.vessel.volumeMl / 1000).toFixed(1)} l{/if}
    </p>
  {/if}
  <ShareBar {preparation} {at} />
  {#if preparation.cookTo}
    <div class="cook">
      <Select
        size="sm"
        labelText="Stage the recipe names"
        selected={preparation.cookTo.stage ?? ''}
        on:change={(event) => {
          const stage = ((event.target as HTMLSelectElement).value || undefined) as Stage | undefined;
          draft.change(withPreparation(draft.slab, at, { cookTo: { ...preparation.cookTo, stage } }));
        }}
      >
        <SelectItem value="" text="none" />
        {#each STAGES as one (one)}<SelectItem value={one} text={one} />{/each}
      </Select>
      <NumberField
        label="Most in one pot, times as written"
        optional
        placeholder={(endPointC(preparation) ?? 0) >= 110 ? '2' : 'no limit'}
        value={preparation.maxMultiple}
        limits={{ min: 0.05, max: 1000 }}
        name={field('limit')}
        typed={draft.typed}
        onvalue={(most) =>
          draft.change(withPreparation(draft.slab, at, { maxMultiple: most ?? undefined }), field('limit'))}
      />
    </div>
  {/if}
</article>

<style>
  article {
    flex: 1;
    min-width: 0;
    margin-bottom: 0.5rem;
    padding: 0.6rem 0.7rem;
  }

  .top {
    display: grid;
    grid-template-columns: 1fr 5.4rem 4.4rem 4.8rem max-content;
    gap: 0.5rem;
    align-items: end;
    margin-bottom: 0.5rem;
  }

  .name :global(input) {
    font-weight: 650;
    font-size: 1rem;
  }

  .line {
    display: grid;
    grid-template-columns: 4.2rem 4.4rem minmax(0, 3fr) minmax(0, 1.3fr) 4rem 2rem 2rem;
    gap: 0.25rem;
    align-items: start;
    flex: 1;
    min-width: 0;
  }

  .whole {
    flex: 1;
    min-width: 0;
  }

  .coming {
    margin: 0.2rem 0 0 1.6rem;
    font-size: 0.9rem;
  }

  .cook {
    display: grid;
    grid-template-columns: repeat(2, 13rem);
    gap: 0.6rem;
    margin-top: 0.5rem;
  }

  .line.new {
    grid-template-columns: 4.2rem 4.4rem minmax(0, 1fr) max-content;
    margin: 0.35rem 0 0 1.6rem;
  }

  .mass .quiet {
    font-size: 0.78rem;
  }

  .mass:has(.quiet) {
    line-height: 1.1;
  }

  .mass {
    text-align: right;
    line-height: 2rem;
    white-space: nowrap;
  }

  .out {
    margin-top: 0.4rem;
    font-size: 0.88rem;
  }
</style>
