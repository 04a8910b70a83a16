import type { Place } from '../slab';
import type { PlaceSettings, TinSupport } from './places';
import type { PouredLayer } from './poured';
import { chocolateFirmness } from './setters';
import { settingOf, type Setting } from './waits';

/** What a maker can do about a layer that sets slowly or never, and when it would be ready then. */
export interface WaitAnswer {
  readonly code: 'temper' | 'fridge' | 'no-soft-fat';
  /** Minutes from its pour; `null` if it would not set even so. */
  readonly minutes: number | null;
}

/** A layer of untempered chocolate that takes longer than this gets answers, min. */
const SLOW_MINUTES = 60;
/** Share of other fats above which they are worth leaving out. */
const MUCH_SOFT_FAT = 0.03;
const COLD_PLACES: readonly Place[] = ['fridge', 'freezer'];

/** Returns a layer changed by an answer, or null where that answer makes no difference. */
function changed(layer: PouredLayer, code: WaitAnswer['code']): PouredLayer | null {
  const { firmness, place } = layer;
  const isMelted = firmness.stuff === 'melted chocolate';
  const isChocolate = isMelted || firmness.stuff === 'tempered chocolate';
  switch (code) {
    case 'temper':
      return isMelted ? { ...layer, firmness: chocolateFirmness(true, firmness.otherFat) } : null;
    case 'fridge':
      return COLD_PLACES.includes(place) ? null : { ...layer, place: 'fridge' };
    case 'no-soft-fat':
      return isChocolate && firmness.otherFat > MUCH_SOFT_FAT
        ? { ...layer, firmness: chocolateFirmness(!isMelted, 0) }
        : null;
  }
}

/**
 * Returns what would help a layer that never sets, or chocolate that sets slowly because it is not tempered. Each answer is one more
 * simulation of the stack.
 *
 * @param setting of the same layers, without stays
 * @param at position of the layer
 */
export function waitAnswers(
  setting: Setting,
  layers: readonly PouredLayer[],
  at: number,
  places: PlaceSettings,
  support: TinSupport,
): WaitAnswer[] {
  const wait = setting.layers[at];
  const layer = layers[at]!;
  if (!wait) return [];
  const isSlow = layer.firmness.stuff === 'melted chocolate' && (wait.setAfterMinutes ?? Infinity) > SLOW_MINUTES;
  if (wait.setAfterMinutes !== null && !isSlow) return [];
  return (['temper', 'fridge', 'no-soft-fat'] as const).flatMap((code): WaitAnswer[] => {
    const better = changed(layer, code);
    if (!better) return [];
    // What is laid on it later does not decide when it is ready.
    const stack = layers.slice(0, at + 2).map((each, i) => (i === at ? better : each));
    const minutes = settingOf(stack, [], places, support).layers[at]?.setAfterMinutes ?? null;
    return minutes !== null && minutes >= (wait.setAfterMinutes ?? Infinity) ? [] : [{ code, minutes }];
  });
}
