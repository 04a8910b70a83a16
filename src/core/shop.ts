import type { Measures } from './measure';
import type { Place } from './slab';
import type { Hours } from './time';
import type { Box, RackTin, Vessel } from './tin';

/** A thermometer, and how it was last found to read. */
export interface Probe {
  readonly name: string;
  /** What it showed in boiling water and in melting ice, deg C. */
  readonly boilC?: number | undefined;
  readonly iceC?: number | undefined;
  /** YYYY-MM-DD. */
  readonly checkedOn?: string | undefined;
}

/** What the shop has settled once for all slabs, and what it has to work with. */
export interface Shop {
  readonly name: string;
  /** ISO 4217 code. */
  readonly currency: string;
  readonly measures: Measures;
  /** What the shop's scale can tell apart, g. */
  readonly scaleStepG: number;
  readonly vessels?: readonly Vessel[] | undefined;
  readonly boxes?: readonly Box[] | undefined;
  /** Height above the sea, m. */
  readonly altitudeM?: number | undefined;
  readonly roomC?: number | undefined;
  /** Relative humidity of the room, percent. */
  readonly humidityPercent?: number | undefined;
  readonly probes?: readonly Probe[] | undefined;
  /** Surface coefficients fitted from the shop's own set times, W/m2 K. */
  readonly placeH?: Readonly<Partial<Record<Place, number>>> | undefined;
  /** Working hours by day of the week, 0 being Sunday, in the shop's own time; none stands for round the clock. */
  readonly hours?: readonly Hours[] | undefined;
  /** IANA name of the shop's time zone. */
  readonly zone?: string | undefined;
  /** Pairs of hands at work at one time. */
  readonly hands?: number | undefined;
  /** Each holds one temperature. */
  readonly ovens?: number | undefined;
  readonly rings?: number | undefined;
  /** The tins that the shop has; where it is not known the second reader does not ask. */
  readonly rack?: readonly RackTin[] | undefined;
}

/** What holds of a shop that has not said: at the sea, a cool workroom, one maker at one stove. */
export const USUAL_SHOP = { altitudeM: 0, roomC: 20, humidityPercent: 55, hands: 1, ovens: 1, rings: 4 } as const;
