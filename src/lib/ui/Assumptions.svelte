<!-- Assumptions for missing entries, with reasons; each links to the field that replaces it. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import Close from 'carbon-icons-svelte/lib/Close.svelte';
  import type { Figures } from '$core/measure';
  import type { Assumption } from '$core/usecases';
  import { assumptionText } from '$wording/assumptions';

  interface Props {
    assumptions: readonly Assumption[];
    say: Figures;
    onshow: (where: string) => void;
    onclose: () => void;
  }
  let { assumptions, say, onshow, onclose }: Props = $props();
</script>

<div class="head">
  <h2>Assumptions</h2>
  <Button size="small" kind="ghost" icon={Close} iconDescription="Close" tooltipPosition="left" on:click={onclose} />
</div>
<p class="quiet">Typical values, used until you enter your own.</p>
<ul>
  {#each assumptions as assumption, i (`${assumption.where} ${i}`)}
    {@const { assumed, because } = assumptionText(assumption, say)}
    <li>
      <p><b>{assumed}</b><br /><span class="quiet">{because}</span></p>
      <Button size="small" kind="ghost" on:click={() => onshow(assumption.where)} aria-label="Enter a value: {assumed}"
        >Enter a value</Button
      >
    </li>
  {/each}
</ul>

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }

  li {
    display: grid;
    grid-template-columns: 1fr max-content;
    gap: 0.3rem;
    align-items: center;
    padding: 0.3rem 0;
    border-bottom: 1px solid var(--rule);
    font-size: 0.92rem;
  }
</style>
