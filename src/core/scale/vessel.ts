import { isKind, type Thing } from '../classify';
import type { VesselKind } from '../tin';

/** How large a pot or bowl has to be for a preparation. */
export interface VesselNeed {
  readonly kind: VesselKind;
  /** mL to the brim, for all of the written amount at once. */
  readonly volumeMl: number;
  /** How many times the starting volume that is. */
  readonly times: number;
}

/** A boil rises to three times its volume, with milk or cream to four; a bowl is to be stirred in without spilling. */
const TIMES = { boil: 3, milkBoil: 4, bowl: 1.5 } as const;

/**
 * The vessel that a preparation needs, from what goes into it at the start.
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
