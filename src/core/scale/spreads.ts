import type { Layer } from '../slab';
import { areaMm2At, insetTin, thicknessMmOf, volumeMlTo, type Tin } from '../tin';

/** What a cut slab offers to a coat or a finish. */
export interface PieceFaces {
  readonly count: number;
  /** Foot, sides and top of all pieces together, mm2. */
  readonly surfaceMm2: number;
}

/** Where a layer is laid: in a tin, from a height on, or on the pieces that the slab is cut into. */
export interface Ground {
  readonly tin: Tin;
  readonly fromMm: number;
  readonly pieces: PieceFaces;
}

const MM3_PER_ML = 1000;

/** Whether a layer goes on after cutting. */
export function isFinish({ spread }: Pick<Layer, 'spread'>): boolean {
  return spread === 'coat' || spread === 'per-piece';
}

/** Height to which a shell goes up the wall, mm: as the layer says, else to the rim. */
export function shellTopMm(layer: Layer, { tin, fromMm }: Ground): number {
  return Math.max(fromMm, layer.wallMm ?? tin.depthMm);
}

/**
 * Volume in mL that a layer needs at a film thickness.
 *
 * | spread | volume | film |
 * | level | V(h0 + t) - V(h0) | height, mm |
 * | shell | base and wall up to its height, less the tin that is left inside | mm on every side |
 * | both-faces | 2 x area x t | mm on each face |
 * | scatter | area x t | mm, if it were spread out |
 * | coat | foot, sides and top of every piece x t | mm |
 * | per-piece | count x t | mL on each piece |
 */
export function filmMl(layer: Layer, ground: Ground, film: number): number {
  const { tin, fromMm, pieces } = ground;
  switch (layer.spread) {
    case 'level':
      return volumeMlTo(tin, fromMm + film) - volumeMlTo(tin, fromMm);
    case 'shell': {
      const topMm = shellTopMm(layer, ground);
      const inner = insetTin(tin, film);
      const floorMm = Math.min(fromMm + film, topMm);
      const outerMl = volumeMlTo(tin, Math.max(topMm, fromMm + film)) - volumeMlTo(tin, fromMm);
      return outerMl - (volumeMlTo(inner, topMm) - volumeMlTo(inner, floorMm));
    }
    case 'both-faces':
      return (2 * areaMm2At(tin, fromMm) * film) / MM3_PER_ML;
    case 'scatter':
      return (areaMm2At(tin, fromMm) * film) / MM3_PER_ML;
    case 'coat':
      return (pieces.surfaceMm2 * film) / MM3_PER_ML;
    case 'per-piece':
      return pieces.count * film;
  }
}

/** The film that a volume gives: the inverse of `filmMl`. Nothing to lie on gives 0. */
export function filmOf(layer: Layer, ground: Ground, volumeMl: number): number {
  if (volumeMl <= 0) return 0;
  if (layer.spread === 'level') return thicknessMmOf(ground.tin, ground.fromMm, volumeMl);
  if (layer.spread !== 'shell') {
    const perUnit = filmMl(layer, ground, 1);
    return perUnit > 0 ? volumeMl / perUnit : 0;
  }
  let low = 0;
  let high = thicknessMmOf(ground.tin, ground.fromMm, volumeMl);
  for (let i = 0; i < 60 && high - low > 1e-12 * high; i++) {
    const middle = (low + high) / 2;
    if (filmMl(layer, ground, middle) < volumeMl) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The film that a layer asks for in the file, or null where the amounts decide. */
export function filmAsked(layer: Layer, densityGPerMl: number): number | null {
  if (layer.spread === 'per-piece')
    return layer.gramsPerPiece === undefined ? null : layer.gramsPerPiece / densityGPerMl;
  if (layer.spread === 'level' || layer.spread === 'scatter') return null;
  return layer.thicknessMm ?? null;
}
