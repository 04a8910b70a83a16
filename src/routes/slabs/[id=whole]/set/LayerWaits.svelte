<!-- Setting times: one row per layer with its place; details open with it. -->
<script lang="ts">
  import { setReasonText, statedWaitText, waitAnswersText } from '$wording/setting';
  import { Accordion, AccordionItem, Select, SelectItem } from 'carbon-components-svelte';
  import type { Quantity } from '$core/measure';
  import type { RangedSetting, RangedWait, WaitRange } from '$core/setting';
  import { PLACES, withLayer, type Layer, type Place } from '$core/slab';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { formatDuration } from '$lib/format/figures';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { PLACE_NAMES } from './places';

  interface Props {
    setting: RangedSetting;
    /** Whether the tin is moved on a schedule. */
    moved: boolean;
  }
  let { setting, moved }: Props = $props();

  const work = slabWork();
  const { draft } = work;
  const figures = $derived(shopFigures());
  const layers = $derived(draft.slab.layers);

  type Rule = NonNullable<Layer['set']>;
  const FIELDS = [
    ['toC', 'Cool to', 'temperature', 'usual'],
    ['minMinutes', 'Minimum wait', 'duration', '0'],
    ['maxMinutes', 'Maximum wait', 'duration', 'any'],
  ] as const satisfies readonly (readonly [keyof Rule, string, Quantity, string])[];

  /** Formats "1 h 10 min, 50 min to 1 h 40 min". */
  const ranged = ({ quick, usual, slow }: WaitRange) =>
    usual === null
      ? 'never in this place'
      : `${formatDuration(usual)}, ${quick === null ? '' : formatDuration(quick)} to ${slow === null ? 'never' : formatDuration(slow)}`;

  /** Formats the range of a row. */
  function between({ takesNextAfterMinutes, cutsAfterMinutes }: RangedWait, isLast: boolean): string {
    const { quick, slow } = isLast ? cutsAfterMinutes : takesNextAfterMinutes;
    return quick === null ? '' : `${formatDuration(quick)} to ${slow === null ? 'never' : formatDuration(slow)}`;
  }

  function setRule(id: string, part: Partial<Rule>) {
    const at = layers.findIndex((layer) => layer.id === id);
    draft.change(withLayer(draft.slab, at, { set: { ...layers[at]!.set, ...part } }), `${id} set`);
  }
</script>

<Accordion size="sm">
  {#each setting.layers as layer, i (layer.id)}
    {@const own = layers.find(({ id }) => id === layer.id)}
    {@const stated = statedWaitText(layer, formatDuration)}
    <AccordionItem open={layer.answers.length > 0}>
      <span slot="title" class="row figures">
        <b>{layer.name}</b>
        <span class="quiet"
          >{moved ? 'moved' : PLACE_NAMES[own?.set?.place ?? 'room']}, {layer.pouredAt === 0
            ? 'goes on first'
            : `goes on at ${formatDuration(layer.pouredAt)}`}<span class="range"
            >{between(layer, i === setting.layers.length - 1)}</span
          ></span
        >
        {#if layer.setAfterMinutes === null}<b class="hot">will not set here</b>{:else}<b class="long"
            >{formatDuration(layer.setAfterMinutes)}</b
          >{/if}
      </span>
      <section aria-label={layer.name}>
        <dl class="figures">
          {#if i < setting.layers.length - 1}
            <dt>ready for the next layer</dt>
            <dd>{ranged(layer.takesNextAfterMinutes)}</dd>
          {/if}
          <dt>cuts cleanly</dt>
          <dd>{ranged(layer.cutsAfterMinutes)}</dd>
          <dt>ready to pack</dt>
          <dd>{ranged(layer.packsAfterMinutes)}</dd>
        </dl>
        <p class="quiet">{setReasonText(layer.reason, figures)}</p>
        {#if stated !== ''}<p>{stated}</p>{/if}
        {#if layer.answers.length > 0}<p>{waitAnswersText(layer.answers, formatDuration)}</p>{/if}
        {#if layer.nextFromMinutes !== null && i < setting.layers.length - 1}
          <p>
            The next layer can go on
            {#if layer.nextFromMinutes === 0}at once{:else}after {formatDuration(
                layer.nextFromMinutes,
              )}{/if}{#if layer.nextUntilMinutes !== null}<span class="quiet">
                and until {formatDuration(layer.nextUntilMinutes)}. Later the surface is too cold and greasy to bond</span
              >{/if}.
          </p>
        {/if}
        {#if layer.contactC !== null}
          <p class:quiet={!layer.meltsBelow} class:hot={layer.meltsBelow}>
            It touches the layer below at {figures.temperature.say(layer.contactC)}{#if layer.meltsBelow}
              and melts it. Pour at {figures.temperature.say(layer.pourAtMostC!)} or cooler.{:else}, which does not melt
              it.{/if}
          </p>
        {/if}
        <div class="rule">
          {#if !moved}
            <Select
              size="sm"
              labelText="Sets in"
              selected={own?.set?.place ?? 'room'}
              on:change={(event) => setRule(layer.id, { place: (event.target as HTMLSelectElement).value as Place })}
            >
              {#each PLACES as place (place)}<SelectItem value={place} text={PLACE_NAMES[place]} />{/each}
            </Select>
          {/if}
          {#each FIELDS as [field, label, quantity, placeholder] (field)}
            <NumberField
              {label}
              {quantity}
              optional
              {placeholder}
              value={own?.set?.[field]}
              limits={slabLimits(`layers.set.${field}`)}
              name="{layer.id} {field}"
              typed={draft.typed}
              onvalue={(value) => setRule(layer.id, { [field]: value ?? undefined })}
            />
          {/each}
        </div>
      </section>
    </AccordionItem>
  {/each}
</Accordion>

<style>
  .row {
    display: flex;
    gap: 0.6rem;
    align-items: baseline;
    font-size: 0.95rem;
  }

  .row > b:first-child {
    flex: 0 1 auto;
    min-width: 6rem;
    overflow-wrap: anywhere;
  }

  .row .quiet {
    flex: 1 0 10.5rem;
    font-size: 0.86rem;
  }

  .range {
    display: block;
  }

  @media (max-width: 1100px) {
    .row {
      flex-wrap: wrap;
      justify-content: space-between;
      gap: 0 0.6rem;
    }

    .row .quiet {
      order: 1;
      flex-basis: 100%;
    }
  }

  .long {
    white-space: nowrap;
    font-size: 1.05rem;
  }

  .rule {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 0.5rem;
    margin-top: 0.5rem;
    align-items: end;
  }

  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0.1rem 0.8rem;
    font-size: 0.92rem;
  }

  dt {
    color: var(--quiet);
  }

  p {
    font-size: 0.92rem;
  }

  .hot {
    color: var(--hot);
  }
</style>
