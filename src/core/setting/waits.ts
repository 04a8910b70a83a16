import { METRIC, type Figures } from '../measure';
import type { Place } from '../slab';
import { CELL_MM } from './grid';
import { heatRun, HeatStack, heatWork, emptyCurve, momentOf, noteAt, noteLayers, type LayerCurve } from './heat';
import { contactC, facesIn, pourAtMostC, type PlaceSettings, type TinSupport } from './places';
import type { PouredLayer } from './stack';

/** So long in one place. The last place of a list goes on for as long as it is needed. */
export interface PlaceStay {
  readonly place: Place;
  readonly minutes: number;
}

/** How one layer sets. Minutes are counted from its own pour. */
export interface LayerWait {
  readonly id: string;
  readonly name: string;
  /** Minutes from the start of the first layer to this one's pour. */
  readonly pouredAt: number;
  /** When it is cool enough and its own wait has passed; null where this place never cools it so far. */
  readonly setAfterMinutes: number | null;
  /** When the next layer may go on: once it is set, or while it is hot where the slab wants the next one on before that. */
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
 * A layer is set when its warmest part is at or below its set temperature and its own least wait has passed. The next one is
 * poured then; the heat it brings goes down into what lies there.
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
  let cells: readonly number[] = [];
  let poured = 0;
  for (const [at, layer] of layers.entries()) {
    const below = layers[at - 1];
    const face = cells.at(-1);
    const meets =
      below && face !== undefined ? contactC({ ...layer, celsius: layer.pourC }, { ...below, celsius: face }) : null;
    const softens = below?.softensC ?? null;
    const next = layers[at + 1];
    const found = settled(layers.slice(0, at + 1), next, cells, poured, stays, places, support, cellMm);
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
      why: why(layer, found.setAfter, found.curves[at]!, places.figures ?? METRIC),
    });
    poured += found.until;
    if (found.nextAfter === null) break;
  }
  const all = waits.at(-1)!;
  const isSet = waits.length === layers.length && all.setAfterMinutes !== null;
  const from = isSet ? all.pouredAt + all.setAfterMinutes! : null;
  const window = layers.at(-1)!.brittle && isSet ? Math.max(LEAST_WINDOW, all.setAfterMinutes!) : null;
  return {
    minutes: curves[0]!.warmestC.map((_, i) => i * STEP_MINUTES),
    layers: waits,
    cutWindow: { fromMinutes: from, toMinutes: from !== null && window !== null ? from + window : null },
    faceC: cells.at(-1) ?? NaN,
    wrappedMinutes: wrapped(layers.slice(0, waits.length), cells, places, support),
  };
}

/** How long a layer that never sets is shown, and one that has set, min. */
const SHOWN_UNSET = 240;
const SHOWN_SET = 60;

/** The topmost layer of a stack from its pour until the next one may go on, minute by minute. */
function settled(
  layers: readonly PouredLayer[],
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
  const snapshots = new Map<number, readonly number[]>();
  let setAfter: number | null = null;
  for (let minute = 0; minute <= MOST_MINUTES; minute += STEP_MINUTES) {
    noteLayers(stack, curves);
    if (minute === hotAfter || minute === SHOWN_UNSET) snapshots.set(minute, stack.celsius);
    if (minute >= layer.minMinutes && curves[at]!.warmestC[minute]! <= layer.setC) {
      setAfter ??= minute;
      if (next || minute >= setAfter + SHOWN_SET) break;
    }
    if (setAfter !== null && minute >= setAfter + SHOWN_SET) break;
    const { place, from } = stays.length > 0 ? placeAt(stays, poured + minute) : { place: layer.place, from: 0 };
    // A change of place within a minute counts from its end.
    const since = Math.max(0, poured + minute - Math.max(from, poured));
    stack.advance(facesIn(place, places, support), since * 60, STEP_MINUTES * 60);
  }
  const whileHot = soon && (setAfter ?? Infinity) > layer.maxMinutes!;
  const nextAfter = next?.together ? 0 : whileHot ? hotAfter : setAfter;
  const until = nextAfter === null ? SHOWN_UNSET : next ? nextAfter : nextAfter + SHOWN_SET;
  return {
    setAfter,
    nextAfter,
    until,
    curves,
    shown: until + (next ? 0 : 1),
    cells: snapshots.get(until) ?? stack.celsius,
  };
}

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
  const takes = (h: number) =>
    settingOf(
      bare,
      [{ place, minutes: 60 }],
      { ...places, dewC: undefined, fitted: { ...places.fitted, [place]: h } },
      support,
    ).layers[at]?.setAfterMinutes ?? Infinity;
  let [low, high] = [Math.log(FIT_H[0]), Math.log(FIT_H[1])];
  if (takes(Math.exp(low)) < minutes || takes(Math.exp(high)) > minutes) return null;
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (takes(Math.exp(middle)) > minutes) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}

function why(
  { name, setC, minMinutes, assumed }: PouredLayer,
  setAfter: number | null,
  { warmestC }: LayerCurve,
  figures: Figures,
): string {
  const guess = assumed
    ? ` What ${name} is made of is not known: something between a syrup and a cream is assumed.`
    : '';
  if (setAfter === null)
    return `${name} does not get down to ${figures.temperature.say(setC)} here: it stays at ${figures.temperature.say(warmestC.at(-1)!, 1)}. Move it somewhere colder.${guess}`;
  const byTime = setAfter <= minMinutes + STEP_MINUTES && minMinutes > 0;
  return byTime
    ? `${name} is cold enough sooner, and needs its ${minMinutes} minutes to set.${guess}`
    : `${name} is down to ${figures.temperature.say(setC)} right through.${guess}`;
}
