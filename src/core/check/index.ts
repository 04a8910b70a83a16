/** The second reader: what looks like a slip, with a reason and a way out. One rule a file. */
import { assumedDensity } from './assumedDensity';
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
import { cutDoesNotFit } from './cutDoesNotFit';
import { filmShort } from './filmShort';
import { haveIgnored } from './haveIgnored';
import { layerWithoutPreparation } from './layerWithoutPreparation';
import { noPrice } from './noPrice';
import { notInLarder } from './notInLarder';
import { potTooDry } from './potTooDry';
import { sharesOverOne } from './sharesOverOne';
import { temperaturesDisagree } from './temperaturesDisagree';
import { tinOverflow } from './tinOverflow';
import type { Facts, Rule, Warning } from './types';
import { unweighedLine } from './unweighedLine';

export type { Facts, Warning } from './types';

const RULES: readonly Rule[] = [
  tinOverflow,
  cutDoesNotFit,
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
  rawEgg,
  honeyInfants,
  unusualShare,
  fatLow,
  cookOverLimit,
  layerThickness,
  chocolateTop,
  preparationUnused,
  leftoverLarge,
  noPrice,
];

/** Everything that the second reader has to say of a slab, the gravest first. */
export function secondReading(facts: Facts): Warning[] {
  return RULES.flatMap((rule) => [...rule(facts)]);
}
