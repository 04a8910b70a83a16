<!-- The slab as the recipe has it so far: its section, tin, cut, storage, pots and day, and what is assumed. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { onDestroy } from 'svelte';
  import { lookOf } from '$core/classify';
  import { paidMinutes, settledPricing } from '$core/cost';
  import { larderOf, type Ingredient } from '$core/larder';
  import { assumedOf, type MethodRead } from '$core/method';
  import type { Shop } from '$core/shop';
  import { meansOf } from '$core/time';
  import type { CutSpec, Slab } from '$core/slab';
  import { tinInWords } from '$core/tin';
  import { missingFrom, plan, proposedCuts, proposedKeeping, type Day } from '$core/usecases';
  import { cutText, proposedCutText } from '$wording/cut';
  import { withoutText } from '$wording/grammar';
  import { assumedOfRecipeText, keepingReasonText, keepingText } from '$wording/reading';
  import { shopFigures } from '$lib/format/shopFigures';
  import SmallSection from '$lib/ui/SmallSection.svelte';
  import { NewestAnswer } from '$lib/workers/newestAnswer';
  import type { TimelineAnswer, TimelineQuestion } from '$lib/workers/timeline.worker';
  import TimelineWorker from '$lib/workers/timeline.worker?worker';
  import DayStrip from './DayStrip.svelte';
  import type { SlabChoices } from './slabChoices';

  interface Props {
    slab: Slab;
    method: MethodRead;
    /** As read, before anything was left out. */
    read: MethodRead;
    choices: SlabChoices;
    /** What the larder and the starter list know of its ingredients. */
    ingredients: readonly Ingredient[];
    shop: Shop;
    zone: string;
    /** Whose cups and spoons are assumed, as text; empty if the maker chose them, or none are used. */
    measuresAssumed: string;
  }
  let { slab, method, read, choices = $bindable(), ingredients, shop, zone, measuresAssumed }: Props = $props();

  const figures = $derived(shopFigures());
  const larder = $derived(larderOf(ingredients));
  /** `null` for a slab that cannot be planned. */
  const tried = <T,>(of: () => T): T | null => {
    try {
      return of();
    } catch {
      return null;
    }
  };
  const made = $derived(tried(() => plan(slab, larder, shop)));
  const layers = $derived(
    (made?.slabs[0]?.layers ?? []).map((layer, at) => ({
      ...layer,
      texture: lookOf(slab.layers[at]!, slab.preparations),
    })),
  );
  const cuts = $derived(slab.cut ? [] : (tried(() => proposedCuts(slab, larder, shop)) ?? []));
  const keeping = $derived(slab.keep ? null : tried(() => proposedKeeping(slab, larder, shop)));
  const without = $derived(made ? withoutText(missingFrom(made).weightless) : '');
  const nameOf = (id: string) => slab.preparations.find((own) => own.id === id)?.name ?? id;
  const pots = $derived(
    slab.preparations.flatMap(({ id, name, lines, cookTo }, at) => {
      const planned = made?.preparations[at];
      return lines.length === 0 || !planned ? [] : [{ id, name, celsius: cookTo?.celsius, planned }];
    }),
  );
  const assumed = $derived(
    [measuresAssumed, ...assumedOf(method, slab).map((assumed) => assumedOfRecipeText(assumed, slab, figures))].filter(
      Boolean,
    ),
  );

  const worker = new NewestAnswer<TimelineQuestion, TimelineAnswer>(() => new TimelineWorker());
  onDestroy(() => worker.close());
  let laidOut = $state.raw<{ readonly day: Day; readonly labourMinutes: number } | null>(null);
  const DAY_AFTER_MS = 400;
  $effect(() => {
    if (!made || made.slab.heightMm <= 0) return;
    const now = new Date();
    const question: TimelineQuestion = {
      slab: $state.snapshot(slab) as Slab,
      ingredients: $state.snapshot(ingredients) as Ingredient[],
      shop: $state.snapshot(shop) as Shop,
      pace: 'usual',
      asked: {
        start: now,
        ...meansOf(shop),
        hands: 1,
        blocked: [],
        hours: $state.snapshot(shop.hours ?? []) as Required<Shop>['hours'],
        zone,
      },
      now,
      quickAndSlow: false,
    };
    const timer = setTimeout(
      () =>
        worker.ask(question, (answer) => {
          const labourMinutes = paidMinutes(answer.run, settledPricing(slab.pricing, shop).watchShare);
          laidOut = { day: answer.day, labourMinutes };
          return answer.isLast ? 'done' : 'more';
        }),
      DAY_AFTER_MS,
    );
    return () => clearTimeout(timer);
  });

  const setCut = (cut: CutSpec | null) => (choices = { ...choices, cut, isCutLater: false });
</script>

<section aria-label="The slab so far" class="panel">
  <h2>The slab so far</h2>
  {#if made && made.slab.heightMm > 0}
    <SmallSection tin={made.slabs[0]!.tin} {layers} />
    <p class="figures">
      {figures.length.say(made.slab.heightMm)} high, {figures.mass.say(made.slab.massG)}{#if without !== ''}<b
          class="hot">, {without}</b
        >{/if}
    </p>
  {:else}
    <p class="quiet">It has no height until its ingredients have weights.</p>
  {/if}
  <h3>Layers, from the top</h3>
  <ul>
    {#each [...slab.layers].reverse() as layer, at (layer.id)}
      {@const laid = layers[slab.layers.length - 1 - at]}
      <li>
        <span>{layer.from.map(({ preparation }) => nameOf(preparation)).join(' with ')}</span>
        {#if laid && laid.thicknessMm > 0}<span class="figures">{figures.length.say(laid.thicknessMm)}</span>{/if}
      </li>
    {/each}
  </ul>
  <dl>
    <dt>Tin</dt>
    <dd>
      {tinInWords(slab.tin, figures)}
      {#if read.tin}<Button size="small" kind="ghost" on:click={() => (choices = { ...choices, noTin: !choices.noTin })}
          >{choices.noTin ? 'Use the recipe’s tin' : 'Ignore this tin'}</Button
        >{/if}
    </dd>
    <dt>Cut</dt>
    <dd class:open={!slab.cut && !choices.isCutLater}>
      {#if slab.cut && made}
        {cutText(slab.cut, made.cut, figures)}
        <Button size="small" kind="ghost" on:click={() => (choices = { ...choices, cut: null, noCut: true })}
          >Ignore this cut</Button
        >
      {:else}
        Not decided yet.
        {#if !choices.isCutLater}
          How is it cut?
          <span class="acts">
            {#each cuts as one (proposedCutText(one, figures))}
              <Button size="small" kind="tertiary" on:click={() => setCut(one.cut)}
                >{proposedCutText(one, figures)}</Button
              >
            {/each}
            <Button size="small" kind="ghost" on:click={() => (choices = { ...choices, isCutLater: true })}
              >Decide later</Button
            >
          </span>{/if}
        {#if read.cut && choices.noCut}<Button
            size="small"
            kind="ghost"
            on:click={() => (choices = { ...choices, noCut: false })}>Use the recipe’s cut</Button
          >{/if}
      {/if}
    </dd>
    <dt>Storage</dt>
    <dd class:open={!slab.keep && keeping && !choices.isKeepLater}>
      {#if slab.keep?.days}
        {keepingText({
          place: slab.keep.place ?? 'room',
          days: [slab.keep.days, slab.keep.days],
        })}
        <Button size="small" kind="ghost" on:click={() => (choices = { ...choices, keep: null, noKeep: true })}
          >Ignore this shelf life</Button
        >
      {:else}
        Shelf life not decided yet.
        {#if read.keep && choices.noKeep}<Button
            size="small"
            kind="ghost"
            on:click={() => (choices = { ...choices, noKeep: false })}>Use the recipe’s shelf life</Button
          >{/if}
        {#if keeping && !choices.isKeepLater}
          <span class="quiet">{keepingReasonText(keeping)} Follow your own tests and local rules.</span>
          <span class="acts">
            <Button
              size="small"
              kind="tertiary"
              on:click={() =>
                (choices = { ...choices, keep: { place: keeping.place, days: keeping.days[0] }, isKeepLater: false })}
              >{keepingText(keeping)}</Button
            >
            <Button size="small" kind="ghost" on:click={() => (choices = { ...choices, isKeepLater: true })}
              >Decide later</Button
            >
          </span>
        {/if}
      {/if}
    </dd>
  </dl>
  <h3>Pots and bowls</h3>
  <ul>
    {#each pots as { id, name, celsius, planned } (id)}
      <li>
        <span
          >{name}{#if celsius !== undefined}, to {figures.temperature.say(celsius)}{/if}</span
        >
        <span class="figures"
          >{figures.mass.figure(planned.massInG)}{#if planned.massInG - planned.massOutG > 1}
            → {figures.mass.figure(planned.massOutG)}{/if}
          {figures.mass.unit}</span
        >
      </li>
    {/each}
  </ul>
  {#if pots.some(({ celsius = 0 }) => celsius >= 100)}<p class="hot">Risk of burns: keep children away.</p>{/if}
  {#if laidOut && laidOut.day.steps.length > 0}
    <h3>The day</h3>
    <DayStrip {...laidOut} />
  {/if}
  <h3>Assumptions</h3>
  <ul class="quiet">
    {#each assumed as text (text)}<li>{text}</li>{/each}
  </ul>
</section>

<style>
  .panel {
    padding: 0.8rem;
  }

  h2 {
    margin: 0 0 0.4rem;
    font-size: 1.1rem;
  }

  h3 {
    margin: 0.8rem 0 0.2rem;
    font-size: 0.92rem;
    font-weight: 650;
  }

  ul {
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 0.92rem;
  }

  li {
    display: flex;
    justify-content: space-between;
    gap: 0.6rem;
    padding: 0.1rem 0;
  }

  li .figures {
    white-space: nowrap;
  }

  dl {
    margin: 0.8rem 0 0;
    font-size: 0.92rem;
  }

  dt {
    font-weight: 650;
  }

  dd {
    margin: 0 0 0.5rem;
  }

  dd > :global(.bx--btn--ghost) {
    display: block;
    min-height: 28px;
    height: 28px;
    margin-left: -0.6rem;
    padding: 0 0.6rem;
  }

  dd.open {
    padding: 0.3rem 0.5rem;
    border-left: 4px solid var(--hot);
    background: var(--hot-ground);
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    margin-top: 0.3rem;
  }

  .acts :global(.bx--btn) {
    max-width: 100%;
    padding-right: 0.75rem;
  }

  .hot {
    color: var(--hot);
  }

  p {
    margin: 0.3rem 0 0;
    font-size: 0.92rem;
  }
</style>
