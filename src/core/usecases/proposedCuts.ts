import { behaviourOf, isKind, type LayerPart } from '../classify';
import type { Larder } from '../larder';
import { layerParts } from '../scale';
import type { Shop } from '../shop';
import { expandDividedLines, type CutSpec, type Slab } from '../slab';
import { cutAnswers } from './cuts';
import { scaleSlab } from './scaling';

/** A cut proposed for a slab whose cut is not decided. */
export interface ProposedCut {
  readonly cut: CutSpec;
  /** Number of pieces; an estimate where the slab is broken. */
  readonly pieces: number;
  /** Size of a piece, mm; `null` for shards. */
  readonly size: { readonly lengthMm: number; readonly widthMm: number } | null;
  readonly massG: number;
}

/** Usual masses of a bite, a square and a bar, g. A judgement from usage: shops sell bites of 12 to 20 g, squares of 35 to 50, bars of 60 to 90. */
const USUAL_G = { bite: 15, square: 40, bar: 75 } as const;
/** Largest ratio of the sides of a proposed piece. */
const LONGEST = 3;
/** Usual masses of a small and a large shard, g. */
const SHARDS_G = [20, 40] as const;

/** Tells whether a slab is broken by hand as a rule: chocolate and hard sugar throughout. */
function isBrittle(slab: Slab, larder: Larder, shop: Shop): boolean {
  const laid = expandDividedLines(slab);
  const { mixtures, scaling } = scaleSlab(laid, larder, shop, {});
  /** Nuts break with what holds them. */
  const isNuts = (parts: readonly LayerPart[]) =>
    parts.every(({ things }) => things.every((thing) => isKind('nut', thing)));
  const behaviours = (scaling.slabs[0]?.layers ?? []).flatMap(({ thicknessMm, spread }, at) => {
    const parts = layerParts(laid.layers[at]!, laid, mixtures);
    return thicknessMm > 0 && spread !== 'scatter' && !isNuts(parts) ? [behaviourOf(parts)] : [];
  });
  return behaviours.length > 0 && behaviours.every((own) => own === 'chocolate' || own === 'hard boil');
}

/**
 * Proposes cuts for a slab whose cut is not decided: bites, squares and bars of usual masses; for brittle slabs shards first. They
 * cover the whole slab, so nothing is trimmed off.
 *
 * @returns none for a slab without mass
 */
export function proposedCuts(slab: Slab, larder: Larder, shop: Shop): ProposedCut[] {
  const grids = Object.values(USUAL_G).flatMap((massG): ProposedCut[] => {
    const answers = cutAnswers(slab, larder, shop, {}, { by: 'mass', massG });
    const best = answers.find(
      ({ lengthMm, widthMm }) => Math.max(lengthMm, widthMm) <= LONGEST * Math.min(lengthMm, widthMm),
    );
    return best
      ? [
          {
            cut: best.cut,
            pieces: best.pieces,
            size: { lengthMm: best.lengthMm, widthMm: best.widthMm },
            massG: best.massG,
          },
        ]
      : [];
  });
  const different = grids.filter(
    ({ cut }, at) => grids.findIndex((own) => own.cut.columns === cut.columns && own.cut.rows === cut.rows) === at,
  );
  const [first] = different;
  if (!first || !isBrittle(slab, larder, shop)) return different;
  const slabG = first.pieces * first.massG;
  const shards = SHARDS_G.filter((massG) => massG * 2 <= slabG).map((massG): ProposedCut => ({
    cut: { columns: 1, rows: 1, way: 'break', break: { aimG: massG }, tool: 'hand', kerfMm: 0 },
    ...{ pieces: Math.round(slabG / massG), size: null, massG },
  }));
  return [...shards, ...different];
}
