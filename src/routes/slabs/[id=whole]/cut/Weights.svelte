<!-- A list of weights, typed or from the bench scale; stored on this device until cleared. -->
<script lang="ts">
  import { TextArea } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import { storedText, storeText } from '$lib/devices/deviceStore';
  import BenchScale from '$lib/ui/BenchScale.svelte';
  import { weightsIn, weightsText } from './weights';

  interface Props {
    label: string;
    /** Storage key. */
    key: string;
    /** Set-up of the simulated scale: piece mass and its variation. */
    aimG: number;
    spread: number;
    massesG: readonly number[];
    /** Whether the text contains something that is not a weight. */
    wrong: boolean;
  }
  let { label, key, aimG, spread, massesG = $bindable(), wrong = $bindable() }: Props = $props();

  let text = $state('');
  let before: readonly number[] = [];
  const read = $derived(weightsIn(text));
  const place = $derived(`knife-tray.weights.${key}`);
  onMount(() => (text = storedText('device', place) ?? ''));
  $effect(() => {
    massesG = read.massesG;
    wrong = read.wrong.length > 0;
  });
  function write(next: string) {
    text = next;
    storeText('device', place, next);
  }
</script>

<TextArea
  labelText="{label}, g, separated by spaces"
  rows={3}
  value={text}
  on:input={(event) => write((event.target as HTMLTextAreaElement).value)}
  invalid={read.wrong.length > 0}
  invalidText="Not a weight: {read.wrong.slice(0, 3).join(', ')}"
/>
<BenchScale
  {aimG}
  {spread}
  onbegin={() => (before = read.massesG)}
  onweighed={(now) => write(weightsText([...before, ...now]))}
/>
