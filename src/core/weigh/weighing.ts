/** What a scale shows at a moment. */
export interface ScaleReading {
  /** Of the scale's own time, s. */
  readonly seconds: number;
  readonly massG: number;
  /** The least step that it shows, g; 0.1 where it does not say. */
  readonly stepG?: number;
}

/** What has been read of a scale so far; begun by `newWeighing`, taken further by `weigh`. */
export interface Weighing {
  /** Masses of what was laid on one after the other, g; the last one is still refined while it lies there. */
  readonly weighedG: readonly number[];
  /** How the pan is: not at rest for the first time, empty, not at rest, or with something on it that rests. */
  readonly pan: 'starting' | 'empty' | 'moving' | 'resting';
  /** What it shows with nothing that counts on it, g: a bowl that stands there from the start counts as nothing. */
  readonly zeroG: number | null;
  /** What lies there, g over zero, as last shown. */
  readonly onG: number;
  /** At what it rested last, g; null where that was empty. */
  readonly restedG: number | null;
  /** The least that it has shown since it rested, g. */
  readonly lowestG: number;
  /** The least spread of a whole window so far, which is what it shivers by, g. */
  readonly noiseG: number;
  readonly recent: readonly ScaleReading[];
}

/** It rests when so long a time agrees with itself, s. */
const WINDOW_SECONDS = 0.8;
const MIN_READINGS = 5;
/** After a pause in the readings it is looked at anew, s. */
const GAP_SECONDS = 2;
/** It agrees within this, g, and a thousandth of what lies there. */
const WITHIN_G = 0.15;
const WITHIN_SHARE = 0.001;
/** What shivers by more is moving, g. */
const MAX_NOISE_G = 0.5;
const USUAL_STEP_G = 0.1;
/** A smaller change is no piece, g. */
const MIN_PIECE_G = 1;

/** A weighing that has not begun: where the pan first rests is zero. */
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

/** What rests on the pan now is zero from here on; what has been weighed stays. */
export const zeroed = (weighing: Weighing): Weighing => ({
  ...weighing,
  ...newWeighing(weighing.weighedG),
  noiseG: weighing.noiseG,
});

/** Without what was weighed last. What lies there still is not weighed again. */
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

/** What it means that the pan rests at so much. */
function rests(weighing: Weighing, atG: number, leastG: number): Weighing {
  const { zeroG, restedG, lowestG, weighedG } = weighing;
  // Empty, or emptier than ever: a bowl was taken away.
  if (zeroG === null || atG <= zeroG + leastG)
    return { ...weighing, pan: 'empty', zeroG: atG, onG: 0, restedG: null, lowestG: atG };
  const resting = { ...weighing, pan: 'resting', onG: atG - zeroG, restedG: atG, lowestG: atG } as const;
  // Where the pan was empty in between, it is another piece, however heavy the one before was.
  const underG = restedG === null || lowestG <= zeroG + leastG ? zeroG : restedG;
  const isSame = restedG !== null && underG === restedG && Math.abs(atG - restedG) <= leastG;
  if (isSame) {
    const before = weighedG.at(-1);
    // The window moves on while it lies there; the piece is what the latest says.
    return before === undefined
      ? resting
      : { ...resting, weighedG: [...weighedG.slice(0, -1), before + atG - restedG] };
  }
  return atG > underG ? { ...resting, weighedG: [...weighedG, atG - underG] } : resting;
}
