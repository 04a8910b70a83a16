import type { StepKind } from '$core/method';
import type { Place } from '$core/slab';

/** Names of the kinds of steps. */
export const KIND_WORDS: Readonly<Record<StepKind, string>> = {
  mix: 'mix',
  press: 'press',
  bake: 'bake',
  boil: 'boil',
  melt: 'melt',
  beat: 'beat',
  lay: 'lay',
  scatter: 'scatter',
  set: 'cool or set',
  cut: 'cut',
  finish: 'finish',
  pack: 'pack, keep',
  other: 'other work',
};

export const PLACE_WORDS: Readonly<Record<Place, string>> = {
  room: 'in the room',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
  marble: 'on the marble',
};
