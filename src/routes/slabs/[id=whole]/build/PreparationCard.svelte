<!-- One preparation: its lines as written, what they weigh, and what comes out of the pot. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
  import {
    endPointC,
    moved,
    STAGES,
    withoutPreparation,
    withPreparation,
    type Preparation,
    type Stage,
  } from '../../../../core/slab';
  import { usualMultiple } from '../../../../core/scale';
  import { slabLimits } from '$lib/limits';
  import { grams } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Reorder from '$lib/ui/Reorder.svelte';
  import LineRow from './LineRow.svelte';
  import NameField from './NameField.svelte';
  import NewLine from './NewLine.svelte';
  import ShareBar from './ShareBar.svelte';
  import UnreadLines from './UnreadLines.svelte';

  let { preparation, at }: { preparation: Preparation; at: number } = $props();

  const work = slabWork();
  const { draft } = work;
  const planned = $derived(work.plan.preparations[at]);
  const field = (name: string) => `${preparation.id} ${name}`;

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
      limits={slabLimits('preparations.cookTo.celsius')}
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
      limits={slabLimits('preparations.lossPercent')}
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
      limits={slabLimits('preparations.densityGPerMl')}
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
      <LineRow {preparation} {at} {l} {line} onremove={() => setLines(preparation.lines.filter((_, i) => i !== l))} />
    {/snippet}
  </Reorder>

  {#each coming as { line, share, from }, i (i)}
    <p class="coming">
      {(share * 100).toFixed(0)} % of the {line.ingredient} that stands under {from}
    </p>
  {/each}
  <UnreadLines {preparation} {at} />
  <NewLine {preparation} {at} />
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
        {#each STAGES as stage (stage)}<SelectItem value={stage} text={stage} />{/each}
      </Select>
      <NumberField
        label="Most in one pot, times as written"
        optional
        placeholder={Number.isFinite(usualMultiple(preparation)) ? String(usualMultiple(preparation)) : 'no limit'}
        value={preparation.maxMultiple}
        limits={slabLimits('preparations.maxMultiple')}
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

  .out {
    margin-top: 0.4rem;
    font-size: 0.88rem;
  }
</style>
