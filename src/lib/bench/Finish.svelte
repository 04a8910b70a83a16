<!-- Shown when all steps are done: enter the result with large buttons and finish the run. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { Happening, RunPlan } from '$core/run';
  import { shopFigures } from '$lib/format/shopFigures';
  import BenchScale from '$lib/ui/BenchScale.svelte';
  import Choices from './Choices.svelte';

  interface Props {
    plan: RunPlan;
    onnote: (...happenings: Happening[]) => void;
  }
  let { plan, onnote }: Props = $props();

  const figures = $derived(shopFigures());
  const WHY = ['a corner broke', 'stuck', 'cracked', 'too light', 'looks wrong'] as const;
  const SPREAD = 0.05;

  let rejects = $state(0);
  let why: (typeof WHY)[number] | null = $state(null);
  let each: readonly number[] = $state.raw([]);
  const good = $derived(Math.max(0, plan.pieces - rejects));
  const meanG = $derived(each.length > 0 ? each.reduce((sum, g) => sum + g, 0) / each.length : plan.pieceG);

  function finish() {
    const weighed = each.filter((g) => g > 0).map((g) => Math.round(g * 10) / 10);
    onnote(
      { kind: 'pieces', count: good, ...(weighed.length > 0 ? { each: weighed } : {}) },
      ...(rejects > 0 ? [{ kind: 'rejects', count: rejects, why: why ?? undefined } as const] : []),
      { kind: 'finished' },
    );
  }
</script>

<section class="panel" aria-label="Result">
  <h2>All steps are done. How many pieces are good?</h2>
  <div class="counts">
    <p><span class="quiet">Good pieces</span> <b class="figures">{good}</b></p>
    <p><span class="quiet">Rejects</span> <b class="figures">{rejects}</b></p>
    <div class="more">
      <button type="button" disabled={rejects === 0} onclick={() => (rejects -= 1)}>One fewer reject</button>
      <button type="button" disabled={rejects >= plan.pieces} onclick={() => (rejects += 1)}>One more reject</button>
    </div>
  </div>
  {#if rejects > 0}
    <Choices
      label="Reason for rejecting"
      choices={WHY.map((id) => ({ id, text: id }))}
      chosen={why}
      onchoose={(id) => (why = id)}
    />
  {/if}
  <BenchScale aimG={plan.pieceG} spread={SPREAD} onweighed={(masses) => (each = masses)} onbegin={() => (each = [])} />
  {#if each.length > 0}
    <p class="figures">
      {each.length} weighed, {figures.mass.say(meanG, 1)} on average, planned {figures.mass.say(plan.pieceG)}.
    </p>
  {/if}
  <Button class="finish" on:click={finish}>Finish run</Button>
</section>

<style>
  section {
    display: grid;
    gap: 0.8rem;
    padding: 1.2rem 1.4rem;
  }

  h2 {
    font-size: 1.6rem;
    font-weight: 650;
  }

  .counts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem 2rem;
    align-items: center;
  }

  .counts b {
    font-size: 2.4rem;
    margin-left: 0.4rem;
  }

  .more {
    display: flex;
    gap: 8px;
  }

  button {
    min-height: 60px;
    padding: 0 1rem;
    border: 1px solid var(--rule-strong);
    background: var(--panel);
    color: var(--ink);
    font: inherit;
    font-size: 1.1rem;
    cursor: pointer;
  }

  button:disabled {
    color: var(--quiet);
    cursor: default;
  }
</style>
