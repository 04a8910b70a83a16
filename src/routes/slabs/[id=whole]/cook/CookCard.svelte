<!-- One pot: what to cook it to here and on the probe at hand, what that leaves and how it bites, and how to do it. -->
<script lang="ts">
  import type { Probe } from '../../../../core/shop';
  import { USUAL_SHOP } from '../../../../core/shop';
  import { endPointC, withPreparation, type Preparation } from '../../../../core/slab';
  import { fahrenheitOf, stageAt, targetHere } from '../../../../core/sugar';
  import { slabLimits } from '$lib/limits';
  import { grams } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import BallSign from './BallSign.svelte';
  import PotSign from './PotSign.svelte';
  import { stirring, wallCrystals } from './advice';
  import StageScale from './StageScale.svelte';

  interface Props {
    preparation: Preparation;
    at: number;
    probe: Probe | null;
    school: 'probe' | 'cold water' | 'by eye';
  }
  let { preparation, at, probe, school }: Props = $props();

  const work = slabWork();
  const { draft } = work;
  const planned = $derived(work.plan.preparations[at]!);
  const endC = $derived(endPointC(preparation)!);
  const altitudeM = $derived(work.shop.altitudeM ?? USUAL_SHOP.altitudeM);
  const target = $derived(targetHere(endC, altitudeM, probe ?? {}));
  const stage = $derived(stageAt(endC));
  const inside = $derived(endC >= stage.fromC - 1 && endC <= stage.toC + 1);
  const [least, most] = $derived(planned.massOutRangeG);
  const both = (celsius: number) => `${celsius.toFixed(1)} °C, ${fahrenheitOf(celsius).toFixed(0)} °F`;

  function set(celsius: number) {
    draft.change(
      withPreparation(draft.slab, at, { cookTo: { celsius, stage: preparation.cookTo?.stage } }),
      `${preparation.id} cook`,
    );
  }
</script>

<article class="panel" aria-label={preparation.name}>
  <div class="top">
    <h2>{preparation.name}</h2>
    <p class="figures here">
      {#if school === 'probe'}
        Stop at <b>{both(target.probeC)}</b>
        {#if probe}<span class="quiet">on the {probe.name}</span>{/if}
      {:else}
        <b>{stage.stage}</b>
        <span class="quiet">{stage.fromC}-{stage.toC} °C</span>
      {/if}
    </p>
  </div>
  <StageScale celsius={endC} onvalue={set} name={preparation.name} />
  <div class="two">
    <div>
      <div class="exact">
        <NumberField
          label="End point at the sea, °C"
          value={Number(endC.toFixed(1))}
          limits={slabLimits('preparations.cookTo.celsius')}
          name="{preparation.id} cook"
          typed={draft.typed}
          onvalue={(celsius) => celsius !== null && set(celsius)}
        />
        <p class="quiet figures">
          {both(target.seaC)} in the recipe{#if Math.abs(target.hereC - target.seaC) > 0.05}<br />{both(target.hereC)} in
            the pot at {altitudeM} m{/if}{#if probe && Math.abs(target.probeC - target.hereC) > 0.05}<br />{both(
              target.probeC,
            )} on this probe, which shows {Math.abs(target.probeC - target.hereC).toFixed(1)}
            {target.probeC > target.hereC ? 'too much' : 'too little'}{/if}
        </p>
      </div>
      <p>
        {#if planned.waterShare !== null}
          <b>{(planned.waterShare * 100).toFixed(0)} % water stays</b>: {stage.bite}{inside ? '' : ', nearly'}.
        {/if}
        {grams(planned.evaporatedG)} g boil off, {grams(planned.massOutG)} g come out ({grams(least)}-{grams(
          most,
        )}){#if planned.cooks > 1}, in {planned.cooks} equal cooks{/if}, in a pot of {(
          planned.vessel.volumeMl / 1000
        ).toFixed(1)} l.
      </p>
    </div>
    <div class="signs">
      <BallSign stage={stage.stage} />
      <p class:lead={school === 'cold water'}><span>In cold water</span>{stage.coldWater}.</p>
      <PotSign stage={stage.stage} />
      <p class:lead={school === 'by eye'}><span>By eye</span>{stage.byEye}.</p>
    </div>
  </div>
  <details>
    <summary>Stirring, and crystals on the wall</summary>
    <ul>
      {#each stirring(preparation, work.larder) as { phase, what, why } (phase)}<li>
          <b>{phase}: {what}.</b>
          {why}.
        </li>{/each}
      {#each wallCrystals(preparation, work.larder) as way (way)}<li>{way}.</li>{/each}
    </ul>
  </details>
  <p class="said">
    Boiling sugar is far hotter than water and sticks: gloves, a clear bench, nobody small at the pot, a bowl of cold
    water near. Hold a burn under cool running water.
  </p>
</article>

<style>
  article {
    padding: 0.7rem 0.9rem 0.8rem;
    margin-bottom: 0.7rem;
    display: grid;
    gap: 0.6rem;
  }

  .top {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: baseline;
    gap: 0.2rem 1rem;
  }

  .here b {
    font-size: 1.35rem;
  }

  .two {
    display: grid;
    grid-template-columns: minmax(0, 6fr) minmax(0, 5fr);
    gap: 1rem;
  }

  .exact {
    display: grid;
    grid-template-columns: 9.5rem 1fr;
    gap: 0.8rem;
    align-items: start;
    margin-bottom: 0.5rem;
  }

  .exact p {
    font-size: 0.88rem;
  }

  .signs {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0.7rem;
    align-content: start;
    align-items: start;
  }

  .signs p {
    font-size: 0.95rem;
  }

  .signs span {
    display: block;
    color: var(--quiet);
    font-size: 0.8rem;
    font-weight: 400;
  }

  .signs .lead {
    font-weight: 650;
    font-size: 1.1rem;
  }

  summary {
    cursor: pointer;
    min-height: 30px;
  }

  li {
    margin: 0.2rem 0 0.2rem 1rem;
    list-style: disc;
  }

  .said {
    font-size: 0.88rem;
    padding: 0.4rem 0.7rem;
  }

  @media (max-width: 700px) {
    .two {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
