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

/** Working hours by day of the week, 0 for Sunday, in the shop's time zone. Night hours end on the next day. */
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

/** Format of dates and times, as a BCP 47 tag. */
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

/** m above sea level. */
const altitude = number(-500, 6000);

/** How a thermometer measures: inside the pot, or its surface by infrared. */
export const THERMOMETERS = ['probe', 'infrared'] as const;
export type ThermometerKind = (typeof THERMOMETERS)[number];
/** Whether each kind measures the surface of a pot, which is cooler than its inside. */
export const SEES_SKIN: Readonly<Record<ThermometerKind, boolean>> = { probe: false, infrared: true };

/** A thermometer with its readings in boiling water and in melting ice, and their day and altitude. */
const probe = fields({
  name: text(),
  /** Default: a probe in the pot. */
  kind: oneOf(THERMOMETERS),
  boilC: number(60, 120),
  iceC: number(-20, 20),
  /** Known error, where it was not checked in boiling water or ice. */
  readsHighC: number(-20, 20),
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

/** A saved piece type; a price in another currency is marked with it and not counted. */
const pieceKind = fields({
  name: text(200),
  lengthMm: number(...PIECE_MM).required(REQUIRED),
  widthMm: number(...PIECE_MM).required(REQUIRED),
  price: number(0, 1e6),
  currency: currencySchema,
});

/** Powered equipment with its mean power while on, kW. */
export const POWERED = ['oven', 'ring', 'mixer', 'fridge', 'freezer'] as const;
const kilowatts = number(0, 50);
const powerSchema = fields({
  oven: kilowatts,
  ring: kilowatts,
  mixer: kilowatts,
  fridge: kilowatts,
  freezer: kilowatts,
});

/** A sales channel: its discount and fees, and its packaging. */
const channel = fields({
  name: text(200),
  /** Discount on the price before tax. */
  discountPercent: number(0, 99),
  /** Fee as a share of the price paid, and per sale. */
  feePercent: number(0, 99),
  feeEach: number(0, 1e5),
  taxPercent: number(0, 100),
  /** What each sale costs besides, such as postage. */
  costEach: number(0, 1e5),
  /** What a day of selling costs, such as a stall fee, and the sales of a usual day that it is shared by. */
  feePerDay: number(0, 1e6),
  salesPerDay: positive(1e5),
  /** Box or bag, and pieces per sale. */
  in: note(200),
  pieces: whole(1, 1000),
  currency: currencySchema,
});

/** Rules for label drafts. */
export const LABEL_PROFILES = ['eu', 'uk', 'uk-direct', 'uk-loose', 'us'] as const;
export const PAPERS = ['A4', 'Letter'] as const;
const sideMm = number(10, 300);
const edgeMm = number(0, 100);
/** Dimensions of the shop's label sheets. */
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

/** Available resources: people, ovens with one temperature each, rings, shelf area in the fridge and the freezer, mm2. */
export const MEANS = {
  ...{ hands: whole(1, 10), ovens: whole(0, 10), rings: whole(0, 20) },
  ...{ fridgeMm2: number(0, 1e8), freezerMm2: number(0, 1e8) },
} as const;

/** People who work in the shop; without hours of their own they have those of the shop. */
const person = fields({ name: text(100), hours: hoursSchema });

/** Settings of a shop; missing fields of a request use the shop's own. */
export const shopSchema = fields({
  name: note(200),
  currency: currencySchema,
  measures: oneOf(MEASURES),
  /** Units for display, and of bare numbers. */
  shownIn: fields({
    temperature: oneOf(SHOWN_IN.temperature),
    length: oneOf(SHOWN_IN.length),
    mass: oneOf(SHOWN_IN.mass),
    volume: oneOf(SHOWN_IN.volume),
  }),
  /** Resolution of the scale, g. */
  scaleStepG: positive(1000),
  vessels: list(vesselSchema, 100),
  boxes: list(boxSchema, 100),
  bags: list(bagSchema, 100),
  wraps: list(wrapSchema, 100),
  /** Default pricing of slabs. */
  pricing: pricingSchema,
  power: powerSchema,
  channels: list(channel.required(REQUIRED), 20),
  labels: labelsSchema,
  pieceKinds: list(pieceKind.required(REQUIRED), 100),
  altitudeM: altitude,
  roomC: number(-5, 50),
  humidityPercent: number(0, 100),
  probes: list(probe.required(REQUIRED), 20),
  /** None means round the clock. */
  hours: hoursSchema,
  zone: zoneSchema,
  locale: localeSchema,
  ...MEANS,
  /** Without them, as many as `hands` with the shop's hours. */
  people: list(person.required(REQUIRED), 10),
  /** Shelves of each oven, and minutes that it takes to heat up. */
  ...{ ovenShelves: whole(1, 20), ovenHeatUpMinutes: number(0, 120) },
  ...{ mixers: whole(0, 10), boards: whole(1, 10) },
  /** Surface coefficients fitted from the shop's own setting times. */
  placeH,
  /** Tins of the shop; checks skip an unknown rack. */
  rack: list(rackTinSchema, 1000),
});
