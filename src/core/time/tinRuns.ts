import type { Layer, TinGroup } from '../slab';
import type { TinRange } from './activity';

/** Above this number, tins are poured, set and cut in groups. */
const MAX_RUNS = 6;

/** The top layer of some tins, still setting. */
interface Open {
  readonly layer: Layer | null;
  /** The steps that poured it, in order. */
  readonly laid: readonly string[];
  /** Whether scattered toppings stick to it, and whether one step poured it in all tins. */
  readonly wet: 'own' | 'shared' | null;
  /** The layer scattered on it that waits the longest; `null` if none does. */
  readonly strewn?: Layer | null;
}

/** Tins that go through the schedule together, and their current top layer. */
export interface TinRun {
  readonly tins: number;
  readonly range: TinRange;
  /** "#2" for ids, and the tins for titles, if there are several groups. */
  readonly mark: string;
  readonly group: { readonly tins?: TinGroup };
  open: Open | null;
}

/** Returns the tins of a schedule, separately, or grouped if there are many. */
export function runsOf(slabs: number): TinRun[] {
  const count = Math.min(slabs, MAX_RUNS);
  return Array.from({ length: count }, (_, i) => {
    const [from, to] = [Math.floor((i * slabs) / count), Math.floor(((i + 1) * slabs) / count)];
    return {
      tins: to - from,
      range: { from: from + 1, to },
      mark: count === 1 ? '' : `#${i + 1}`,
      group: count === 1 ? {} : { tins: { from: from + 1, to, of: slabs } },
      open: null,
    };
  });
}
