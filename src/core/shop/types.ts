import type { Held } from '../validation';
import type { POWERED, shopSchema } from './schema';

type Said = Held<typeof shopSchema>;

/** Settings of the shop for all slabs, and its equipment. */
export type Shop = Said & Required<Pick<Said, 'name' | 'currency' | 'measures' | 'scaleStepG'>>;

/** A thermometer with its last check. */
export type Probe = NonNullable<Shop['probes']>[number];

/** A sales channel: the counter, a cafe, a packed tin. */
export type Channel = NonNullable<Shop['channels']>[number];

/** Powered equipment. */
export type Powered = (typeof POWERED)[number];

/** The shop's label sheets with all fields. */
export type LabelSheet = Required<NonNullable<Shop['labels']>>;

/** Working hours of one day of the week. */
export type Hours = NonNullable<Shop['hours']>[number];

/** Default settings: at sea level, a cool room, one person at one hob. */
export const USUAL_SHOP = {
  locale: 'en-GB',
  altitudeM: 0,
  roomC: 20,
  humidityPercent: 55,
  hands: 1,
  ovens: 1,
  rings: 4,
  ovenShelves: 2,
  ovenHeatUpMinutes: 12,
  mixers: 1,
  boards: 1,
} as const;

/** Typical mean power in a small workroom, kW; ovens and fridges cycle. */
export const USUAL_POWER: Readonly<Record<Powered, number>> = {
  oven: 1.2,
  ring: 1.2,
  mixer: 0.3,
  fridge: 0.06,
  freezer: 0.08,
};

/** Default label sheet. */
export const USUAL_LABELS: LabelSheet = {
  profile: 'eu',
  address: '',
  paper: 'A4',
  columns: 2,
  rows: 4,
  widthMm: 95,
  heightMm: 64,
  leftMm: 9,
  topMm: 12,
  gapAcrossMm: 2,
  gapDownMm: 2,
};
