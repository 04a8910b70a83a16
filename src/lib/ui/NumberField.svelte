<!--
  A number as it is typed at the bench: "1 1/2", "½" and "1,5" are read. What cannot be read stays in the field with its
  reason, and in `typed`, so that leaving the station does not lose it.
-->
<script lang="ts">
  import { TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { readNumber, type NumberLimits } from '../../core/measure';

  interface Props {
    label: string;
    value: number | null | undefined;
    limits: NumberLimits;
    onvalue: (value: number | null) => void;
    /** Texts that could not be read, by field. */
    typed: Record<string, string>;
    /** The name of this field in `typed`. */
    name: string;
    optional?: boolean;
    hideLabel?: boolean;
    helper?: string;
    placeholder?: string;
  }
  let {
    label,
    value,
    limits,
    onvalue,
    typed,
    name,
    optional = false,
    hideLabel = false,
    helper = '',
    placeholder = '',
  }: Props = $props();

  const shown = (number: number | null | undefined) =>
    number === null || number === undefined ? '' : String(Number(number.toFixed(3)));

  let text = $state(untrack(() => typed[name] ?? shown(value)));
  let focused = false;
  const wrong = $derived.by(() => {
    if (optional && text.trim() === '') return '';
    const read = readNumber(text, limits);
    return read.ok ? '' : read.message;
  });

  $effect(() => {
    const next = typed[name] ?? shown(value);
    if (!focused) text = next;
  });

  // What was refused counts once its limits let it: else the field shows one number and another one counts.
  $effect(() => {
    const waiting = typed[name];
    if (waiting === undefined) return;
    const read = readNumber(waiting, limits);
    if (read.ok) untrack(take);
  });

  function take() {
    if (optional && text.trim() === '') {
      delete typed[name];
      onvalue(null);
      return;
    }
    const read = readNumber(text, limits);
    if (read.ok) {
      delete typed[name];
      onvalue(read.value);
    } else {
      typed[name] = text;
    }
  }

  function leave() {
    focused = false;
    if (typed[name] === undefined) text = shown(value);
  }
</script>

<div class="number-field">
  <TextInput
    size="sm"
    labelText={label}
    {hideLabel}
    {placeholder}
    inputmode="decimal"
    autocomplete="off"
    helperText={helper}
    invalid={wrong !== ''}
    invalidText={wrong}
    bind:value={text}
    on:input={take}
    on:focus={() => (focused = true)}
    on:blur={leave}
  />
</div>
