/**
 * Kitchen units and the standards that give cups and spoons their size.
 *
 * Sizes in mL and g as printed in public measure tables; the imperial cup is half an imperial pint of 568.261 mL.
 */

/** Units of a line. `each` counts whole items, `pack` counts the ingredient's packs. */
export const UNITS = [
  'g',
  'kg',
  'oz',
  'lb',
  'ml',
  'l',
  'cup',
  'tbsp',
  'tsp',
  'floz',
  'pint',
  'stick',
  'pinch',
  'dash',
  'each',
  'pack',
] as const;
export type Unit = (typeof UNITS)[number];

/** Standards of cups and spoons: US customary, metric, Australian, imperial. */
export const MEASURES = ['us', 'metric', 'au', 'imperial'] as const;
export type Measures = (typeof MEASURES)[number];

export const MM_PER_INCH = 25.4;
export const MM_PER_FOOT = 12 * MM_PER_INCH;

/** @example celsiusOf(212) // 100 */
export const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

/** @example fahrenheitOf(100) // 212 */
export const fahrenheitOf = (celsius: number): number => (celsius * 9) / 5 + 32;

/** Dimension of each unit: mass, volume, or count. */
export const UNIT_KINDS = {
  ...{ g: 'mass', kg: 'mass', oz: 'mass', lb: 'mass', stick: 'mass' },
  ...{ ml: 'volume', l: 'volume', cup: 'volume', tbsp: 'volume', tsp: 'volume', floz: 'volume', pint: 'volume' },
  ...{ pinch: 'volume', dash: 'volume' },
  ...{ each: 'count', pack: 'count' },
} as const satisfies Readonly<Record<Unit, 'mass' | 'volume' | 'count'>>;
type UnitOf<K> = { [U in Unit]: (typeof UNIT_KINDS)[U] extends K ? U : never }[Unit];
type MassUnit = UnitOf<'mass'>;
type VolumeUnit = UnitOf<'volume'>;
export type CountUnit = UnitOf<'count'>;

/** Grams per unit of mass. A stick is the US stick of butter. */
export const GRAMS_IN: Readonly<Record<MassUnit, number>> = {
  g: 1,
  kg: 1000,
  oz: 28.3495,
  lb: 453.592,
  stick: 113.398,
};

const ANYWHERE = { ml: 1, l: 1000, pinch: 0.3, dash: 0.6 };

/** Millilitres per unit of volume, by standard; `null` if the standard lacks the unit. */
export const ML_IN = {
  us: { ...ANYWHERE, cup: 236.588, tbsp: 14.787, tsp: 4.929, floz: 29.574, pint: 473.176 },
  metric: { ...ANYWHERE, cup: 250, tbsp: 15, tsp: 5, floz: null, pint: null },
  au: { ...ANYWHERE, cup: 250, tbsp: 20, tsp: 5, floz: null, pint: null },
  imperial: { ...ANYWHERE, cup: 284.131, tbsp: 17.758, tsp: 5.919, floz: 28.413, pint: 568.261 },
} as const satisfies Readonly<Record<Measures, Readonly<Record<VolumeUnit, number | null>>>>;

/**
 * Returns the volume of a unit in mL, or `null` if it is not a volume or the standard lacks it.
 *
 * @example mlIn('tbsp', 'au') // 20
 */
export function mlIn(unit: Unit, measures: Measures): number | null {
  return isVolume(unit) ? ML_IN[measures][unit] : null;
}

/** Tells whether a unit is a volume in any standard. */
export const isVolume = (unit: Unit): unit is VolumeUnit => UNIT_KINDS[unit] === 'volume';

/** Tells whether a unit is a mass. */
export const isMass = (unit: Unit): unit is MassUnit => UNIT_KINDS[unit] === 'mass';
