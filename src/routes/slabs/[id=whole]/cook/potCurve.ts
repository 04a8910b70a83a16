/** What a probe has shown so far, as the stage draws it: by the scale of a recipe at the sea. */
export interface PotCurve {
  readonly points: readonly (readonly [minutes: number, celsius: number])[];
  /** Minutes from now until it gets there. */
  readonly fan: { readonly least: number; readonly usual: number; readonly most: number } | null;
  readonly targetC: number;
}
