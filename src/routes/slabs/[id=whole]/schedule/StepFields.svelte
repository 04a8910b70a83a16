<!-- Fields of one step of a mixture. -->
<script lang="ts">
  import { Button, Checkbox, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { PLACES, USUAL_OVEN_C, type Growth, type Hands, type Step } from '$core/slab';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    step: Step;
    others: readonly Step[];
    /** Whether the mixture has an end point. */
    cooked: boolean;
    name: string;
    onchange: (part: Partial<Step>) => void;
    onremove: () => void;
  }
  let { step, others, cooked, name, onchange, onremove }: Props = $props();

  const { draft } = slabWork();
  let isExpanded = $state(false);
  const HANDS: Readonly<Record<Hands, string>> = { busy: 'hands-on', watch: 'watch', free: 'unattended' };
  const NEEDS = ['', 'ring', 'oven', 'mixer', 'bench', ...PLACES.filter((place) => place !== 'room')];
  const GROWS: Readonly<Record<Growth | '', string>> = $derived({
    '': step.cooks ? 'typical for a boil' : 'typical for this step',
    fixed: 'stays the same',
    mass: 'grows with the amount',
    set: 'grows with the thickness squared',
  });

  const WAITS = [
    ['minMinutes', 'Minimum wait', '0'],
    ['maxMinutes', 'Maximum wait', 'usual'],
  ] as const;

  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;
  /** Conflicts between the three times, by field. */
  const muddled = $derived({
    leastMinutes: (step.leastMinutes ?? 0) > step.minutes,
    minutes: false,
    mostMinutes: (step.mostMinutes ?? Infinity) < step.minutes,
  });
  function setWait(end: 'minMinutes' | 'maxMinutes', value: number | null) {
    const wait = { ...step.wait, [end]: value ?? undefined };
    const none = wait.minMinutes === undefined && wait.maxMinutes === undefined;
    onchange({ wait: none ? undefined : wait });
  }
  const needs = (what: string) =>
    onchange({
      occupies: what === '' ? undefined : [what],
      ovenC: what === 'oven' ? (step.ovenC ?? USUAL_OVEN_C) : undefined,
    });
  const follows = (id: string, isAfter: boolean) => {
    const rest = (step.after ?? []).filter((before) => before !== id);
    onchange({ after: isAfter ? [...rest, id] : rest });
  };
  const used = $derived(step.occupies?.[0] ?? (step.ovenC === undefined ? '' : 'oven'));
</script>

{#snippet time(field: 'leastMinutes' | 'minutes' | 'mostMinutes', label: string)}
  <div class="time">
    <NumberField
      {label}
      optional={field !== 'minutes'}
      quantity="duration"
      placeholder={step.minutes}
      value={step[field]}
      limits={slabLimits(`preparations.steps.${field}`)}
      name="{name} {field}"
      typed={draft.typed}
      onvalue={(value) =>
        field === 'minutes'
          ? value !== null && onchange({ minutes: value })
          : onchange({ [field]: value ?? undefined })}
    />
    {#if muddled[field]}<p class="harm">{field === 'leastMinutes' ? 'More' : 'Less'} than the typical time</p>{/if}
  </div>
{/snippet}

<div class="step" role="group" aria-label={step.text}>
  <div class="words">
    <TextInput
      size="sm"
      labelText="Step"
      value={step.text}
      invalid={step.text.trim() === ''}
      invalidText="Enter the step"
      on:input={(event) => onchange({ text: String(event.detail ?? '') })}
    />
  </div>
  {#if step.coolTo}
    <div class="time">
      <NumberField
        label="Cools to"
        quantity="temperature"
        value={step.coolTo.celsius}
        limits={slabLimits('preparations.steps.coolTo.celsius')}
        name="{name} cool"
        typed={draft.typed}
        onvalue={(celsius) => celsius !== null && onchange({ coolTo: { ...step.coolTo, celsius } })}
      />
    </div>
  {:else}{@render time('minutes', 'Typical time')}{/if}
  <Select
    size="sm"
    labelText="Labour"
    selected={step.hands ?? 'busy'}
    on:change={(event) => onchange({ hands: chosen(event) as Hands })}
  >
    {#each Object.entries(HANDS) as [value, text] (value)}<SelectItem {value} {text} />{/each}
  </Select>
  <Select size="sm" labelText="Equipment" selected={used} on:change={(event) => needs(chosen(event))}>
    {#each NEEDS as value (value)}<SelectItem {value} text={value === '' ? 'none' : value} />{/each}
  </Select>
  {#if used === 'oven'}
    <div class="time">
      <NumberField
        label="Oven temperature"
        quantity="temperature"
        value={step.ovenC}
        limits={slabLimits('preparations.steps.ovenC')}
        name="{name} oven"
        typed={draft.typed}
        onvalue={(ovenC) => ovenC !== null && onchange({ ovenC })}
      />
    </div>
  {/if}
  <Button size="small" kind="ghost" aria-expanded={isExpanded} on:click={() => (isExpanded = !isExpanded)}
    >{isExpanded ? 'Fewer details' : 'More details'}<span class="unseen"> of {step.text}</span></Button
  >
  <Button size="small" kind="ghost" on:click={onremove}>Remove<span class="unseen"> {step.text}</span></Button>
  {#if isExpanded}
    {#if !step.coolTo}{@render time('leastMinutes', 'Shortest time')}
      {@render time('mostMinutes', 'Longest time')}{/if}
    <Select
      size="sm"
      labelText="Time for a larger slab"
      selected={step.grows ?? ''}
      on:change={(event) => onchange({ grows: (chosen(event) || undefined) as Growth | undefined })}
    >
      {#each Object.entries(GROWS) as [value, text] (value)}<SelectItem {value} {text} />{/each}
    </Select>
    <fieldset class="after">
      <legend>What happens in this step</legend>
      {#if cooked}
        <Checkbox
          labelText="boils to the end point"
          checked={step.cooks ?? false}
          on:check={({ detail }) => onchange({ cooks: detail || undefined })}
        />
      {/if}
      <Checkbox
        labelText="cools to a temperature"
        checked={step.coolTo !== undefined}
        on:check={({ detail }) => onchange(detail ? { coolTo: { celsius: 45 }, hands: 'free' } : { coolTo: undefined })}
      />
      <Checkbox
        labelText="poured on the layer below"
        checked={step.lays ?? false}
        on:check={({ detail }) => onchange({ lays: detail || undefined })}
      />
    </fieldset>
    {#if others.length > 0}
      <fieldset class="after">
        <legend>Starts after</legend>
        {#each others as { id, text } (id)}
          <Checkbox
            labelText={text.length > 44 ? `${text.slice(0, 42)}…` : text}
            checked={step.after?.includes(id) ?? false}
            on:check={({ detail }) => follows(id, detail)}
          />
        {/each}
      </fieldset>
      {#if (step.after ?? []).length > 0}
        {#each WAITS as [end, label, placeholder] (end)}
          <div class="time">
            <NumberField
              {label}
              quantity="duration"
              optional
              {placeholder}
              value={step.wait?.[end]}
              limits={slabLimits(`preparations.steps.wait.${end}`)}
              name="{name} wait {end}"
              typed={draft.typed}
              onvalue={(value) => setWait(end, value)}
            />
            {#if end === 'maxMinutes' && (step.wait?.minMinutes ?? 0) > (step.wait?.maxMinutes ?? Infinity)}<p
                class="harm"
              >
                Less than the minimum
              </p>{/if}
          </div>
        {/each}
      {/if}
    {/if}
  {/if}
</div>

<style>
  .step {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 0.7rem;
    align-items: end;
    flex: 1;
    min-width: 0;
    padding: 0.3rem 0;
  }

  .words {
    flex: 1 1 18rem;
  }

  .time {
    width: 6.6rem;
  }

  .time p {
    font-size: 0.8rem;
  }

  .step > :global(.bx--form-item) {
    flex: none;
  }

  .after {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.2rem;
    margin-right: 1.2rem;
  }

  .after :global(.bx--checkbox-wrapper) {
    margin: 0;
  }

  legend {
    color: var(--quiet);
    float: left;
    font-size: 0.8rem;
    margin-right: 0.8rem;
    padding-top: 0.4rem;
  }
</style>
