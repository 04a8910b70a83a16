import type { Outline } from '../tin';
import type { Layout, Stroke } from './region';

/** A numbered stroke from one point to another, mm from the left and from the front. */
export interface NumberedStroke {
  readonly number: number;
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly set: Stroke['set'];
}

export interface StrokeOrder {
  readonly strokes: readonly NumberedStroke[];
  /** Number of times the board is turned. */
  readonly turns: number;
  readonly outline: Outline;
}

/** Straight strokes first, then across. Slanted strokes come last, when nothing else has to hold together. */
const SETS: readonly Stroke['set'][] = ['along', 'across', 'slanted', 'from the middle'];

/**
 * Orders the strokes: all parallel ones before the board is turned, from the front or the left, so that the first piece is lifted
 * out at an edge.
 */
export function strokeOrder({ outline, strokes }: Pick<Layout, 'outline' | 'strokes'>): StrokeOrder {
  const [a, b] = [outline.lengthMm / 2, outline.widthMm / 2];
  const sets = SETS.filter((set) => strokes.some((stroke) => stroke.set === set));
  const place = ({ from, to, set }: Stroke) => (set === 'along' ? from[1] + to[1] : from[0] + to[0]);
  const ordered = sets.flatMap((set) => {
    const own = strokes.filter((stroke) => stroke.set === set);
    return set === 'from the middle' ? own : own.sort((line, other) => place(line) - place(other));
  });
  return {
    outline,
    strokes: ordered.map(({ from, to, set }, i) => ({
      number: i + 1,
      from: [from[0] + a, from[1] + b],
      to: [to[0] + a, to[1] + b],
      set,
    })),
    // For wedges the board turns after each stroke.
    turns: sets.includes('from the middle') ? Math.max(0, ordered.length - 1) : Math.max(0, sets.length - 1),
  };
}
