import type { Allergen } from '../larder';
import type { CutTool, Stage } from '../slab';
import type { Unit } from '../measure';
import type { AnyTin, VesselKind } from '../tin';

/** A line or an end point of a preparation, by name. */
interface InPreparation {
  readonly preparation: string;
}

/** Share of a preparation that a strong ingredient makes up, and its usual maximum, 0 to 1. */
interface ShareOver extends InPreparation {
  readonly share: number;
  readonly usualMost: number;
}

/** Mass counted for a line whose ingredient or unit is unknown, g: an estimate from a similar ingredient, or `null`. */
interface Guessed {
  readonly ingredient: string;
  readonly massG: number | null;
  /** The ingredient that the estimate is based on; `null` without an estimate. */
  readonly guessedAs: string | null;
}

interface Unweighed extends Guessed {
  readonly unit: Unit;
}

/** An amount of money in `currency`. */
interface Money {
  readonly currency: string;
}

interface Size {
  readonly lengthMm: number;
  readonly widthMm: number;
}

/** Figures of each check. Masses in g, lengths in mm, volumes in mL, temperatures in °C, shares 0 to 1. */
export interface CheckFigures {
  // Price, pack and label.
  'claim-unheld': { readonly allergens: readonly string[]; readonly unknown: readonly string[] };
  'priced-under-cost': Money & { readonly name: string | null; readonly net: number; readonly cost: number };
  'channel-loses': Money & { readonly channel: string; readonly price: number; readonly loss: number };
  'margin-under-floor': Money & { readonly share: number; readonly least: number; readonly priceNeeded: number };
  'keeps-too-long': { readonly days: number; readonly limitDays: number; readonly limitedBy: string };
  'box-too-small': Size & { readonly heightMm: number; readonly box: string };
  'packing-gone': { readonly name: string };
  'net-short': { readonly pieces: number; readonly packG: number; readonly leastG: number; readonly netG: number };
  'name-over-promises': { readonly name: string; readonly ingredients: readonly string[]; readonly share: number };
  'nutrition-unknown': { readonly nutrients: number; readonly ingredients: readonly string[] };
  'hands-not-priced': { readonly minutes: number };
  // The schedule.
  'deadline-missed': { readonly minutes: number };
  // The slab.
  'free-from-broken': {
    readonly allergen: string;
    readonly ingredient: string;
    readonly massG: number;
    /** Compound ingredients that contain it, outermost first. */
    readonly through: readonly string[];
  };
  'allergen-undeclared': { readonly ingredient: string; readonly allergens: readonly Allergen[] };
  'allergen-denied': { readonly ingredient: string; readonly allergens: readonly Allergen[] };
  'tin-overflow': { readonly heightMm: number; readonly depthMm: number; readonly tin: AnyTin; readonly layer: string };
  'sheet-too-small': { readonly slab: Size; readonly sheet: Size };
  'unread-line': InPreparation & { readonly text: string };
  'cut-undecided': Readonly<Record<string, never>>;
  'cut-does-not-fit': Readonly<Record<string, never>>;
  'piece-small': { readonly sideMm: number; readonly leastMm: number };
  'kerf-large': { readonly share: number };
  'clipped-many': { readonly clipped: number; readonly pieces: number };
  /** Number of strips with their own cuts; 0 where the lines are not square to the slab. */
  'strokes-impossible': { readonly tool: CutTool; readonly strips: number };
  'brittle-cut-cold': { readonly tool: CutTool };
  'score-not-brittle': Readonly<Record<string, never>>;
  'diamond-trim': { readonly share: number };
  /** Whether the bag is heavier than all slabs, or lighter than one shard. */
  'bag-unreachable': { readonly bagG: number; readonly slabsG: number; readonly shardG: number };
  'kind-does-not-fit': Size & { readonly name: string; readonly inside: Size };
  'mixed-uncut': { readonly kinds: number };
  'order-short': Size & { readonly pieces: number; readonly ordered: number };
  'shares-over-one': InPreparation & { readonly share: number };
  'layer-without-preparation': { readonly layer: string };
  'temperatures-disagree': InPreparation & {
    readonly celsius: number;
    readonly fahrenheit: number;
    readonly apartC: number;
  };
  'pot-too-dry': InPreparation & { readonly waterG: number; readonly endC: number };
  'boil-unknown': InPreparation & { readonly endC: number };
  'not-in-larder': Guessed;
  'no-density': Unweighed;
  'no-unit-mass': Unweighed;
  'no-pack': Unweighed;
  'no-such-measure': Unweighed;
  'assumed-density': InPreparation & { readonly gPerMl: number };
  /** Whether the film is given as a thickness or as a mass per piece. */
  'film-short': {
    readonly layer: string;
    readonly share: number;
    readonly thicknessMm: number | null;
    readonly perPieceG: number | null;
  };
  'have-ignored': { readonly ingredient: string };
  'end-point-burns': InPreparation & { readonly endC: number; readonly burnsC: number; readonly asFahrenheitC: number };
  'end-point-under-boil': InPreparation & { readonly endC: number; readonly boilsC: number };
  'end-point-off-stage': InPreparation & {
    readonly endC: number;
    readonly stage: Stage;
    readonly fromC: number;
    readonly toC: number;
    readonly nearest: Stage;
  };
  'gelatine-boiled': InPreparation & { readonly ingredient: string; readonly endC: number; readonly weakensC: number };
  'line-never-added': InPreparation & { readonly ingredient: string; readonly massG: number; readonly step: string };
  'units-disagree': {
    readonly ingredient: string;
    readonly massG: number;
    readonly also: { readonly massG: number; readonly quantity: number; readonly unit: Unit };
  };
  /** `meant` is the spoon that was probably meant instead of `unit`; `null` if the check is not about spoons. */
  'amount-slip': InPreparation & {
    readonly ingredient: string;
    readonly share: number;
    readonly usual: { readonly from: number; readonly to: number };
    readonly unit: Unit;
    readonly meant: Unit | null;
  };
  'raw-egg': InPreparation & { readonly safeC: number };
  'honey-infants': InPreparation;
  'salt-share': ShareOver;
  'leavening-share': ShareOver;
  'extract-share': ShareOver;
  'acid-share': ShareOver;
  'egg-share': ShareOver;
  'gelatine-share': ShareOver;
  'fat-low': InPreparation & { readonly share: number; readonly least: number };
  'cook-over-limit': InPreparation & { readonly scaleFactor: number; readonly batches: number };
  'pot-too-small': InPreparation & {
    readonly vessel: VesselKind;
    readonly neededMl: number;
    readonly largestMl: number;
    /** Volume of the tin divided by the volume of the mixture. */
    readonly times: number;
    readonly batches: number;
  };
  'tin-not-on-rack': { readonly tin: AnyTin; readonly wanted: number; readonly inRack: number };
  'no-box-for-height': { readonly heightMm: number; readonly boxMm: number };
  'wet-on-crisp': { readonly layer: string; readonly waterShare: number; readonly below: string };
  /** How many times the grains would cover the surface. */
  'scatter-over-cover': { readonly layer: string; readonly cover: number };
  'layer-thin': { readonly layer: string; readonly thicknessMm: number; readonly limitMm: number };
  'layer-thick': { readonly layer: string; readonly thicknessMm: number; readonly limitMm: number };
  'chocolate-top-thick': { readonly layer: string; readonly share: number };
  'preparation-unused': InPreparation;
  'leftover-large': InPreparation & { readonly massG: number; readonly share: number };
  /** Currency of the existing price; `null` without a price. */
  'no-price': { readonly ingredient: string; readonly massG: number | null; readonly pricedIn: string | null };
}

export type CheckCode = keyof CheckFigures;

/** A possible mistake in a slab: its code, its place in the slab file, and its figures. */
export type Check = {
  [C in CheckCode]: {
    readonly code: C;
    /** JSON pointer into the slab file. */
    readonly where: string;
    readonly figures: CheckFigures[C];
  };
}[CheckCode];

/** Returns a check. */
export const check = <C extends CheckCode>(code: C, where: string, figures: CheckFigures[C]): Check =>
  ({ code, where, figures }) as Check;
