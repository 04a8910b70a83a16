<!-- A step of the method beside what was understood. Its action, mixture, time and temperature can be corrected. -->
<script lang="ts">
  import { stepChoiceText, stepNoteText } from '$wording/reading';
  import { understoodText } from '$wording/understood';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { choicesFor, STEP_KINDS, type StepKind, type StepRead } from '$core/method';
  import { PLACES, type Place, type Slab } from '$core/slab';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';
  import WrittenText from './WrittenText.svelte';
  import { KIND_WORDS, PLACE_WORDS } from './methodWords';

  interface Props {
    /** All steps, and which one this is. */
    steps: readonly StepRead[];
    at: number;
    slab: Slab;
    isCorrected: boolean;
    onchange: (step: StepRead) => void;
    onback: () => void;
  }
  let { steps, at, slab, isCorrected, onchange, onback }: Props = $props();

  const figures = $derived(shopFigures());
  const step = $derived(steps[at]!);
  const preparations = $derived(slab.preparations);
  const understood = $derived(understoodText(steps, at, slab, figures));
  const choices = $derived(choicesFor(step));
  const layer = $derived(slab.layers.findIndex(({ id }) => id === step.lays));

  const REMARK = 'remark';
  /** Steps whose time follows from the amount, or that need no labour. */
  const NO_TIME: readonly StepKind[] = ['lay', 'scatter', 'cut', 'finish', 'pack'];
  const typed: Record<string, string> = $state({});
  const isRemark = $derived(step.kind === 'other' && step.of === null);
  /** Which of the two temperatures a step of this kind has. */
  const heat = $derived(
    step.kind === 'bake' || (step.kind === 'other' && step.ovenC !== null)
      ? 'ovenC'
      : step.celsius !== null || step.kind === 'boil'
        ? 'celsius'
        : null,
  );
  const correct = (part: Partial<StepRead>) => onchange({ ...step, ...part, status: 'read', note: null });
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;

  function setKind(value: string) {
    if (value === REMARK) correct({ kind: 'other', of: null });
    else
      correct({
        kind: value as StepKind,
        of: step.of ?? (value === 'cut' || value === 'pack' ? null : (preparations[0]?.id ?? null)),
      });
  }
  function setMinutes(end: 0 | 1, value: number | null) {
    if (value === null) correct({ minutes: null });
    else {
      const [least, most] = step.minutes ?? [value, value];
      correct({
        minutes:
          end === 0 ? [value, Math.max(value, step.minutes === null ? value : most)] : [Math.min(least, value), value],
      });
    }
  }
</script>

{#snippet fields()}
  <div class="reads">
    <Select
      size="sm"
      hideLabel
      labelText="Kind of step {at + 1}"
      selected={isRemark ? REMARK : step.kind}
      on:change={(event) => setKind(chosen(event))}
    >
      {#each STEP_KINDS as kind (kind)}<SelectItem value={kind} text={KIND_WORDS[kind]} />{/each}
      <SelectItem value={REMARK} text="no step" />
    </Select>
    {#if preparations.length > 1 && !isRemark && step.kind !== 'cut' && step.kind !== 'pack'}
      <Select
        size="sm"
        hideLabel
        labelText="Mixture of step {at + 1}"
        selected={step.of ?? ''}
        on:change={(event) => correct({ of: chosen(event) || null })}
      >
        {#if step.of === null}<SelectItem value="" text="of all" />{/if}
        {#each preparations as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
      </Select>
    {:else}<span></span>{/if}
    {#if !isRemark && !NO_TIME.includes(step.kind)}
      <NumberField
        label="Minimum minutes of step {at + 1}"
        hideLabel
        optional
        quantity="duration"
        placeholder="typical"
        value={step.minutes?.[0]}
        limits={slabLimits('preparations.steps.minutes')}
        name="least"
        {typed}
        onvalue={(value) => setMinutes(0, value)}
      />
      <NumberField
        label="Maximum minutes of step {at + 1}"
        hideLabel
        optional
        quantity="duration"
        placeholder="typical"
        value={step.minutes?.[1]}
        limits={slabLimits('preparations.steps.minutes')}
        name="most"
        {typed}
        onvalue={(value) => setMinutes(1, value)}
      />
    {:else}<span></span><span></span>{/if}
    {#if heat !== null}
      <NumberField
        label="{heat === 'ovenC' ? 'Oven temperature' : 'End temperature'}, step {at + 1}"
        hideLabel
        optional
        quantity="temperature"
        placeholder={heat === 'ovenC' ? 'oven' : 'to'}
        value={step[heat]}
        limits={slabLimits(heat === 'ovenC' ? 'preparations.steps.ovenC' : 'preparations.cookTo.celsius')}
        name={heat}
        {typed}
        onvalue={(value) => correct({ [heat]: value })}
      />
    {:else if step.kind === 'set'}
      <Select
        size="sm"
        hideLabel
        labelText="Where, step {at + 1}"
        selected={step.place ?? 'room'}
        on:change={(event) => correct({ place: chosen(event) as Place })}
      >
        {#each PLACES as place (place)}<SelectItem value={place} text={PLACE_WORDS[place]} />{/each}
      </Select>
    {:else}<span></span>{/if}
  </div>
{/snippet}

<WrittenText
  text={step.text}
  where={understood.where}
  meaning={understood.text}
  tag={layer === -1 ? '' : `layer ${layer + 1}`}
  status={isRemark && step.status === 'read' ? REMARK : step.status}
  why={step.note ? stepNoteText(step.note) : ''}
  called="step {at + 1}"
  {isCorrected}
  {onback}
  {fields}
  isOpen={step.status === 'check' && choices.length === 0}
  acts={choices.length > 0 ? answers : undefined}
/>

{#snippet answers()}
  {#each choices as choice (stepChoiceText(choice, figures))}
    <Button size="small" kind="tertiary" on:click={() => correct(choice.part)}>{stepChoiceText(choice, figures)}</Button
    >
  {/each}
{/snippet}

<style>
  .reads {
    display: grid;
    grid-template-columns: 6.6rem minmax(0, 1fr) 4.6rem 4.6rem 5.6rem;
    gap: 0.3rem;
    align-items: start;
  }

  @media (max-width: 700px) {
    .reads {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
