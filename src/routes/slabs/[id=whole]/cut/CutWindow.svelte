<!-- When to cut, or when to score and snap. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import type { CutSpec } from '$core/slab';
  import { formatDuration } from '$lib/format/figures';
  import { namedIngredients } from '$lib/draft/namedIngredients';
  import { NewestAnswer } from '$lib/workers/newestAnswer';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import type { KnifeAnswer, KnifeQuestion } from '$lib/workers/knife.worker';
  import { cutLimitText } from '$wording/setting';
  import KnifeWorker from '$lib/workers/knife.worker?worker';

  let { cut }: { cut: CutSpec } = $props();

  const figures = $derived(shopFigures());
  const work = slabWork();
  const slab = $derived({ ...work.draft.slab, cut });
  const byHand = $derived(cut.way === 'break');
  let answer = $state.raw<KnifeAnswer | null>(null);
  let hasFailed = $state(false);
  const worker = new NewestAnswer<KnifeQuestion, KnifeAnswer>(
    () => new KnifeWorker(),
    () => (hasFailed = true),
  );
  /** A dragged line asks only when it rests. */
  const WAIT_MS = 400;
  $effect(() => {
    const question: KnifeQuestion = $state.snapshot({
      slab,
      ingredients: namedIngredients(slab, work.larder),
      shop: work.shop,
    }) as KnifeQuestion;
    hasFailed = false;
    const timer = setTimeout(() => worker.ask(question, (found) => ((answer = found), 'done')), WAIT_MS);
    return () => clearTimeout(timer);
  });
  onDestroy(() => worker.close());

  const when = $derived.by(() => {
    const setting = answer?.setting;
    if (hasFailed) return 'The cutting time could not be calculated. Reload the page to try again.';
    if (!answer) return 'Calculating the cutting time…';
    if (!setting || setting.cutWindow.fromMinutes === null) return 'Will not set here. See Set.';
    const from = formatDuration(setting.cutWindow.fromMinutes);
    if (byHand) return `Ready to break ${from} after the first layer goes in, when it snaps cleanly.`;
    return `Ready to cut about ${from} after the first layer goes in. ${cutLimitText(setting, formatDuration)}`;
  });
  const score = $derived(cut.tool === 'score and snap' ? answer?.score : null);
</script>

{#if score}
  <p class="figures" role="status">
    {#if score.fromMinutes === null}{score.layer} does not get cold enough to score here. See Set.{:else}Score {score.layer}
      to a third of its depth, from <b>{formatDuration(score.fromMinutes)}</b> to
      <b>{formatDuration(score.toMinutes ?? score.fromMinutes)}</b> after the first layer goes in{#if score.snapFromMinutes !== null},
        and snap it after <b>{formatDuration(score.snapFromMinutes)}</b>{/if}.{/if}
  </p>
  <p class="quiet figures">
    About {score.brokenCount} of {score.count} pieces are likely to break off the line: {figures.mass.say(
      score.brokenG,
    )} of shards. This is a rule of thumb.
  </p>
{:else}
  <p class="figures" role="status">{when}</p>
{/if}

<style>
  p {
    font-size: 0.92rem;
  }
</style>
