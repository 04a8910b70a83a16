import { isKind, type Thing } from '../classify';
import type { VesselKind } from '../tin';

/** Required size of a pot or bowl. */
export interface VesselNeed {
  readonly kind: VesselKind;
  /** Volume to the brim for the whole written amount, mL. */
  readonly volumeMl: number;
  /** Volume to the brim divided by the starting volume. */
  readonly times: number;
}

/** A boil rises to three times its volume, with milk or cream to four; a bowl needs room to stir. */
const TIMES = { boil: 3, milkBoil: 4, bowl: 1.5 } as const;

/**
 * Returns the vessel that a preparation needs, from its starting volume.
 *
 * @param lines those in the pot when it boils, or all of them
 * @param startMl their volume, mL
 * @param boils whether they are boiled
 */
export function vesselNeed(lines: readonly Thing[], startMl: number, boils: boolean): VesselNeed {
  const milky = lines.some((thing) => isKind('milk', thing));
  const times = !boils ? TIMES.bowl : milky ? TIMES.milkBoil : TIMES.boil;
  return { kind: boils ? 'pot' : 'bowl', volumeMl: startMl * times, times };
}
