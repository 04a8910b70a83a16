<!-- A pot: its end point here and on the thermometer, the remaining water and texture, and how to boil it. -->
<script lang="ts">
  import { Accordion, AccordionItem } from 'carbon-components-svelte';
  import type { Probe } from '$core/shop';
  import { USUAL_SHOP } from '$core/shop';
  import { endPointC, withPreparation, type Preparation } from '$core/slab';
  import { stageAt, targetHere } from '$core/sugar';
  import { STAGE_SIGNS } from '$wording/sugar';
  import { slabLimits } from '$lib/limits/fieldLimits';

  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { stirringText, wallText } from '$wording/boiling';
  import { stirringRules, wallRules } from './advice';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    preparation: Preparation;
    at: number;
    probe: Probe | null;
  }
  let { preparation, at, probe }: Props = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const planned = $derived(work.plan.preparations[at]!);
  const endC = $derived(endPointC(preparation)!);
  const altitudeM = $derived(work.shop.altitudeM ?? USUAL_SHOP.altitudeM);
  const target = $derived(targetHere(endC, altitudeM, probe ?? {}, work.shop.roomC ?? USUAL_SHOP.roomC));
  const stage = $derived(stageAt(endC));
  const inside = $derived(endC >= stage.fromC - 1 && endC <= stage.toC + 1);
  const [least, most] = $derived(planned.massOutRangeG);
  const both = $derived(figures.bothTemperatures);

  function set(celsius: number) {
    draft.change(
      withPreparation(draft.slab, at, { cookTo: { celsius, stage: preparation.cookTo?.stage } }),
      `${preparation.id} cook`,
    );
  }
</script>

<article class="panel" aria-label={preparation.name}>
  <div class="exact">
    <NumberField
      label="End point at sea level"
      quantity="temperature"
      value={endC}
      limits={slabLimits('preparations.cookTo.celsius')}
      name="{preparation.id} cook"
      typed={draft.typed}
      onvalue={(celsius) => celsius !== null && set(celsius)}
    />
    <p class="quiet figures">
      {both(target.seaC)} in the recipe{#if Math.abs(target.hereC - target.seaC) > 0.05}<br />{both(target.hereC)} in the
        pot at {figures.altitude.say(altitudeM)}{/if}{#if probe && Math.abs(target.probeC - target.hereC) > 0.05}<br
        />{both(target.probeC)} on this thermometer, which reads {figures.degrees.say(
          Math.abs(target.probeC - target.hereC),
          1,
        )}
        {target.probeC > target.hereC ? 'too high' : 'too low'}{/if}
    </p>
  </div>
  <p>
    {#if planned.waterShare !== null}
      <b>About {(planned.waterShare * 100).toFixed(0)} % water remains.</b> Texture: {inside
        ? ''
        : 'nearly '}{STAGE_SIGNS[stage.stage].bite}.
    {/if}
    {figures.mass.say(planned.evaporatedG)} boil off, {figures.mass.say(planned.massOutG)} remain ({figures.massRange(
      least,
      most,
    )}){#if planned.batches > 1}, in {planned.batches} equal boils{/if}, in a pot of {figures.volume.say(
      planned.vessel.volumeMl,
    )}.
  </p>
</article>
<div class="panel">
  <Accordion size="sm">
    <AccordionItem title="When to stir, and crystals on the wall">
      <ul>
        {#each stirringRules(preparation, work.larder) as rule (rule)}
          {@const { phase, action, reason } = stirringText(rule)}
          <li><b>{phase}: {action}.</b> {reason}.</li>
        {/each}
        {#each wallRules(preparation, work.larder) as rule (rule)}<li>{wallText(rule)}.</li>{/each}
      </ul>
    </AccordionItem>
  </Accordion>
</div>
<Notice>
  Risk of burns: boiling sugar is far hotter than boiling water and sticks to skin. Wear gloves, clear the bench, keep
  children away, and keep a bowl of cold water close by. Cool a burn under running water.
</Notice>

<style>
  article {
    padding: 0.6rem 0.8rem;
    display: grid;
    gap: 0.4rem;
  }

  .exact {
    display: grid;
    grid-template-columns: 9.5rem 1fr;
    gap: 0.8rem;
    align-items: start;
  }

  .exact p {
    font-size: 0.88rem;
  }

  li {
    margin: 0.2rem 0 0.2rem 1rem;
    list-style: disc;
    font-size: 0.92rem;
  }
</style>
