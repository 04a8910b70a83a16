import { USUAL_MINUTES, USUAL_OVEN_C, type Layer, type Step } from '../slab';
import type { Clause } from './clauses';
import { freshStepId, type Mixture } from './kitchen';
import type { StepKind } from './kinds';

/** Below this end temperature a pot is warmed, not boiled, °C. */
export const COOKS_FROM_C = 80;

const WORK: Readonly<Partial<Record<StepKind, Pick<Step, 'hands' | 'occupies'>>>> = {
  bake: { hands: 'free', occupies: ['oven'] },
  boil: { hands: 'watch', occupies: ['ring'] },
  melt: { hands: 'watch', occupies: ['ring'] },
  set: { hands: 'free' },
};

/** Clauses to skip: warnings, yields, moving the pot, lids, cleaning. */
const NO_STEP =
  /^(?:don't|dont|do not|never|avoid|makes|yields?|serves)\b|^(?:total|prep(?:aration)?|cook(?:ing)?|active|hands-on)(?: time)?:|^(?:remove|take)\b[^,;]{0,20}\b(?:from|off) (?:the )?heat\.?$|\b(?:lid|uncover)\b|^cover(?: (?:it|them|loosely|tightly|the (?:tin|pan|bowl|dish))| with (?:foil|film|plastic|cling film|a cloth|a tea towel)[a-z ]*)*\.?$|^(?:clean|wash|brush) (?:the|down|your)\b/i;

/** Work that goes on by itself. */
const SOAKS = /\b(?:soak|bloom|drain|steep|infuse)\b/i;

/** Tells whether a clause changes nothing: a warning, a yield, a lid. */
export const isNoStep = ({ text, kind }: Pick<Clause, 'text' | 'kind'>): boolean =>
  NO_STEP.test(text) && (kind === 'other' || kind === 'set' || /\blid\b|\buncover\b|^cover\b/i.test(text));

const timesOf = ({
  kind,
  minutes,
}: Pick<Clause, 'kind' | 'minutes'>): Pick<Step, 'minutes' | 'leastMinutes' | 'mostMinutes'> => {
  const [leastMinutes, usual, mostMinutes] = minutes
    ? [minutes[0], (minutes[0] + minutes[1]) / 2, minutes[1]]
    : USUAL_MINUTES[kind];
  const rounded = Math.round(usual * 10) / 10;
  return leastMinutes === mostMinutes ? { minutes: rounded } : { minutes: rounded, leastMinutes, mostMinutes };
};

/** Returns the step of a clause for a mixture, without what it follows. */
export function stepOf(clause: Clause, { steps }: Pick<Mixture, 'steps'>): Step {
  const { kind, celsius, text, place, ovenC } = clause;
  const cools = kind === 'set' ? (celsius ?? (/\bluke ?warm\b/i.test(text) ? 40 : null)) : null;
  return {
    id: freshStepId(kind, steps),
    text: text.charAt(0).toUpperCase() + text.slice(1),
    ...timesOf(clause),
    ...(SOAKS.test(text) && kind === 'other' ? { hands: 'free' as const } : (WORK[kind] ?? { hands: 'busy' as const })),
    ...(/\bmicrowave\b/i.test(text) && kind === 'melt' ? { occupies: [] } : {}),
    ...(kind === 'set' && place !== null && place !== 'room' ? { occupies: [place] } : {}),
    ...(kind === 'bake' ? { ovenC: ovenC ?? USUAL_OVEN_C } : {}),
    ...(kind === 'boil' && celsius !== null && celsius >= COOKS_FROM_C ? { cooks: true } : {}),
    ...(cools === null ? {} : { coolTo: { celsius: cools } }),
  };
}

/** Waits that follow one another add up, in the place of the longer one. */
export function waitOf(before: Layer['set'], { minutes, place, celsius, text }: Clause): NonNullable<Layer['set']> {
  const [was, now] = [before?.minMinutes ?? 0, minutes?.[0] ?? 0];
  const where = now >= was ? (place ?? before?.place) : (before?.place ?? place);
  // "Let stand 10 minutes at room temperature" after hours in the fridge is for the knife, and sets nothing.
  const isShort = now < (/\b(?:stand|sit|temper|come)\b/i.test(text) ? was : was / 4);
  const isForKnife = isShort && place !== null && before?.place !== undefined && place !== before.place;
  return {
    ...before,
    place: where ?? 'room',
    ...(was + now > 0 ? { minMinutes: isForKnife ? was : was + now } : {}),
    ...(celsius === null ? {} : { toC: celsius }),
  };
}
