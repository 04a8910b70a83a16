/** Probe readings for the drawing, at sea level. */
export interface PotCurve {
  readonly points: readonly (readonly [minutes: number, celsius: number])[];
  /** Minutes from now until the end point. */
  readonly fan: { readonly least: number; readonly usual: number; readonly most: number } | null;
  readonly targetC: number;
}
