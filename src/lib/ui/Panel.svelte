<!-- A station: the stage with the picture that is the control, and beside it the fields. On a phone the stage collapses to a band. -->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import { Button } from 'carbon-components-svelte';

  import HowLink from './HowLink.svelte';

  /** Stations that share an explanation. */
  const HOW: Readonly<Record<string, string>> = {
    Build: 'build-and-size',
    Size: 'build-and-size',
    Set: 'set-and-schedule',
  };

  interface Props {
    /** Heading of the stage; the station's name for screen readers. */
    label: string;
    title?: string;
    /** Text beside the title: what the picture shows, or how to use it. */
    note?: string;
    /** Whether the stage ends with its content, where that does not grow with the window. */
    fitsContent?: boolean;
    stage: Snippet;
    hand: Snippet;
  }
  let { label, title = '', note = '', fitsContent = false, stage, hand }: Props = $props();

  let isExpanded = $state(false);
</script>

<div class="board">
  <section class="stage panel" class:fits={fitsContent} class:expanded={isExpanded} aria-label="{label}: drawing">
    {#if title !== ''}
      <header>
        <h2>{title}</h2>
        {#if note !== ''}<p class="quiet">{note}</p>{/if}
        <HowLink to={HOW[label] ?? label.toLowerCase()} />
      </header>
    {/if}
    <div class="picture">{@render stage()}</div>
    <div class="fold">
      <Button size="small" kind="ghost" aria-expanded={isExpanded} on:click={() => (isExpanded = !isExpanded)}
        >{isExpanded ? 'Hide drawing' : 'Show drawing'}</Button
      >
    </div>
  </section>
  <!-- It scrolls, so the keyboard must be able to reach it. -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <section class="hand" id="hand" aria-label={label} tabindex="0">{@render hand()}</section>
</div>

<style>
  .board {
    flex: 1;
    min-height: 0;
    display: grid;
    grid-template-columns: minmax(0, 1.46fr) minmax(0, 1fr);
    gap: 0.8rem;
    padding: 0.8rem 1rem;
  }

  .stage {
    position: relative;
    display: flex;
    flex-direction: column;
    min-height: 0;
    min-width: 0;
    padding: 0.7rem 0.9rem;
  }

  .stage.fits {
    align-self: start;
    max-height: 100%;
    overflow: auto;
  }

  header {
    display: flex;
    gap: 1rem;
    align-items: baseline;
    justify-content: space-between;
    padding-bottom: 0.4rem;
  }

  header p {
    flex: 1;
    font-size: 0.88rem;
    text-align: right;
  }

  .picture {
    flex: 1;
    min-height: 0;
    display: flex;
    flex-direction: column;
  }

  .fold {
    display: none;
  }

  /** Contents stay inside: hidden labels would otherwise lengthen the page. */
  .hand {
    position: relative;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
    gap: 0.6rem;
    min-width: 0;
    overflow: auto;
    scrollbar-gutter: stable;
    scrollbar-width: thin;
  }

  .hand:focus-visible {
    outline-offset: -2px;
  }

  @media (max-width: 759px) {
    .board {
      display: block;
      padding: 0.5rem;
    }

    .stage {
      height: 180px;
      margin-bottom: 0.5rem;
      padding: 0.4rem 0.5rem;
      position: relative;
    }

    .stage.expanded {
      height: min(70vh, 30rem);
    }

    header {
      padding-bottom: 0.1rem;
    }

    header p,
    .stage:not(.expanded) header {
      display: none;
    }

    .fold {
      display: block;
      align-self: end;
      margin-bottom: -0.3rem;
    }

    .hand {
      overflow: visible;
    }
  }
</style>
