<!-- Finishes after cutting: amounts per piece and in the bowl, racks needed, and the order of work. -->
<script lang="ts">
  import { finishMinutes, piecesOnSheet, toTemperG } from '$core/cut';
  import { isFinish } from '$core/scale';
  import { asTin, isSheet, outlineAt } from '$core/tin';
  import { formatDuration } from '$lib/format/figures';
  import type { Spread } from '$core/slab';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';

  const USUAL_RACK = { lengthMm: 400, widthMm: 300 } as const;
  const figures = $derived(shopFigures());
  const work = slabWork();
  const pieces = $derived(work.plan.cut.pieces.reduce((sum, { count }) => sum + count, 0));
  const finishes = $derived(
    work.draft.slab.layers.flatMap((layer, at) =>
      isFinish(layer) ? [{ ...layer, massG: work.plan.layers[at]?.massG ?? 0 }] : [],
    ),
  );
  const coats = $derived(finishes.some(({ spread }) => spread === 'coat'));
  const [piece] = $derived(work.plan.cut.pieces);
  /** Where pieces are set down: the largest sheet of the shop's rack, otherwise a typical one. */
  const sheet = $derived(
    (work.shop.rack ?? [])
      .map(({ name, tin }) => ({ name, tin }))
      .filter(({ tin }) => isSheet(tin))
      .map(({ name, tin }) => ({ name, outline: outlineAt(asTin(tin), 0) }))
      .sort((a, b) => b.outline.lengthMm * b.outline.widthMm - a.outline.lengthMm * a.outline.widthMm)[0] ?? {
      name: 'A rack',
      outline: USUAL_RACK,
    },
  );
  const onSheet = $derived(piece ? piecesOnSheet(sheet.outline, piece) : 0);
  const minutes = $derived(
    finishes.reduce((sum, { spread }) => sum + finishMinutes(spread === 'coat' ? 'coat' : 'per-piece', pieces)[1], 0),
  );
  const ON: Partial<Record<Spread, string>> = { coat: 'all round', 'per-piece': 'on each piece' };
</script>

<ul>
  {#each finishes as { id, name, spread, massG } (id)}
    <li class="figures">
      <b>{name}</b>, {ON[spread] ?? 'over the pieces'}: {figures.mass.say(massG)} on {pieces} pieces, {figures.mass.say(
        pieces > 0 ? massG / pieces : 0,
      )} each{#if spread === 'coat'}. Temper <b>{figures.mass.say(toTemperG(massG))}</b> so that the last piece can still
        be dipped{/if}.
    </li>
  {/each}
</ul>
<p class="figures">
  {#if onSheet > 0}
    {sheet.name} ({figures.size(sheet.outline.lengthMm, sheet.outline.widthMm)}) holds <b>{onSheet}</b> pieces a finger
    apart. Have <b>{Math.ceil(pieces / onSheet)}</b> ready.
  {/if}
  Takes about {formatDuration(minutes)}.
</p>
{#if coats}
  <ol>
    <li>
      Brush the base of the slab with chocolate before you cut it, and let that half set. It protects the corners.
    </li>
    <li>Cut, separate the pieces, and let the cut faces dry for a few minutes.</li>
    <li>
      Dip, tap off the excess, and set the pieces down on paper from the far end towards you, so that you never reach
      over wet ones.
    </li>
    <li>Add scattered toppings while the coat is wet, a few pieces at a time.</li>
  </ol>
{/if}

<style>
  ol {
    margin-top: 0.4rem;
  }

  ol li {
    list-style: decimal;
    margin-left: 1.2rem;
    font-size: 0.92rem;
  }
</style>
