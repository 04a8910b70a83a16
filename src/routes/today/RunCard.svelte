<!-- A run of the day: its progress, the current step, and steps that would wait too long. -->
<script lang="ts">
  import { ProgressBar } from 'carbon-components-svelte';
  import { stepInShort } from '$core/time';
  import { countdown } from '$lib/bench/clock';
  import type { RunFollower } from '$lib/run/runFollower.svelte';
  import { shopDates } from '$lib/format/shopDates';

  let { run }: { run: RunFollower } = $props();

  const dates = $derived(shopDates());
  const now = $derived(run.state.now);
  const isPlanned = $derived(run.events.length === 0);
  const shareDone = $derived(
    run.state.steps.filter(({ endedAt }) => endedAt !== null).length / Math.max(1, run.state.steps.length),
  );
</script>

<section class="panel card" aria-label={run.plan.name}>
  <h2><a href="/runs/{run.id}">{run.plan.name}</a></h2>
  <p class="quiet figures">
    {run.plan.lot}. {isPlanned
      ? `Begins ${dates.moment(Date.parse(run.plan.begin))}`
      : `Done at about ${dates.weekTime(run.state.endsAt)}`}{#if !isPlanned && run.state.lateMinutes >= 2}, {Math.round(
        run.state.lateMinutes,
      )} min later than planned{/if}
  </p>
  <ProgressBar size="sm" hideLabel labelText="Finished steps" value={shareDone * 100} max={100} />
  <p class="now">
    {#if now}
      <span>{stepInShort(now.step.text)}</span>
      <b class="figures">{now.status === 'under way' ? countdown(now.to - run.nowMs) : dates.weekTime(now.from)}</b>
    {:else}<span class="quiet">{run.state.byItself.length > 0 ? 'Unattended' : 'All steps done'}</span>{/if}
  </p>
  {#each run.state.dangers as danger (`${danger.step} ${danger.behind}`)}
    <p class="harm">
      {run.plan.steps.find(({ id }) => id === danger.step)?.text} would have to wait {Math.round(danger.waitsMinutes)} min
    </p>
  {/each}
</section>

<style>
  .card {
    padding: 0.8rem 1rem;
    display: grid;
    gap: 0.4rem;
    align-content: start;
    border-top: 4px solid var(--primary);
  }

  .now {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    font-size: 1.15rem;
  }

  .now b {
    font-size: 1.4rem;
    white-space: nowrap;
  }

  .card :global(.bx--progress-bar__track) {
    background: var(--sunk);
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  .harm {
    color: var(--harm);
  }
</style>
