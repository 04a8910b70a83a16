<!-- A required text. An empty one stays in the field with its reason and changes nothing. -->
<script lang="ts">
  import { TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';

  interface Props {
    label: string;
    value: string;
    onvalue: (value: string) => void;
    /** Invalid texts, by field. */
    typed: Record<string, string>;
    name: string;
    hideLabel?: boolean;
    list?: string;
    warn?: string;
    optional?: boolean;
  }
  let { label, value, onvalue, typed, name, hideLabel = false, list, warn = '', optional = false }: Props = $props();

  const MOST = 200;
  let text = $state(untrack(() => typed[name] ?? value));
  let focused = false;
  const wrong = $derived(
    text.trim() === '' && !optional
      ? 'Enter a name'
      : text.length > MOST
        ? `Use ${MOST} characters or fewer: this has ${text.length}`
        : '',
  );

  $effect(() => {
    const next = typed[name] ?? value;
    if (!focused) text = next;
  });

  function take() {
    if (wrong) {
      typed[name] = text;
    } else {
      delete typed[name];
      onvalue(text);
    }
  }
</script>

<TextInput
  size="sm"
  labelText={label}
  {hideLabel}
  {list}
  autocomplete="off"
  dir="auto"
  invalid={wrong !== ''}
  invalidText={wrong}
  warn={warn !== '' && wrong === ''}
  warnText={warn}
  bind:value={text}
  on:input={take}
  on:focus={() => (focused = true)}
  on:blur={() => (focused = false)}
/>
