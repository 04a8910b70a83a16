/** A reading of a scale. */
export interface ScaleReading {
  /** Time of the scale, s. */
  readonly seconds: number;
  readonly massG: number;
  /** Resolution of the scale, g; default 0.1. */
  readonly stepG?: number;
}

/** State of a weighing, started by `newWeighing` and updated by `weigh`. */
export interface Weighing {
  /** Masses of the items weighed, g; the last one is refined while it lies on the pan. */
  readonly weighedG: readonly number[];
  /** State of the pan: not yet at rest, empty, moving, or resting with an item. */
  readonly pan: 'starting' | 'empty' | 'moving' | 'resting';
  /** Zero of the scale, g: a bowl that is on it from the start is tared. */
  readonly zeroG: number | null;
  /** Current load, g above zero. */
  readonly onG: number;
  /** Load when it last rested, g; `null` if empty. */
  readonly restedG: number | null;
  /** Minimum load since it rested, g. */
  readonly lowestG: number;
  /** Smallest spread of a full window so far: the noise of the scale, g. */
  readonly noiseG: number;
  readonly recent: readonly ScaleReading[];
}

/** Window of agreement for a resting pan, s. */
const WINDOW_SECONDS = 0.8;
const MIN_READINGS = 5;
/** After a gap in the readings a new window starts, s. */
const GAP_SECONDS = 2;
/** Tolerance of agreement, g, plus a thousandth of the load. */
const WITHIN_G = 0.15;
const WITHIN_SHARE = 0.001;
/** A larger spread means movement, g. */
const MAX_NOISE_G = 0.5;
const USUAL_STEP_G = 0.1;
/** Minimum mass of an item, g. */
const MIN_PIECE_G = 1;

/** A new weighing: zero is set when the pan first rests. */
export const newWeighing = (weighedG: readonly number[] = []): Weighing => ({
  weighedG,
  pan: 'starting',
  zeroG: null,
  onG: 0,
  restedG: null,
  lowestG: Infinity,
  noiseG: MAX_NOISE_G,
  recent: [],
});

/** Sets zero to the current load; weighed items stay. */
export const zeroed = (weighing: Weighing): Weighing => ({
  ...weighing,
  ...newWeighing(weighing.weighedG),
  noiseG: weighing.noiseG,
});

/** Removes the last weighed item. If it is still on the pan, it is not weighed again. */
export const takenBack = (weighing: Weighing): Weighing => ({ ...weighing, weighedG: weighing.weighedG.slice(0, -1) });

const mean = (readings: readonly ScaleReading[]) =>
  readings.reduce((sum, { massG }) => sum + massG, 0) / readings.length;

/**
 * Takes one more reading. The pan rests when the two halves of its last 0.8 s agree within what it shivers by, its least step,
 * 0.15 g and a thousandth of the load. Where it first rests is zero, and zero follows the empty pan, so that drift adds up to nothing.
 * What is laid on is its difference to what rested there before: single pieces, each taken off again, or a heap that grows.
 *
 * @param reading later than the ones before; one that is earlier, or comes after a pause, begins a new window
 */
export function weigh(weighing: Weighing, reading: ScaleReading): Weighing {
  const last = weighing.recent.at(-1);
  const goesOn = last !== undefined && reading.seconds > last.seconds && reading.seconds - last.seconds < GAP_SECONDS;
  const from = reading.seconds - WINDOW_SECONDS - 1e-9;
  const recent = goesOn ? [...weighing.recent.filter(({ seconds }) => seconds >= from), reading] : [reading];
  const seen: Weighing = {
    ...weighing,
    recent,
    onG: reading.massG - (weighing.zeroG ?? reading.massG),
    lowestG: Math.min(weighing.lowestG, reading.massG),
    pan: weighing.pan === 'starting' ? 'starting' : 'moving',
  };
  const isWhole = recent.length >= MIN_READINGS && reading.seconds - recent[0]!.seconds > WINDOW_SECONDS * 0.8;
  if (!isWhole) return seen;
  const atG = mean(recent);
  const spreadG = Math.sqrt(recent.reduce((sum, { massG }) => sum + (massG - atG) ** 2, 0) / recent.length);
  const noiseG = Math.min(weighing.noiseG, spreadG);
  const half = Math.floor(recent.length / 2);
  const movedG = Math.abs(mean(recent.slice(half)) - mean(recent.slice(0, half)));
  const withinG = Math.max(
    WITHIN_G,
    WITHIN_SHARE * Math.abs(atG - (weighing.zeroG ?? atG)),
    1.5 * noiseG,
    reading.stepG ?? USUAL_STEP_G,
  );
  if (movedG > withinG || spreadG > 2 * withinG) return { ...seen, noiseG };
  return rests({ ...seen, noiseG }, atG, Math.max(MIN_PIECE_G, 3 * withinG));
}

/** Handles a resting pan at a load. */
function rests(weighing: Weighing, atG: number, leastG: number): Weighing {
  const { zeroG, restedG, lowestG, weighedG } = weighing;
  // The pan is empty, or lighter than ever: a bowl was removed.
  if (zeroG === null || atG <= zeroG + leastG)
    return { ...weighing, pan: 'empty', zeroG: atG, onG: 0, restedG: null, lowestG: atG };
  const resting = { ...weighing, pan: 'resting', onG: atG - zeroG, restedG: atG, lowestG: atG } as const;
  // If the pan was empty in between, this is another item.
  const underG = restedG === null || lowestG <= zeroG + leastG ? zeroG : restedG;
  const isSame = restedG !== null && underG === restedG && Math.abs(atG - restedG) <= leastG;
  if (isSame) {
    const before = weighedG.at(-1);
    // While an item is on the scale, the latest window gives its mass.
    return before === undefined
      ? resting
      : { ...resting, weighedG: [...weighedG.slice(0, -1), before + atG - restedG] };
  }
  return atG > underG ? { ...resting, weighedG: [...weighedG, atG - underG] } : resting;
}
