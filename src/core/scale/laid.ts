import type { Layer } from '../slab';
import { areaMm2At, insetTin, type Tin } from '../tin';
import {
  doseOfVolume,
  isFinish,
  shellTopMm,
  SPREAD,
  volumeOfDose,
  type Dose,
  type Ground,
  type PieceFaces,
} from './spreads';

/** A layer laid in a tin. */
export interface LaidLayer extends Dose {
  readonly id: string;
  readonly name: string;
  readonly spread: Layer['spread'];
  readonly massG: number;
  readonly volumeMl: number;
  /** Height of its bottom, and its contribution to the height: 0 for scattered layers and for finishes applied after cutting. */
  readonly fromMm: number;
  readonly thicknessMm: number;
  /** Mean covered area, so that volume = area x thickness. */
  readonly areaMm2: number;
  /** What holds it: the tin, or the space inside a shell. */
  readonly tin: Tin;
  /** Height of a shell's wall. */
  readonly wallMm: number | null;
  /** The lower of two films on both faces extends from 0 to this height. */
  readonly footMm: number;
  /** Scale factor of this layer. */
  readonly scaleFactor: number;
}

/** Wanted amount of a layer: a dose to reach, or a volume to use up. */
export type Ask = { readonly dose: number } | { readonly volumeMl: number };

/** Counts pieces and their surface in a tin at a height, by the cut. */
export type FacesOf = (tin: Tin, heightMm: number) => PieceFaces;

const NO_PIECES: PieceFaces = { count: 0, surfaceMm2: 0 };

/** A stack of layers in one tin. */
export interface Stack {
  /** Same order as the slab's layers. */
  readonly doses: readonly { readonly dose: number; readonly volumeMl: number; readonly ground: Ground }[];
  readonly places: readonly Pick<LaidLayer, 'fromMm' | 'thicknessMm' | 'tin' | 'wallMm' | 'footMm' | 'areaMm2'>[];
  readonly heightMm: number;
}

/**
 * Lays layers in a tin from the bottom. Finishes applied after cutting come last, on the pieces of the finished stack.
 *
 * A shell leaves a smaller tin for what follows. Films on both faces lift what lay there before by the lower film.
 *
 * @param askOf how much of each layer there is, once it is known where it lies
 */
export function stackIn(
  tin: Tin,
  layers: readonly Layer[],
  facesOf: FacesOf,
  askOf: (at: number, ground: Ground) => Ask,
): Stack {
  const doses: { dose: number; volumeMl: number; ground: Ground }[] = [];
  const places: {
    fromMm: number;
    thicknessMm: number;
    tin: Tin;
    wallMm: number | null;
    footMm: number;
    areaMm2: number;
  }[] = [];
  let inside = tin;
  let topMm = 0;
  const lay = (layer: Layer, at: number, pieces: PieceFaces) => {
    const ground: Ground = { tin: inside, fromMm: topMm, pieces };
    const ask = askOf(at, ground);
    const dose = 'dose' in ask ? ask.dose : doseOfVolume(layer, ground, ask.volumeMl);
    const volumeMl = 'dose' in ask ? volumeOfDose(layer, ground, dose) : ask.volumeMl;
    const { filmsInHeight, linesWalls } = SPREAD[layer.spread];
    const thicknessMm = filmsInHeight > 0 ? dose : 0;
    const footMm = filmsInHeight > 1 ? dose : 0;
    if (footMm > 0) for (const [i, place] of places.entries()) if (place && i < at) place.fromMm += footMm;
    doses[at] = { dose, volumeMl, ground };
    places[at] = {
      fromMm: topMm + footMm,
      thicknessMm,
      tin: inside,
      wallMm: linesWalls ? shellTopMm(layer, ground) : null,
      footMm,
      areaMm2: layer.spread === 'level' && dose > 0 ? (volumeMl * 1000) / dose : areaMm2At(inside, topMm),
    };
    topMm += thicknessMm + footMm;
    if (linesWalls) inside = insetTin(inside, dose);
  };
  layers.forEach((layer, at) => {
    if (!isFinish(layer)) lay(layer, at, NO_PIECES);
  });
  if (layers.some(isFinish)) {
    const pieces = facesOf(tin, topMm);
    layers.forEach((layer, at) => {
      if (isFinish(layer)) lay(layer, at, pieces);
    });
  }
  return { doses, places, heightMm: topMm };
}
