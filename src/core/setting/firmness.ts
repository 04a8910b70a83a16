/** What makes a layer firm. */
export const STUFFS = [
  'tempered chocolate',
  'melted chocolate',
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

/** How firm a layer is at rest, by temperature, and how firm it has to be for what is done to it. */
export interface Firmness {
  readonly stuff: Stuff;
  /** Share that is firm at rest, 1 to 0, from cold to warm; between them straight lines. */
  readonly curve: readonly (readonly [celsius: number, firm: number])[];
  /** How far behind its temperature it is: what is missing to rest goes by a factor e in so long, min. */
  readonly lagMinutes: number;
  /** How firm the face has to be to take the next layer, the middle to be cut clean, and to be packed. */
  readonly takesNext: number;
  readonly cuts: number;
  readonly packs: number;
  /** From how firm a middle on a cold blade cracks it; null for what does not crack. */
  readonly cracks: number | null;
  /** Where it stands so warm that it never gets so firm, it is taken as it is there: soft, but as firm as it gets. */
  readonly softIsFine: boolean;
}

/** How firm it is at rest at a temperature, 0 to 1. */
export function firmAt({ curve }: Pick<Firmness, 'curve'>, celsius: number): number {
  const after = curve.findIndex(([at]) => at >= celsius);
  if (after === 0) return curve[0]![1];
  if (after === -1) return curve.at(-1)![1];
  const [[fromC, from], [toC, to]] = [curve[after - 1]!, curve[after]!];
  return from + ((to - from) * (celsius - fromC)) / (toC - fromC);
}

/** How firm something is some minutes later, at a temperature: it gains by its lag, and softens at once. */
export function firmLater(firm: number, firmness: Firmness, celsius: number, minutes: number): number {
  const rest = firmAt(firmness, celsius);
  if (rest <= firm || firmness.lagMinutes === 0) return rest;
  return rest - (rest - firm) * Math.exp(-minutes / firmness.lagMinutes);
}

/** Of what is as firm as it gets, so much counts as there. */
const NEARLY = 0.9;
/** At less than that nothing is taken for firm, however warm it stands. */
const MIN_FIRM = 0.12;

/**
 * How firm something has to be in a place: as is usual, or where it never gets so firm there and may be soft, as firm as it gets.
 *
 * @param airC of the place
 */
export function wantedFirm(usual: number, firmness: Firmness, airC: number): number {
  const atRest = firmAt(firmness, airC);
  const most = NEARLY * atRest;
  return firmness.softIsFine && most < usual && atRest > MIN_FIRM ? most : usual;
}
