/** Drag and drop of list rows. The package loads at the first touch or key press, so that no page waits for it. */
import { firstTouch } from '$lib/forms/firstTouch';
import type { Action, ActionReturn } from 'svelte/action';
import type { DndZoneAttributes, Item, Options } from 'svelte-dnd-action';

let library: Promise<typeof import('svelte-dnd-action')> | undefined;

const atFirstTouch = () => (library ??= firstTouch().then(() => import('svelte-dnd-action')));

/** A list of items with an `id`, in which `dragHandle` works. */
export function dragHandleZone<T extends Item>(
  node: HTMLElement,
  options: Options<T>,
): ActionReturn<Options<T>, DndZoneAttributes<T>> {
  let latest = options;
  let zone: ActionReturn<Options<T>> | undefined;
  let gone = false;
  void atFirstTouch().then((loaded) => {
    if (!gone) zone = loaded.dragHandleZone(node, latest);
  });
  return {
    update(changed) {
      latest = changed;
      zone?.update?.(changed);
    },
    destroy() {
      gone = true;
      zone?.destroy?.();
    },
  };
}

/** Drag handle of a row. */
export const dragHandle: Action<HTMLElement> = (node) => {
  let handle: ActionReturn | void;
  let gone = false;
  void atFirstTouch().then((loaded) => {
    if (!gone) handle = loaded.dragHandle(node);
  });
  return {
    destroy() {
      gone = true;
      handle?.destroy?.();
    },
  };
};
