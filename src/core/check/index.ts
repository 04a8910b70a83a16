/** Checks of a slab for likely mistakes, as codes with figures. One rule per file; the rules about the cut are in one file. */
import { assumedDensity } from './assumedDensity';
import { endPointUnderBoil } from './endPointUnderBoil';
import { endPointOffStage } from './endPointOffStage';
import { amountSlip } from './amountSlip';
import { unitsDisagree } from './unitsDisagree';
import { wetOnCrisp } from './wetOnCrisp';
import { freeFromBroken } from './freeFromBroken';
import { potTooSmall } from './potTooSmall';
import { lineNeverAdded } from './lineNeverAdded';
import { scatterOverCover } from './scatterOverCover';
import { tinNotOnRack } from './tinNotOnRack';
import { noBoxForHeight } from './noBoxForHeight';
import { sheetTooSmall } from './sheetTooSmall';
import { unreadLine } from './unreadLine';
import { gelatineBoiled } from './gelatineBoiled';
import { orderShort } from './orderShort';
import { layerThickness } from './layerThickness';
import { leftoverLarge } from './leftoverLarge';
import { preparationUnused } from './preparationUnused';
import { cookOverLimit } from './cookOverLimit';
import { chocolateTop } from './chocolateTop';
import { rawEgg } from './rawEgg';
import { honeyInfants } from './honeyInfants';
import { unusualShare } from './unusualShare';
import { endPointBurns } from './endPointBurns';
import { fatLow } from './fatLow';
import { boilUnknown } from './boilUnknown';
import { cutDoesNotFit, cutUndecided } from './cutDoesNotFit';
import { CUTTING } from './cutting';
import { filmShort } from './filmShort';
import { haveIgnored } from './haveIgnored';
import { layerWithoutPreparation } from './layerWithoutPreparation';
import { noPrice } from './noPrice';
import { notInLarder } from './notInLarder';
import { potTooDry } from './potTooDry';
import { sharesOverOne } from './sharesOverOne';
import { temperaturesDisagree } from './temperaturesDisagree';
import { tinOverflow } from './tinOverflow';
import { allergenDenied, allergenUndeclared } from './allergenUndeclared';
import type { Check } from './codes';
import type { Facts, Rule } from './types';
import { unweighedLine } from './unweighedLine';

export { deadlineMissed } from './deadlineMissed';
export type { Check, CheckCode, CheckFigures } from './codes';
export type { Facts } from './types';

const RULES: readonly Rule[] = [
  freeFromBroken,
  allergenUndeclared,
  allergenDenied,
  tinOverflow,
  sheetTooSmall,
  unreadLine,
  cutUndecided,
  cutDoesNotFit,
  ...CUTTING,
  orderShort,
  sharesOverOne,
  layerWithoutPreparation,
  temperaturesDisagree,
  potTooDry,
  boilUnknown,
  notInLarder,
  unweighedLine,
  assumedDensity,
  filmShort,
  haveIgnored,
  endPointBurns,
  endPointUnderBoil,
  endPointOffStage,
  gelatineBoiled,
  lineNeverAdded,
  unitsDisagree,
  amountSlip,
  rawEgg,
  honeyInfants,
  unusualShare,
  fatLow,
  cookOverLimit,
  potTooSmall,
  tinNotOnRack,
  noBoxForHeight,
  wetOnCrisp,
  scatterOverCover,
  layerThickness,
  chocolateTop,
  preparationUnused,
  leftoverLarge,
  noPrice,
];

/** Checks a slab for likely mistakes. The most serious come first. */
export function checksOf(facts: Facts): Check[] {
  return RULES.flatMap((rule) => [...rule(facts)]);
}
