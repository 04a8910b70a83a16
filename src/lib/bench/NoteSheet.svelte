<!-- Form for everything else at the bench: yields, changed amounts, another tin, photos, notes, changes for next time. -->
<script lang="ts">
  import { Button, FileUploaderButton, TextArea } from 'carbon-components-svelte';
  import { countableAs, type Ingredient } from '$core/larder';
  import type { Quantity } from '$core/measure';
  import { POT_SIGNS, runEventSchema, type Happening, type LineNow, type RunPlan } from '$core/run';
  import { limitsAt } from '$core/validation';
  import { POT_SIGN_TEXTS } from '$wording/causes';
  import { asTin, tinInWords, type RackTin } from '$core/tin';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';
  import { uuid } from '$lib/devices/uuid';
  import Choices from './Choices.svelte';
  import NextTime from './NextTime.svelte';
  import NumberPad from './NumberPad.svelte';
  import { smallerPhoto } from './photo';
  import Sheet from './Sheet.svelte';

  interface Props {
    plan: RunPlan;
    lines: readonly LineNow[];
    /** Entry of an ingredient in the larder of the run. */
    ingredientOf: (name: string) => Ingredient | null;
    rack: readonly (RackTin & { readonly id: number })[];
    onnote: (...happenings: Happening[]) => void;
    onphoto: (id: string, jpeg: Blob) => Promise<void>;
    onclose: () => void;
  }
  let { plan, lines, ingredientOf, rack, onnote, onphoto, onclose }: Props = $props();

  const figures = $derived(shopFigures());
  const WHY_STOPPED = ['Burnt', 'Split', 'Ingredient missing', 'No time'] as const;

  /** A number to enter. */
  interface Numbered {
    readonly quantity: Quantity;
    /** Where its limits are among those of the events. */
    readonly limits: string;
    readonly of: readonly { readonly id: string; readonly text: string }[];
    /** @param value in the base unit */
    readonly make: (value: number, of: string) => Happening;
  }
  const idOf = ({ preparation, line }: LineNow) => `${preparation} ${line}`;
  const pots = $derived(plan.pots.map(({ preparation, name }) => ({ id: preparation, text: name })));
  const numbered = $derived({
    'Weight out of the pot': {
      ...{ quantity: 'mass', limits: 'came-out.massG', of: pots },
      make: (massG, preparation) => ({ kind: 'came-out', preparation, massG }),
    },
    'More or less of an ingredient': {
      ...{ quantity: 'mass', limits: 'amount-changed.byG' },
      of: lines.map((line) => ({ id: idOf(line), text: `${line.ingredient}, ${line.preparationName}` })),
      make: (byG, of) => {
        const line = lines.find((line) => idOf(line) === of)!;
        return { kind: 'amount-changed', preparation: line.preparation, line: line.line, byG };
      },
    },
    Temperature: {
      ...{ quantity: 'temperature', limits: 'temperature.celsius' },
      of: plan.boils.map(({ step, preparation }) => ({
        id: step,
        text: pots.find(({ id }) => id === preparation)?.text ?? preparation,
      })),
      make: (celsius, step) => ({ kind: 'temperature', step, celsius }),
    },
    Thickness: {
      ...{ quantity: 'length', limits: 'thickness.mm' },
      of: plan.layers.filter(({ thicknessMm }) => thicknessMm > 0).map(({ id, name }) => ({ id, text: name })),
      make: (mm, layer) => ({ kind: 'thickness', layer, mm }),
    },
    'Weight of trims': {
      ...{ quantity: 'mass', limits: 'trim.massG', of: [{ id: 'all', text: 'All trims' }] },
      make: (massG) => ({ kind: 'trim', massG }),
    },
    'Weight left over': {
      ...{ quantity: 'mass', limits: 'leftover.massG', of: pots },
      make: (massG, preparation) => ({ kind: 'leftover', preparation, massG }),
    },
  } as const satisfies Readonly<Record<string, Numbered>>);
  type NumberedKind = keyof typeof numbered;
  const OTHERS = [
    'Cold-water test or pot',
    'Different tin',
    'Photo',
    'Text',
    'Tasted',
    'Next time',
    'Stop the run',
  ] as const;
  type Kind = NumberedKind | (typeof OTHERS)[number];
  const kinds = $derived([
    ...(Object.keys(numbered) as NumberedKind[]).filter((kind) => numbered[kind].of.length > 0),
    ...OTHERS.filter((kind) => kind !== 'Cold-water test or pot' || boiled.length > 0),
  ]);

  const boiled = $derived(pots.filter(({ id }) => plan.boils.some(({ preparation }) => preparation === id)));

  let kind: Kind | null = $state(null);
  let of: string | null = $state(null);
  let text = $state('');
  let words = $state('');
  let isNoPicture = $state(false);
  const asked: Numbered | null = $derived(kind !== null && kind in numbered ? numbered[kind as NumberedKind] : null);
  /** The line whose amount changes. */
  const changedLine = $derived(
    kind === 'More or less of an ingredient' ? lines.find((line) => idOf(line) === chosen) : undefined,
  );
  const chosen = $derived(of ?? (asked?.of.length === 1 ? asked.of[0]!.id : null));
  /** In the base unit; `undefined` where it cannot be read. */
  let value: number | null | undefined = $state(null);

  function say(happening: Happening) {
    onnote(happening);
    onclose();
  }
  async function photo(files: readonly File[]) {
    const [file] = files;
    const jpeg = file ? await smallerPhoto(file) : null;
    isNoPicture = jpeg === null;
    if (!jpeg) return;
    await onphoto(uuid(), jpeg);
    onclose();
  }
</script>

<Sheet title={kind ?? 'Add a note'} {onclose}>
  {#if kind === null}
    <Choices label="Add a note" choices={kinds.map((id) => ({ id, text: id }))} onchoose={(id) => (kind = id)} />
  {:else if asked}
    {#if asked.of.length > 1}<Choices label="Which one" choices={asked.of} {chosen} onchoose={(id) => (of = id)} />{/if}
    {#if chosen !== null}
      <NumberPad
        label={kind}
        quantity={asked.quantity}
        limits={limitsAt(runEventSchema, asked.limits)}
        {...changedLine ? countableAs(ingredientOf(changedLine.ingredient), changedLine.ingredient) : {}}
        bind:text
        bind:value
      />
      <Button disabled={value === null || value === undefined} on:click={() => say(asked.make(value!, chosen))}
        >Add note</Button
      >
    {/if}
  {:else if kind === 'Cold-water test or pot'}
    {@const pot = of ?? boiled[0]!.id}
    {#if boiled.length > 1}
      <Choices label="Which pot" choices={boiled} chosen={pot} onchoose={(id) => (of = id)} />
    {/if}
    <Choices
      label="What it showed"
      choices={POT_SIGNS.map((id) => ({ id, text: POT_SIGN_TEXTS[id] }))}
      onchoose={(id) => {
        const sign = POT_SIGNS.find((each) => each === id);
        if (sign) say({ kind: 'pot-sign', preparation: pot, sign });
      }}
    />
  {:else if kind === 'Different tin'}
    <Choices
      label="Tin used"
      choices={rack.map(({ id, name, tin }) => ({
        id: String(id),
        text: `${name}, ${tinInWords(asTin(tin), figures)}`,
      }))}
      onchoose={(id) => {
        const tin = rack.find((tin) => String(tin.id) === id);
        if (tin) say({ kind: 'tin-changed', tins: [{ tin: tin.tin, count: 1 }] });
      }}
    />
  {:else if kind === 'Photo'}
    <p>The photo is made smaller on this device and sent only to the shop's own server.</p>
    <FileUploaderButton
      labelText="Take or choose a photo"
      accept={['image/*']}
      disableLabelChanges
      on:change={(event) => void photo(event.detail)}
    />
    {#if isNoPicture}<Notice harm>This file cannot be opened as a picture. Choose a JPEG or PNG file.</Notice>{/if}
  {:else if kind === 'Next time'}
    <NextTime {plan} {rack} onnote={(change, why) => say({ kind: 'next-time', change, why })} />
  {:else if kind === 'Stop the run'}
    <Choices
      label="Reason for stopping"
      choices={WHY_STOPPED.map((id) => ({ id, text: id }))}
      onchoose={(why) => say({ kind: 'stopped', why })}
    />
  {:else}
    <TextArea labelText={kind} maxlength={2000} rows={4} bind:value={words} />
    {#if kind === 'Tasted'}
      <div class="two">
        <Button disabled={words.trim() === ''} on:click={() => say({ kind: 'tasted', text: words.trim(), good: true })}
          >Good</Button
        >
        <Button
          kind="secondary"
          disabled={words.trim() === ''}
          on:click={() => say({ kind: 'tasted', text: words.trim(), good: false })}>Not good</Button
        >
      </div>
    {:else}
      <Button disabled={words.trim() === ''} on:click={() => say({ kind: 'note', text: words.trim() })}>Add note</Button
      >
    {/if}
  {/if}
</Sheet>

<style>
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
  }
</style>
