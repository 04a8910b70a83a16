<!-- Result of a run: planned and actual figures, notes, likely causes of faults, and changes for next time. -->
<script lang="ts">
  import { changeText } from '$wording/history';
  import { Button } from 'carbon-components-svelte';
  import { onMount, untrack } from 'svelte';
  import { runRecord } from '$core/run';
  import RefusedNotice from '$lib/bench/RefusedNotice.svelte';
  import { RunFollower } from '$lib/run/runFollower.svelte';
  import { followRuns } from '$lib/run/runStream';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import WaitFor from '$lib/ui/WaitFor.svelte';
  import HowLink from '$lib/ui/HowLink.svelte';
  import NextTime from '$lib/bench/NextTime.svelte';
  import BoilCurve from './BoilCurve.svelte';
  import RunNotes from './RunNotes.svelte';
  import StepsDrawn from './StepsDrawn.svelte';
  import RunResult from './RunResult.svelte';
  import LikelyCauses from './LikelyCauses.svelte';

  let { data } = $props();

  const follower = untrack(() => new RunFollower(data.run.id, data.run.plan, data.events));
  onMount(() => {
    if (follower.state.status === 'open') return followRuns([follower], data.last);
    // A finished run changes only here.
    void follower.start();
    return () => follower.close();
  });
  const { plan } = follower;
  const figures = $derived(shopFigures());
  const dates = $derived(shopDates());
  const record = $derived(runRecord(plan, follower.events));
  const beginMs = Date.parse(plan.begin);
  const changed = $derived(
    record.lines.filter(
      ({ massG, massInG }) => massG !== null && massInG !== null && Math.abs(massInG - massG) > 0.02 * massG,
    ),
  );
  const weighedCount = $derived(record.lines.filter(({ weighedG }) => weighedG !== null).length);
  const potName = (id: string) => plan.pots.find(({ preparation }) => preparation === id)?.name ?? id;
</script>

<svelte:head><title>{plan.name}, {plan.lot} - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <div>
      <h1>{plan.name}</h1>
      <p class="quiet figures">
        Lot {plan.lot}, version {plan.version}, {dates.moment(record.begunAt)}.
        {record.status === 'open' ? 'In progress.' : record.status === 'stopped' ? 'Stopped.' : 'Finished.'}
        {#if data.versions.length > 0}Its changes are in version {data.versions.join(' and ')}.{/if}
      </p>
    </div>
    <div class="acts">
      {#if record.status === 'open'}<Button size="small" href="/runs/{data.run.id}">Go to bench</Button>{/if}
      <Button size="small" kind="tertiary" href="/slabs/{data.run.slabId}/history?run={data.run.id}"
        >Changes for the next version</Button
      >
      <Button
        size="small"
        kind="ghost"
        href="/slabs/{data.run.slabId}/label?lot={plan.lot}&madeOn={plan.begin.slice(0, 10)}">Label</Button
      >
      <Button size="small" kind="ghost" href="/api/runs/{data.run.id}/log.csv" download="{plan.lot}.csv"
        >Export CSV</Button
      >
      <Button size="small" kind="ghost" href="/api/runs/{data.run.id}" download="{plan.lot}.json">Export JSON</Button>
    </div>
  </div>
  {#if follower.refused.events.length + follower.refused.photos.length > 0}<RefusedNotice followed={follower} />{/if}

  <div class="two">
    <section class="panel" aria-labelledby="steps">
      <h2 id="steps">Steps</h2>
      <StepsDrawn steps={record.steps} {beginMs} timeOf={(ms) => dates.clock(ms)} />
    </section>
    <section class="panel" aria-labelledby="figures">
      <h2 id="figures">Result</h2>
      {#if data.outcome}<RunResult {plan} {record} outcome={data.outcome} />{:else}<WaitFor />{/if}
    </section>
  </div>

  <div class="two even">
    <section class="panel" aria-labelledby="boil">
      <h2 id="boil">Temperatures</h2>
      {#each record.curves as curve (curve.step)}
        <BoilCurve {curve} name={potName(curve.preparation)} />
      {:else}
        <p class="quiet">This slab has no boil.</p>
      {/each}
      <h2>Amounts</h2>
      {#if changed.length === 0}
        <p class="quiet">
          {#if weighedCount === 0}No amounts were recorded.
          {:else if weighedCount < record.lines.length}
            The {weighedCount} recorded amounts are within 2 % of the plan. The other {record.lines.length -
              weighedCount}
            were not recorded.
          {:else}All amounts are within 2 % of the plan.{/if}
        </p>
      {:else}
        <ul class="amounts">
          {#each changed as { preparation, line, ingredient, massG, massInG, why } (`${preparation} ${line}`)}
            <li>
              <b class="figures">{figures.mass.say(massInG!)}</b>
              {ingredient} instead of <span class="figures">{figures.mass.say(massG!)}</span> in {potName(
                preparation,
              )}{#if why}:
                {why}{/if}
            </li>
          {/each}
        </ul>
      {/if}
      {#if record.lots.length > 0}
        <h2>Lots</h2>
        <ul class="amounts">
          {#each record.lots as { id, ingredient, lot } (id)}
            <li><a href="/lots?find={encodeURIComponent(lot)}">{lot}</a> {ingredient}</li>
          {/each}
        </ul>
      {/if}
    </section>
    <section class="panel" aria-labelledby="wrong">
      <div class="title">
        <h2 id="wrong">What went wrong</h2>
        <HowLink to="bench-and-history" />
      </div>
      <LikelyCauses slab={data.run.slabId} run={data.run.id} layers={data.slab.layers} />
    </section>
  </div>

  <div class="two even">
    <section class="panel" aria-labelledby="said">
      <h2 id="said">Notes</h2>
      <RunNotes run={data.run.id} {record} onnote={(text) => follower.happened({ kind: 'note', text })} />
    </section>
    <section class="panel" aria-labelledby="next">
      <h2 id="next">What to change next time</h2>
      <ul class="said">
        {#each record.nextTime as { id, change, why } (id)}
          <li><b>{changeText(change, data.slab, figures)}</b> <span class="quiet">{why}</span></li>
        {/each}
      </ul>
      <NextTime
        {plan}
        rack={data.rack}
        onnote={(change, why) => follower.happened({ kind: 'next-time', change, why })}
      />
    </section>
  </div>
</div>

<style>
  .acts {
    margin-left: auto;
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }

  .two {
    display: grid;
    grid-template-columns: minmax(0, 1.7fr) minmax(0, 1fr);
    gap: 0.8rem;
    margin-bottom: 0.8rem;
    align-items: start;
  }

  .even {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }

  .panel {
    padding: 0.7rem 0.9rem;
  }

  h2 {
    font-size: 1.05rem;
    font-weight: 650;
    margin-bottom: 0.3rem;
  }

  h2:not(:first-child) {
    margin-top: 0.8rem;
  }

  .title {
    display: flex;
    align-items: center;
  }

  .amounts li,
  .said li {
    padding: 0.25rem 0;
    border-bottom: 1px solid var(--rule);
  }

  .said {
    margin-bottom: 0.6rem;
  }

  .amounts a {
    display: inline-block;
    padding: 0.15rem 0;
  }

  @media (max-width: 900px) {
    .two {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
