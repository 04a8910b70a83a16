<!-- Ingredients to weigh in the order of use, with large check boxes. -->
<script lang="ts">
  import { Checkbox } from 'carbon-components-svelte';
  import { isByScale } from '$core/measure';
  import type { WeighOutItem } from '$core/weighOut';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    items: readonly WeighOutItem[];
    /** Ticks belong to an amount: when it changes, the ingredient has to be weighed again. */
    ticked: Readonly<Record<string, string>>;
    ontick: (key: string, measured: string) => void;
  }
  let { items, ticked, ontick }: Props = $props();

  const figures = $derived(shopFigures());
</script>

<ul class="items">
  {#each items as { key, name, massG, measured, divisions } (key)}
    {@const on = ticked[key] === measured}
    <li class:on>
      <Checkbox checked={on} on:change={() => ontick(key, measured)}>
        <span class="item" slot="labelChildren">
          <span class="name">{name}</span>
          <span class="amount figures"
            ><b>{massG === null ? measured : figures.mass.say(massG)}</b
            >{#if massG !== null && !isByScale(measured)}<span class="quiet">{measured}</span>{/if}</span
          >
        </span>
      </Checkbox>
      {#if divisions.length > 1 || divisions[0]?.state}
        <ul class="divisions">
          {#each divisions as part, i (i)}
            <li>
              <span
                >{part.name}{#if part.state}<span class="quiet">, {part.state}</span>{/if}</span
              >
              {#if divisions.length > 1}<span class="figures"
                  >{part.massG === null ? part.measured : figures.mass.say(part.massG)}</span
                >{/if}
            </li>
          {/each}
        </ul>
      {/if}
    </li>
  {/each}
</ul>

<style>
  .items > li {
    background: var(--panel);
    border: 1px solid var(--rule);
    border-bottom: 0;
  }

  .items > li:last-child {
    border-bottom: 1px solid var(--rule);
  }

  .items > li :global(.bx--checkbox-wrapper) {
    margin: 0;
  }

  .items > li :global(.bx--checkbox-label) {
    display: flex;
    align-items: center;
    width: 100%;
    min-height: 44px;
    padding: 0.2rem 0.8rem 0.2rem 2.5rem;
  }

  .items > li :global(.bx--checkbox-label::before) {
    width: 24px;
    height: 24px;
    top: 10px;
    left: 9px;
  }

  .items > li :global(.bx--checkbox-label::after) {
    width: 12px;
    height: 7px;
    top: 16px;
    left: 15px;
  }

  .items > li :global(.bx--checkbox-label-text) {
    flex: 1;
    padding: 0 0 0 0.3rem;
  }

  .item {
    display: grid;
    grid-template-columns: 1fr max-content;
    gap: 0.5rem;
    align-items: baseline;
  }

  .name {
    font-size: 1.05rem;
  }

  .amount {
    display: flex;
    gap: 0.7rem;
    align-items: baseline;
    font-size: 1.1rem;
  }

  .amount .quiet {
    font-size: 0.9rem;
  }

  .on .name,
  .on .amount {
    color: var(--quiet);
    text-decoration: line-through;
  }

  .divisions {
    padding: 0 0.8rem 0.4rem 2.9rem;
    font-size: 0.9rem;
  }

  .divisions li {
    display: flex;
    justify-content: space-between;
    max-width: 26rem;
  }

  @media print {
    .items > li :global(.bx--checkbox-label) {
      min-height: 0;
    }

    .items > li {
      break-inside: avoid;
    }
  }
</style>
