import * as yup from 'yup';
import { ALLERGENS, DIETS } from '../larder';
import { MEASURES, UNITS } from '../measure';
import { VESSELS } from '../tin';
import { fields, LEAST, list, note, number, oneOf, positive, table, text, whole } from './fields';
import { GROWTHS, PLACES, SPREADS, STAGES, TEXTURES } from './types';

/** The largest amount, length and count that a file may hold; beyond them a figure is a slip. */
const MOST = { quantity: 1e6, mm: 5000, minutes: 1e5, grid: 200, tins: 100 } as const;

/** Whether a file can hold an amount: more or less than this is a slip. */
export const holdsQuantity = (quantity: number) => quantity >= LEAST && quantity <= MOST.quantity;

const required = 'This is missing';

const shape = <T extends string>(words: readonly T[]) => oneOf(words).required(required);

const tinShapes = {
  rectangle: fields({
    shape: shape(['rectangle', 'round', 'sheet']),
    lengthMm: positive(MOST.mm).required(required),
    widthMm: positive(MOST.mm).required(required),
    depthMm: positive(1000).required(required),
    cornerMm: number(0, MOST.mm / 2).test(
      'fits',
      'A corner radius is at most half of the shorter side',
      (corner, { parent }) =>
        corner === undefined || corner <= Math.min(Number(parent.lengthMm), Number(parent.widthMm)) / 2,
    ),
    flareDeg: number(0, 60),
  }).required(required),
  round: fields({
    shape: shape(['round']),
    diameterMm: positive(MOST.mm).required(required),
    depthMm: positive(1000).required(required),
    flareDeg: number(0, 60),
  }).required(required),
  sheet: fields({
    shape: shape(['sheet']),
    lengthMm: positive(MOST.mm).required(required),
    widthMm: positive(MOST.mm).required(required),
    depthMm: positive(1000),
    outlineMm: fields({ length: positive(MOST.mm).required(required), width: positive(MOST.mm).required(required) }),
  }).required(required),
} as const;

/** What a thing says that it is, under one of its fields. */
function said(found: unknown, field: string): unknown {
  return typeof found === 'object' && found !== null ? (found as Record<string, unknown>)[field] : undefined;
}

/** What a slab is made in: rectangle, round or sheet. */
export const tinSchema = yup.lazy((found: unknown) => {
  const shape = said(found, 'shape');
  return shape === 'round' || shape === 'sheet' ? tinShapes[shape] : tinShapes.rectangle;
});

const per100 = number(0, 100);
const day = yup
  .string()
  .strict()
  .typeError('Write a day such as 2026-05-31')
  .matches(/^\d{4}-\d{2}-\d{2}$/, 'Write a day such as 2026-05-31');
const share = number(0, 1);

/** An ingredient of the larder, in a slab file or in the shop. */
export const ingredientSchema = fields({
  name: text(),
  aliases: list(text(), 50),
  densityGPerMl: positive(25),
  densities: table(positive(25), 20),
  unitMassG: positive(MOST.quantity),
  packs: list(
    fields({
      name: text(),
      massG: positive(MOST.quantity).required(required),
      price: number(0, MOST.quantity),
      pricedOn: day,
    }).required(required),
    20,
  ),
  composition: fields({
    water: per100.required(required),
    sugars: per100.required(required),
    fat: per100.required(required),
    protein: per100.required(required),
    other: per100.required(required),
    salt: per100,
  }).test('sum', 'The parts of 100 g add up to more than 101 g', (parts) => {
    if (!parts) return true;
    return parts.water + parts.sugars + parts.fat + parts.protein + parts.other <= 101;
  }),
  sugarKinds: fields({ sucrose: per100, lactose: per100, mono: per100, glucoseSyrup: per100 }),
  allergens: list(oneOf(ALLERGENS).required(required), ALLERGENS.length),
  diets: list(oneOf(DIETS).required(required), DIETS.length),
  madeOf: list(fields({ ingredient: text(), percent: per100 }).required(required), 100),
  usualPercent: fields({ from: per100.required(required), to: per100.required(required) }),
  grainMm: positive(1000),
  alternatives: list(
    fields({ ingredient: text(), ratio: positive(100).required(required), changes: note(500) }).required(required),
    20,
  ),
  heldG: number(0, MOST.quantity),
  source: note(500),
});

const line = fields({
  ingredient: text(),
  quantity: positive(MOST.quantity).required(required),
  unit: oneOf(UNITS).required(required),
  state: note(100),
  addedAt: note(200),
  packG: positive(MOST.quantity),
  divided: list(
    fields({ share: share.required(required), preparation: note(200), addedAt: note(200) }).required(required),
    20,
  ),
  also: fields({ quantity: positive(MOST.quantity).required(required), unit: oneOf(UNITS).required(required) }),
  optional: yup.boolean().strict().typeError('Write true or false'),
  text: note(1000),
});

const step = fields({
  id: text(),
  text: text(2000),
  minutes: number(0, MOST.minutes).required(required),
  leastMinutes: number(0, MOST.minutes),
  mostMinutes: number(0, MOST.minutes),
  grows: oneOf(GROWTHS),
  hands: oneOf(['busy', 'watch', 'free']),
  occupies: list(text(), 20),
  ovenC: number(0, 400),
  after: list(text(), 100),
  wait: fields({ minMinutes: number(0, MOST.minutes), maxMinutes: number(0, MOST.minutes) }),
  cooks: yup.boolean().strict().typeError('Write true or false'),
  lays: yup.boolean().strict().typeError('Write true or false'),
});

const preparation = fields({
  id: text(),
  name: text(),
  lines: list(line.required(required), 200).required(required),
  lossPercent: number(0, 99),
  densityGPerMl: positive(25),
  cookTo: fields({ celsius: number(0, 300), fahrenheit: number(32, 572), stage: oneOf(STAGES) }),
  maxMultiple: positive(1000),
  steps: list(step.required(required), 200),
  unread: list(text(1000), 200),
  meets: fields({ preparation: text(), aheadMinutes: number(0, 1440), atStep: note(200) }),
});

const layer = fields({
  id: text(),
  name: text(),
  from: list(fields({ preparation: text(), share: share.required(required) }).required(required), 50).required(
    required,
  ),
  spread: oneOf(SPREADS).required(required),
  thicknessMm: positive(MOST.mm),
  wallMm: positive(MOST.mm),
  gramsPerPiece: positive(MOST.quantity),
  densityGPerMl: positive(25),
  pourC: number(-40, 300),
  set: fields({
    place: oneOf(PLACES),
    minMinutes: number(0, MOST.minutes),
    maxMinutes: number(0, MOST.minutes),
    toC: number(-40, 300),
  }),
  texture: oneOf(TEXTURES),
});

const trim = number(0, MOST.mm);

/** How a slab is cut: an even grid. */
export const cutSchema = fields({
  columns: whole(1, MOST.grid).required(required),
  rows: whole(1, MOST.grid).required(required),
  trimMm: fields({ left: trim, right: trim, front: trim, back: trim }),
  kerfMm: number(0, 50),
});

const have = fields({
  ingredient: text(),
  quantity: positive(MOST.quantity).required(required),
  unit: oneOf(UNITS).required(required),
  state: note(100),
});

const MODES = ['same-thickness', 'layer-thickness', 'total-height', 'multiple', 'as-far-as', 'pieces'] as const;
const mode = shape(MODES);
const scaleModes = new Map<unknown, yup.AnyObjectSchema>([
  ['layer-thickness', fields({ mode, mm: table(positive(1000), 50, true) })],
  ['total-height', fields({ mode, mm: positive(1000).required(required) })],
  ['as-far-as', fields({ mode, have: list(have.required(required), 100).required(required) })],
  ['multiple', fields({ mode, by: positive(1000).required(required) })],
  [
    'pieces',
    fields({
      mode,
      count: whole(1, 10000).required(required),
      lengthMm: positive(MOST.mm).required(required),
      widthMm: positive(MOST.mm).required(required),
      heightMm: positive(1000),
    }),
  ],
]);
const anyMode = fields({ mode });

/** What stays fixed when the tin changes. */
export const scaleSchema = yup.lazy((found: unknown) => scaleModes.get(said(found, 'mode')) ?? anyMode);

/** The tins that a slab is made in, and how many of each. */
export const tinsSchema = list(
  fields({ tin: tinSchema, count: whole(1, MOST.tins).required(required) }).required(required),
  20,
).min(1, 'Name at least one tin');

/** The whole slab file, field by field; what one field says of another is read in `read.ts`. */
export const slabSchema = fields({
  format: oneOf(['knife-tray/slab']).required(required),
  version: yup
    .number()
    .strict()
    .typeError('Write 1 here')
    .required(required)
    .oneOf([1], 'This file is of another version than 1'),
  name: text(),
  measures: oneOf(MEASURES),
  tin: tinSchema,
  preparations: list(preparation.required(required), 50).required(required),
  layers: list(layer.required(required), 50).required(required),
  cut: cutSchema,
  tins: tinsSchema,
  scale: scaleSchema,
  keep: fields({ place: oneOf(PLACES), days: number(0, 3650) }),
  notes: note(20000),
  freeFrom: list(oneOf(ALLERGENS).required(required), ALLERGENS.length),
  known: list(fields({ code: text(), where: note(500).defined(), note: note(1000) }).required(required), 500),
  larder: list(ingredientSchema.required(required), 500),
}).required('This is not a slab file: it holds no object');

const vessel = fields({
  name: text(),
  kind: oneOf(VESSELS).required(required),
  volumeMl: positive(1e6).required(required),
});
const probe = fields({ name: text(), boilC: number(60, 120), iceC: number(-20, 20), checkedOn: day });
const coefficient = number(0.5, 500);
const box = fields({
  name: text(),
  lengthMm: positive(MOST.mm).required(required),
  widthMm: positive(MOST.mm).required(required),
  heightMm: positive(MOST.mm).required(required),
});

const clock = yup
  .string()
  .strict()
  .typeError('Write a time such as 07:30')
  .matches(/^([01]\d|2[0-3]):[0-5]\d$/, 'Write a time such as 07:30');

/** Working hours by day of the week, 0 being Sunday. */
export const hoursSchema = list(
  fields({
    day: whole(0, 6).required(required),
    from: clock.required(required),
    to: clock
      .required(required)
      .test('differs', 'Write another time than the one it begins at', (to, { parent }) => to !== parent.from),
  }).required(required),
  42,
);

/** A time zone by its IANA name. */
export const zoneSchema = yup
  .string()
  .strict()
  .typeError('Write a time zone such as Europe/Dublin')
  .test('zone', 'Write a time zone such as Europe/Dublin', (zone) => {
    if (zone === undefined) return true;
    try {
      new Intl.DateTimeFormat('en', { timeZone: zone });
      return true;
    } catch {
      return false;
    }
  });

/** What a shop may say of itself in a plan request; anything left out is the shop's own setting. */
export const shopSchema = fields({
  name: note(200),
  currency: yup
    .string()
    .strict()
    .typeError('Write a currency code of three letters, such as EUR')
    .matches(/^[A-Z]{3}$/, 'Write a currency code of three letters, such as EUR'),
  measures: oneOf(MEASURES),
  scaleStepG: positive(1000),
  vessels: list(vessel.required(required), 100),
  boxes: list(box.required(required), 100),
  altitudeM: number(-500, 6000),
  roomC: number(-5, 50),
  humidityPercent: number(0, 100),
  probes: list(probe.required(required), 20),
  hours: hoursSchema,
  zone: zoneSchema,
  hands: whole(1, 10),
  ovens: whole(0, 10),
  rings: whole(0, 20),
  placeH: fields({ room: coefficient, fridge: coefficient, freezer: coefficient, marble: coefficient }),
});
