import { METRIC, type Figures } from '../measure';
import type { Place } from '../slab';
import { CELL_MM } from './grid';
import { firmAt, firmLater, wantedFirm, type Stuff } from './firmness';
import {
  heatRun,
  HeatStack,
  heatWork,
  emptyCurve,
  momentOf,
  noteAt,
  noteLayers,
  type LayerCurve,
  type LayerNow,
} from './heat';
import { contactC, facesIn, pourAtMostC, type PlaceSettings, type TinSupport } from './places';
import type { PouredLayer } from './stack';

/** So long in one place. The last place of a list goes on for as long as it is needed. */
export interface PlaceStay {
  readonly place: Place;
  readonly minutes: number;
}

/** Minutes from a layer's own pour until something may be done; null where it never may. */
export interface LayerStates {
  /** Its face takes the next layer. */
  readonly takesNext: number | null;
  /** Its middle is cut clean, and stays so. */
  readonly cuts: number | null;
  /** It may be packed. */
  readonly packs: number | null;
}

/** How one layer sets. Minutes are counted from its own pour. */
export interface LayerWait {
  readonly id: string;
  readonly name: string;
  /** Minutes from the start of the first layer to this one's pour. */
  readonly pouredAt: number;
  readonly states: LayerStates;
  /** When it takes the next layer and its own wait has passed, or of the last when it is cut clean; null where it never is here. */
  readonly setAfterMinutes: number | null;
  /**
   * When the next layer may go on: once it takes it, or while it is hot where the slab wants the next one on before that. After the
   * last, when the whole slab is cut clean.
   */
  readonly nextFromMinutes: number | null;
  /** From when on its face is too cold and greasy for the next layer to hold. */
  readonly nextUntilMinutes: number | null;
  /** Where it meets the layer below when it is poured; null for the lowest. */
  readonly contactC: number | null;
  readonly meltsBelow: boolean;
  readonly pourAtMostC: number | null;
  readonly curve: LayerCurve;
  readonly why: string;
}

export interface Setting {
  readonly minutes: readonly number[];
  readonly layers: readonly LayerWait[];
  /** From the start of the first layer: when all is set, and until when a brittle face is not yet too hard to cut clean. */
  readonly cutWindow: { readonly fromMinutes: number | null; readonly toMinutes: number | null };
  /** Temperature of the upper face at the end, deg C. */
  readonly faceC: number;
  /** How long to leave it wrapped in the room until its face no longer sweats, min; 0 where it does not. */
  readonly wrappedMinutes: number;
}

const MOST_MINUTES = 48 * 60;
const STEP_MINUTES = 1;
/**
 * A rule of the bench, not of physics: a brittle layer is cut clean until about as long again after it has set as it took,
 * and at least this, min.
 */
const LEAST_WINDOW = 20;
/** A layer that takes the next one only within so long wants it while it is hot, min. */
const HOT_WITHIN = 120;
const MOST_WRAPPED = 6 * 60;
const WRAPPED_STEP = 5;

/** The place in which the tin stands at a moment, since when, and until when; the last place goes on. */
function placeAt(stays: readonly PlaceStay[], minute: number): { place: Place; from: number; until: number } {
  let from = 0;
  for (const [i, { place, minutes }] of stays.entries()) {
    const until = i === stays.length - 1 ? Infinity : from + minutes;
    if (minute < until) return { place, from, until };
    from = until;
  }
  throw new Error('A tin has to stand somewhere');
}

/** How high a stack may be before its cells become larger, mm. */
const FINE_UP_TO_MM = 100;
const cellMmOf = (layers: readonly PouredLayer[]) =>
  CELL_MM * Math.max(1, layers.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0) / FINE_UP_TO_MM);

/**
 * How much work it is to find how a stack sets, as a share of what is done at once: over 1 is too much.
 *
 * @param layers as `pouredLayers` gives them
 */
export function settingWork(layers: readonly PouredLayer[]): number {
  const each = heatWork(layers, MOST_MINUTES, Infinity, cellMmOf(layers));
  // While one layer sets, those on top of it are not there yet.
  return (each * (layers.length + 1)) / 2;
}

/**
 * How long each layer of a stack needs, one poured on the other as soon as it may be, and whether a pour melts what is below.
 *
 * A layer takes the next one when its face is firm enough and its own least wait has passed; the next one is poured then, and the
 * heat it brings goes down into what lies there. It cuts clean when its middle is firm enough. Where the maker says to what it has to
 * cool, its warmest part decides both.
 *
 * @param layers bottom first, at least one
 * @param stays where the tin stands, from the first pour on; the last place goes on. Without any, each layer sets in its own place
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
      why: why(layer, found.setAfter, found.curves[at]!, places.figures ?? METRIC),
    });
    poured += found.until;
    if (found.nextAfter === null) break;
  }
  const all = waits.at(-1)!;
  const isLaid = waits.length === layers.length && all.setAfterMinutes !== null;
  const cutsAt = states.map(({ cutsAt }) => cutsAt);
  // A layer that never cuts clean is cut when the top one is: it is told beside it.
  const from = isLaid
    ? cutsAt.reduce<number>((most, at) => Math.max(most, at ?? 0), all.pouredAt + all.setAfterMinutes!)
    : null;
  return {
    minutes: curves[0]!.warmestC.map((_, i) => i * STEP_MINUTES),
    layers: waits.map((wait, at) => ({
      ...wait,
      // After the last layer comes the knife, which goes through all of them.
      nextFromMinutes: from !== null && at === layers.length - 1 ? from - wait.pouredAt : wait.nextFromMinutes,
      states: { ...statesOf(states[at]!), takesNext: wait.states.takesNext },
    })),
    cutWindow: { fromMinutes: from, toMinutes: from === null ? null : crackedAt(layers, states, from) },
    faceC: cells.at(-1) ?? NaN,
    wrappedMinutes: wrapped(layers.slice(0, waits.length), cells, places, support),
  };
}

/** How firm a layer is as time goes on, and from when on it may be worked on; minutes from the slab's start. */
interface FirmState {
  face: number;
  middle: number;
  pouredAt: number | null;
  takesNextAt: number | null;
  cutsAt: number | null;
  packsAt: number | null;
  cracksAt: number | null;
}

const newState = ({ firmness, pourC }: PouredLayer): FirmState => ({
  face: firmAt(firmness, pourC),
  middle: firmAt(firmness, pourC),
  pouredAt: null,
  takesNextAt: null,
  cutsAt: null,
  packsAt: null,
  cracksAt: null,
});

const statesOf = ({ pouredAt, cutsAt, packsAt }: FirmState): Pick<LayerStates, 'cuts' | 'packs'> => {
  const since = (at: number | null) => (at === null || pouredAt === null ? null : at - pouredAt);
  return { cuts: since(cutsAt), packs: since(packsAt) };
};

/** What is packed is no warmer than a warm room, deg C. */
const PACKS_C = 25;
/** What was firm enough and has softened by so much is not any more. */
const SOFTER = 0.02;

/** Notes how firm a layer has become by a minute. */
function follow(state: FirmState, layer: PouredLayer, now: LayerNow, minute: number, airC: number): void {
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
function crackedAt(layers: readonly PouredLayer[], states: readonly FirmState[], from: number): number | null {
  const [top, state] = [layers.at(-1)!, states.at(-1)!];
  if (!top.brittle) return null;
  const took = from - (state.pouredAt ?? 0);
  // Where the maker says at what it is set, and for what snaps, the bench knows no more than this: as long again as it took.
  if (top.setC !== null || top.firmness.stuff === 'glass') return from + Math.max(LEAST_WINDOW, took);
  return state.cracksAt === null ? null : Math.max(from + LEAST_WINDOW, state.cracksAt);
}

/** How long a layer that never sets is shown, and one that has set, min. */
const SHOWN_UNSET = 240;
const SHOWN_SET = 60;

/** The topmost layer of a stack from its pour until the next one may go on, minute by minute. */
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
  /** The next one is wanted on it while it is hot; then that moment is what counts, and not when it has set. */
  const soon = next !== undefined && layer.maxMinutes !== null && layer.maxMinutes <= HOT_WITHIN;
  const hotAfter = next?.together ? 0 : soon ? Math.min(layer.minMinutes, layer.maxMinutes!) : null;
  const snapshots = new Map<number, { readonly cells: readonly number[]; readonly states: readonly FirmState[] }>();
  let setAfter: number | null = null;
  for (let minute = 0; minute <= MOST_MINUTES; minute += STEP_MINUTES) {
    noteLayers(stack, curves);
    const { place, from } = stays.length > 0 ? placeAt(stays, poured + minute) : { place: layer.place, from: 0 };
    const { top } = facesIn(place, places, support);
    const keep = minute === hotAfter || minute === SHOWN_UNSET || minute === (setAfter ?? Infinity) + SHOWN_SET;
    if (keep) snapshots.set(minute, { cells: stack.celsius, states: states.map((state) => ({ ...state })) });
    layers.forEach((one, l) => follow(states[l]!, one, momentOf(curves[l]!, minute), poured + minute, top.airC));
    const { takesNextAt, cutsAt } = states[at]!;
    const ready = next ? takesNextAt : cutsAt;
    if (ready !== null) setAfter ??= ready - poured;
    if (setAfter !== null && (next || isDone(states, layers.length, poured + minute, poured + setAfter))) break;
    // A change of place within a minute counts from its end.
    const since = Math.max(0, poured + minute - Math.max(from, poured));
    stack.advance(facesIn(place, places, support), since * 60, STEP_MINUTES * 60);
  }
  const whileHot = soon && (setAfter ?? Infinity) > layer.maxMinutes!;
  const nextAfter = next?.together ? 0 : whileHot ? hotAfter : setAfter;
  const until = nextAfter === null ? SHOWN_UNSET : next ? nextAfter : nextAfter + SHOWN_SET;
  const takesNext = states[at]!.takesNextAt;
  const kept = snapshots.get(until);
  // Where the next one goes on sooner, what came after that did not happen.
  if (kept && next) states.forEach((state, l) => Object.assign(state, kept.states[l]));
  return {
    setAfter,
    takesNext: takesNext === null ? null : takesNext - poured,
    nextAfter,
    until,
    curves,
    shown: until + (next ? 0 : 1),
    cells: kept?.cells ?? stack.celsius,
  };
}

/** Whether nothing more is to be found out of a slab whose last layer is set: all cut and pack, or have had their time. */
function isDone(states: readonly FirmState[], count: number, minute: number, setAt: number): boolean {
  if (minute < setAt + SHOWN_SET) return false;
  const open = states.slice(0, count).some(({ cutsAt, packsAt }) => cutsAt === null || packsAt === null);
  return !open || minute >= setAt + MOST_FOLLOWED;
}
/** So long after the last layer is set the others are followed, min. */
const MOST_FOLLOWED = 8 * 60;

/** Minutes in the room, wrapped, until the face has come up to the dew point. */
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
    [{ minutes: MOST_WRAPPED, ...faces }],
    WRAPPED_STEP,
    cells,
  );
  const found = run.layers.at(-1)!.meanC.findIndex((celsius) => celsius >= dewC);
  return found === -1 ? MOST_WRAPPED : run.minutes[found]!;
}

/** Fitted coefficients lie between these, W/m2 K: still air in a full fridge, and a hard fan. */
const FIT_H = [0.8, 150] as const;

/**
 * The surface coefficient of a place, from a set time that was measured there: the one at which the reckoned time is the measured
 * one. Air is counted, not the wait of the recipe.
 *
 * @param at which layer was measured
 * @param minutes from its pour until it was set
 * @returns W/m2 K, or null where no coefficient gives that time
 */
export function fittedH(
  layers: readonly PouredLayer[],
  at: number,
  minutes: number,
  place: Place,
  places: PlaceSettings,
  support: TinSupport,
): number | null {
  const bare = layers.slice(0, at + 1).map((layer) => ({ ...layer, minMinutes: 0 }));
  const isLast = at === layers.length - 1;
  const takes = (h: number) => {
    const wait = settingOf(
      bare,
      [{ place, minutes: 60 }],
      { ...places, dewC: undefined, fitted: { ...places.fitted, [place]: h } },
      support,
    ).layers[at];
    return (isLast ? wait?.setAfterMinutes : wait?.states.takesNext) ?? Infinity;
  };
  let [low, high] = [Math.log(FIT_H[0]), Math.log(FIT_H[1])];
  if (takes(Math.exp(low)) < minutes || takes(Math.exp(high)) > minutes) return null;
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (takes(Math.exp(middle)) > minutes) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}

/** Why a layer becomes firm, in words that go on a sentence. */
const BECAUSE: Readonly<Record<Stuff, string>> = {
  'tempered chocolate': 'its cocoa butter sets from 29 °C down, some minutes behind its temperature',
  'melted chocolate': 'its cocoa butter, not in temper, sets late and slowly',
  'milk fat': 'its milk fat becomes solid in the cold, some twenty minutes behind its temperature',
  'coconut fat': 'its coconut fat becomes solid in the cold',
  glass: 'its boiled sugar stiffens as it comes near its glass transition',
  grain: 'its grain holds it once it is cool',
  'slow gel': 'its gel gains strength for hours',
  'fast gel': 'its gel sets as it cools',
  baked: 'it is firm once it is cool enough',
  ice: 'its water freezes',
  cold: 'it is as firm as it gets once it is cool',
};

function why(
  { name, setC, minMinutes, assumed, firmness }: PouredLayer,
  setAfter: number | null,
  { warmestC }: LayerCurve,
  figures: Figures,
): string {
  const guess = assumed
    ? ` What ${name} is made of is not known: something between a syrup and a cream is assumed.`
    : '';
  const { say } = figures.temperature;
  if (setAfter === null) {
    const wants = setC === null ? 'firm enough' : `down to ${say(setC)}`;
    return `${name} does not get ${wants} here: it stays at ${say(warmestC.at(-1)!, 1)}. Move it somewhere colder.${guess}`;
  }
  const byTime = setAfter <= minMinutes + STEP_MINUTES && minMinutes > 0;
  if (byTime) return `${name} is ready sooner, and needs its ${minMinutes} minutes.${guess}`;
  return setC === null
    ? `${name}: ${BECAUSE[firmness.stuff]}.${guess}`
    : `${name} is down to ${say(setC)} right through.${guess}`;
}
