import type { NumberLimits } from '$core/validation';
import { PIECE_MM } from '$core/slab';

/** Limits of inputs that are not in the slab file, shared by screens and services. */
export const ASKED = {
  pieces: { min: 1, max: 10_000, whole: true },
  pieceMm: { min: PIECE_MM[0], max: PIECE_MM[1] },
  pieceG: { min: 0.1, max: 1e6 },
  pieceCost: { min: 0.0001, max: 1e9 },
  stayMinutes: { min: 0, max: 100_000 },
  perPack: { min: 1, max: 1000, whole: true },
  labels: { min: 1, max: 500, whole: true },
  /** First unused position on a sheet of labels. */
  labelPlace: { min: 1, max: 300, whole: true },
} as const satisfies Record<string, NumberLimits>;
