<!-- Label draft of a slab, label sheets, and the slab without an allergen. -->
<script lang="ts">
  import { ELEMENT_NAMES, labelProblemText, PROFILE_NAMES, servedAsText } from '$wording/label';
  import { inList } from '$wording/grammar';
  import { Button, Checkbox, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { ALLERGENS } from '$core/larder';
  import { LABEL_PROFILES, USUAL_LABELS } from '$core/shop';
  import type { LabelProfile } from '$core/label';
  import type { LabelSaid } from '$core/slab';
  import { labelFor } from '$core/usecases';
  import { untrack } from 'svelte';
  import { page } from '$app/state';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { slabWork } from '$lib/draft/slabContext';
  import DayField from '$lib/ui/DayField.svelte';
  import HowLink from '$lib/ui/HowLink.svelte';
  import Allergens from '$lib/ui/Allergens.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import { ASKED } from '$lib/limits/requestLimits';
  import NumberField from '$lib/ui/NumberField.svelte';
  import LabelFace from './LabelFace.svelte';
  import Masses from './Masses.svelte';
  import Substitutions from './Substitutions.svelte';

  let { data } = $props();

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const sheet = $derived({ ...USUAL_LABELS, ...work.shop.labels });
  const pack = $derived(work.money.selling?.price.packed ?? null);

  /** Coming from a run, the address has its day and its lot. */
  let madeOn = $state(untrack(() => page.url.searchParams.get('madeOn')) ?? new Date().toISOString().slice(0, 10));
  let lot = $state(untrack(() => page.url.searchParams.get('lot')) ?? '');
  let asked: number | null = $state(null);
  const pieces = $derived(asked ?? (pack?.container && pack.perPack > 0 ? pack.perPack : 1));
  let profile: LabelProfile | null = $state(null);
  const rules = $derived(profile ?? sheet.profile);
  const kinds = $derived(
    work.plan.cut.pieces.flatMap(({ id, name }, i, all) =>
      id !== undefined && all.findIndex((slab) => slab.id === id) === i ? [{ id, name: name ?? id }] : [],
    ),
  );
  let kind: string | undefined = $state(undefined);
  let also: number[] = $state([]);
  let count: number | null = $state(null);
  let from = $state(1);
  const typed: Record<string, string> = $state({});

  const alsoMade = $derived(data.others.filter(({ id }) => also.includes(id)).flatMap(({ allergens }) => allergens));
  const label = $derived(
    labelFor(slab, work.larder, work.shop, work.plan, {
      madeOn,
      lot: lot.trim() || undefined,
      pieces,
      profile: rules,
      kind,
      alsoMade,
      uncertain: work.allergens,
    }),
  );
  const carried = $derived(
    [...work.allergens.contains, ...work.allergens.assumed].filter((allergen) =>
      (ALLERGENS as readonly string[]).includes(allergen),
    ),
  );
  const perSheet = $derived(sheet.columns * sheet.rows);
  const href = $derived.by(() => {
    const asked: Record<string, string> = {
      ...{ madeOn, pieces: String(pieces), profile: rules },
      ...{ count: String(count ?? perSheet), from: String(from) },
      ...(lot.trim() === '' ? {} : { lot: lot.trim() }),
      ...(kind === undefined ? {} : { kind }),
      ...(also.length > 0 ? { also: also.join(',') } : {}),
    };
    return `/api/slabs/${draft.id}/label.pdf?${new URLSearchParams(asked)}`;
  });

  function say(part: Partial<LabelSaid>) {
    const next = Object.fromEntries(
      Object.entries({ ...slab.label, ...part }).filter(([, value]) => value !== undefined && value !== ''),
    );
    draft.change({ ...slab, label: Object.keys(next).length > 0 ? next : undefined }, 'label');
  }
</script>

{#if work.plan.cut.pieces.length === 0}
  <EmptyState title="Nothing to label yet">
    <p>Add layers in Build and a cut in Cut. A label draft then appears here.</p>
    <Allergens statement={work.allergens} />
  </EmptyState>
{:else}
  <div class="both">
    <div class="left">
      <div class="title">
        <h2>Label draft</h2>
        <HowLink to="label" />
      </div>
      <LabelFace {label} {sheet} />
      <Allergens statement={work.allergens} />
      {#if label.problems.length > 0}
        <ul class="problems" aria-label="To complete before printing">
          {#each label.problems as problem (problem.code)}<li>{labelProblemText(problem)}.</li>{/each}
        </ul>
      {/if}
      {#if label.lacks.length > 0}
        <p class="quiet" aria-label="Not on this draft">
          The law also asks for {inList(label.lacks.map((element) => ELEMENT_NAMES[element]))}.
          {#if label.profile === 'us'}Small producers may be exempt from nutrition facts. {servedAsText(
              label.serving.of,
            )}.{/if}
        </p>
      {/if}
      <div class="panel fields print no-print">
        <NumberField
          label="Number of labels"
          optional
          placeholder={perSheet}
          value={count}
          limits={ASKED.labels}
          name="label count"
          {typed}
          onvalue={(many) => (count = many)}
        />
        <NumberField
          label="First label position"
          value={from}
          limits={{ min: 1, max: perSheet, whole: true }}
          name="label from"
          {typed}
          onvalue={(place) => place !== null && (from = place)}
        />
        {#if draft.changed}
          <p class="quiet">Save the version first. Labels are printed from the saved version.</p>
        {:else}
          <Button size="small" {href} download data-sveltekit-reload>Download labels (PDF)</Button>
        {/if}
      </div>
    </div>
    <div class="right no-print">
      <div class="panel fields">
        <DayField
          label="Made on"
          value={madeOn}
          {typed}
          name="made on"
          onvalue={(day) => day !== null && (madeOn = day)}
        />
        <TextInput size="sm" labelText="Lot" placeholder={label.lot} maxlength={50} bind:value={lot} />
        <NumberField
          label="Pieces in a pack"
          value={pieces}
          limits={ASKED.perPack}
          name="label pieces"
          {typed}
          onvalue={(many) => (asked = many)}
        />
        <Select
          size="sm"
          labelText="Rules"
          selected={rules}
          on:change={(event) => (profile = (event.target as HTMLSelectElement).value as LabelProfile)}
        >
          {#each LABEL_PROFILES as profile (profile)}<SelectItem value={profile} text={PROFILE_NAMES[profile]} />{/each}
        </Select>
        <NumberField
          label="Declared net weight"
          quantity="mass"
          optional
          placeholder={Math.floor(label.pieceG * pieces)}
          value={slab.label?.netG}
          limits={slabLimits('label.netG')}
          name="label net"
          typed={draft.typed}
          onvalue={(netG) => say({ netG: netG ?? undefined })}
        />
        {#if kinds.length > 1}
          <Select
            size="sm"
            labelText="Piece type"
            selected={kind ?? kinds[0]!.id}
            on:change={(event) => (kind = (event.target as HTMLSelectElement).value)}
          >
            {#each kinds as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
          </Select>
        {/if}
        <div class="wide">
          <TextInput
            size="sm"
            labelText="Name of the food"
            placeholder={slab.name}
            maxlength={200}
            value={slab.label?.name ?? ''}
            on:input={(event) => say({ name: String(event.detail ?? '') })}
          />
        </div>
      </div>
      {#if data.others.length > 0}
        <fieldset class="panel">
          <legend>Made the same day (for "may contain")</legend>
          <div class="others">
            {#each data.others as { id, name } (id)}
              <Checkbox
                labelText={name}
                checked={also.includes(id)}
                on:check={(event) => {
                  const others = also.filter((other) => other !== id);
                  if (event.detail !== also.includes(id)) also = event.detail ? [...others, id] : others;
                }}
              />
            {/each}
          </div>
        </fieldset>
      {/if}
      <Masses {label} />
      <Substitutions {carried} />
    </div>
  </div>
{/if}

<style>
  .both {
    display: grid;
    grid-template-columns: minmax(0, 1.05fr) minmax(0, 1fr);
    gap: 1rem;
    align-items: start;
  }

  .left,
  .right {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.7rem;
  }

  .title {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }

  h2 {
    font-size: 1.1rem;
  }

  .problems li {
    list-style: square;
    margin-left: 1.1rem;
    font-size: 0.92rem;
    color: var(--hot);
  }

  .fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
    align-items: end;
    padding: 0.6rem 0.8rem;
  }

  .print {
    grid-template-columns: 1fr 1fr auto;
  }

  .wide {
    grid-column: 1 / -1;
  }

  fieldset {
    padding: 0.5rem 0.8rem;
  }

  legend {
    float: left;
    width: 100%;
    font-size: 0.9rem;
    font-weight: 650;
  }

  .others {
    clear: both;
    display: grid;
    grid-template-columns: 1fr 1fr;
    max-height: 9rem;
    position: relative;
    overflow: auto;
  }

  .others :global(.bx--form-item) {
    margin: 0;
  }

  @media (max-width: 759px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }

  @media print {
    .no-print {
      display: none;
    }

    .both {
      display: block;
    }
  }
</style>
