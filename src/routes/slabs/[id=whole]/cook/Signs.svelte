<!-- Signs of a sugar stage without a thermometer: in cold water, and by eye. -->
<script lang="ts">
  import { stageAt } from '$core/sugar';
  import { STAGE_SIGNS } from '$wording/sugar';
  import BallSign from './BallSign.svelte';
  import PotSign from './PotSign.svelte';

  let { celsius, school }: { celsius: number; school: 'probe' | 'cold water' | 'by eye' } = $props();

  const stage = $derived(stageAt(celsius));
</script>

<div class="signs">
  <BallSign stage={stage.stage} />
  <p class:lead={school === 'cold water'}><span>In cold water</span>{STAGE_SIGNS[stage.stage].coldWater}.</p>
  <PotSign stage={stage.stage} />
  <p class:lead={school === 'by eye'}><span>By eye</span>{STAGE_SIGNS[stage.stage].byEye}.</p>
</div>

<style>
  .signs {
    display: grid;
    grid-template-columns: max-content 1fr max-content 1fr;
    gap: 0.8rem;
    align-items: center;
    flex: none;
    padding-top: 0.5rem;
  }

  p {
    font-size: 0.92rem;
    line-height: 1.3;
  }

  span {
    display: block;
    color: var(--quiet);
    font-size: 0.8rem;
    font-weight: 400;
  }

  .lead {
    font-weight: 650;
    font-size: 1.02rem;
  }

  @media (max-width: 759px) {
    .signs {
      display: none;
    }

    :global(.expanded) .signs {
      display: grid;
      grid-template-columns: max-content 1fr;
    }
  }
</style>
