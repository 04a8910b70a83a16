import { GRAMS_IN, isMass, isVolume, mlIn, type CountUnit, type Measures, type Unit } from './units';

/** Properties needed to weigh an amount of an ingredient. Larder ingredients have them. */
export interface Measurable {
  readonly densityGPerMl?: number | undefined;
  /** Densities by state: sifted, spooned, packed, chopped, melted. */
  readonly densities?: Readonly<Record<string, number>> | undefined;
  readonly unitMassG?: number | undefined;
  readonly packs?: readonly { readonly name: string; readonly massG: number }[] | undefined;
}

export interface Amount {
  readonly quantity: number;
  readonly unit: Unit;
  readonly state?: string | undefined;
  /** Net mass of one pack, g, if the amount states it. */
  readonly packG?: number | undefined;
}

/** Reason why an amount cannot be weighed: a missing property of the ingredient, or a measure that the standard lacks. */
export type Unweighed = 'no-density' | 'no-unit-mass' | 'no-pack' | 'no-such-measure';
export type Weighed = { readonly ok: true; readonly massG: number } | { readonly ok: false; readonly why: Unweighed };

/**
 * Returns the density for a state, g/mL, or the usual density, or `null`. Never estimated.
 *
 * A state is found by its word: "firmly packed" is packed.
 */
export function densityFor(stuff: Measurable, state: string | undefined): number | null {
  const { densities } = stuff;
  if (densities && state !== undefined) {
    if (Object.hasOwn(densities, state)) return densities[state]!;
    const words = state.toLowerCase().split(/[^\p{L}]+/u);
    const named = Object.keys(densities).find((word) => words.includes(word));
    if (named !== undefined) return densities[named]!;
  }
  return stuff.densityGPerMl ?? null;
}

/**
 * Returns the mass of a written amount, g.
 *
 * A volume becomes mass by the density of the ingredient in its state; an ingredient without one is not converted.
 * `pack` takes what the amount says that one holds, else the pack that the state names, else the first one listed.
 *
 * @param amount quantity >= 0 in its unit
 * @returns the mass, or why there is none
 * @example massOf({ quantity: 2, unit: 'stick' }, {}, 'us') // { ok: true, massG: 226.796 }
 */
export function massOf(amount: Amount, stuff: Measurable, measures: Measures): Weighed {
  const { quantity, unit, state } = amount;
  if (isMass(unit)) return { ok: true, massG: quantity * GRAMS_IN[unit] };
  if (isVolume(unit)) {
    const ml = mlIn(unit, measures);
    if (ml === null) return { ok: false, why: 'no-such-measure' };
    const density = densityFor(stuff, state);
    return density === null ? { ok: false, why: 'no-density' } : { ok: true, massG: quantity * ml * density };
  }
  return massOfCounted[unit](amount, stuff);
}

const inEach: CountedMass = ({ quantity }, { unitMassG }) =>
  unitMassG === undefined ? { ok: false, why: 'no-unit-mass' } : { ok: true, massG: quantity * unitMassG };

const inPacks: CountedMass = (amount, stuff) => {
  const { quantity, state } = amount;
  if (amount.packG !== undefined) return { ok: true, massG: quantity * amount.packG };
  const pack = stuff.packs?.find((listed) => listed.name === state) ?? stuff.packs?.[0];
  return pack ? { ok: true, massG: quantity * pack.massG } : { ok: false, why: 'no-pack' };
};

type CountedMass = (amount: Amount, stuff: Measurable) => Weighed;
/** Returns the mass of counted items. */
const massOfCounted: Readonly<Record<CountUnit, CountedMass>> = { each: inEach, pack: inPacks };
