import type { FactId } from './facts';

/** Symptoms of a slab that did not turn out well. */
export const SEEN = [
  'grainy',
  'soft',
  'sticky',
  'hard',
  'crumbly',
  'split',
  'streaked',
  'cracked',
  'parted',
  'weeping',
  'uneven',
  'stuck',
] as const;
export type Seen = (typeof SEEN)[number];

/** What a slab is made with; a cause applies only if the slab has what it needs. */
export type Trait =
  | 'boiled'
  | 'beaten'
  | 'baked'
  | 'chocolate'
  | 'layers'
  | 'gel'
  | 'crumb'
  | 'tin'
  | /** Asked of a chocolate layer. */ 'this chocolate';

/** A cause of faults: its frequency, its symptoms, and the facts that support it. */
export interface Cause {
  readonly needs: readonly Trait[];
  /** Relative frequency among slabs that did not turn out well. */
  readonly prior: number;
  /** Probability of each symptom given the cause; symptoms that are not listed are rare. */
  readonly shows: Readonly<Partial<Record<Seen, number>>>;
  /** Probability of each fact with and without the cause. */
  readonly facts: Readonly<Partial<Record<FactId, readonly [withIt: number, without: number]>>>;
}

/**
 * Causes from the field's knowledge. How often is a judgement, in steps that a maker would agree to (nearly always 0.85, mostly 0.7, half
 * 0.5, sometimes 0.3, seldom 0.1), not a measurement.
 *
 * @see Hartel R. W., von Elbe J. H., Hofberger R. (2018), Confectionery science and technology, ch. 8-11, 15 (causes of graining, stickiness,
 *   bloom and cracking); Beckett S. T. (2008), The science of chocolate, ch. 6
 */
export const CAUSES = {
  boiledTooFar: {
    needs: ['boiled'],
    prior: 0.12,
    shows: { hard: 0.85, cracked: 0.4, crumbly: 0.3, stuck: 0.2 },
    facts: {
      ...{ boilOver: [0.85, 0.07], boilUnder: [0.02, 0.12], boilSlow: [0.35, 0.12], boilQuick: [0.03, 0.08] },
      ...{ hardInColdWater: [0.7, 0.04], softInColdWater: [0.02, 0.06] },
    },
  },
  boiledTooLittle: {
    needs: ['boiled'],
    prior: 0.12,
    shows: { soft: 0.85, sticky: 0.6, stuck: 0.3, weeping: 0.2 },
    facts: {
      ...{ boilUnder: [0.85, 0.06], boilOver: [0.02, 0.12], boilQuick: [0.3, 0.08], boilSlow: [0.05, 0.12] },
      ...{ softInColdWater: [0.7, 0.04], hardInColdWater: [0.02, 0.06] },
    },
  },
  probeOff: {
    needs: ['boiled'],
    prior: 0.07,
    shows: { soft: 0.5, hard: 0.4, sticky: 0.35 },
    facts: { probeUnchecked: [0.85, 0.35], boilOver: [0.04, 0.12], boilUnder: [0.04, 0.12] },
  },
  tooLittleDoctor: {
    needs: ['boiled'],
    prior: 0.07,
    shows: { grainy: 0.85, crumbly: 0.3 },
    facts: { lessDoctor: [0.85, 0.05] },
  },
  seeded: {
    needs: ['boiled'],
    prior: 0.1,
    shows: { grainy: 0.85, crumbly: 0.3 },
    facts: {
      ...{ boilOver: [0.1, 0.12], lessDoctor: [0.03, 0.06], cooledLittle: [0.05, 0.12] },
      ...{ stirredLong: [0.6, 0.06], setInPot: [0.4, 0.06] },
    },
  },
  beatenHot: {
    needs: ['beaten'],
    prior: 0.1,
    shows: { grainy: 0.8, crumbly: 0.2, soft: 0.2 },
    facts: { cooledLittle: [0.85, 0.07] },
  },
  heatTooStrong: {
    needs: ['boiled'],
    prior: 0.06,
    shows: { split: 0.75, uneven: 0.2 },
    facts: { boilQuick: [0.7, 0.07] },
  },
  tooMuchFat: {
    needs: [],
    prior: 0.05,
    shows: { split: 0.8, soft: 0.3, weeping: 0.2 },
    facts: { moreFat: [0.85, 0.05] },
  },
  tooLittleFat: {
    needs: ['crumb'],
    prior: 0.06,
    shows: { crumbly: 0.85, cracked: 0.2, parted: 0.2 },
    facts: { lessFat: [0.85, 0.05] },
  },
  tooMuchLiquid: {
    needs: [],
    prior: 0.06,
    shows: { soft: 0.7, sticky: 0.55, weeping: 0.45 },
    facts: { moreLiquid: [0.85, 0.05] },
  },
  tooLittleGel: {
    needs: ['gel'],
    prior: 0.08,
    shows: { soft: 0.85, weeping: 0.5 },
    facts: { lessGel: [0.85, 0.05] },
  },
  laidLate: {
    needs: [],
    prior: 0.07,
    shows: { uneven: 0.6, parted: 0.4, grainy: 0.35 },
    facts: { laidLate: [0.85, 0.06], setInPot: [0.5, 0.06] },
  },
  belowSoft: {
    needs: ['layers'],
    prior: 0.08,
    shows: { uneven: 0.6, parted: 0.3, soft: 0.3, streaked: 0.3 },
    facts: { belowSoft: [0.85, 0.08] },
  },
  parted: {
    needs: ['layers'],
    prior: 0.07,
    shows: { parted: 0.85, cracked: 0.2 },
    facts: { belowSoft: [0.02, 0.1], coldPlace: [0.6, 0.3], laidLate: [0.25, 0.07] },
  },
  chocolateTooHot: {
    needs: ['chocolate'],
    prior: 0.1,
    shows: { streaked: 0.85, soft: 0.3 },
    facts: { chocolateHot: [0.85, 0.08] },
  },
  sweated: {
    needs: [],
    prior: 0.06,
    shows: { sticky: 0.5, streaked: 0.45, weeping: 0.6 },
    facts: { coldPlace: [0.95, 0.3], damp: [0.7, 0.25] },
  },
  dampAir: {
    needs: ['boiled'],
    prior: 0.06,
    shows: { sticky: 0.8, weeping: 0.5, stuck: 0.3 },
    facts: { damp: [0.85, 0.25], boilUnder: [0.05, 0.12] },
  },
  cutSoon: {
    needs: [],
    prior: 0.08,
    shows: { stuck: 0.5, uneven: 0.5, soft: 0.5, sticky: 0.3 },
    facts: { cutSoon: [0.85, 0.08] },
  },
  cutLate: {
    needs: [],
    prior: 0.08,
    shows: { cracked: 0.85, crumbly: 0.35, uneven: 0.2 },
    facts: { cutLate: [0.8, 0.07] },
  },
  tinTooSmall: {
    needs: ['tin'],
    prior: 0.04,
    shows: { soft: 0.6, uneven: 0.4 },
    facts: { tinSmaller: [0.9, 0.02] },
  },
  tinTooLarge: {
    needs: ['tin'],
    prior: 0.04,
    shows: { hard: 0.5, cracked: 0.5, crumbly: 0.3 },
    facts: { tinLarger: [0.9, 0.02] },
  },
  // Of one chocolate layer: what cracks under the knife is too cold, too hard, too thick or was not scored.
  chocolateTooHard: {
    needs: ['this chocolate'],
    prior: 0.14,
    shows: { cracked: 0.85, hard: 0.6 },
    facts: { littleSoftFat: [0.9, 0.5] },
  },
  chocolateTooThick: {
    needs: ['this chocolate'],
    prior: 0.1,
    shows: { cracked: 0.8, uneven: 0.2, hard: 0.3 },
    facts: { thickChocolate: [0.9, 0.3] },
  },
  notScored: {
    needs: ['this chocolate'],
    prior: 0.09,
    shows: { cracked: 0.8, uneven: 0.2 },
    facts: { notScored: [0.95, 0.6] },
  },
  bakedTooLong: {
    needs: ['baked'],
    prior: 0.08,
    shows: { hard: 0.7, crumbly: 0.45, cracked: 0.2 },
    facts: { bakedLong: [0.85, 0.07], bakedShort: [0.02, 0.08] },
  },
  bakedTooShort: {
    needs: ['baked'],
    prior: 0.07,
    shows: { soft: 0.6, crumbly: 0.5, sticky: 0.3 },
    facts: { bakedShort: [0.85, 0.06], bakedLong: [0.02, 0.09] },
  },
  notLined: {
    needs: ['tin'],
    prior: 0.09,
    shows: { stuck: 0.85, uneven: 0.2 },
    facts: { cutSoon: [0.05, 0.1], boilUnder: [0.08, 0.12] },
  },
  notLevel: {
    needs: [],
    prior: 0.09,
    shows: { uneven: 0.85 },
    facts: { laidLate: [0.04, 0.08], belowSoft: [0.04, 0.1] },
  },
} as const satisfies Readonly<Record<string, Cause>>;
export type CauseId = keyof typeof CAUSES;
