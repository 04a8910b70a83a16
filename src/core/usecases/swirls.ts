import { swirlSpread } from '../cut';
import { isFinish } from '../scale';
import type { Slab } from '../slab';
import type { Plan } from './planned';

/** A layer of several mixtures, and their shares in a piece. */
export interface Swirl {
  readonly name: string;
  /** Share by mass, and its standard deviation between pieces if swirled and not stirred. */
  readonly parts: readonly { readonly name: string; readonly share: number; readonly spread: number }[];
}

/** Returns the shares of each mixture in a piece, for every layer with more than one. */
export function swirlsOf(slab: Slab, { preparations, slabs }: Plan): Swirl[] {
  const [piece] = slabs[0]?.cut.pieces ?? [];
  if (!piece) return [];
  return slab.layers
    .filter((layer) => layer.from.length > 1 && !isFinish(layer))
    .map(({ name, from }) => {
      const masses = from.map(({ preparation, share }) => {
        const at = slab.preparations.findIndex(({ id }) => id === preparation);
        return { name: slab.preparations[at]?.name ?? preparation, massG: (preparations[at]?.massOutG ?? 0) * share };
      });
      const allG = masses.reduce((sum, { massG }) => sum + massG, 0);
      return {
        name,
        parts: masses.map((part) => {
          const share = allG > 0 ? part.massG / allG : 0;
          return { name: part.name, share, spread: swirlSpread(share, piece.lengthMm * piece.widthMm) };
        }),
      };
    });
}
