import type { Stage } from '../slab';
import { STAGE_RANGES, stageAt } from '../sugar';

/** Phase of a pot of syrup: warming, boiling but still thin, or at a sugar stage. */
export type PotPhase = 'warming' | 'thin' | Stage;

/** Appearance of a pot: its phase, bubble size, bubble rate and browning, each 0 to 1. */
export interface PotLook {
  readonly phase: PotPhase;
  readonly bubbles: number;
  readonly lively: number;
  readonly brown: number;
}

/** Temperature from which a pot boils, °C at sea level. */
const BOILS_C = 100.5;
const BROWNS_FROM_C = 154;
const BROWN_C = 185;
const THICK_C = 150;

const FIRST_STAGE_C = STAGE_RANGES[0]!.fromC;
const share = (value: number, from: number, to: number) => Math.min(1, Math.max(0, (value - from) / (to - from)));

/**
 * Returns the phase of a pot of syrup.
 *
 * @param boilC at sea level
 */
export function potPhase(boilC: number): PotPhase {
  if (boilC < BOILS_C) return 'warming';
  return boilC < FIRST_STAGE_C ? 'thin' : stageAt(boilC).stage;
}

/**
 * Returns the appearance of a pot of syrup: bubbles grow and slow down as it thickens, and it browns at the end.
 *
 * @param boilC at sea level
 */
export function potLook(boilC: number): PotLook {
  const phase = potPhase(boilC);
  const thick = share(boilC, BOILS_C, THICK_C);
  return {
    phase,
    bubbles: phase === 'warming' ? 0 : 0.15 + 0.85 * thick,
    lively: phase === 'warming' ? 0 : 1 - 0.75 * thick,
    brown: share(boilC, BROWNS_FROM_C, BROWN_C),
  };
}
