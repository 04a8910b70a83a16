<!-- The drafted label: what its rules have printed. -->
<script lang="ts">
  import { isUnitedStates, PROFILE_FACTS, type LabelPart } from '$core/label';
  import type { LabelSheet } from '$core/shop';
  import type { LabelDraft } from '$core/usecases';
  import { allergenLines, bestBeforeText, DRAFT_TEXT, keepText, labelDay } from '$wording/label';
  import { netText } from '$wording/labelTable';
  import Bold from './Bold.svelte';
  import FactsPanel from './FactsPanel.svelte';
  import NutritionTable from './NutritionTable.svelte';

  interface Props {
    label: LabelDraft;
    sheet: LabelSheet;
  }
  let { label, sheet }: Props = $props();

  const { profile } = $derived(label);
  const { parts } = $derived(PROFILE_FACTS[profile]);
  const has = (part: LabelPart) => parts.includes(part);
</script>

<article aria-label="The label" title="Printed on labels of {sheet.widthMm} x {sheet.heightMm} mm">
  <h2>{label.name}</h2>
  {#if has('ingredients')}<p><b>Ingredients:</b> <Bold text={label.text} />.</p>{/if}
  {#each allergenLines(label) as line (line)}<p><Bold text={line} /></p>{/each}
  <div class="foot" class:both={has('nutrition')}>
    {#if has('nutrition')}
      {#if isUnitedStates(profile)}<FactsPanel {label} />{:else}<NutritionTable {label} />{/if}
    {/if}
    <div>
      {#if has('net')}<p class="net"><b>{netText(label.netG, profile)}</b></p>{/if}
      {#if has('best-before')}
        <p>{bestBeforeText(profile)} <b>{label.bestBefore ? labelDay(label.bestBefore, profile) : '?'}</b></p>
      {/if}
      {#if has('lot')}<p>Lot {label.lot}</p>{/if}
      {#if has('storage')}<p>{keepText(label.keeping.place)}.</p>{/if}
      {#if has('address')}<p>{label.address || 'Name and address of the shop'}</p>{/if}
    </div>
  </div>
  <p class="draft">{DRAFT_TEXT}</p>
</article>

<style>
  article {
    display: flex;
    flex-direction: column;
    gap: 0.45rem;
    padding: 0.8rem 0.9rem;
    background: #ffffff;
    color: #201b18;
    border: 1px solid var(--steel);
    font-size: 0.86rem;
    line-height: 1.3;
  }

  h2 {
    font-family: var(--body);
    font-size: 1.1rem;
    font-weight: 750;
  }

  b {
    font-weight: 750;
  }

  .foot.both {
    display: grid;
    grid-template-columns: minmax(0, 1.5fr) minmax(9.5rem, 1fr);
    gap: 0.9rem;
    align-items: end;
  }

  .net {
    font-size: 1rem;
  }

  .draft {
    border-top: 1px solid #8d9aa2;
    padding-top: 0.25rem;
    font-size: 0.76rem;
    color: #4c565c;
  }

  @media (max-width: 759px) {
    .foot.both {
      grid-template-columns: 1fr;
    }
  }
</style>
