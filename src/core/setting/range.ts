import type { PlaceSettings, TinSupport } from './places';
import type { PouredLayer } from './poured';
import type { LayerStates } from './firmState';
import { waitAnswers, type WaitAnswer } from './answers';
import { settingOf, type LayerWait, type PlaceStay, type Setting } from './waits';

/** Minutes at fast, typical and slow cooling; `null` if never. */
export interface WaitRange {
  readonly quick: number | null;
  readonly usual: number | null;
  readonly slow: number | null;
}

/** A wait with its range, from the layer's own pour. */
export interface RangedWait extends LayerWait {
  readonly takesNextAfterMinutes: WaitRange;
  readonly cutsAfterMinutes: WaitRange;
  readonly packsAfterMinutes: WaitRange;
  /** What would help, where it never sets, or sets slowly because it is not tempered; none while the tin is moved on a schedule. */
  readonly answers: readonly WaitAnswer[];
}

export interface RangedSetting extends Omit<Setting, 'layers'> {
  readonly layers: readonly RangedWait[];
}

/** Factors on the heat transfer: a fan or a bare sheet against a full fridge or a thick tin. */
const QUICK_AIR = 1.5;
const SLOW_AIR = 0.65;

/**
 * Returns how a stack sets, with each wait from fast to slow: the same stack in moving and in still air. Three times the work of
 * `settingOf`.
 */
export function settingRange(
  layers: readonly PouredLayer[],
  stays: readonly PlaceStay[],
  places: PlaceSettings,
  support: TinSupport,
): RangedSetting {
  const inAir = (airFactor: number) => settingOf(layers, stays, { ...places, airFactor }, support).layers;
  const usual = settingOf(layers, stays, places, support);
  const [quick, slow] = [inAir(QUICK_AIR), inAir(SLOW_AIR)];
  return {
    ...usual,
    layers: usual.layers.map((wait, at) => {
      const range = (state: keyof LayerStates): WaitRange => ({
        quick: quick[at]?.states[state] ?? null,
        usual: wait.states[state],
        slow: slow[at]?.states[state] ?? null,
      });
      return {
        ...wait,
        takesNextAfterMinutes: range('takesNext'),
        cutsAfterMinutes: range('cuts'),
        packsAfterMinutes: range('packs'),
        answers: stays.length > 0 ? [] : waitAnswers(usual, layers, at, places, support),
      };
    }),
  };
}
