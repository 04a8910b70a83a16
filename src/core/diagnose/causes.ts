import type { FactId } from './facts';

/** What can be seen of a slab that did not come out. */
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

/** What a slab is made by; a cause stands only where there is what it needs. */
export type Trait = 'boiled' | 'beaten' | 'baked' | 'chocolate' | 'layers' | 'gel' | 'crumb' | 'tin';

/** A cause of faults: how often it is one, what it makes seen, and what of it is recorded. */
export interface Cause {
  readonly name: string;
  readonly needs: readonly Trait[];
  /** How often among slabs that did not come out, beside the others. */
  readonly prior: number;
  /** How often each is seen where it is the cause; what is not named is seldom. */
  readonly shows: Readonly<Partial<Record<Seen, number>>>;
  /** How often each holds where it is the cause, and where it is not. */
  readonly facts: Readonly<Partial<Record<FactId, readonly [withIt: number, without: number]>>>;
  /** What to do with this slab, and what to do next time. */
  readonly now: string;
  readonly next: string;
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
    ...{ name: 'Boiled too far', needs: ['boiled'], prior: 0.12 },
    shows: { hard: 0.85, cracked: 0.4, crumbly: 0.3, stuck: 0.2 },
    facts: { boilOver: [0.85, 0.07], boilUnder: [0.02, 0.12], boilSlow: [0.35, 0.12], boilQuick: [0.03, 0.08] },
    now: 'It does not soften again in the tin. Warm it with a little water, a fifteenth of its weight, stir until it is smooth, and boil it to the end point anew; or chop it and fold it into another slab.',
    next: 'Take the pot off a little before the end point: it goes on by itself.',
  },
  boiledTooLittle: {
    ...{ name: 'Not boiled far enough', needs: ['boiled'], prior: 0.12 },
    shows: { soft: 0.85, sticky: 0.6, stuck: 0.3, weeping: 0.2 },
    facts: { boilUnder: [0.85, 0.06], boilOver: [0.02, 0.12], boilQuick: [0.3, 0.08], boilSlow: [0.05, 0.12] },
    now: 'Scrape it back into the pot, with a spoon of water to melt it, and boil it on to the end point. It is as hot as before.',
    next: 'Wait for the end point, and take it where the pot is deepest.',
  },
  probeOff: {
    ...{ name: 'The thermometer is off', needs: ['boiled'], prior: 0.07 },
    shows: { soft: 0.5, hard: 0.4, sticky: 0.35 },
    facts: { probeUnchecked: [0.85, 0.35], boilOver: [0.04, 0.12], boilUnder: [0.04, 0.12] },
    now: 'Test a spoonful in cold water: it tells the stage that the thermometer did not.',
    next: 'Hold the thermometer in boiling water and in melting ice, and note what it shows in the settings.',
  },
  tooLittleDoctor: {
    ...{ name: 'Too little of what keeps sugar from graining', needs: ['boiled'], prior: 0.07 },
    shows: { grainy: 0.85, crumbly: 0.3 },
    facts: { lessDoctor: [0.85, 0.05] },
    now: 'Melt it again with a spoon of glucose syrup and some water, and boil it to the end point without stirring.',
    next: 'Weigh the syrup or the acid in full: a tenth of the sugar as glucose keeps a boil clear.',
  },
  seeded: {
    ...{ name: 'Crystals fell into the pot, or it was stirred too long', needs: ['boiled'], prior: 0.1 },
    shows: { grainy: 0.85, crumbly: 0.3 },
    facts: { boilOver: [0.1, 0.12], lessDoctor: [0.03, 0.06], cooledLittle: [0.05, 0.12] },
    now: 'Melt it again with water until nothing crunches, and boil it to the end point without stirring.',
    next: 'Wash the sides of the pot down when it begins to boil, and stir no more than it must be.',
  },
  beatenHot: {
    ...{ name: 'Beaten or laid before it had cooled', needs: ['beaten'], prior: 0.1 },
    shows: { grainy: 0.8, crumbly: 0.2, soft: 0.2 },
    facts: { cooledLittle: [0.85, 0.07] },
    now: 'Melt it again with water, boil it to the end point, and let it cool undisturbed before it is beaten.',
    next: 'Let it cool as far as the recipe says: cold crystals are the fine ones.',
  },
  heatTooStrong: {
    ...{ name: 'Heated too fast', needs: ['boiled'], prior: 0.06 },
    shows: { split: 0.75, uneven: 0.2 },
    facts: { boilQuick: [0.7, 0.07] },
    now: 'Take it off the heat and stir in a spoon of hot water, then another, until it holds together.',
    next: 'Boil it at less heat, and warm cream or butter before it goes in.',
  },
  tooMuchFat: {
    ...{ name: 'More fat than it can hold', needs: [], prior: 0.05 },
    shows: { split: 0.8, soft: 0.3, weeping: 0.2 },
    facts: { moreFat: [0.85, 0.05] },
    now: 'Pour off what has parted, and stir in a spoon of hot water or cream until it is smooth.',
    next: 'Weigh the fat as it is written.',
  },
  tooLittleFat: {
    ...{ name: 'Too little fat to bind it', needs: ['crumb'], prior: 0.06 },
    shows: { crumbly: 0.85, cracked: 0.2, parted: 0.2 },
    facts: { lessFat: [0.85, 0.05] },
    now: 'Sell it as crumble, or press it again with melted butter before anything is laid on it.',
    next: 'Weigh the butter in full, and press the base while it is warm.',
  },
  tooMuchLiquid: {
    ...{ name: 'More liquid or syrup than written', needs: [], prior: 0.06 },
    shows: { soft: 0.7, sticky: 0.55, weeping: 0.45 },
    facts: { moreLiquid: [0.85, 0.05] },
    now: 'Keep it cold, cut it cold, and sell it soon.',
    next: 'Weigh liquids on the scale and not by the cup.',
  },
  tooLittleGel: {
    ...{ name: 'Too little to set it', needs: ['gel'], prior: 0.08 },
    shows: { soft: 0.85, weeping: 0.5 },
    facts: { lessGel: [0.85, 0.05] },
    now: 'Warm it gently, stir in what is missing, soaked, and lay it again.',
    next: 'Weigh the gelatine or agar on a fine scale, and do not boil gelatine.',
  },
  laidLate: {
    ...{ name: 'It stood too long before it was laid', needs: [], prior: 0.07 },
    shows: { uneven: 0.6, parted: 0.4, grainy: 0.35 },
    facts: { laidLate: [0.85, 0.06] },
    now: 'Level it with a warm knife; what has parted is pressed on again while it is warm.',
    next: 'Have the tin and the layer below ready before the pot is.',
  },
  belowSoft: {
    ...{ name: 'Laid on a layer that was not firm', needs: ['layers'], prior: 0.08 },
    shows: { uneven: 0.6, parted: 0.3, soft: 0.3, streaked: 0.3 },
    facts: { belowSoft: [0.85, 0.08] },
    now: 'Let all of it set in the cold, and trim what has run together.',
    next: 'Wait until the layer below is firm, or lay the next one cooler.',
  },
  parted: {
    ...{ name: 'The layer below was cold and smooth when the next was laid', needs: ['layers'], prior: 0.07 },
    shows: { parted: 0.85, cracked: 0.2 },
    facts: { belowSoft: [0.02, 0.1], coldPlace: [0.6, 0.3], laidLate: [0.25, 0.07] },
    now: 'Brush the face with melted chocolate or warm syrup, and press the layer on again.',
    next: 'Roughen the layer with a fork, or lay the next one before it is quite cold.',
  },
  chocolateTooHot: {
    ...{ name: 'The chocolate was out of temper', needs: ['chocolate'], prior: 0.1 },
    shows: { streaked: 0.85, soft: 0.3 },
    facts: { chocolateHot: [0.85, 0.08] },
    now: 'It is good to eat. Strew something over it, or melt the top with a warm plate and temper it anew.',
    next: 'Bring it down to its working temperature before it is laid: Cook shows the three temperatures of its kind.',
  },
  sweated: {
    ...{ name: 'It sweated when it came out of the cold', needs: [], prior: 0.06 },
    shows: { sticky: 0.5, streaked: 0.45, weeping: 0.6 },
    facts: { coldPlace: [0.95, 0.3], damp: [0.7, 0.25] },
    now: 'Leave it covered until it has the warmth of the room, and blot it.',
    next: 'Cover it before it goes in, and let it warm in its cover.',
  },
  dampAir: {
    ...{ name: 'Sugar drew water from damp air', needs: ['boiled'], prior: 0.06 },
    shows: { sticky: 0.8, weeping: 0.5, stuck: 0.3 },
    facts: { damp: [0.85, 0.25], boilUnder: [0.05, 0.12] },
    now: 'Wrap it at once; dust it with starch or icing sugar.',
    next: 'Wrap or coat it as soon as it is cut, and keep it closed.',
  },
  cutSoon: {
    ...{ name: 'Cut before it had set', needs: [], prior: 0.08 },
    shows: { stuck: 0.5, uneven: 0.5, soft: 0.5, sticky: 0.3 },
    facts: { cutSoon: [0.85, 0.08] },
    now: 'Push it together, let it set, and cut it again.',
    next: 'Wait for the middle and not for the edge.',
  },
  cutLate: {
    ...{ name: 'Cut when it was too cold or too hard', needs: [], prior: 0.08 },
    shows: { cracked: 0.85, crumbly: 0.35, uneven: 0.2 },
    facts: { cutLate: [0.8, 0.07] },
    now: 'Warm the knife, let the slab come to the warmth of the room, and score the top before you cut.',
    next: 'Cut it within its window, and score what is brittle while it is warm.',
  },
  tinTooSmall: {
    ...{ name: 'The tin was too small', needs: ['tin'], prior: 0.04 },
    shows: { soft: 0.6, uneven: 0.4 },
    facts: { tinSmaller: [0.9, 0.02] },
    now: 'Give it longer: twice as thick takes up to four times as long.',
    next: 'Scale it to the tin before you weigh.',
  },
  tinTooLarge: {
    ...{ name: 'The tin was too large', needs: ['tin'], prior: 0.04 },
    shows: { hard: 0.5, cracked: 0.5, crumbly: 0.3 },
    facts: { tinLarger: [0.9, 0.02] },
    now: 'Cut it larger: it weighs what it should by its face.',
    next: 'Scale it to the tin before you weigh.',
  },
  bakedTooLong: {
    ...{ name: 'Baked too long', needs: ['baked'], prior: 0.08 },
    shows: { hard: 0.7, crumbly: 0.45, cracked: 0.2 },
    facts: { bakedLong: [0.85, 0.07], bakedShort: [0.02, 0.08] },
    now: 'Lay something soft on it: it takes up water over night.',
    next: 'Look at the edge some minutes before, and take it out as it colours.',
  },
  bakedTooShort: {
    ...{ name: 'Not baked long enough', needs: ['baked'], prior: 0.07 },
    shows: { soft: 0.6, crumbly: 0.5, sticky: 0.3 },
    facts: { bakedShort: [0.85, 0.06], bakedLong: [0.02, 0.09] },
    now: 'Bake it on, as long as nothing lies on it.',
    next: 'Let the oven come to its heat first, and bake until the middle is dry.',
  },
  notLined: {
    ...{ name: 'The tin was not lined or greased well', needs: ['tin'], prior: 0.09 },
    shows: { stuck: 0.85, uneven: 0.2 },
    facts: { cutSoon: [0.05, 0.1], boilUnder: [0.08, 0.12] },
    now: 'Warm the tin from below for a moment, or chill it, and lift it with a palette knife.',
    next: 'Line the tin with paper that stands over the rim, and grease it for boiled sugar.',
  },
  notLevel: {
    ...{ name: 'It was not spread or stood level', needs: [], prior: 0.09 },
    shows: { uneven: 0.85 },
    facts: { laidLate: [0.04, 0.08], belowSoft: [0.04, 0.1] },
    now: 'Trim it, and sort the pieces by weight.',
    next: 'Lay a level on the shelf, and draw the layer to the corners first.',
  },
} as const satisfies Readonly<Record<string, Cause>>;
export type CauseId = keyof typeof CAUSES;
