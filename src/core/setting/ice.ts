import type { Firmness } from './firmness';
import { USUAL } from './setters';
import type { Latent } from '../heat';
import { MIN_LATENT } from './setters';

/** Freezing point depression per mole of sugars in a kilogram of water, K, and molar mass of mixed sugars, g. */
const FREEZING_K = 1.86;
const SUGARS_G_PER_MOL = 260;
const ICE_J_PER_KG = 334_000;
const COLDEST_C = -18;

/** Returns the freezing point of a mixture, °C, from its dissolved sugars (ASHRAE Refrigeration, ch. 19). */
export function freezingPointC(waterG: number, sugarsG: number): number {
  return waterG > 0 ? -FREEZING_K * ((sugarsG / SUGARS_G_PER_MOL / waterG) * 1000) - 0.2 : -40;
}

/** Share of the water that is ice: 1 - Tf / T below the freezing point. */
const iceShare = (freezingC: number, celsius: number) => (celsius < freezingC ? 1 - freezingC / celsius : 0);

/** Frozen layers break cleanly at -8 °C in the middle. */
export function iceFirmness(freezingC: number): Firmness {
  const at = [COLDEST_C, -12, -8, -5, -3].filter((celsius) => celsius < freezingC);
  const most = iceShare(freezingC, COLDEST_C);
  const firm = (celsius: number) => (most > 0 ? iceShare(freezingC, celsius) / most : 0);
  const cuts = firm(Math.min(-8, freezingC - 1));
  return {
    stuff: 'ice',
    curve: [...at.map((celsius) => [celsius, firm(celsius)] as const), [freezingC, 0]],
    lagMinutes: 0,
    ...USUAL,
    takesNext: cuts / 2,
    cuts,
    packs: cuts,
    tooFirm: null,
    softIsFine: false,
  };
}

/** Returns the latent heat of ice by range of temperature, J/kg of the mixture. */
export function iceLatents(waterShare: number, freezingC: number): Latent[] {
  const ends = [freezingC, 1.5 * freezingC, 2.5 * freezingC, 5 * freezingC].filter((celsius) => celsius > COLDEST_C);
  return [...ends.slice(1), COLDEST_C]
    .map((fromC, i) => ({
      fromC,
      toC: ends[i]!,
      jPerKg: ICE_J_PER_KG * waterShare * (iceShare(freezingC, fromC) - iceShare(freezingC, ends[i]!)),
    }))
    .filter(({ jPerKg, fromC, toC }) => jPerKg > MIN_LATENT && toC - fromC > 0.1);
}
