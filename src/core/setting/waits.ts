import type { Place } from '../slab';
import { heatRun, type HeatLayer, type LayerCurve } from './heat';
import { contactC, facesIn, pourAtMostC, type PlaceSettings, type Standing } from './places';
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

/** The stays from a moment on, the last one drawn out. */
function staysFrom(stays: readonly PlaceStay[], from: number, minutes: number): PlaceStay[] {
  const rest: PlaceStay[] = [];
  let at = 0;
  let left = minutes;
  stays.forEach(({ place, minutes: long }, i) => {
    const until = i === stays.length - 1 ? Infinity : at + long;
    const take = Math.min(left, Math.max(0, until - Math.max(at, from)));
    if (take > 0) rest.push({ place, minutes: take });
    left -= take;
    at += long;
  });
  return rest;
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
  standing: Standing,
): Setting {
  const curves = layers.map(() => ({ warmestC: [] as number[], meanC: [] as number[], middleC: [] as number[] }));
  const waits: LayerWait[] = [];
  let cells: number[] = [];
  let poured = 0;
  for (const [at, layer] of layers.entries()) {
    const stack: HeatLayer[] = layers.slice(0, at + 1).map((one) => ({ ...one, startC: one.pourC }));
    const below = layers[at - 1];
    const face = cells.at(-1);
    const meets =
      below && face !== undefined ? contactC({ ...layer, celsius: layer.pourC }, { ...below, celsius: face }) : null;
    const softens = below?.softensC ?? null;
    const before = cells.length;
    const grid = heatRun(stack, [], 1).endC;
    const from = [...cells, ...grid.slice(before)];
    const runFor = (minutes: number) =>
      heatRun(
        stack,
        (stays.length > 0 ? staysFrom(stays, poured, minutes) : [{ place: layer.place, minutes }]).map((stay) => ({
          minutes: stay.minutes,
          ...facesIn(stay.place, places, standing),
        })),
        STEP_MINUTES,
        from,
      );
    let long = Math.max(60, layer.minMinutes + 30);
    let run = runFor(long);
    const setAt = () =>
      run.minutes.findIndex((minute, i) => minute >= layer.minMinutes && run.layers[at]!.warmestC[i]! <= layer.setC);
    while (setAt() === -1 && long < MOST_MINUTES) {
      long = Math.min(MOST_MINUTES, long * 4);
      run = runFor(long);
    }
    const found = setAt();
    const setAfter = found === -1 ? null : run.minutes[found]!;
    const last = at === layers.length - 1;
    const soon = layer.maxMinutes !== null && layer.maxMinutes <= HOT_WITHIN;
    const whileHot = !last && soon && (setAfter ?? Infinity) > layer.maxMinutes!;
    const nextAfter = layers[at + 1]?.together
      ? 0
      : whileHot
        ? Math.min(layer.minMinutes, layer.maxMinutes!)
        : setAfter;
    // Between this pour and the next the curves are those of this run; after the last one an hour more is shown.
    const until = nextAfter === null ? Math.min(long, 240) : last ? nextAfter + 60 : nextAfter;
    const shown = until <= long ? run : runFor(until);
    const count = Math.round(until / STEP_MINUTES) + (last ? 1 : 0);
    curves.forEach((curve, l) => {
      for (let i = 0; i < count; i++) {
        const part = shown.layers[l];
        curve.warmestC.push(part?.warmestC[i] ?? NaN);
        curve.meanC.push(part?.meanC[i] ?? NaN);
        curve.middleC.push(part?.middleC[i] ?? NaN);
      }
    });
    cells = [...runFor(until).endC];
    waits.push({
      id: layer.id,
      name: layer.name,
      pouredAt: poured,
      setAfterMinutes: setAfter,
      nextFromMinutes: nextAfter,
      nextUntilMinutes: layer.maxMinutes,
      contactC: meets,
      meltsBelow: meets !== null && softens !== null && meets > softens,
      pourAtMostC:
        below && softens !== null && face !== undefined
          ? pourAtMostC(layer, { ...below, celsius: face }, softens)
          : null,
      curve: curves[at]!,
      why: why(layer, setAfter, run.layers[at]!),
    });
    poured += until;
    if (nextAfter === null) break;
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
    wrappedMinutes: wrapped(layers.slice(0, waits.length), cells, places, standing),
  };
}

/** Minutes in the room, wrapped, until the face has come up to the dew point. */
function wrapped(
  layers: readonly PouredLayer[],
  cells: readonly number[],
  places: PlaceSettings,
  standing: Standing,
): number {
  const { dewC } = places;
  if (dewC === undefined || (cells.at(-1) ?? Infinity) >= dewC) return 0;
  const faces = facesIn('room', places, { ...standing, foil: true });
  const run = heatRun(
    layers.map((one) => ({ ...one, startC: one.pourC })),
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
  standing: Standing,
): number | null {
  const bare = layers.slice(0, at + 1).map((one) => ({ ...one, minMinutes: 0 }));
  const takes = (h: number) =>
    settingOf(
      bare,
      [{ place, minutes: 60 }],
      { ...places, dewC: undefined, fitted: { ...places.fitted, [place]: h } },
      standing,
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
): string {
  const guess = assumed
    ? ` What ${name} is made of is not known: something between a syrup and a cream is assumed.`
    : '';
  if (setAfter === null)
    return `${name} does not get down to ${setC.toFixed(0)} C here: it stays at ${warmestC.at(-1)!.toFixed(1)} C. Move it somewhere colder.${guess}`;
  const byTime = setAfter <= minMinutes + STEP_MINUTES && minMinutes > 0;
  return byTime
    ? `${name} is cold enough sooner, and needs its ${minMinutes} minutes to set.${guess}`
    : `${name} is down to ${setC.toFixed(0)} C right through.${guess}`;
}
