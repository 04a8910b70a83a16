/** Half a year at the demo shop: thirty runs, some of which went wrong, in a workroom that differs from its plans. */
import { randomFrom } from '../../devices/random.mjs';
import type { RunEvent, RunPlan } from '../../src/core/run';
import type { TinCount } from '../../src/core/tin';
import { FAULTS } from './faults';
import { PLAIN, simulateRun, type Beside, type Truth } from './simulator';

/** A run of one of the demo's slabs. */
export interface PastRun {
  readonly slab: string;
  readonly daysAgo: number;
  readonly fault?: (typeof FAULTS)[number]['cause'];
  readonly beside?: Beside;
}

const RYE = 'Rye and treacle slice';
const PENUCHE = 'Pear penuche';
const SNAP = 'Coffee cardamom snap';
const OATS = 'Orchard oat bake';
const BARK = 'Blackcurrant buckwheat bark';
const CLOUD = 'Buckthorn cloud bar';
const TWO_TONE = 'Lime and coconut two-tone';

/** How the workroom differs from its plans; tests of suggestions use it too. */
export const PLANTED = {
  boilTimes: 1.3,
  setTimes: 1.2,
  baseLossMore: 0.045,
  baseThicker: 1.14,
  beatTimes: 1.6,
} as const;

/** The true workroom: a slow ring, an oven that dries, a room that sets faster than calculated, an airy base. */
const TRUTHS: Readonly<Record<string, Truth>> = {
  [RYE]: {
    ...PLAIN,
    timesAsLong: ({ id }) => (id === 'treacle/boil' ? PLANTED.boilTimes : id === 'set/l2' ? PLANTED.setTimes : 1),
    loss: (preparation) => (preparation === 'base' ? PLANTED.baseLossMore : 0),
    thickness: (layer) => (layer === 'l1' ? PLANTED.baseThicker : 1),
    pieceSpread: 0.04,
  },
  [PENUCHE]: { ...PLAIN, timesAsLong: ({ id }) => (id === 'penuche/beat' ? PLANTED.beatTimes : 1), pieceSpread: 0.07 },
  [SNAP]: { ...PLAIN, pieceSpread: 0.09 },
};
/** The cream that the dairy recalled. */
export const RECALLED = { ingredient: 'whipping cream', lot: 'D4417' } as const;
const cream = (lot: string) => ({ lots: new Map([[RECALLED.ingredient, lot]]) });
const chocolate = (lot: string) => ({ lots: new Map([['dark chocolate', lot]]) });

const smallTin: TinCount = {
  tin: { shape: 'rectangle', lengthMm: 280, widthMm: 180, depthMm: 35, cornerMm: 10, flareDeg: 0 },
  count: 1,
};

export const PAST_RUNS: readonly PastRun[] = [
  { slab: RYE, daysAgo: 178, beside: cream('D3902') },
  { slab: TWO_TONE, daysAgo: 171 },
  { slab: RYE, daysAgo: 164, beside: cream('D3902') },
  { slab: PENUCHE, daysAgo: 157 },
  { slab: BARK, daysAgo: 150, beside: chocolate('C118') },
  { slab: RYE, daysAgo: 143, beside: { ...cream('D4120'), notes: ['The base is thicker than the sheet says.'] } },
  { slab: OATS, daysAgo: 136 },
  {
    slab: PENUCHE,
    daysAgo: 129,
    fault: 'beatenHot',
    beside: {
      notes: ['Grainy like sand. Beaten while it was still warm, the hatch was about to open.'],
      rejects: { count: 12, why: 'grainy' },
      nextTime: [
        {
          change: { what: 'minutes', preparation: 'penuche', step: 'beat', byMinutes: 5 },
          why: 'Beating takes longer than the sheet says',
        },
      ],
    },
  },
  { slab: SNAP, daysAgo: 122 },
  { slab: RYE, daysAgo: 115, beside: cream('D4120') },
  { slab: CLOUD, daysAgo: 108 },
  { slab: PENUCHE, daysAgo: 101 },
  { slab: RYE, daysAgo: 94, beside: cream('D4417') },
  { slab: TWO_TONE, daysAgo: 88 },
  {
    slab: RYE,
    daysAgo: 80,
    fault: 'boiledTooFar',
    beside: {
      ...cream('D4417'),
      notes: ['Caramel too hard to bite. Went on boiling while the door was answered.'],
      rejects: { count: 6, why: 'cracked at the cut' },
      nextTime: [
        {
          change: { what: 'end point', preparation: 'treacle', byC: -1 },
          why: 'The pot goes on by itself after it is off the ring',
        },
        {
          change: { what: 'minutes', preparation: 'treacle', step: 'boil', byMinutes: 5 },
          why: 'The boil was longer than planned again',
        },
      ],
    },
  },
  { slab: OATS, daysAgo: 73, beside: { notes: ['Good with the early apples, a little wet.'] } },
  { slab: PENUCHE, daysAgo: 66 },
  {
    slab: BARK,
    daysAgo: 61,
    fault: 'chocolateTooHot',
    beside: { ...chocolate('C131'), notes: ['Grey streaks over night.'], rejects: { count: 4, why: 'streaked' } },
  },
  { slab: RYE, daysAgo: 57, beside: cream('D4417') },
  { slab: SNAP, daysAgo: 52 },
  {
    slab: RYE,
    daysAgo: 45,
    fault: 'tinTooSmall',
    beside: {
      ...cream('D4480'),
      tins: [smallTin],
      notes: ['Both large tins were out, so it went into the 280 x 180: stood higher and was soft in the middle.'],
      rejects: { count: 2, why: 'soft in the middle' },
    },
  },
  { slab: CLOUD, daysAgo: 40 },
  { slab: PENUCHE, daysAgo: 36 },
  { slab: TWO_TONE, daysAgo: 31 },
  { slab: RYE, daysAgo: 27, beside: cream('D4480') },
  { slab: OATS, daysAgo: 23 },
  { slab: SNAP, daysAgo: 19 },
  { slab: RYE, daysAgo: 13, beside: cream('D4480') },
  { slab: PENUCHE, daysAgo: 8 },
  { slab: RYE, daysAgo: 5, beside: { ...cream('D4533'), notes: ['Sold out by eleven.'] } },
];

/** The seed of the shop's half year, which is always the same. */
const SEED = 7100;

/**
 * Returns the events of a run, the same for the same seed.
 *
 * @param plan with its moment
 */
export function pastEvents(run: PastRun, plan: RunPlan, at: number, seed = SEED): RunEvent[] {
  const fault = FAULTS.find(({ cause }) => cause === run.fault) ?? null;
  return simulateRun(plan, TRUTHS[run.slab] ?? PLAIN, fault, run.beside ?? {}, randomFrom(seed + at));
}
