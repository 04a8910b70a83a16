import type { LayerCurve } from '../heat';
import type { Stuff } from './firmness';
import { STEP_MINUTES } from './firmState';
import type { PouredLayer } from './poured';

/** Reason for the setting time of a layer, or why it does not set. Temperatures in °C. */
export type SetReason = {
  readonly layer: string;
  /** The composition is unknown and an average is assumed. */
  readonly isAssumed: boolean;
} & (
  | { readonly code: 'never-firm'; readonly staysAtC: number }
  | { readonly code: 'never-cold'; readonly neededC: number; readonly staysAtC: number }
  | { readonly code: 'minimum-wait'; readonly minutes: number }
  | { readonly code: 'cooled'; readonly toC: number }
  | { readonly code: 'firm'; readonly stuff: Stuff }
);

/**
 * Returns the reason for the setting time of a layer.
 *
 * @param setAfter minutes from its pour; null where it never sets
 */
export function setReason(
  { name, setC, minMinutes, assumed, firmness }: PouredLayer,
  setAfter: number | null,
  { warmestC }: LayerCurve,
): SetReason {
  const of = { layer: name, isAssumed: assumed };
  if (setAfter === null) {
    const staysAtC = warmestC.at(-1)!;
    return setC === null
      ? { ...of, code: 'never-firm', staysAtC }
      : { ...of, code: 'never-cold', neededC: setC, staysAtC };
  }
  const byTime = setAfter <= minMinutes + STEP_MINUTES && minMinutes > 0;
  if (byTime) return { ...of, code: 'minimum-wait', minutes: minMinutes };
  return setC === null ? { ...of, code: 'firm', stuff: firmness.stuff } : { ...of, code: 'cooled', toC: setC };
}
