<!-- Amount by large keys, for floury fingers. A keyboard works too, and what it types is read as everywhere: "1 1/2", "90,5", "3 oz", "5 eggs". -->
<script lang="ts">
  import { readQuantity, type Quantity } from '$core/measure';
  import type { NumberLimits } from '$core/validation';
  import { reasonText } from '$wording/problems';
  import { shopFigures, shopMeasures } from '$lib/format/shopFigures';

  interface Props {
    label: string;
    quantity: Quantity;
    /** In the base unit. Below zero, there is a key for it. */
    limits: NumberLimits;
    /** The amount as typed; empty for none. */
    text: string;
    /** Its value in the base unit: `null` for none, and `undefined` for one that cannot be read. */
    value: number | null | undefined;
    densityGPerMl?: number | undefined;
    piece?: { readonly name: string; readonly massG: number } | undefined;
  }
  let { label, quantity, limits, text = $bindable(), value = $bindable(), densityGPerMl, piece }: Props = $props();

  const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'] as const;
  const MAX_KEYED = 9;
  const MAX_TYPED = 40;
  const figures = $derived(shopFigures());
  const { unit } = $derived(figures[quantity]);
  const isSigned = $derived(limits.min < 0);
  const read = $derived(
    text.trim() === ''
      ? null
      : readQuantity(text, limits, { quantity, figures, measures: shopMeasures(), densityGPerMl, piece }),
  );
  $effect.pre(() => {
    value = read === null ? null : read.ok ? read.value : undefined;
  });

  const put = (key: string) => {
    if (text.length < MAX_KEYED && !(key === '.' && text.includes('.'))) text += key;
  };
  const turn = () => (text = text.startsWith('-') ? text.slice(1) : `-${text}`);
</script>

<label class="shows">
  <span class="unseen">{label}, {unit}</span>
  <input
    class="figures"
    inputmode="none"
    autocomplete="off"
    maxlength={MAX_TYPED}
    aria-invalid={read !== null && !read.ok}
    aria-describedby="pad-{quantity}"
    bind:value={text}
    placeholder="0"
  />
  <span aria-hidden="true">{unit}</span>
</label>
<p id="pad-{quantity}" class="hint" class:wrong={read !== null && !read.ok} role="status">
  {#if read !== null && !read.ok}{reasonText(read.reason)}{:else if read?.understood}Understood as {read.understood}{/if}
</p>
<div class="keys">
  {#each KEYS as key (key)}<button type="button" onclick={() => put(key)}>{key}</button>{/each}
  <button type="button" onclick={() => put('.')} aria-label="point">.</button>
  <button type="button" onclick={() => put('0')}>0</button>
  <button type="button" onclick={() => (text = text.slice(0, -1))} aria-label="delete the last digit">⌫</button>
  {#if isSigned}<button type="button" class="wide" onclick={turn}>{text.startsWith('-') ? 'more' : 'less'}</button>{/if}
</div>

<style>
  .shows {
    display: flex;
    gap: 0.6rem;
    align-items: baseline;
    justify-content: flex-end;
    padding: 0.4rem 0.8rem;
    background: var(--sunk);
    border-bottom: 2px solid var(--rule-strong);
    font-size: 1.6rem;
  }

  input {
    flex: 1;
    min-width: 0;
    border: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 2.2rem;
    font-weight: 650;
    text-align: right;
  }

  .hint {
    min-height: 1.4em;
    margin: 0.2rem 0 0;
    font-size: 0.92rem;
    text-align: right;
  }

  .wrong {
    color: var(--harm);
  }

  .keys {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 6px;
    margin-top: 6px;
  }

  button {
    min-height: 60px;
    border: 1px solid var(--rule);
    background: var(--panel);
    color: var(--ink);
    font: inherit;
    font-size: 1.5rem;
    font-weight: 650;
    cursor: pointer;
  }

  button:active,
  button:hover {
    background: var(--sunk);
  }

  .wide {
    grid-column: 1 / -1;
  }
</style>
