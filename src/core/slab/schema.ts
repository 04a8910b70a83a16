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
/** Maximum number of columns and of rows. */
export const MAX_GRID = 200;
/** Limits of an ordered piece's sides, mm. */
export const PIECE_MM = [5, 1000] as const;
/** Maximum number of lines and of steps over all preparations. */
export const MAX_IN_ALL = { lines: 1000, steps: 250 } as const;

/** Tells whether a file can hold an amount: anything outside is a typing error. */
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
  /** Step at which it is added. */
  addedAt: note(200),
  /** For `pack`: net content of the pack, if the line states it. */
  packG: positive(MAX_QUANTITY),
  /** Parts that go elsewhere: to another step or preparation. The rest stays here. */
  divided: list(fields({ share, preparation: note(200), addedAt: note(200) }).required(REQUIRED), 20),
  /** A second amount of the same ingredient. */
  also: fields({ quantity, unit }),
  optional: flag(),
  /** Whether the recipe states no amount, and this one is usual. */
  amountAssumed: flag(),
  /** The line as imported. */
  text: note(1000),
});

const step = fields({
  id: text(),
  text: text(2000),
  /** Typical time for the base recipe. */
  minutes: minutes.required(REQUIRED),
  leastMinutes: minutes,
  mostMinutes: minutes,
  /** Default: a boil grows with the number of boils, hands-on work with the square root of the amount, and others stay the same. */
  grows: oneOf(GROWTHS),
  hands: oneOf(HANDS),
  occupies: list(text(), 20),
  ovenC: number(0, 400),
  after: list(text(), 100),
  /** Minimum and maximum wait after those steps. */
  wait: fields({ minMinutes: minutes, maxMinutes: minutes }),
  /** Whether the step boils to the end point. */
  cooks: flag(),
  /** The pot cools undisturbed to this temperature; the time follows from the pot. */
  coolTo: fields({ celsius: number(0, 200).required(REQUIRED), in: oneOf(COOLING_PLACES) }),
  /** The mixture is poured in this step, like chocolate scattered on a hot slab: it waits for the layer below. */
  lays: flag(),
});

const preparation = fields({
  id: text(),
  name: text(),
  lines: list(line.required(REQUIRED), 200).required(REQUIRED),
  lossPercent: number(0, 99),
  densityGPerMl: positive(25),
  /** End point, and the sugar stage that the recipe names. */
  cookTo: fields({ celsius: number(0, 300), fahrenheit: number(32, 572), stage: oneOf(STAGES) }),
  maxScaleFactor: positive(1000),
  steps: list(step.required(REQUIRED), 200),
  /** Imported lines that were not recognised; they stay as text. */
  unread: list(text(1000), 200),
  /** `atStep` is the step at which the other preparation is added; everything before it is then finished together. */
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

/** A piece type, where several are cut from one slab. */
export const kindSchema = fields({
  id: text(100),
  name: text(200),
  lengthMm: number(...PIECE_MM).required(REQUIRED),
  widthMm: number(...PIECE_MM).required(REQUIRED),
  /** Relative value, for example its price. */
  value: number(0, 1e6),
  least: whole(0, 10000),
  most: whole(0, 10000),
  /** Whether it may be rotated. */
  turn: flag(),
});

/** Cut of a slab: an even grid, and alternatives. */
export const cutSchema = fields({
  columns: whole(1, MAX_GRID).required(REQUIRED),
  rows: whole(1, MAX_GRID).required(REQUIRED),
  trimMm: fields({ left: trim, right: trim, front: trim, back: trim }),
  kerfMm: number(0, 50),
  way: oneOf(CUT_WAYS),
  tool: oneOf(CUT_TOOLS),
  shape: oneOf(PIECE_SHAPES),
  /** Unevenly spaced through-cuts, from the left and from the front; they win over columns and rows. */
  linesMm: fields({ length: lineMm, width: lineMm }),
  /** Strips over the whole slab, each cut separately; they win over lines. Default direction: along the length. */
  strips: list(
    fields({
      atMm: number(0, MAX_MM).required(REQUIRED),
      widthMm: positive(MAX_MM).required(REQUIRED),
      linesMm: lineMm.required(REQUIRED),
      along: oneOf(['length', 'width']),
      /** Piece type of each piece in order; empty for leftover area. */
      kinds: list(note(100).defined(), MAX_GRID + 1),
    }).required(REQUIRED),
    MAX_GRID,
  ),
  kinds: list(kindSchema.required(REQUIRED), 40),
  /** Broken by hand: aimed shard mass, variation, and bag size. */
  break: fields({
    aimG: number(1, MAX_QUANTITY).required(REQUIRED),
    spread: number(0, 2),
    bagG: positive(MAX_QUANTITY),
  }),
  /** Thickness readings of the finished slab, from the left and from the front. */
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
      /** Maximum height, where the tins are too shallow for the base recipe. */
      heightMm: positive(1000),
    },
  },
  'optional',
);

/**
 * Schema of the slab file; rules between fields are in `read.ts`.
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
  /** Lining of the tin; the default is one sheet. */
  lining: oneOf(LININGS),
  keep: fields({ place: oneOf(PLACES), days: number(0, 3650) }),
  pricing: pricingSchema,
  packing: packingSchema,
  label: labelSchema,
  notes: note(20000),
  /** Allergens that the slab is sold as free from. */
  freeFrom: list(oneOf(ALLERGENS).required(REQUIRED), ALLERGENS.length),
  /** Checks that the maker has marked as known, each with a note. */
  known: list(fields({ code: text(), where: note(500).defined(), note: note(1000) }).required(REQUIRED), 500),
  larder: list(ingredientSchema.required(REQUIRED), 500),
}).required(asMessage(reason('not-a-slab-file')));
