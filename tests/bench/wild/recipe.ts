/**
 * A whole recipe as somebody would paste it, and the facts that its slab must have. Written as a maker reads it, before any of it was read
 * by the program.
 */
export interface WildRecipe {
  readonly name: string;
  readonly text: string;
  /** Inside length x width of the tin in mm, `round` and its diameter, or null where the recipe names none. */
  readonly tin: string | null;
  /** What is made in one pot or bowl: a word of each of its lines, and after an @ its end point, °C. */
  readonly mixtures: Readonly<Record<string, string>>;
  /** The layers from the bottom: the mixture, and after a colon how it is applied if not level. Joined by + where they share a layer. */
  readonly layers: readonly string[];
  /** Minutes of each bake (the lower of two), and after an @ the oven, °C. */
  readonly bakes?: readonly string[];
  /** Place and minimum minutes of the waits of the laid slab, by mixture. */
  readonly waits?: Readonly<Record<string, string>>;
  /** Number of pieces, `break`, or null where it is not decided. */
  readonly cut: number | 'break' | null;
  /** Place and days, or null where nothing is said. */
  readonly keep: string | null;
}
