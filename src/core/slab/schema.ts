import * as yup from 'yup';
import { ALLERGENS, ingredientSchema, MAX_QUANTITY } from '../larder';
import { MEASURES, UNITS } from '../measure';
import { LININGS, MAX_MM, tinSchema, tinsSchema } from '../tin';
import {
  asMessage,
  choice,
  fields,
  flag,
  MIN_POSITIVE,
  list,
  note,
  number,
  oneOf,
  positive,
  reason,
  REQUIRED,
  table,
  text,
  whole,
} from '../validation';
import { labelSchema, packingSchema, pricingSchema } from './selling';
import {
  COOLING_PLACES,
  CUT_TOOLS,
  CUT_WAYS,
  GROWTHS,
  HANDS,
  PIECE_SHAPES,
  PLACES,
  SPREADS,
  STAGES,
  TEXTURES,
} from './words';

const MAX_MINUTES = 1e5;
/** The most columns, and the most rows, that a slab is cut into. */
export const MAX_GRID = 200;
/** Pieces of an order are between these on a side, mm: nothing smaller can be cut. */
export const PIECE_MM = [5, 1000] as const;
/** The most lines, and the most steps, of all preparations together. */
export const MAX_IN_ALL = { lines: 1000, steps: 250 } as const;

/** Whether a file can hold an amount: more or less than this is a slip. */
export const holdsQuantity = (quantity: number) => quantity >= MIN_POSITIVE && quantity <= MAX_QUANTITY;

const quantity = positive(MAX_QUANTITY).required(REQUIRED);
const unit = oneOf(UNITS).required(REQUIRED);
const share = number(0, 1).required(REQUIRED);
const minutes = number(0, MAX_MINUTES);

const line = fields({
  ingredient: text(),
  quantity,
  unit,
  state: note(100),
  /** The step at which it goes in. */
  addedAt: note(200),
  /** For `pack`: what the pack holds, where the line says so itself. */
  packG: positive(MAX_QUANTITY),
  /** Parts that go elsewhere: at another step, or into another preparation. The rest stays here. */
  divided: list(fields({ share, preparation: note(200), addedAt: note(200) }).required(REQUIRED), 20),
  /** A second amount that the line gives for the same thing. */
  also: fields({ quantity, unit }),
  optional: flag(),
  /** The line as it was taken in. */
  text: note(1000),
});

const step = fields({
  id: text(),
  text: text(2000),
  /** As it usually is, for the amounts as written. */
  minutes: minutes.required(REQUIRED),
  leastMinutes: minutes,
  mostMinutes: minutes,
  /** Without it a boil grows with its cooks, work of hands by the square root of the amount, and the rest not at all. */
  grows: oneOf(GROWTHS),
  hands: oneOf(HANDS),
  occupies: list(text(), 20),
  ovenC: number(0, 400),
  after: list(text(), 100),
  /** How long it may, and has to, wait after those. */
  wait: fields({ minMinutes: minutes, maxMinutes: minutes }),
  /** The boil to the end point. */
  cooks: flag(),
  /** It is left alone until it has cooled to this: how long that takes follows from the pot, whatever its minutes say. */
  coolTo: fields({ celsius: number(0, 200).required(REQUIRED), in: oneOf(COOLING_PLACES) }),
  /** What is made is laid in this step, as chocolate strewn on the hot slab is: it waits for the layer below. */
  lays: flag(),
});

const preparation = fields({
  id: text(),
  name: text(),
  lines: list(line.required(REQUIRED), 200).required(REQUIRED),
  lossPercent: number(0, 99),
  densityGPerMl: positive(25),
  /** The end point, and the stage that the recipe names for it. */
  cookTo: fields({ celsius: number(0, 300), fahrenheit: number(32, 572), stage: oneOf(STAGES) }),
  maxScaleFactor: positive(1000),
  steps: list(step.required(REQUIRED), 200),
  /** Lines that were taken in and could not be read; they stay as text until they are. */
  unread: list(text(1000), 200),
  /** `atStep` is the step at which the other goes in; what stands before it is then ready together with the other. */
  meets: fields({ preparation: text(), aheadMinutes: number(0, 1440), atStep: note(200) }),
});

const layer = fields({
  id: text(),
  name: text(),
  from: list(fields({ preparation: text(), share }).required(REQUIRED), 50).required(REQUIRED),
  spread: oneOf(SPREADS).required(REQUIRED),
  thicknessMm: positive(MAX_MM),
  wallMm: positive(MAX_MM),
  gramsPerPiece: positive(MAX_QUANTITY),
  densityGPerMl: positive(25),
  pourC: number(-40, 300),
  set: fields({ place: oneOf(PLACES), minMinutes: minutes, maxMinutes: minutes, toC: number(-40, 300) }),
  texture: oneOf(TEXTURES),
});

const trim = number(0, MAX_MM);

const lineMm = list(number(0, MAX_MM).required(REQUIRED), MAX_GRID);

/** A kind of piece, where several are cut from one slab. */
export const kindSchema = fields({
  id: text(100),
  name: text(200),
  lengthMm: number(...PIECE_MM).required(REQUIRED),
  widthMm: number(...PIECE_MM).required(REQUIRED),
  /** What one is worth beside the others: its price, say. */
  value: number(0, 1e6),
  least: whole(0, 10000),
  most: whole(0, 10000),
  /** It may lie the other way. */
  turn: flag(),
});

/** How a slab is cut: an even grid, and what is cut otherwise. */
export const cutSchema = fields({
  columns: whole(1, MAX_GRID).required(REQUIRED),
  rows: whole(1, MAX_GRID).required(REQUIRED),
  trimMm: fields({ left: trim, right: trim, front: trim, back: trim }),
  kerfMm: number(0, 50),
  way: oneOf(CUT_WAYS),
  tool: oneOf(CUT_TOOLS),
  shape: oneOf(PIECE_SHAPES),
  /** Through-cuts that are not evenly spaced, from the left and from the front; they win over columns and rows. */
  linesMm: fields({ length: lineMm, width: lineMm }),
  /** Strips over the whole slab, each cut on its own; they win over lines. They lie along the length unless they say otherwise. */
  strips: list(
    fields({
      atMm: number(0, MAX_MM).required(REQUIRED),
      widthMm: positive(MAX_MM).required(REQUIRED),
      linesMm: lineMm.required(REQUIRED),
      along: oneOf(['length', 'width']),
      /** Which kind each piece of it is, in order; empty for what is left over. */
      kinds: list(note(100).defined(), MAX_GRID + 1),
    }).required(REQUIRED),
    MAX_GRID,
  ),
  kinds: list(kindSchema.required(REQUIRED), 40),
  /** Broken by hand: the mass that is aimed at, how unevenly it breaks, and what a bag holds. */
  break: fields({
    aimG: number(1, MAX_QUANTITY).required(REQUIRED),
    spread: number(0, 2),
    bagG: positive(MAX_QUANTITY),
  }),
  /** Readings of the thickness of the made slab, from the left and from the front. */
  thicknessAt: list(
    fields({
      xMm: number(0, MAX_MM).required(REQUIRED),
      yMm: number(0, MAX_MM).required(REQUIRED),
      mm: positive(1000).required(REQUIRED),
    }).required(REQUIRED),
    200,
  ),
});

const have = fields({ ingredient: text(), quantity, unit, state: note(100) });
const pieceMm = number(...PIECE_MM).required(REQUIRED);

/** What stays fixed when the tin changes. */
export const scaleSchema = choice(
  'mode',
  {
    'same-thickness': {},
    'layer-thickness': { mm: table(positive(1000), 50).required(REQUIRED) },
    'total-height': { mm: positive(1000).required(REQUIRED) },
    scaleFactor: { by: positive(1000).required(REQUIRED) },
    'as-far-as': { have: list(have.required(REQUIRED), 100).required(REQUIRED) },
    pieces: {
      count: whole(1, 10000).required(REQUIRED),
      lengthMm: pieceMm,
      widthMm: pieceMm,
      /** Lower than written, where the tins are too shallow for that. */
      heightMm: positive(1000),
    },
  },
  'optional',
);

/**
 * The whole slab file, field by field; what one field says of another is read in `read.ts`.
 *
 * `tin` and the amounts are the slab as it is written; `tins` and `scale` say in what it is made now, as `/api/plan` takes them, so that
 * a kept slab does not forget its tin and its written amounts are not overwritten.
 */
export const slabSchema = fields({
  format: oneOf(['knife-tray/slab']).required(REQUIRED),
  version: yup
    .number()
    .strict()
    .typeError(asMessage(reason('not-version-1')))
    .required(REQUIRED)
    .oneOf([1 as const], asMessage(reason('not-version-1'))),
  name: text(),
  measures: oneOf(MEASURES),
  tin: tinSchema,
  preparations: list(preparation.required(REQUIRED), 50).required(REQUIRED),
  layers: list(layer.required(REQUIRED), 50).required(REQUIRED),
  cut: cutSchema,
  tins: tinsSchema,
  scale: scaleSchema,
  /** How the tin is lined; without it, with one sheet. */
  lining: oneOf(LININGS),
  keep: fields({ place: oneOf(PLACES), days: number(0, 3650) }),
  pricing: pricingSchema,
  packing: packingSchema,
  label: labelSchema,
  notes: note(20000),
  /** Allergens that the slab is sold as free from. */
  freeFrom: list(oneOf(ALLERGENS).required(REQUIRED), ALLERGENS.length),
  /** Warnings that the maker has seen and settled, each with a note. */
  known: list(fields({ code: text(), where: note(500).defined(), note: note(1000) }).required(REQUIRED), 500),
  larder: list(ingredientSchema.required(REQUIRED), 500),
}).required(asMessage(reason('not-a-slab-file')));
