<!-- Notice that the clock of this device is wrong and times are corrected. -->
<script lang="ts">
  import { InlineNotification } from 'carbon-components-svelte';
  import { storedText, storeText } from '$lib/devices/deviceStore';

  let { offsetMs }: { offsetMs: number } = $props();

  const SHOWN_KEY = 'clock-offset-told';
  const MINUTE_MS = 60_000;
  const minutes = $derived(Math.round(Math.abs(offsetMs) / MINUTE_MS));
  const amount = $derived(
    minutes >= 120
      ? `${Math.round(minutes / 60)} h`
      : minutes >= 2
        ? `${minutes} min`
        : `${Math.round(Math.abs(offsetMs) / 1000)} s`,
  );
  const sentence = $derived(
    `The clock of this device is ${amount} ${offsetMs < 0 ? 'ahead' : 'behind'}. Times of entries made offline are corrected. Please set the clock of this device.`,
  );
  let isClosed = $state(false);
  const isTold = $derived(isClosed || storedText('device', SHOWN_KEY) === amount);

  function close() {
    storeText('device', SHOWN_KEY, amount);
    isClosed = true;
  }
</script>

{#if !isTold}
  <InlineNotification lowContrast kind="warning-alt" title="" subtitle={sentence} role="status" on:close={close} />
{/if}
