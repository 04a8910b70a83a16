import type { Figures } from '../measure';
import type { Stuff } from './firmness';
import { STEP_MINUTES } from './firmState';
import type { LayerCurve } from '../heat';
import type { PouredLayer } from './poured';

/** Why a layer becomes firm, in words that go on a sentence. */
const BECAUSE: Readonly<Record<Stuff, string>> = {
  'tempered chocolate': 'its cocoa butter sets from 29 °C down, some minutes behind its temperature',
  'melted chocolate': 'its cocoa butter, not in temper, sets late and slowly',
  'milk fat': 'its milk fat becomes solid in the cold, some twenty minutes behind its temperature',
  'coconut fat': 'its coconut fat becomes solid in the cold',
  glass: 'its boiled sugar stiffens as it comes near its glass transition',
  grain: 'its grain holds it once it is cool',
  'slow gel': 'its gel gains strength for hours',
  'fast gel': 'its gel sets as it cools',
  baked: 'it is firm once it is cool enough',
  ice: 'its water freezes',
  cold: 'it is as firm as it gets once it is cool',
};

/** Why a layer is set when it is, in a sentence. */
export function why(
  { name, setC, minMinutes, assumed, firmness }: PouredLayer,
  setAfter: number | null,
  { warmestC }: LayerCurve,
  figures: Figures,
): string {
  const guess = assumed
    ? ` What ${name} is made of is not known: something between a syrup and a cream is assumed.`
    : '';
  const { say } = figures.temperature;
  if (setAfter === null) {
    const wants = setC === null ? 'firm enough' : `down to ${say(setC)}`;
    return `${name} does not get ${wants} here: it stays at ${say(warmestC.at(-1)!, 1)}. Move it somewhere colder.${guess}`;
  }
  const byTime = setAfter <= minMinutes + STEP_MINUTES && minMinutes > 0;
  if (byTime) return `${name} is ready sooner, and needs its ${minMinutes} minutes.${guess}`;
  return setC === null
    ? `${name}: ${BECAUSE[firmness.stuff]}.${guess}`
    : `${name} is down to ${say(setC)} right through.${guess}`;
}
