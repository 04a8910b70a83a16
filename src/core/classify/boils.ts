import { endPointC, type Preparation } from '../slab';

/**
 * Temperatures that part one kind of boil from another, deg C at sea level.
 *
 * | water | what is cooked further than this is boiled, and not only warmed |
 * | syrup | from here on it thickens fast: one pot takes only so much of it |
 * | hard | from here on it sets hard and brittle, and no pour softens it: between hard ball and soft crack |
 */
export const BOIL_C = { water: 100, syrup: 110, hard: 130 } as const;

/** Egg is cooked from here on, deg C: salmonella dies at once. US FDA Food Code. */
export const EGG_SAFE_C = 71;

type Cooked = Pick<Preparation, 'cookTo'>;

/** Whether a preparation is boiled to an end point. */
export const isBoiled = (preparation: Cooked) => (endPointC(preparation) ?? 0) > BOIL_C.water;

/** Whether it is boiled so far that one pot takes only a multiple of the written amount. */
export const isThickBoil = (preparation: Cooked) => (endPointC(preparation) ?? 0) >= BOIL_C.syrup;

/** Whether it is boiled so far that it sets hard. */
export const isHardBoil = (preparation: Cooked) => (endPointC(preparation) ?? 0) >= BOIL_C.hard;

/** Whether some step bakes it. */
export const isBaked = ({ steps = [] }: Pick<Preparation, 'steps'>) => steps.some(({ ovenC }) => ovenC !== undefined);

/** Whether something heats it so far that egg in it is safe. */
export const isEggCooked = (preparation: Cooked & Pick<Preparation, 'steps'>) =>
  (endPointC(preparation) ?? 0) >= EGG_SAFE_C ||
  (preparation.steps ?? []).some(({ ovenC }) => (ovenC ?? 0) >= EGG_SAFE_C);
