import { firmAt, firmLater, wantedFirm } from './firmness';
import type { LayerNow } from '../heat';
import type { PouredLayer } from './poured';

/** Minutes from a layer's pour until something is possible; `null` if it never is. */
export interface LayerStates {
  /** The next layer can go on. */
  readonly takesNext: number | null;
  /** It cuts cleanly, from then on. */
  readonly cuts: number | null;
  /** It can be packed. */
  readonly packs: number | null;
}

/** Time step of the firmness, min. */
export const STEP_MINUTES = 1;
/**
 * A rule of the bench, not of physics: a brittle layer is cut clean until about as long again after it has set as it took,
 * and at least this, min.
 */
const MIN_WINDOW = 20;
/** Firmness of a layer over time, and when it can be worked on; minutes from the slab's start. */
export interface FirmState {
  face: number;
  middle: number;
  pouredAt: number | null;
  takesNextAt: number | null;
  cutsAt: number | null;
  packsAt: number | null;
  tooFirmAt: number | null;
}

const pouredFirm = ({ firmness, pourC }: PouredLayer) => (firmness.startsSoft ? 0 : firmAt(firmness, pourC));

export const newState = (layer: PouredLayer): FirmState => ({
  face: pouredFirm(layer),
  middle: pouredFirm(layer),
  pouredAt: null,
  takesNextAt: null,
  cutsAt: null,
  packsAt: null,
  tooFirmAt: null,
});

export const statesOf = ({ pouredAt, cutsAt, packsAt }: FirmState): Pick<LayerStates, 'cuts' | 'packs'> => {
  const since = (at: number | null) => (at === null || pouredAt === null ? null : at - pouredAt);
  return { cuts: since(cutsAt), packs: since(packsAt) };
};

/** Maximum temperature for packing, °C. */
const PACKS_C = 25;
/** Softening by this much below a threshold resets it. */
const SOFTER = 0.02;

/** Tells whether a layer is firm or cool enough for a step of work, whatever its minimum wait. */
export function isReady(
  { face, middle }: FirmState,
  { firmness, setC }: PouredLayer,
  now: LayerNow,
  airC: number,
  step: 'takesNext' | 'cuts' | 'packs',
): boolean {
  if (setC !== null) return now.warmestC <= setC;
  const firm = step === 'takesNext' ? face : middle;
  return firm >= wantedFirm(firmness[step], firmness, airC) - 1e-9;
}

/** Records the firmness of a layer at a minute. */
export function follow(state: FirmState, layer: PouredLayer, now: LayerNow, minute: number, airC: number): void {
  const { firmness, setC } = layer;
  state.pouredAt ??= minute;
  const since = minute - state.pouredAt;
  state.face = firmLater(state.face, firmness, now.upperC, since === 0 ? 0 : STEP_MINUTES);
  state.middle = firmLater(state.middle, firmness, now.middleC, since === 0 ? 0 : STEP_MINUTES);
  const waited = since >= layer.minMinutes;
  const reaches = (step: Parameters<typeof isReady>[4]) => isReady(state, layer, now, airC, step);
  const holds = (firm: number, usual: number) =>
    setC === null ? firm >= wantedFirm(usual, firmness, airC) - SOFTER : now.warmestC <= setC + 1;
  if (waited && reaches('takesNext')) state.takesNextAt ??= minute;
  if (waited && reaches('cuts')) state.cutsAt ??= minute;
  else if (state.cutsAt !== null && !holds(state.middle, firmness.cuts)) state.cutsAt = state.packsAt = null;
  if (state.cutsAt !== null && now.warmestC <= PACKS_C && reaches('packs')) state.packsAt ??= minute;
  if (firmness.tooFirm === null) return;
  if (state.cutsAt !== null && state.middle >= firmness.tooFirm) state.tooFirmAt ??= minute;
  else if (state.middle < firmness.tooFirm - SOFTER) state.tooFirmAt = null;
}

/** What ends the time in which a slab cuts cleanly: a brittle top that cracks, or a caramel that gets too firm. */
export interface CutLimit {
  /** Name of the layer. */
  readonly layer: string;
  readonly why: 'cracks' | 'too-firm';
}

/** Tells whether a layer is a caramel: it gets too firm for any blade. */
const stiffens = ({ firmness: { stuff, softIsFine } }: PouredLayer) => stuff === 'glass' && softIsFine;

/** Tells whether a layer, at rest in a place, is too firm to cut. */
export function endsTooFirm(layer: PouredLayer, isTop: boolean, airC: number): boolean {
  const { firmness, setC, brittle } = layer;
  const counts = stiffens(layer) || (isTop && brittle && setC === null && firmness.stuff !== 'glass');
  return counts && firmness.tooFirm !== null && firmAt(firmness, airC) >= firmness.tooFirm;
}

/** Returns until when the top layer does not crack under a cold blade; `null` if it never does, or nothing in it cracks. */
function crackedAt(layers: readonly PouredLayer[], states: readonly FirmState[], from: number): number | null {
  const [top, state] = [layers.at(-1)!, states.at(-1)!];
  if (!top.brittle) return null;
  const took = from - (state.pouredAt ?? 0);
  // Where the maker sets the temperature, and for layers that snap, the bench rule applies: the setting time once more.
  if (top.setC !== null || top.firmness.stuff === 'glass') return from + Math.max(MIN_WINDOW, took);
  return state.tooFirmAt === null ? null : Math.max(from + MIN_WINDOW, state.tooFirmAt);
}

/**
 * Returns until when a slab cuts cleanly, and what ends it; `null` if nothing does.
 *
 * @param from when it cuts, min. A layer that is already too firm then gives this minute: it has to warm up first
 */
export function cutUntil(
  layers: readonly PouredLayer[],
  states: readonly FirmState[],
  from: number,
): { readonly minute: number; readonly limit: CutLimit } | null {
  const cracked = crackedAt(layers, states, from);
  const limits = [
    ...(cracked === null ? [] : [{ minute: cracked, limit: { layer: layers.at(-1)!.name, why: 'cracks' as const } }]),
    ...layers.flatMap((layer, at) => {
      const { tooFirmAt } = states[at]!;
      if (tooFirmAt === null || !stiffens(layer)) return [];
      return [{ minute: Math.max(from, tooFirmAt), limit: { layer: layer.name, why: 'too-firm' as const } }];
    }),
  ];
  return limits.sort((a, b) => a.minute - b.minute)[0] ?? null;
}
