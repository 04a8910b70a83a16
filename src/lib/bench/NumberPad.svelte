<!-- Number input by large keys, for floury fingers; a keyboard works too. -->
<script lang="ts">
  interface Props {
    label: string;
    unit: string;
    /** The number as typed; empty for none. */
    text: string;
    /** Whether it may be negative, with a key for it. */
    isSigned?: boolean;
  }
  let { label, unit, text = $bindable(), isSigned = false }: Props = $props();

  const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'] as const;
  const MOST = 9;
  const put = (key: string) => {
    if (text.length < MOST && !(key === '.' && text.includes('.'))) text += key;
  };
  const turn = () => (text = text.startsWith('-') ? text.slice(1) : `-${text}`);
</script>

<label class="shows">
  <span class="unseen">{label}, {unit}</span>
  <input class="figures" inputmode="none" autocomplete="off" maxlength={MOST} bind:value={text} placeholder="0" />
  <span aria-hidden="true">{unit}</span>
</label>
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
