import { firmAt, type Firmness } from './firmness';
import { USUAL } from './setters';

/**
 * Gordon and Taylor's constants of boiled sugar and water (Hartel 2018, ch. 2): glass transitions in °C, and k. Pure sucrose has
 * 62 °C; boiling inverts some of it, which lowers that.
 */
const GLASS = { sugarC: 52, waterC: -135, k: 4.7, syrupC: 40 } as const;
const KELVIN = 273.15;

/**
 * Returns the glass transition of boiled sugar, °C.
 *
 * @param waterShare of water and sugars together, 0 to 1
 * @param syrupShare of the sugars that are from syrups, which lower it, 0 to 1
 * @see Gordon M., Taylor J. S. (1952)
 */
export function glassTransitionC(waterShare: number, syrupShare: number): number {
  const sugarK = KELVIN + GLASS.sugarC + (GLASS.syrupC - GLASS.sugarC) * syrupShare;
  const [sugars, water] = [1 - waterShare, GLASS.k * waterShare];
  return (sugars * sugarK + water * (KELVIN + GLASS.waterC)) / (sugars + water) - KELVIN;
}

/** Solids stiffen a syrup like this shift of its glass transition, K per share of solids. Fitted to usual waits. */
const SOLIDS_C = 50;

/** So far above its glass transition a caramel is too stiff for a knife, K. A rule of the bench: a hard-ball caramel is cut lukewarm. */
const TOO_FIRM_C = 26;

/**
 * Returns the firmness of boiled sugar: it snaps within a few kelvins of its glass transition, takes chocolate up to about 55 K
 * above it as a firm caramel, and is soft beyond 80 K.
 *
 * @param isHard whether it is boiled to snap, and not to be cut
 * @param solidShare share of nuts, crumb and the like in it, 0 to 1, which hold it while it is still soft
 */
export function glassFirmness(transitionC: number, isHard: boolean, solidShare = 0): Firmness {
  const heldC = transitionC + SOLIDS_C * solidShare;
  const curve = [
    [heldC + (isHard ? 5 : 20), 1],
    [heldC + 80, 0],
  ] as const;
  // Nuts hold a caramel while it is still soft, and do not make it harder to cut.
  const tooFirm = isHard ? 1 : firmAt({ curve }, transitionC + TOO_FIRM_C);
  return {
    stuff: 'glass',
    curve,
    lagMinutes: 0,
    ...USUAL,
    takesNext: 0.4,
    cuts: isHard ? 1 : 0.45,
    packs: isHard ? 1 : 0.5,
    tooFirm: isHard || tooFirm < 1 ? tooFirm : null,
    softIsFine: !isHard,
  };
}
