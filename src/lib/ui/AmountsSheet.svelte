<!-- Printed sheet: the amounts of every mixture and the layers. For A4 and Letter. -->
<script lang="ts">
  import { allergenText } from '$wording/allergens';
  import type { AllergenStatement } from '$core/larder';
  import { cutText } from '$wording/cut';
  import { stepText } from '$wording/steps';
  import { isByScale } from '$core/measure';
  import { UNCUT, type Plan } from '$core/usecases';
  import type { Shop } from '$core/shop';
  import { isBoiled } from '$core/classify';
  import { endPointC, expandDividedLines, type Slab } from '$core/slab';
  import { tinInWords } from '$core/tin';
  import { USUAL_SHOP } from '$core/shop';
  import { targetHere } from '$core/sugar';
  import { stepsOf } from '$core/time';
  import { formatDuration } from '$lib/format/figures';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    slab: Slab;
    plan: Plan;
    shop: Shop;
    /** The saved version, and whether it has unsaved changes. */
    version: number;
    isChanged: boolean;
    allergens: AllergenStatement;
  }
  let { slab: written, plan, shop, version, isChanged, allergens }: Props = $props();

  const figures = $derived(shopFigures());
  const marks = (at: readonly number[]) => at.map((mark) => figures.length.figure(mark)).join(', ');
  /** Day of printing in the shop's locale. */
  const today = shopDates().longDay(new Date().toLocaleDateString('sv'));
  const probe = $derived(shop.probes?.[0]);
  /** End point at the shop's altitude, and on its first thermometer. */
  const stopAt = (celsius: number) => {
    const { hereC, probeC } = targetHere(
      celsius,
      shop.altitudeM ?? USUAL_SHOP.altitudeM,
      probe ?? {},
      shop.roomC ?? USUAL_SHOP.roomC,
    );
    const onProbe =
      probe && Math.abs(probeC - hereC) > 0.05 ? `, ${figures.temperature.say(probeC, 1)} on the ${probe.name}` : '';
    return `cook to ${figures.bothTemperatures(hereC)}${onProbe}`;
  };
  const slab = $derived(expandDividedLines(written));

  const hot = $derived(slab.preparations.some((preparation) => isBoiled(preparation)));
  const egg = $derived(slab.preparations.some(({ lines }) => lines.some(({ ingredient }) => /egg/i.test(ingredient))));
</script>

<div class="sheet" aria-hidden="true">
  <div class="title">
    <div class="h">{slab.name}</div>
    <p>
      {#each plan.slabs as { tin, count }, i (i)}{count > 1 ? `${count} x ` : ''}{tinInWords(tin, figures)}.
      {/each}
      {cutText(slab.cut ?? UNCUT, plan.cut, figures)}, {figures.length.say(plan.slab.heightMm)} high. {shop.name}, {today},
      version {version}{isChanged ? ', with unsaved changes' : ''}. {allergenText(allergens)} Shared boards and knives carry
      traces.
    </p>
  </div>
  {#each slab.preparations as preparation, p (preparation.id)}
    {@const planned = plan.preparations[p]!}
    <div class="preparation">
      <div class="h2">
        {preparation.name}{#if planned.batches > 1}, in {planned.batches} equal boils{/if}
        <span
          >makes {figures.mass.say(planned.massOutG)}{#if endPointC(preparation) !== null}, {stopAt(
              endPointC(preparation)!,
            )}{/if}</span
        >
      </div>
      <table>
        <tbody>
          {#each preparation.lines as line, l (l)}
            {@const amount = planned.lines[l]!}
            {#if line.quantity > 0}<tr>
                <td class="box">☐</td>
                <td>{line.ingredient}{line.state ? `, ${line.state}` : ''}</td>
                <td class="num">{amount.massG === null ? 'weight unknown' : figures.mass.say(amount.massG)}</td>
                <td class="num">{isByScale(amount.measured) ? '' : amount.measured}</td>
              </tr>{/if}
          {/each}
        </tbody>
      </table>
      <ol>
        {#each stepsOf(preparation) as { id, title, minutes, ovenC } (id)}<li>
            {stepText(title, figures)}, {formatDuration(minutes)}{ovenC === undefined
              ? ''
              : ` at ${figures.temperature.say(ovenC)}`}
          </li>{/each}
      </ol>
    </div>
  {/each}
  {#each plan.slabs as made, i (i)}
    <div class="preparation">
      <div class="h2">
        Layers, from the bottom{plan.slabs.length > 1 || made.count > 1
          ? `, in each of ${made.count} x ${tinInWords(made.sheet ?? made.tin, figures)}`
          : ''}
      </div>
      <table>
        <tbody>
          {#each made.layers as layer (layer.id)}
            <tr>
              <td class="box">☐</td>
              <td>{layer.name}</td>
              <td class="num">{figures.mass.say(layer.massG)}</td>
              <td class="num">{layer.thicknessMm > 0 ? figures.length.say(layer.thicknessMm) : ''}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  {/each}
  {#if plan.cut.marksMm.length.length + plan.cut.marksMm.width.length > 0}
    <p>
      Cut marks, {figures.length.unit}, from the left: {marks(plan.cut.marksMm.length)}. From the front: {marks(
        plan.cut.marksMm.width,
      )}.
    </p>
  {/if}
  {#if hot}<p>
      Risk of burns: boiling sugar sticks to skin. Wear gloves, clear the bench, and keep cold water close by. Cool a
      burn under running water.
    </p>{/if}
  {#if egg}<p>Egg that is not fully cooked: use pasteurised egg, and follow your local food rules.</p>{/if}
</div>

<style>
  .sheet {
    display: none;
  }

  @media print {
    @page {
      margin: 14mm;
    }

    :global(html),
    :global(body) {
      background: #fff;
    }

    .sheet {
      display: block;
      color: #000;
      background: #fff;
      font-size: 11pt;
      line-height: 1.3;
    }

    .h {
      font-family: var(--display);
      font-size: 20pt;
      font-weight: 700;
    }

    .h2 {
      font-weight: 700;
      border-bottom: 1.5pt solid #000;
      display: flex;
      justify-content: space-between;
      margin-top: 4mm;
    }

    .h2 span {
      font-weight: 400;
    }

    ol {
      margin: 1mm 0 0 5mm;
      font-size: 10pt;
      list-style: decimal;
    }

    .preparation {
      break-inside: avoid;
    }

    table {
      width: 100%;
      border-collapse: collapse;
    }

    td {
      padding: 0.8mm 1mm;
      border-bottom: 0.5pt solid #999;
    }

    .box {
      width: 7mm;
    }

    .num {
      text-align: right;
      width: 30mm;
      white-space: nowrap;
    }

    p {
      margin-top: 3mm;
    }
  }
</style>
