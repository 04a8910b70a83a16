<!-- A list whose rows can be reordered: dragged by the handle, or with the arrow keys on it. -->
<script lang="ts" generics="T">
  import Draggable from 'carbon-icons-svelte/lib/Draggable.svelte';
  import { tick, type Snippet } from 'svelte';
  import { dragHandle, dragHandleZone } from './dragging';

  interface Props {
    items: readonly T[];
    label: string;
    nameOf: (item: T) => string;
    onorder: (from: number, to: number) => void;
    row: Snippet<[T, number]>;
  }
  let { items, label, nameOf, onorder, row }: Props = $props();

  interface Row {
    id: number;
    at: number;
  }
  const inOrder = (): Row[] => items.map((_, at) => ({ id: at, at }));
  let rows = $derived(inOrder());
  let list: HTMLElement;
  let announcement = $state('');

  function settle(next: Row[]) {
    const to = next.findIndex(({ at }, i) => at !== i);
    const order = next.map(({ at }) => at);
    rows = inOrder();
    if (to === -1) return;
    // One row was moved: the one whose removal leaves the others in order.
    const from = order.find((at) =>
      order.filter((place) => place !== at).every((place, i, rest) => i === 0 || place > rest[i - 1]!),
    )!;
    onorder(from, order.indexOf(from));
  }

  async function step(event: KeyboardEvent, at: number) {
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (by === 0) return;
    event.preventDefault();
    event.stopPropagation();
    const to = at + by;
    if (to < 0 || to >= items.length) return;
    const name = nameOf(items[at]!);
    onorder(at, to);
    announcement = `${name} is now number ${to + 1}`;
    await tick();
    list.querySelectorAll<HTMLElement>('[data-handle]')[to]?.focus();
  }
</script>

<ul
  bind:this={list}
  aria-label={label}
  use:dragHandleZone={{
    items: rows,
    flipDurationMs: 0,
    autoAriaDisabled: true,
    zoneItemTabIndex: -1,
    zoneTabIndex: -1,
    dropTargetStyle: {},
    type: label,
  }}
  onconsider={(event) => (rows = event.detail.items)}
  onfinalize={(event) => settle(event.detail.items)}
>
  {#each rows as { id, at } (id)}
    {@const item = items[at]}
    {#if item !== undefined}
      <li>
        <span
          class="handle"
          data-handle
          use:dragHandle
          role="button"
          tabindex="0"
          aria-label="Move {nameOf(item)}: up and down arrows"
          onkeydown={(event) => step(event, at)}
        >
          <Draggable />
        </span>
        {@render row(item, at)}
      </li>
    {/if}
  {/each}
</ul>
<span class="unseen" role="status">{announcement}</span>

<style>
  li {
    display: flex;
    align-items: start;
    gap: 0.2rem;
    padding: 0.12rem 0;
  }

  .handle {
    display: grid;
    place-items: center;
    width: 24px;
    min-height: 2rem;
    color: var(--quiet);
    cursor: grab;
  }

  @media (pointer: coarse) {
    .handle {
      width: 44px;
      min-height: 44px;
    }
  }
</style>
