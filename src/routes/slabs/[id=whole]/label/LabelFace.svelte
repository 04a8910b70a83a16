<!-- The drafted label, in the size of the shop's labels. -->
<script lang="ts">
  import { keepText } from '$wording/label';
  import { netText, nutritionRows } from '$wording/labelTable';
  import {} from '$core/label';
  import type { LabelSheet } from '$core/shop';
  import type { LabelDraft } from '$core/usecases';
  import { allergenWords, BEST_BEFORE, DRAFT } from '$lib/format/labelText';
  import { shopDates } from '$lib/format/shopDates';
  import Bold from './Bold.svelte';

  interface Props {
    label: LabelDraft;
    sheet: LabelSheet;
  }
  let { label, sheet }: Props = $props();

  const dates = $derived(shopDates());
  const { profile } = $derived(label);
  const rows = $derived(nutritionRows(label.nutrition, label.pieceG, profile));
</script>

<article aria-label="The label" style:aspect-ratio="{sheet.widthMm} / {sheet.heightMm}">
  <h2>{label.name}</h2>
  <p><b>Ingredients:</b> <Bold text={label.text} />.</p>
  {#each allergenWords(label) as words (words)}<p><Bold text={words} /></p>{/each}
  <div class="foot">
    <table>
      <thead><tr><th>{profile === 'eu' ? 'Nutrition' : 'Nutrition facts'}</th><th>100 g</th><th>a piece</th></tr></thead
      >
      <tbody>
        {#each rows as { name, per, each, isPart } (name)}
          <tr><td class:isPart>{name}</td><td>{per}</td><td>{each}</td></tr>
        {/each}
      </tbody>
    </table>
    <div>
      <p class="net"><b>{netText(label.netG, profile)}</b></p>
      <p>{BEST_BEFORE[profile]} <b>{label.bestBefore ? dates.day(label.bestBefore) : '?'}</b></p>
      <p>Lot {label.lot}</p>
      <p>{keepText(label.keeping.place)}.</p>
      <p>{label.address || 'Name and address of the shop'}</p>
    </div>
  </div>
  <p class="draft">{DRAFT}</p>
</article>

<style>
  article {
    display: flex;
    flex-direction: column;
    gap: 0.35rem;
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

  .foot {
    display: grid;
    grid-template-columns: minmax(0, 1.5fr) minmax(9.5rem, 1fr);
    gap: 0.9rem;
    margin-top: auto;
    align-items: end;
  }

  .net {
    font-size: 1rem;
  }

  table {
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
    font-size: 0.78rem;
  }

  th {
    text-align: left;
    border-bottom: 1.5px solid #201b18;
    font-weight: 700;
  }

  td,
  th {
    padding: 0.05rem 0.3rem 0.05rem 0;
  }

  td:nth-child(n + 2),
  th:nth-child(n + 2) {
    text-align: right;
  }

  td:first-child {
    white-space: nowrap;
  }

  .isPart {
    padding-left: 0.7rem;
  }

  @media (max-width: 759px) {
    article {
      aspect-ratio: auto !important;
    }

    .foot {
      grid-template-columns: 1fr;
    }
  }

  .draft {
    border-top: 1px solid #8d9aa2;
    padding-top: 0.25rem;
    font-size: 0.76rem;
    color: #4c565c;
  }
</style>
