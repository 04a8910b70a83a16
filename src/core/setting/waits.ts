import {
  CELL_MM,
  emptyCurve,
  heatRun,
  HeatStack,
  heatWork,
  momentOf,
  noteAt,
  noteLayers,
  type LayerCurve,
} from '../heat';
import type { Place } from '../slab';
import {
  cutUntil,
  endsTooFirm,
  follow,
  isReady,
  newState,
  statesOf,
  STEP_MINUTES,
  type CutLimit,
  type FirmState,
  type LayerStates,
} from './firmState';
import { contactC, facesIn, pourAtMostC, type PlaceSettings, type TinSupport } from './places';
import type { PouredLayer } from './poured';
import { setReason, type SetReason } from './setReason';

/** Time the tin spends in one place. The last place in a list has no end. */
export interface PlaceStay {
  readonly place: Place;
  readonly minutes: number;
}

/** Setting of one layer. Minutes are counted from its own pour. */
export interface LayerWait {
  readonly id: string;
  readonly name: string;
  /** Minutes from the start of the first layer to this layer's pour. */
  readonly pouredAt: number;
  readonly states: LayerStates;
  /** Minutes from pouring until the next layer can go on, or until the top layer cuts cleanly; `null` if it never sets in this place. */
  readonly setAfterMinutes: number | null;
  /** The slab's own minimum wait, and when it would be ready without it; `null` where there is none, or it is never ready. */
  readonly statedMinutes: number | null;
  readonly calculatedMinutes: number | null;
  /**
   * Minutes from pouring at which the next layer goes on: once it is ready, or while hot if the slab asks for that. For the top
   * layer, when the whole slab cuts cleanly.
   */
  readonly nextFromMinutes: number | null;
  /** Minutes from which its surface is too cold and greasy for the next layer to bond. */
  readonly nextUntilMinutes: number | null;
  /** Contact temperature with the layer below when poured; `null` for the lowest layer. */
  readonly contactC: number | null;
  readonly meltsBelow: boolean;
  readonly pourAtMostC: number | null;
  readonly curve: LayerCurve;
  readonly reason: SetReason;
}

export interface Setting {
  readonly minutes: readonly number[];
  readonly layers: readonly LayerWait[];
  /** Minutes from the start of the first layer: when everything is set, and until when it still cuts cleanly. */
  readonly cutWindow: { readonly fromMinutes: number | null; readonly toMinutes: number | null };
  /** What ends that window; `null` if it has no end. */
  readonly cutLimit: CutLimit | null;
  /** Final temperature of the upper face, °C. */
  readonly faceC: number;
  /** Minutes to keep it wrapped in the room until its surface no longer sweats; 0 if it does not. */
  readonly wrappedMinutes: number;
}

const MAX_MINUTES = 48 * 60;
/** A layer whose maximum wait is at most this long must get the next layer while hot, in minutes. */
const HOT_WITHIN = 120;
const MAX_WRAPPED = 6 * 60;
const WRAPPED_STEP = 5;

/** Returns the place of the tin at a moment with its start and end; the last place has no end. */
function placeAt(stays: readonly PlaceStay[], minute: number): { place: Place; from: number; until: number } {
  let from = 0;
  for (const [i, { place, minutes }] of stays.entries()) {
    const until = i === stays.length - 1 ? Infinity : from + minutes;
    if (minute < until) return { place, from, until };
    from = until;
  }
  throw new RangeError('No stays');
}

/** Height of a stack above which its cells become larger, mm. */
const FINE_UP_TO_MM = 100;
const cellMmOf = (layers: readonly PouredLayer[]) =>
  CELL_MM * Math.max(1, layers.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0) / FINE_UP_TO_MM);

/**
 * Estimates the work to simulate how a stack sets as a share of the budget: over 1 is too much.
 *
 * @param layers as `pouredLayers` gives them
 */
export function settingWork(layers: readonly PouredLayer[]): number {
  const each = heatWork(layers, MAX_MINUTES, Infinity, cellMmOf(layers));
  // Layers on top are missing while a lower one sets.
  return (each * (layers.length + 1)) / 2;
}

/**
 * Returns the setting of each layer of a stack, each poured as soon as possible, and whether a pour melts the layer below.
 *
 * A layer takes the next one when its face is firm enough and its own least wait has passed; the next one is poured then, and the
 * heat it brings goes into the layers below. It cuts cleanly when its middle is firm enough. Where the maker says to what it has to
 * cool, its warmest part decides both.
 *
 * @param layers bottom first, at least one
 * @param stays places of the tin from the first pour on; the last one has no end. Without any, each layer sets in its own place
 */
export function settingOf(
  layers: readonly PouredLayer[],
  stays: readonly PlaceStay[],
  places: PlaceSettings,
  support: TinSupport,
): Setting {
  const curves = layers.map(emptyCurve);
  const waits: LayerWait[] = [];
  const cellMm = cellMmOf(layers);
  const states = layers.map(newState);
  let cells: readonly number[] = [];
  let poured = 0;
  for (const [at, layer] of layers.entries()) {
    const below = layers[at - 1];
    const face = cells.at(-1);
    const meets =
      below && face !== undefined ? contactC({ ...layer, celsius: layer.pourC }, { ...below, celsius: face }) : null;
    const softens = below?.softensC ?? null;
    const next = layers[at + 1];
    const found = settled(layers.slice(0, at + 1), states, next, cells, poured, stays, places, support, cellMm);
    for (let i = 0; i < found.shown; i++) {
      curves.forEach((curve, l) => {
        const part = found.curves[l];
        noteAt(curve, part && momentOf(part, i));
      });
    }
    cells = found.cells;
    waits.push({
      id: layer.id,
      name: layer.name,
      pouredAt: poured,
      setAfterMinutes: found.setAfter,
      statedMinutes: layer.minMinutes > 0 ? layer.minMinutes : null,
      calculatedMinutes: found.calculated,
      nextFromMinutes: found.nextAfter,
      nextUntilMinutes: layer.maxMinutes,
      contactC: meets,
      meltsBelow: meets !== null && softens !== null && meets > softens,
      pourAtMostC:
        below && softens !== null && face !== undefined
          ? pourAtMostC(layer, { ...below, celsius: face }, softens)
          : null,
      curve: curves[at]!,
      states: { takesNext: found.takesNext, cuts: null, packs: null },
      reason: setReason(layer, found.setAfter, found.curves[at]!),
    });
    poured += found.until;
    if (found.nextAfter === null) break;
  }
  const all = waits.at(-1)!;
  const isLaid = waits.length === layers.length && all.setAfterMinutes !== null;
  const cutsAt = states.map(({ cutsAt }) => cutsAt);
  // A layer that never cuts cleanly is cut with the top one and reported separately.
  const from = isLaid
    ? cutsAt.reduce<number>((most, at) => Math.max(most, at ?? 0), all.pouredAt + all.setAfterMinutes!)
    : null;
  const until = from === null ? null : cutUntil(layers, states, from);
  return {
    minutes: curves[0]!.warmestC.map((_, i) => i * STEP_MINUTES),
    layers: waits.map((wait, at) => ({
      ...wait,
      // The cut goes through all layers, so it comes after the last one.
      nextFromMinutes: from !== null && at === layers.length - 1 ? from - wait.pouredAt : wait.nextFromMinutes,
      states: { ...statesOf(states[at]!), takesNext: wait.states.takesNext },
    })),
    cutWindow: { fromMinutes: from, toMinutes: until?.minute ?? null },
    cutLimit: until?.limit ?? null,
    faceC: cells.at(-1) ?? NaN,
    wrappedMinutes: wrapped(layers.slice(0, waits.length), cells, places, support),
  };
}

/** Minutes shown of a layer that never sets, and after the last one has set. */
const SHOWN_UNSET = 240;
const SHOWN_SET = 60;

/** Follows the top layer of a stack from its pour until the next one can go on, minute by minute. */
function settled(
  layers: readonly PouredLayer[],
  states: readonly FirmState[],
  next: PouredLayer | undefined,
  cells: readonly number[],
  poured: number,
  stays: readonly PlaceStay[],
  places: PlaceSettings,
  support: TinSupport,
  cellMm: number,
) {
  const at = layers.length - 1;
  const layer = layers[at]!;
  const stack = new HeatStack(
    layers.map((pouredLayer) => ({ ...pouredLayer, startC: pouredLayer.pourC })),
    cells,
    cellMm,
  );
  const curves = layers.map(emptyCurve);
  /** If the next layer goes on while this one is hot, that moment counts, not when it has set. */
  const soon = next !== undefined && layer.maxMinutes !== null && layer.maxMinutes <= HOT_WITHIN;
  const hotAfter = next?.together ? 0 : soon ? Math.min(layer.minMinutes, layer.maxMinutes!) : null;
  const snapshots = new Map<number, { readonly cells: readonly number[]; readonly states: readonly FirmState[] }>();
  let setAfter: number | null = null;
  let calculated: number | null = null;
  for (let minute = 0; minute <= MAX_MINUTES; minute += STEP_MINUTES) {
    noteLayers(stack, curves);
    const { place, from } = stays.length > 0 ? placeAt(stays, poured + minute) : { place: layer.place, from: 0 };
    const { top } = facesIn(place, places, support);
    const keep = minute === hotAfter || minute === SHOWN_UNSET || minute === (setAfter ?? Infinity) + SHOWN_SET;
    if (keep) snapshots.set(minute, { cells: stack.celsius, states: states.map((state) => ({ ...state })) });
    layers.forEach((pouredLayer, l) =>
      follow(states[l]!, pouredLayer, momentOf(curves[l]!, minute), poured + minute, top.airC),
    );
    const { takesNextAt, cutsAt } = states[at]!;
    if (isReady(states[at]!, layer, momentOf(curves[at]!, minute), top.airC, next ? 'takesNext' : 'cuts'))
      calculated ??= minute;
    const ready = next ? takesNextAt : cutsAt;
    if (ready !== null) setAfter ??= ready - poured;
    if (setAfter !== null && (next || isDone(layers, states, top.airC, poured + minute, poured + setAfter))) break;
    // A change of place within a minute takes effect at its end.
    const since = Math.max(0, poured + minute - Math.max(from, poured));
    const faceC = { top: momentOf(curves[at]!, minute).upperC, bottom: momentOf(curves[0]!, minute).lowerC };
    stack.advance(facesIn(place, places, support, faceC), since * 60, STEP_MINUTES * 60);
  }
  const whileHot = soon && (setAfter ?? Infinity) > layer.maxMinutes!;
  const nextAfter = next?.together ? 0 : whileHot ? hotAfter : setAfter;
  const until = nextAfter === null ? SHOWN_UNSET : next ? nextAfter : nextAfter + SHOWN_SET;
  const takesNext = states[at]!.takesNextAt;
  const kept = snapshots.get(until);
  // If the next layer goes on sooner, later results do not apply.
  if (kept && next) states.forEach((state, l) => Object.assign(state, kept.states[l]));
  return {
    setAfter,
    calculated,
    takesNext: takesNext === null ? null : takesNext - poured,
    nextAfter,
    until,
    curves,
    shown: until + (next ? 0 : 1),
    cells: kept?.cells ?? stack.celsius,
  };
}

/** Tells whether the simulation of a slab whose last layer is set can stop: everything cuts, packs and is as firm as it gets, or has had its time. */
function isDone(
  layers: readonly PouredLayer[],
  states: readonly FirmState[],
  airC: number,
  minute: number,
  setAt: number,
): boolean {
  if (minute < setAt + SHOWN_SET) return false;
  const isOpen = layers.some((layer, at) => {
    const { cutsAt, packsAt, tooFirmAt } = states[at]!;
    const stiffens = tooFirmAt === null && endsTooFirm(layer, at === layers.length - 1, airC);
    return cutsAt === null || packsAt === null || stiffens;
  });
  return !isOpen || minute >= setAt + MAX_FOLLOWED;
}
/** Minutes to follow the other layers after the last one is set. */
const MAX_FOLLOWED = 8 * 60;

/** Returns the minutes in the room, wrapped, until the surface is above the dew point. */
function wrapped(
  layers: readonly PouredLayer[],
  cells: readonly number[],
  places: PlaceSettings,
  support: TinSupport,
): number {
  const { dewC } = places;
  if (dewC === undefined || (cells.at(-1) ?? Infinity) >= dewC) return 0;
  const faces = facesIn('room', places, { ...support, foil: true });
  const run = heatRun(
    layers.map((layer) => ({ ...layer, startC: layer.pourC })),
    [{ minutes: MAX_WRAPPED, ...faces }],
    WRAPPED_STEP,
    cells,
  );
  const found = run.layers.at(-1)!.meanC.findIndex((celsius) => celsius >= dewC);
  return found === -1 ? MAX_WRAPPED : run.minutes[found]!;
}
