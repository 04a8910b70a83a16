import type { Place } from '$core/slab';

/** Places as they are called in a workroom. */
export const PLACE_NAMES: Readonly<Record<Place, string>> = {
  room: 'room',
  fridge: 'fridge',
  freezer: 'freezer',
  marble: 'marble slab',
};
