<!-- Thickness readings of an uneven slab, and three cuts to compare by weight variation. -->
<script lang="ts">
  import { reasonText } from '$wording/problems';
  import { Button, Table } from 'carbon-components-svelte';
  import type { EvenWays, Reading } from '$core/cut';
  import type { CutSpec } from '$core/slab';
  import { evenSlab } from '$core/usecases';
  import { outlineAt } from '$core/tin';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import Notice from '$lib/ui/Notice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';

  /** A place of a thickness reading. */
  interface Place extends Omit<Reading, 'mm'> {
    readonly mm: number | null;
  }
  interface Props {
    cut: CutSpec;
    places: readonly Place[];
    onplaces: (places: readonly Place[]) => void;
    onchange: (part: Partial<CutSpec>, field: string) => void;
  }
  let { cut, places, onplaces, onchange }: Props = $props();

  const figures = $derived(shopFigures());
  const work = slabWork();
  const { draft } = work;
  const slab = $derived(work.plan.slabs[0]!);
  const found = $derived(
    cut.thicknessAt && cut.thicknessAt.length > 0
      ? evenSlab(draft.slab, work.larder, work.shop, { cut }, cut.thicknessAt)
      : null,
  );
  const ways = $derived(found?.ok ? found.value.ways : null);

  /** Nine places, well inside. */
  function offer() {
    const { lengthMm, widthMm } = outlineAt(slab.tin, slab.slab.heightMm / 2);
    const at = (whole: number, i: number) => Math.round(whole * (0.15 + 0.35 * i));
    onplaces(
      Array.from({ length: 9 }, (_, i) => ({
        xMm: at(lengthMm, i % 3),
        yMm: at(widthMm, Math.floor(i / 3)),
        mm: null,
      })),
    );
  }
  const half = (mm: number) => Math.round(mm * 2) / 2;

  function take(way: keyof EvenWays['ways']) {
    const { linesMm, strips } = ways![way].cut;
    onchange(
      {
        linesMm: linesMm && { length: linesMm.length?.map(half), width: linesMm.width?.map(half) },
        strips: strips?.map((strip) => ({
          ...strip,
          atMm: half(strip.atMm),
          widthMm: half(strip.atMm + strip.widthMm) - half(strip.atMm),
          linesMm: strip.linesMm.map(half),
        })),
      },
      'even',
    );
  }
  const WAYS = [
    ['size', 'Equal sizes'],
    ['through', 'Straight cuts, adjusted strips both ways'],
    ['strips', 'Each strip cut separately'],
  ] as const;
</script>

<p class="quiet">
  Push a thin skewer in at a few places and enter the depths. Tap the drawing to add a place. The cuts then give equal
  weights.
</p>
<p class="row">
  <Button size="small" kind="tertiary" on:click={offer}>Use nine places</Button>
  {#if places.length > 0}
    <Button size="small" kind="ghost" on:click={() => onplaces([])}>Clear all: the slab is level</Button>
  {/if}
</p>
{#if places.length > 0}
  <ul>
    {#each places as { xMm, yMm, mm }, at (`${xMm} ${yMm} ${at}`)}
      <li>
        <NumberField
          label="{figures.length.figure(xMm)} from the left, {figures.length.figure(yMm)} from the front"
          quantity="length"
          value={mm}
          limits={slabLimits('cut.thicknessAt.mm')}
          name="reading {at}"
          typed={draft.typed}
          onvalue={(value) => onplaces(places.map((place, i) => (i === at ? { ...place, mm: value } : place)))}
        />
      </li>
    {/each}
  </ul>
{/if}
{#if found && !found.ok}<Notice
    harm
    problems={found.problems.map((problem) => ({ message: reasonText(problem) }))}
  />{/if}
{#if ways && found?.ok}
  <p class="quiet">Surface: {found.value.surface.terms === 'quadratic' ? 'curved' : found.value.surface.terms}.</p>
  <Table size="compact" class="table">
    <thead
      ><tr
        ><th>Cut</th><th class="num">Each, {figures.mass.unit}</th><th class="num">Variation</th><th
          ><span class="unseen">Choose</span></th
        ></tr
      ></thead
    >
    <tbody>
      {#each WAYS as [way, words] (way)}
        {@const masses = ways[way].massesG.flat()}
        <tr>
          <td>{words}</td>
          <td class="num">{figures.mass.figure(Math.min(...masses))}-{figures.mass.figure(Math.max(...masses))}</td>
          <td class="num">{(ways[way].massVariation * 100).toFixed(1)} %</td>
          <td
            ><Button size="small" kind="ghost" on:click={() => take(way)} aria-label="Use this cut: {words}"
              >Use this cut</Button
            ></td
          >
        </tr>
      {/each}
    </tbody>
  </Table>
{/if}

<style>
  .row {
    display: flex;
    gap: 0.6rem;
    margin: 0.4rem 0;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.5rem;
    margin-bottom: 0.6rem;
  }
</style>
