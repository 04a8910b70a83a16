import type { Layer, Spread } from '../slab';
import { areaMm2At, insetTin, thicknessMmOf, volumeMlTo, type Tin } from '../tin';

/** Surface of a cut slab for a coat or a finish. */
export interface PieceFaces {
  readonly count: number;
  /** Bottom, sides and top of all pieces, mm². */
  readonly surfaceMm2: number;
}

/** Where a layer goes: in a tin from a height, or on the cut pieces. */
export interface Ground {
  readonly tin: Tin;
  readonly fromMm: number;
  readonly pieces: PieceFaces;
}

const MM3_PER_ML = 1000;

/** Properties of a way to apply a layer; add one here. */
export interface SpreadRule {
  /** Whether it is applied to the pieces after cutting. */
  readonly onPieces: boolean;
  /** Number of times its film counts towards the height of the slab. */
  readonly filmsInHeight: 0 | 1 | 2;
  /** Whether it leaves a smaller space inside. */
  readonly linesWalls: boolean;
  /** Whether it consists of grains side by side. */
  readonly strewn: boolean;
  /** Whether the thickness of its film can be set independently of the amounts. */
  readonly takesThickness: boolean;
  /** Unit of the dose: a film in mm, or mL per piece. */
  readonly doseUnit: 'mm' | 'mL per piece';
  /** Volume for a dose, mL. */
  readonly volumeMl: (layer: Layer, ground: Ground, dose: number) => number;
  /** Dose for a volume: the inverse. 0 without a surface. */
  readonly dose: (layer: Layer, ground: Ground, volumeMl: number) => number;
  /** Dose set in the file; `null` if the amounts decide. */
  readonly doseAsked: (layer: Layer, densityGPerMl: number) => number | null;
}

/** Returns the height of a shell's wall, mm: as set, otherwise to the rim. */
export function shellTopMm(layer: Layer, { tin, fromMm }: Ground): number {
  return Math.max(fromMm, layer.wallMm ?? tin.depthMm);
}

/** A spread whose volume is proportional to its dose. */
const inProportion =
  (volumeMl: SpreadRule['volumeMl']): SpreadRule['dose'] =>
  (layer, ground, wantedMl) => {
    const perUnit = volumeMl(layer, ground, 1);
    return perUnit > 0 ? wantedMl / perUnit : 0;
  };

/** Returns the volume of base and wall up to its height, without the space inside. */
function shellMl(layer: Layer, ground: Ground, filmMm: number): number {
  const { tin, fromMm } = ground;
  const topMm = shellTopMm(layer, ground);
  const inner = insetTin(tin, filmMm);
  const floorMm = Math.min(fromMm + filmMm, topMm);
  const outerMl = volumeMlTo(tin, Math.max(topMm, fromMm + filmMm)) - volumeMlTo(tin, fromMm);
  return outerMl - (volumeMlTo(inner, topMm) - volumeMlTo(inner, floorMm));
}

/** By bisection, since there is no closed form. */
function shellFilmMm(layer: Layer, ground: Ground, volumeMl: number): number {
  let low = 0;
  let high = thicknessMmOf(ground.tin, ground.fromMm, volumeMl);
  for (let i = 0; i < 60 && high - low > 1e-12 * high; i++) {
    const middle = (low + high) / 2;
    if (shellMl(layer, ground, middle) < volumeMl) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

const faceMl: SpreadRule['volumeMl'] = (_, { tin, fromMm }, filmMm) => (areaMm2At(tin, fromMm) * filmMm) / MM3_PER_ML;
const bothFacesMl: SpreadRule['volumeMl'] = (...of) => 2 * faceMl(...of);
const coatMl: SpreadRule['volumeMl'] = (_, { pieces }, filmMm) => (pieces.surfaceMm2 * filmMm) / MM3_PER_ML;
const onEachMl: SpreadRule['volumeMl'] = (_, { pieces }, mlEach) => pieces.count * mlEach;
const asGiven: SpreadRule['doseAsked'] = ({ thicknessMm }) => thicknessMm ?? null;
const byAmounts: SpreadRule['doseAsked'] = () => null;

/** All ways to apply a layer. Films are in mm, doses of `per-piece` in mL per piece. */
export const SPREAD: Readonly<Record<Spread, SpreadRule>> = {
  level: {
    onPieces: false,
    filmsInHeight: 1,
    linesWalls: false,
    strewn: false,
    takesThickness: true,
    doseUnit: 'mm',
    volumeMl: (_, { tin, fromMm }, filmMm) => volumeMlTo(tin, fromMm + filmMm) - volumeMlTo(tin, fromMm),
    dose: (_, { tin, fromMm }, volumeMl) => thicknessMmOf(tin, fromMm, volumeMl),
    doseAsked: byAmounts,
  },
  shell: {
    onPieces: false,
    filmsInHeight: 1,
    linesWalls: true,
    strewn: false,
    takesThickness: true,
    doseUnit: 'mm',
    volumeMl: shellMl,
    dose: shellFilmMm,
    doseAsked: asGiven,
  },
  'both-faces': {
    onPieces: false,
    filmsInHeight: 2,
    linesWalls: false,
    strewn: false,
    takesThickness: true,
    doseUnit: 'mm',
    volumeMl: bothFacesMl,
    dose: inProportion(bothFacesMl),
    doseAsked: asGiven,
  },
  scatter: {
    onPieces: false,
    filmsInHeight: 0,
    linesWalls: false,
    strewn: true,
    takesThickness: false,
    doseUnit: 'mm',
    volumeMl: faceMl,
    dose: inProportion(faceMl),
    doseAsked: byAmounts,
  },
  coat: {
    onPieces: true,
    filmsInHeight: 0,
    linesWalls: false,
    strewn: false,
    takesThickness: true,
    doseUnit: 'mm',
    volumeMl: coatMl,
    dose: inProportion(coatMl),
    doseAsked: asGiven,
  },
  'per-piece': {
    onPieces: true,
    filmsInHeight: 0,
    linesWalls: false,
    strewn: false,
    takesThickness: false,
    doseUnit: 'mL per piece',
    volumeMl: onEachMl,
    dose: inProportion(onEachMl),
    doseAsked: ({ gramsPerPiece }, densityGPerMl) =>
      gramsPerPiece === undefined ? null : gramsPerPiece / densityGPerMl,
  },
};

/** Tells whether a layer is applied after cutting. */
export function isFinish({ spread }: Pick<Layer, 'spread'>): boolean {
  return SPREAD[spread].onPieces;
}

/** Returns the volume that a layer needs for a dose, mL. */
export function volumeOfDose(layer: Layer, ground: Ground, dose: number): number {
  return SPREAD[layer.spread].volumeMl(layer, ground, dose);
}

/** Returns the dose for a volume: the inverse of `volumeOfDose`. 0 without a surface. */
export function doseOfVolume(layer: Layer, ground: Ground, volumeMl: number): number {
  return volumeMl > 0 ? SPREAD[layer.spread].dose(layer, ground, volumeMl) : 0;
}

/** Returns the dose set in the file, or `null` if the amounts decide. */
export function doseAsked(layer: Layer, densityGPerMl: number): number | null {
  return SPREAD[layer.spread].doseAsked(layer, densityGPerMl);
}

/** A dose in its unit; the other unit is 0. */
export interface Dose {
  /** Thickness of the film, mm. */
  readonly filmMm: number;
  /** Volume per piece, mL. */
  readonly mlPerPiece: number;
}

export function namedDose({ spread }: Pick<Layer, 'spread'>, dose: number): Dose {
  return SPREAD[spread].doseUnit === 'mm' ? { filmMm: dose, mlPerPiece: 0 } : { filmMm: 0, mlPerPiece: dose };
}

export const doseOf = ({ filmMm, mlPerPiece }: Dose) => filmMm + mlPerPiece;
