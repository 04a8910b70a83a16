import { firmAt, firmLater, wantedFirm } from './firmness';
import type { LayerNow } from '../heat';
import type { PouredLayer } from './poured';

/** Minutes from a layer's own pour until something may be done; null where it never may. */
export interface LayerStates {
  /** Its face takes the next layer. */
  readonly takesNext: number | null;
  /** Its middle is cut clean, and stays so. */
  readonly cuts: number | null;
  /** It may be packed. */
  readonly packs: number | null;
}

/** How firm a layer is is followed by so much at a time, min. */
export const STEP_MINUTES = 1;
/**
 * A rule of the bench, not of physics: a brittle layer is cut clean until about as long again after it has set as it took,
 * and at least this, min.
 */
const MIN_WINDOW = 20;
/** How firm a layer is as time goes on, and from when on it may be worked on; minutes from the slab's start. */
export interface FirmState {
  face: number;
  middle: number;
  pouredAt: number | null;
  takesNextAt: number | null;
  cutsAt: number | null;
  packsAt: number | null;
  cracksAt: number | null;
}

export const newState = ({ firmness, pourC }: PouredLayer): FirmState => ({
  face: firmAt(firmness, pourC),
  middle: firmAt(firmness, pourC),
  pouredAt: null,
  takesNextAt: null,
  cutsAt: null,
  packsAt: null,
  cracksAt: null,
});

export const statesOf = ({ pouredAt, cutsAt, packsAt }: FirmState): Pick<LayerStates, 'cuts' | 'packs'> => {
  const since = (at: number | null) => (at === null || pouredAt === null ? null : at - pouredAt);
  return { cuts: since(cutsAt), packs: since(packsAt) };
};

/** What is packed is no warmer than a warm room, deg C. */
const PACKS_C = 25;
/** What was firm enough and has softened by so much is not any more. */
const SOFTER = 0.02;

/** Notes how firm a layer has become by a minute. */
export function follow(state: FirmState, layer: PouredLayer, now: LayerNow, minute: number, airC: number): void {
  const { firmness, setC } = layer;
  state.pouredAt ??= minute;
  const since = minute - state.pouredAt;
  state.face = firmLater(state.face, firmness, now.upperC, since === 0 ? 0 : STEP_MINUTES);
  state.middle = firmLater(state.middle, firmness, now.middleC, since === 0 ? 0 : STEP_MINUTES);
  const waited = since >= layer.minMinutes;
  const reaches = (firm: number, usual: number) =>
    setC === null ? firm >= wantedFirm(usual, firmness, airC) - 1e-9 : now.warmestC <= setC;
  const holds = (firm: number, usual: number) =>
    setC === null ? firm >= wantedFirm(usual, firmness, airC) - SOFTER : now.warmestC <= setC + 1;
  if (waited && reaches(state.face, firmness.takesNext)) state.takesNextAt ??= minute;
  if (waited && reaches(state.middle, firmness.cuts)) state.cutsAt ??= minute;
  else if (state.cutsAt !== null && !holds(state.middle, firmness.cuts)) state.cutsAt = state.packsAt = null;
  if (state.cutsAt !== null && now.warmestC <= PACKS_C && reaches(state.middle, firmness.packs))
    state.packsAt ??= minute;
  if (firmness.cracks !== null && state.cutsAt !== null && state.middle >= firmness.cracks) state.cracksAt ??= minute;
}

/** Until when the topmost layer does not crack under a cold blade; null where it never does, or nothing in it cracks. */
export function crackedAt(layers: readonly PouredLayer[], states: readonly FirmState[], from: number): number | null {
  const [top, state] = [layers.at(-1)!, states.at(-1)!];
  if (!top.brittle) return null;
  const took = from - (state.pouredAt ?? 0);
  // Where the maker says at what it is set, and for what snaps, the bench knows no more than this: as long again as it took.
  if (top.setC !== null || top.firmness.stuff === 'glass') return from + Math.max(MIN_WINDOW, took);
  return state.cracksAt === null ? null : Math.max(from + MIN_WINDOW, state.cracksAt);
}
