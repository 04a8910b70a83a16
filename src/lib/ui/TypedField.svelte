<!-- A field with validation. Invalid text stays in the field with its reason, and in `typed`, so that leaving the station does
  not lose it. -->
<script lang="ts" generics="T">
  import { TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';

  type Reading =
    | { readonly ok: true; readonly value: T; readonly understood: string }
    | { readonly ok: false; readonly message: string };
  interface Props {
    label: string;
    /** The current value as text. */
    shown: string;
    read: (text: string) => Reading;
    onvalue: (value: T | null) => void;
    /** Invalid texts, by field. */
    typed: Record<string, string>;
    /** Name of this field in `typed`. */
    name: string;
    optional?: boolean;
    hideLabel?: boolean;
    helper?: string;
    placeholder?: string;
    inputmode?: 'text' | 'decimal';
    /** Message about the current value. */
    problem?: string;
  }
  let {
    label,
    shown,
    read,
    onvalue,
    typed,
    name,
    optional = false,
    hideLabel = false,
    helper = '',
    placeholder = '',
    inputmode = 'text',
    problem = '',
  }: Props = $props();

  let text = $state(untrack(() => typed[name] ?? shown));
  let focused = $state(false);
  const reading = $derived(optional && text.trim() === '' ? null : read(text));
  /** An empty field shows no error before it was visited. */
  let touched = $state(false);
  const wrong = $derived(reading && !reading.ok && (touched || text !== '') ? reading.message : problem);
  const understood = $derived(focused && reading?.ok ? reading.understood : '');

  $effect(() => {
    const next = typed[name] ?? shown;
    if (!untrack(() => focused)) text = next;
  });

  // A refused value is applied once its limits allow it; otherwise the field would show a different value from the one in use.
  $effect(() => {
    const waiting = typed[name];
    if (waiting !== undefined && read(waiting).ok) untrack(take);
  });

  function take() {
    touched = true;
    if (optional && text.trim() === '') {
      delete typed[name];
      onvalue(null);
      return;
    }
    const now = read(text);
    if (now.ok) {
      delete typed[name];
      onvalue(now.value);
    } else {
      typed[name] = text;
    }
  }

  function leave() {
    focused = false;
    touched = true;
    if (typed[name] === undefined) text = shown;
  }
</script>

<div class="typed-field">
  <TextInput
    size="sm"
    labelText={label}
    {hideLabel}
    {placeholder}
    {inputmode}
    autocomplete="off"
    helperText={understood || helper}
    invalid={wrong !== ''}
    invalidText={wrong}
    bind:value={text}
    on:input={take}
    on:focus={() => (focused = true)}
    on:blur={leave}
  />
</div>
