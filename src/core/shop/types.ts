import type { Held } from '../validation';
import type { shopSchema } from './schema';

type Said = Held<typeof shopSchema>;

/** What the shop has settled once for all slabs, and what it has to work with. */
export type Shop = Said & Required<Pick<Said, 'name' | 'currency' | 'measures' | 'scaleStepG'>>;

/** A thermometer, and how it was last found to read. */
export type Probe = NonNullable<Shop['probes']>[number];

/** A kind of piece by its name, size and price. */
export type ShopPiece = NonNullable<Shop['pieceKinds']>[number];

/** Working hours of one day of the week. */
export type Hours = NonNullable<Shop['hours']>[number];

/** What holds of a shop that has not said: at the sea, a cool workroom, one maker at one stove. */
export const USUAL_SHOP = {
  locale: 'en-GB',
  altitudeM: 0,
  roomC: 20,
  humidityPercent: 55,
  hands: 1,
  ovens: 1,
  rings: 4,
} as const;
