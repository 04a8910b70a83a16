<!-- A mixture: its lines, their weights, and its yield. -->
<script lang="ts">
  import { Accordion, AccordionItem, Button, Select, SelectItem } from 'carbon-components-svelte';
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
  import { endPointC, STAGES, withoutPreparation, withPreparation, type Preparation, type Stage } from '$core/slab';
  import { lineInWords } from '$core/recipe';
  import { usualMaxScaleFactor } from '$core/scale';
  import { slabLimits } from '$lib/limits/fieldLimits';

  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Lines from './Lines.svelte';
  import NameField from './NameField.svelte';
  import ShareBar from './ShareBar.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  let { preparation, at }: { preparation: Preparation; at: number } = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const planned = $derived(work.plan.preparations[at]);
  const open = $derived(work.openPreparation === preparation.id);
  /** The whole mixture goes into one layer: nothing to divide. */
  const allInOne = $derived.by(() => {
    const parts = draft.slab.layers.flatMap(({ from }) => from.filter((part) => part.preparation === preparation.id));
    return parts.length === 1 && parts[0]!.share > 0.999;
  });
  function setOpen(now: boolean) {
    if (now) work.openPreparation = preparation.id;
    else if (open) work.openPreparation = null;
  }
  let fieldsShown = $state(false);
  const endC = $derived(endPointC(preparation));
  /** Summary of a collapsed card. */
  const summary = $derived.by(() => {
    const { lines } = preparation;
    if (lines.length === 0) return 'no ingredients yet';
    if (lines.length <= 2) return lines.map((line) => lineInWords(line)).join(', ');
    return `${lines.length} lines`;
  });
  const field = (name: string) => `${preparation.id} ${name}`;

  /** Parts of lines in other mixtures that go in here. */
  const coming = $derived(
    draft.slab.preparations.flatMap((other) =>
      other.lines.flatMap((line) =>
        (line.divided ?? [])
          .filter((part) => part.preparation === preparation.id)
          .map(({ share }) => ({ line, share, from: other.name })),
      ),
    ),
  );
  function remove() {
    draft.change(withoutPreparation(draft.slab, at));
  }
</script>

<article class="panel" id="mixture-{preparation.id}" aria-label={preparation.name}>
  <Accordion size="sm"
    ><AccordionItem bind:open={() => open, setOpen}>
      <span slot="title" class="title">
        <b>{preparation.name}</b>
        {#if endC !== null}<span class="hot">cook to {figures.temperature.say(endC)}</span>{/if}
        <span class="quiet sum">{open ? '' : summary}</span>
        {#if planned}<span class="figures">{figures.mass.say(planned.massOutG)} <span class="quiet">out</span></span
          >{/if}
      </span>
      {#if open}
        <Lines {preparation} {at} />
        {#each coming as { line, share, from }, i (i)}
          <p class="coming">
            {(share * 100).toFixed(0)} % of the {line.ingredient} listed in {from}
          </p>
        {/each}
        {#if planned}
          {@const [least, most] = planned.massOutRangeG}
          <p class="quiet out">
            {figures.mass.say(planned.massInG)} weighed in, {figures.mass.say(planned.massOutG)} when done{#if most - least > 2}{` (${figures.mass.figure(least)}-${figures.mass.figure(most)})`}{/if}{#if planned.leftoverG > 0.5},
              <b>{figures.mass.say(planned.leftoverG)} left over</b
              >{/if}{#if preparation.cookTo && planned.waterShare !== null}; about {figures.mass.say(
                planned.evaporatedG,
              )} boil off, {(planned.waterShare * 100).toFixed(0)} % water remains{/if}{#if planned.batches > 1}; in {planned.batches}
              equal boils{/if}{#if planned.scaleFactor.toFixed(3) !== '1.000'}; {planned.scaleFactor.toFixed(2)} times the
              base recipe{/if}{#if planned.vessel.kind === 'pot'}; pot size {figures.volume.say(
                planned.vessel.volumeMl,
              )}{/if}
          </p>
        {/if}
        {#if !allInOne}<ShareBar {preparation} {at} />{/if}
        <div class="foot">
          <Button size="small" kind="ghost" aria-expanded={fieldsShown} on:click={() => (fieldsShown = !fieldsShown)}
            >Edit mixture</Button
          >
          <Button size="small" kind="ghost" href="/slabs/{draft.id}/schedule"
            >Steps, {(preparation.steps ?? []).length}</Button
          >
          <Button
            kind="ghost"
            size="small"
            icon={TrashCan}
            iconDescription="Remove {preparation.name}"
            tooltipPosition="left"
            on:click={remove}
          />
        </div>
        {#if fieldsShown}
          <div class="fields">
            <NameField
              label="Name"
              value={preparation.name}
              name={field('name')}
              typed={draft.typed}
              onvalue={(name) => draft.change(withPreparation(draft.slab, at, { name }), field('name'))}
            />
            <NumberField
              label="Cook to"
              quantity="temperature"
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
              label="Weight loss in the pot or oven, %"
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
              label="Density"
              quantity="density"
              optional
              value={preparation.densityGPerMl}
              placeholder={planned?.densityGPerMl ?? ''}
              limits={slabLimits('preparations.densityGPerMl')}
              name={field('density')}
              typed={draft.typed}
              onvalue={(density) =>
                draft.change(
                  withPreparation(draft.slab, at, { densityGPerMl: density ?? undefined }),
                  field('density'),
                )}
            />
            {#if preparation.cookTo}
              <Select
                size="sm"
                labelText="Sugar stage named in the recipe"
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
                label="Maximum in one pot, multiples of the base recipe"
                optional
                placeholder={Number.isFinite(usualMaxScaleFactor(preparation))
                  ? String(usualMaxScaleFactor(preparation))
                  : 'no limit'}
                value={preparation.maxScaleFactor}
                limits={slabLimits('preparations.maxScaleFactor')}
                name={field('limit')}
                typed={draft.typed}
                onvalue={(most) =>
                  draft.change(withPreparation(draft.slab, at, { maxScaleFactor: most ?? undefined }), field('limit'))}
              />
            {/if}
          </div>
        {/if}
      {/if}
    </AccordionItem></Accordion
  >
</article>

<style>
  article {
    flex: 1;
    min-width: 0;
  }

  article :global(.bx--accordion__item) {
    border: 0;
    list-style: none;
  }

  .title {
    display: flex;
    align-items: baseline;
    gap: 0.6rem;
    font-size: 0.95rem;
    min-width: 0;
  }

  .title b {
    font-size: 1.02rem;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }

  .title .hot {
    background: var(--hot-ground);
    color: var(--hot);
    padding: 0 0.4rem;
    font-size: 0.85rem;
    white-space: nowrap;
  }

  .title .sum {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    font-size: 0.88rem;
  }

  .title .figures {
    white-space: nowrap;
  }

  .coming {
    margin: 0.2rem 0 0 1.2rem;
    font-size: 0.9rem;
  }

  .foot {
    display: flex;
    gap: 0.4rem;
    margin-top: 0.3rem;
  }

  .foot :global(.bx--btn) {
    padding: 0 0.5rem;
  }

  .foot :global(.bx--btn--icon-only) {
    margin-left: auto;
  }

  .fields {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0.5rem 0.7rem;
    margin-top: 0.3rem;
  }

  .out {
    margin-top: 0.4rem;
    font-size: 0.88rem;
  }
</style>
