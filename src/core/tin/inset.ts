import type { Tin } from './types';

/**
 * The tin that a film on its walls leaves: smaller by the film on every side, its base still at the same place.
 *
 * @param filmMm mm, >= 0; a film that fills the tin leaves 1 mm of it
 */
export function insetTin(tin: Tin, filmMm: number): Tin {
  if (tin.shape === 'round') return { ...tin, diameterMm: Math.max(1, tin.diameterMm - 2 * filmMm) };
  const [lengthMm, widthMm] = [Math.max(1, tin.lengthMm - 2 * filmMm), Math.max(1, tin.widthMm - 2 * filmMm)];
  const cornerMm = Math.min(Math.max(0, (tin.cornerMm ?? 0) - filmMm), lengthMm / 2, widthMm / 2);
  return { ...tin, lengthMm, widthMm, cornerMm };
}
