<!-- Original text of a recipe beside what was understood. Fields to correct it open below; corrections can be reset. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import Edit from 'carbon-icons-svelte/lib/Edit.svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    text: string;
    /** What it is, in front of its meaning: a vessel, a place. */
    where?: string;
    /** What was understood, as a short sentence. */
    meaning?: string;
    /** A figure at the end: a weight, a layer. */
    tag?: string;
    /** `check` and `unread` need attention, a `remark` is ignored. */
    status?: 'read' | 'check' | 'unread' | 'heading' | 'remark';
    /** What needs attention. */
    why?: string;
    /** What the button to edit it is about: "line 3". */
    called?: string;
    isCorrected?: boolean;
    onback?: () => void;
    /** Likely answers and further actions. */
    acts?: Snippet | undefined;
    /** Fields to correct it; none for what has none. */
    fields?: Snippet | undefined;
    /** Whether the fields are open without a touch. */
    isOpen?: boolean;
  }
  let {
    text,
    where = '',
    meaning = '',
    tag = '',
    status = 'read',
    why = '',
    called = '',
    isCorrected = false,
    onback = () => {},
    acts,
    fields,
    isOpen = false,
  }: Props = $props();

  let isEdited = $state(false);
  const needsAttention = $derived(status === 'check' || status === 'unread');
</script>

<li class={status}>
  <span class="text">{text}</span>
  <div class="meaning">
    <span class="where">{where}</span>
    <span class="said"
      >{meaning}{#if needsAttention && why !== ''}<span class="hot">{meaning === '' ? '' : '. '}{why}</span>{/if}</span
    >
    <span class="tag figures">{tag}</span>
    {#if fields}
      <Button
        kind="ghost"
        size="small"
        icon={Edit}
        iconDescription="Edit {called}"
        tooltipPosition="left"
        aria-expanded={isEdited || isOpen || isCorrected}
        on:click={() => (isEdited = !isEdited)}
      />
    {/if}
    {#if acts || isCorrected}
      <div class="acts">
        {@render acts?.()}
        {#if isCorrected}<Button size="small" kind="ghost" on:click={onback}>As recognised</Button>{/if}
      </div>
    {/if}
    {#if fields && (isEdited || isOpen || isCorrected)}<div class="fields-of">{@render fields()}</div>{/if}
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(0, 4fr) minmax(0, 7fr);
    gap: 0 1rem;
    align-items: start;
    padding: 0.15rem 0.6rem;
    border-bottom: 1px solid var(--rule);
    border-left: 4px solid transparent;
  }

  li.check,
  li.unread {
    border-left-color: var(--hot);
    background: var(--hot-ground);
  }

  li.heading {
    background: var(--sunk);
  }

  .text {
    padding: 0.28rem 0;
    font-size: 0.92rem;
    color: var(--quiet);
    overflow-wrap: anywhere;
  }

  .heading .text {
    font-weight: 650;
    color: var(--ink);
  }

  .meaning {
    display: grid;
    grid-template-columns: 4rem minmax(0, 1fr) auto 32px;
    gap: 0 0.6rem;
    align-items: start;
  }

  .where,
  .said,
  .tag {
    padding: 0.28rem 0;
    font-size: 0.92rem;
    overflow-wrap: anywhere;
  }

  .where,
  .tag {
    color: var(--quiet);
    font-size: 0.85rem;
    line-height: 1.5;
    white-space: nowrap;
  }

  .remark .said {
    color: var(--quiet);
  }

  .acts,
  .fields-of {
    grid-column: 1 / -1;
    padding-bottom: 0.35rem;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    align-items: center;
    padding-left: 4.6rem;
  }

  .acts :global(.bx--btn) {
    padding-right: 0.75rem;
  }

  .heading .acts {
    grid-column: 3 / -1;
    grid-row: 1;
    padding: 0;
  }

  .hot {
    color: var(--hot);
  }

  .meaning > :global(.bx--btn--icon-only) {
    grid-column: 4;
    min-height: 30px;
    height: 30px;
    width: 32px;
    padding: 0;
    justify-content: center;
  }

  @media (pointer: coarse) {
    .meaning {
      grid-template-columns: 4rem minmax(0, 1fr) auto 44px;
    }

    .meaning > :global(.bx--btn--icon-only) {
      min-height: 44px;
      height: 44px;
      width: 44px;
    }
  }

  @media (max-width: 1050px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }

    .acts {
      padding-left: 0;
    }
  }
</style>
