<!-- Notices at the bench: the connection to the server, the clock, and layers that differ from the plan. -->
<script lang="ts">
  import type { RunToLog } from '$core/usecases';
  import { runRecord } from '$core/run';
  import { onMount } from 'svelte';
  import type { RunFollower } from '$lib/run/runFollower.svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  import { page } from '$app/state';
  import ClockNotice from './ClockNotice.svelte';
  import RefusedNotice from './RefusedNotice.svelte';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    followers: readonly RunFollower[];
    /** Whether the server answers, and how many entries are waiting. */
    isReached: boolean;
    waiting: number;
    /** The run shown. */
    follower: RunFollower;
    /** Its snapshot. */
    begun: RunToLog;
  }
  let { followers, isReached, waiting, follower, begun }: Props = $props();

  const figures = $derived(shopFigures());
  /** Layers calculated from the amounts weighed. Calculated here, so that it works offline. */
  let asMade = $state.raw<typeof import('$core/usecases/asMade') | null>(null);
  let larderOf = $state.raw<(typeof import('$core/larder'))['larderOf'] | null>(null);
  onMount(() => {
    void import('$core/usecases/asMade').then((found) => (asMade = found));
    void import('$core/larder').then((found) => (larderOf = found.larderOf));
  });
  const effects = $derived.by(() => {
    const record = runRecord(follower.plan, follower.events);
    const isAsPlanned = record.lines.every(({ weighedG, changedG }) => weighedG === null && changedG === 0);
    if (!asMade || !larderOf || (record.tins === null && isAsPlanned)) return [];
    const made = asMade.planAsMade(begun.slab, larderOf(begun.ingredients), begun.shop, record);
    return asMade.layerEffects(follower.plan, made);
  });
  const refused = $derived(
    followers.filter((followed) => followed.refused.events.length + followed.refused.photos.length > 0),
  );
  const needsSignIn = $derived(followers.some((followed) => followed.needsSignIn));
  const clockOffsetMs = $derived(followers.find((followed) => followed.clockOffsetMs !== 0)?.clockOffsetMs ?? 0);
</script>

{#if !isReached}
  <Notice>
    The server does not answer. Keep working: {waiting}
    {waiting === 1 ? 'entry is' : 'entries are'} stored on this device and will be sent when it does.
  </Notice>
{/if}
{#if needsSignIn}
  <Notice harm>
    Sign in to send the entries stored on this device. Nothing is lost. <a
      href="/enter?to={encodeURIComponent(page.url.pathname)}">Sign in</a
    >
  </Notice>
{/if}
{#if clockOffsetMs !== 0}<ClockNotice offsetMs={clockOffsetMs} />{/if}
{#each refused as followed (followed.id)}<RefusedNotice {followed} />{/each}
{#each effects as { layer, name, plannedMm, madeMm } (layer)}
  <Notice>{name} will be {figures.length.say(madeMm)} thick instead of {figures.length.say(plannedMm)}.</Notice>
{/each}
