import type { Place } from '$core/slab';

/** Names of places. */
export const PLACE_NAMES: Readonly<Record<Place, string>> = {
  room: 'room',
  fridge: 'fridge',
  freezer: 'freezer',
  marble: 'marble slab',
};
