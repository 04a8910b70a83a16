import type { Held } from '../validation';
import type { POWERED, shopSchema } from './schema';

type Said = Held<typeof shopSchema>;

/** What the shop has settled once for all slabs, and what it has to work with. */
export type Shop = Said & Required<Pick<Said, 'name' | 'currency' | 'measures' | 'scaleStepG'>>;

/** A thermometer, and how it was last found to read. */
export type Probe = NonNullable<Shop['probes']>[number];

/** A way to sell: over the counter, to a cafe, in a packed tin. */
export type Channel = NonNullable<Shop['channels']>[number];

/** What draws power. */
export type Powered = (typeof POWERED)[number];

/** The shop's own sheets of labels, in full. */
export type LabelSheet = Required<NonNullable<Shop['labels']>>;

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

/** Mean draw of what a small workroom has, kW: an oven and a fridge rest between their spells. */
export const USUAL_POWER: Readonly<Record<Powered, number>> = {
  oven: 1.2,
  ring: 1.2,
  mixer: 0.3,
  fridge: 0.06,
  freezer: 0.08,
};

/** A sheet of labels as it is until the shop has measured its own. */
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
