import { currencySchema } from '../larder';
import { MEASURES, SHOWN_IN } from '../measure';
import { PIECE_MM, PLACES, pricingSchema } from '../slab';
import { bagSchema, boxSchema, rackTinSchema, vesselSchema, wrapSchema } from '../tin';
import {
  asMessage,
  daySchema,
  fields,
  formed,
  reason,
  list,
  note,
  number,
  oneOf,
  positive,
  REQUIRED,
  text,
  whole,
} from '../validation';
import * as yup from 'yup';

const clock = formed(/^([01]\d|2[0-3]):[0-5]\d$/, reason('not-a-time-of-day')).required(REQUIRED);

/** Working hours by day of the week, 0 being Sunday, in the shop's own time. Those of a night end on the next day. */
export const hoursSchema = list(
  fields({
    day: whole(0, 6).required(REQUIRED),
    from: clock,
    to: clock.test('differs', asMessage(reason('ends-when-it-begins')), (to, { parent }) => to !== parent.from),
  }).required(REQUIRED),
  42,
);

const notATimeZone = asMessage(reason('not-a-time-zone'));

/** A time zone by its IANA name. */
export const zoneSchema = yup
  .string()
  .strict()
  .typeError(notATimeZone)
  .test('zone', notATimeZone, (zone) => {
    if (zone === undefined) return true;
    try {
      new Intl.DateTimeFormat('en', { timeZone: zone });
      return true;
    } catch {
      return false;
    }
  });

const notALocale = asMessage(reason('not-a-locale'));

/** How a shop writes its days and times, as a BCP 47 tag. */
const localeSchema = yup
  .string()
  .strict()
  .typeError(notALocale)
  .test('locale', notALocale, (locale) => {
    if (locale === undefined) return true;
    try {
      return Intl.DateTimeFormat.supportedLocalesOf(locale).length > 0;
    } catch {
      return false;
    }
  });

/** m above the sea. */
const altitude = number(-500, 6000);

/** How a thermometer takes a temperature: hung into the pot, or from the light of its skin. */
export const THERMOMETERS = ['probe', 'infrared'] as const;
export type ThermometerKind = (typeof THERMOMETERS)[number];
/** Whether each sees the skin of a pot, which is cooler than what lies under it. */
export const SEES_SKIN: Readonly<Record<ThermometerKind, boolean>> = { probe: false, infrared: true };

/** A thermometer, what it showed in boiling water and in melting ice, and the day and the height of that. */
const probe = fields({
  name: text(),
  /** Without it, one that hangs in the pot. */
  kind: oneOf(THERMOMETERS),
  boilC: number(60, 120),
  iceC: number(-20, 20),
  checkedOn: daySchema,
  checkedAtM: altitude,
});

/** W/m2 K. */
const coefficient = number(0.5, 500);
const placeH = fields(
  Object.fromEntries(PLACES.map((place) => [place, coefficient])) as Record<
    (typeof PLACES)[number],
    typeof coefficient
  >,
);

/** A kind of piece that the shop cuts again and again; a price in another currency than the shop's says so, and is not counted. */
const pieceKind = fields({
  name: text(200),
  lengthMm: number(...PIECE_MM).required(REQUIRED),
  widthMm: number(...PIECE_MM).required(REQUIRED),
  price: number(0, 1e6),
  currency: currencySchema,
});

/** What draws power, by its mean draw while it is on, kW. */
export const POWERED = ['oven', 'ring', 'mixer', 'fridge', 'freezer'] as const;
const kilowatts = number(0, 50);
const powerSchema = fields({
  oven: kilowatts,
  ring: kilowatts,
  mixer: kilowatts,
  fridge: kilowatts,
  freezer: kilowatts,
});

/** A way to sell: what it takes off the price, and what it packs in. */
const channel = fields({
  name: text(200),
  /** Off the price before tax: what a cafe pays less. */
  discountPercent: number(0, 99),
  /** Of what the buyer pays, and for each sale. */
  feePercent: number(0, 99),
  feeEach: number(0, 1e5),
  taxPercent: number(0, 100),
  /** A box or a bag of the shop, and how many pieces go into each. */
  in: note(200),
  pieces: whole(1, 1000),
  currency: currencySchema,
});

/** Whose rules a label is drafted by. */
export const LABEL_PROFILES = ['eu', 'us'] as const;
export const PAPERS = ['A4', 'Letter'] as const;
const sideMm = number(10, 300);
const edgeMm = number(0, 100);
/** The shop's own sheets of labels. */
const labelsSchema = fields({
  profile: oneOf(LABEL_PROFILES),
  address: note(500),
  paper: oneOf(PAPERS),
  columns: whole(1, 10),
  rows: whole(1, 30),
  widthMm: sideMm,
  heightMm: sideMm,
  leftMm: edgeMm,
  topMm: edgeMm,
  gapAcrossMm: edgeMm,
  gapDownMm: edgeMm,
});

/** What can be counted on at once: pairs of hands, ovens that each hold one temperature, rings. */
export const MEANS = { hands: whole(1, 10), ovens: whole(0, 10), rings: whole(0, 20) } as const;

/** What a shop may say of itself; anything left out of a request is the shop's own setting. */
export const shopSchema = fields({
  name: note(200),
  currency: currencySchema,
  measures: oneOf(MEASURES),
  /** The units that figures are shown in, and that a bare number is read in. */
  shownIn: fields({
    temperature: oneOf(SHOWN_IN.temperature),
    length: oneOf(SHOWN_IN.length),
    mass: oneOf(SHOWN_IN.mass),
    volume: oneOf(SHOWN_IN.volume),
  }),
  /** What the shop's scale can tell apart. */
  scaleStepG: positive(1000),
  vessels: list(vesselSchema, 100),
  boxes: list(boxSchema, 100),
  bags: list(bagSchema, 100),
  wraps: list(wrapSchema, 100),
  /** How the shop prices a slab that does not say otherwise. */
  pricing: pricingSchema,
  power: powerSchema,
  channels: list(channel.required(REQUIRED), 20),
  labels: labelsSchema,
  pieceKinds: list(pieceKind.required(REQUIRED), 100),
  altitudeM: altitude,
  roomC: number(-5, 50),
  humidityPercent: number(0, 100),
  probes: list(probe.required(REQUIRED), 20),
  /** None at all stands for round the clock. */
  hours: hoursSchema,
  zone: zoneSchema,
  locale: localeSchema,
  ...MEANS,
  /** Surface coefficients fitted from the shop's own set times. */
  placeH,
  /** The tins that the shop has; where it is not known the second reader does not ask. */
  rack: list(rackTinSchema, 1000),
});
