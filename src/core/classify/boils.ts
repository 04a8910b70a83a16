import { endPointC, type Preparation } from '../slab';

/**
 * Temperatures that part one kind of boil from another, deg C at sea level.
 *
 * | water | what is cooked further than this is boiled, and not only warmed |
 * | syrup | from here on it thickens fast: one pot takes only so much of it |
 * | hard | from here on it sets hard and brittle, and no pour softens it: between hard ball and soft crack |
 */
export const BOIL_C = { water: 100, syrup: 110, hard: 130 } as const;

/** Temperature at which salmonella in egg dies at once, °C. US FDA Food Code. */
export const EGG_SAFE_C = 71;

type Cooked = Pick<Preparation, 'cookTo'>;

/** Tells whether a preparation is boiled to an end point. */
export const isBoiled = (preparation: Cooked) => (endPointC(preparation) ?? 0) > BOIL_C.water;

/** Tells whether a preparation is boiled so far that one pot takes only a multiple of the written amount. */
export const isThickBoil = (preparation: Cooked) => (endPointC(preparation) ?? 0) >= BOIL_C.syrup;

/** Tells whether a preparation is boiled far enough to set hard. */
export const isHardBoil = (preparation: Cooked) => (endPointC(preparation) ?? 0) >= BOIL_C.hard;

/** Tells whether a step bakes the preparation. */
export const isBaked = ({ steps = [] }: Pick<Preparation, 'steps'>) => steps.some(({ ovenC }) => ovenC !== undefined);

/** Tells whether a step heats the preparation enough to make egg in it safe. */
export const isEggCooked = (preparation: Cooked & Pick<Preparation, 'steps'>) =>
  (endPointC(preparation) ?? 0) >= EGG_SAFE_C ||
  (preparation.steps ?? []).some(({ ovenC }) => (ovenC ?? 0) >= EGG_SAFE_C);
