/** Mechanisms that make a layer firm. */
export const STUFFS = [
  'tempered chocolate',
  'melted chocolate',
  'sweet paste',
  'milk fat',
  'coconut fat',
  'glass',
  'grain',
  'slow gel',
  'fast gel',
  'baked',
  'ice',
  'cold',
] as const;
export type Stuff = (typeof STUFFS)[number];

/** Firmness of a layer at rest by temperature, and the firmness needed for each step of work. */
export interface Firmness {
  readonly stuff: Stuff;
  /** Firm share at rest, 1 to 0, from cold to warm, with linear interpolation. */
  readonly curve: readonly (readonly [celsius: number, firm: number])[];
  /** Time constant of the approach to rest, min. */
  readonly lagMinutes: number;
  /** How much warmer than `LAG_COLD_C` makes that time constant longer by the factor e, °C; `null` if it is the same everywhere. */
  readonly lagGrowsC: number | null;
  /** Share of its fat that is not the chocolate's own and softens it, 0 to 1; 0 for what is no chocolate. */
  readonly otherFat: number;
  /** Whether stirring has broken it, so that it starts soft however cool it is poured. */
  readonly startsSoft: boolean;
  /** Firmness needed at the face for the next layer, in the middle to cut, and to pack. */
  readonly takesNext: number;
  readonly cuts: number;
  readonly packs: number;
  /** Firmness of the middle above which it no longer cuts cleanly: a cold blade cracks it, or none gets through; `null` if that never is. */
  readonly tooFirm: number | null;
  /** Whether a layer in a place too warm for it counts as set at its final, softer state. */
  readonly softIsFine: boolean;
}

/** Returns the firmness at rest at a temperature, 0 to 1. */
export function firmAt({ curve }: Pick<Firmness, 'curve'>, celsius: number): number {
  const after = curve.findIndex(([at]) => at >= celsius);
  if (after === 0) return curve[0]![1];
  if (after === -1) return curve.at(-1)![1];
  const [[fromC, from], [toC, to]] = [curve[after - 1]!, curve[after]!];
  return from + ((to - from) * (celsius - fromC)) / (toC - fromC);
}

/** Temperature up to which crystals form as fast as they can, °C. */
const LAG_COLD_C = 8;

/** Returns the time constant of the approach to rest at a temperature, min. */
export const lagAt = ({ lagMinutes, lagGrowsC }: Firmness, celsius: number): number =>
  lagGrowsC === null ? lagMinutes : lagMinutes * Math.exp(Math.max(0, celsius - LAG_COLD_C) / lagGrowsC);

/** Returns the firmness some minutes later at a temperature: it rises with its time constant, and falls at once. */
export function firmLater(firm: number, firmness: Firmness, celsius: number, minutes: number): number {
  const rest = firmAt(firmness, celsius);
  if (rest <= firm || firmness.lagMinutes === 0) return rest;
  return rest - (rest - firm) * Math.exp(-minutes / lagAt(firmness, celsius));
}

/** Share of the final firmness that counts as reached. */
const NEARLY = 0.9;
/** Minimum firmness to count as firm at all. */
const MIN_FIRM = 0.12;

/**
 * Returns the firmness needed in a place: the usual one or, if it is never reached there and the layer may be soft, that of its
 * final state.
 *
 * @param airC of the place
 */
export function wantedFirm(usual: number, firmness: Firmness, airC: number): number {
  const atRest = firmAt(firmness, airC);
  const most = NEARLY * atRest;
  return firmness.softIsFine && most < usual && atRest > MIN_FIRM ? most : usual;
}
