/**
 * Faults for the simulator: what happens at the bench, and what is then seen. How often a symptom follows from a fault is stated here
 * independently of the application's own table, so that its diagnosis is tested against other figures.
 */
import { CAUSES, type CauseId, type Seen, type Trait } from '../../src/core/diagnose';
import type { RunLine, RunPlan, RunStep } from '../../src/core/run';

export interface Fault {
  readonly cause: CauseId;
  /** Degrees Celsius by which the boil overshoots its end point. */
  readonly endPointC?: readonly [number, number];
  readonly minutes?: {
    readonly isMeant: (step: RunStep, plan: RunPlan) => boolean;
    readonly times: readonly [number, number];
  };
  /** Minutes by which a step starts after its latest permitted start. */
  readonly delay?: { readonly isMeant: (step: RunStep) => boolean; readonly minutes: readonly [number, number] };
  readonly amounts?: readonly {
    readonly isMeant: (line: RunLine) => boolean;
    readonly times: readonly [number, number];
  }[];
  readonly chocolateC?: readonly [number, number];
  /** Edge lengths of the tin, relative to the planned tin. */
  readonly tinTimes?: readonly [number, number];
  /** The first symptom, and further ones that may follow. */
  readonly seen: readonly (readonly [Seen, number])[];
}

const isBoil = ({ id }: RunStep, { boils }: RunPlan) => boils.some(({ step }) => step === id);
const isSet = ({ id }: RunStep) => id.startsWith('set/');
const isLastSet = (step: RunStep, { steps }: RunPlan) => isSet(step) && steps.filter(isSet).at(-1)?.id === step.id;

export const FAULTS: readonly Fault[] = [
  {
    cause: 'boiledTooFar',
    endPointC: [3, 9],
    seen: [
      ['hard', 0.9],
      ['cracked', 0.35],
      ['crumbly', 0.2],
    ],
  },
  {
    cause: 'boiledTooLittle',
    endPointC: [-8, -3],
    seen: [
      ['soft', 0.8],
      ['sticky', 0.55],
    ],
  },
  {
    cause: 'tooLittleDoctor',
    amounts: [
      {
        isMeant: ({ ingredient }) => /glucose|treacle|honey|lemon|cream of tartar|golden syrup/.test(ingredient),
        times: [0.4, 0.85],
      },
    ],
    seen: [
      ['grainy', 1],
      ['crumbly', 0.2],
    ],
  },
  {
    cause: 'beatenHot',
    minutes: { isMeant: ({ isHot }) => isHot === true, times: [0.25, 0.6] },
    seen: [
      ['grainy', 0.95],
      ['crumbly', 0.2],
    ],
  },
  {
    cause: 'heatTooStrong',
    minutes: { isMeant: isBoil, times: [0.4, 0.6] },
    seen: [
      ['split', 1],
      ['uneven', 0.15],
    ],
  },
  {
    cause: 'tooLittleFat',
    amounts: [{ isMeant: ({ ingredient }) => /butter$/.test(ingredient), times: [0.5, 0.85] }],
    seen: [
      ['crumbly', 1],
      ['cracked', 0.15],
    ],
  },
  {
    cause: 'tooMuchLiquid',
    amounts: [{ isMeant: ({ ingredient }) => /cream|milk|syrup/.test(ingredient), times: [1.12, 1.4] }],
    seen: [
      ['soft', 0.8],
      ['sticky', 0.5],
      ['weeping', 0.4],
    ],
  },
  {
    cause: 'belowSoft',
    minutes: { isMeant: (step, plan) => isSet(step) && !isLastSet(step, plan), times: [0.3, 0.65] },
    seen: [
      ['uneven', 0.9],
      ['parted', 0.2],
      ['streaked', 0.25],
    ],
  },
  {
    cause: 'cutSoon',
    minutes: { isMeant: isLastSet, times: [0.3, 0.65] },
    seen: [
      ['stuck', 0.6],
      ['uneven', 0.5],
      ['soft', 0.5],
    ],
  },
  {
    cause: 'laidLate',
    delay: { isMeant: ({ id }) => id.startsWith('lay/'), minutes: [4, 20] },
    seen: [
      ['uneven', 0.8],
      ['parted', 0.4],
      ['grainy', 0.25],
    ],
  },
  {
    cause: 'cutLate',
    delay: { isMeant: ({ id }) => id.startsWith('cut'), minutes: [10, 120] },
    seen: [
      ['cracked', 0.9],
      ['crumbly', 0.3],
    ],
  },
  {
    cause: 'chocolateTooHot',
    chocolateC: [34.5, 41],
    seen: [
      ['streaked', 1],
      ['soft', 0.2],
    ],
  },
  {
    cause: 'tinTooSmall',
    tinTimes: [0.8, 0.92],
    seen: [
      ['soft', 0.7],
      ['uneven', 0.4],
    ],
  },
  {
    cause: 'tinTooLarge',
    tinTimes: [1.1, 1.3],
    seen: [
      ['hard', 0.6],
      ['cracked', 0.6],
    ],
  },
  {
    cause: 'bakedTooLong',
    minutes: { isMeant: ({ ovenC }) => ovenC !== null, times: [1.3, 1.7] },
    seen: [
      ['hard', 0.8],
      ['crumbly', 0.4],
    ],
  },
  {
    cause: 'bakedTooShort',
    minutes: { isMeant: ({ ovenC }) => ovenC !== null, times: [0.5, 0.75] },
    seen: [
      ['soft', 0.7],
      ['crumbly', 0.5],
    ],
  },
  {
    cause: 'seeded',
    seen: [
      ['grainy', 1],
      ['crumbly', 0.2],
    ],
  },
  {
    cause: 'notLined',
    seen: [
      ['stuck', 1],
      ['uneven', 0.1],
    ],
  },
  { cause: 'notLevel', seen: [['uneven', 1]] },
];

/** Returns the symptoms of a fault: at least one. */
export function seenOf({ seen }: Fault, random: () => number): Seen[] {
  const found = seen.filter(([, often]) => random() < often).map(([what]) => what);
  return found.length > 0 ? found : [seen[0]![0]];
}

/** Tells whether a fault can happen in a run of a slab, by the slab's traits and its plan. */
export const canHappen = (fault: Fault, plan: RunPlan, traits: ReadonlySet<Trait>): boolean =>
  CAUSES[fault.cause].needs.every((trait) => traits.has(trait)) &&
  (!fault.amounts || plan.lines.some((line) => fault.amounts!.some(({ isMeant }) => isMeant(line)))) &&
  (!fault.minutes || plan.steps.some((step) => fault.minutes!.isMeant(step, plan))) &&
  (!fault.delay ||
    plan.steps.some((step) => fault.delay!.isMeant(step) && step.after.some(({ most }) => most !== null))) &&
  (!fault.chocolateC || plan.steps.some(({ text }) => /melt/i.test(text)));
