import type { Layer, Spread } from '../slab';
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

/** What has to be known of a way of spreading a layer; whoever adds one fills this in. */
export interface SpreadRule {
  /** It goes on the pieces, after cutting. */
  readonly onPieces: boolean;
  /** How often its film counts towards the height of the slab. */
  readonly filmsInHeight: 0 | 1 | 2;
  /** It leaves a smaller tin for what follows. */
  readonly linesWalls: boolean;
  /** It is grains that lie side by side. */
  readonly strewn: boolean;
  /** Whether its film can be asked for by hand, whatever the amounts give. */
  readonly takesThickness: boolean;
  /** How much of it is laid is a film in mm, or mL on each piece. */
  readonly doseUnit: 'mm' | 'mL per piece';
  /** Volume that a dose needs, mL. */
  readonly volumeMl: (layer: Layer, ground: Ground, dose: number) => number;
  /** The dose that a volume gives: the inverse. Nothing to lie on gives 0. */
  readonly dose: (layer: Layer, ground: Ground, volumeMl: number) => number;
  /** The dose that the layer asks for in the file; null where the amounts decide. */
  readonly doseAsked: (layer: Layer, densityGPerMl: number) => number | null;
}

/** Height to which a shell goes up the wall, mm: as the layer says, else to the rim. */
export function shellTopMm(layer: Layer, { tin, fromMm }: Ground): number {
  return Math.max(fromMm, layer.wallMm ?? tin.depthMm);
}

/** The dose of a spread whose volume grows in proportion to it. */
const inProportion =
  (volumeMl: SpreadRule['volumeMl']): SpreadRule['dose'] =>
  (layer, ground, wantedMl) => {
    const perUnit = volumeMl(layer, ground, 1);
    return perUnit > 0 ? wantedMl / perUnit : 0;
  };

/** Base and wall up to its height, less the tin that is left inside. */
function shellMl(layer: Layer, ground: Ground, filmMm: number): number {
  const { tin, fromMm } = ground;
  const topMm = shellTopMm(layer, ground);
  const inner = insetTin(tin, filmMm);
  const floorMm = Math.min(fromMm + filmMm, topMm);
  const outerMl = volumeMlTo(tin, Math.max(topMm, fromMm + filmMm)) - volumeMlTo(tin, fromMm);
  return outerMl - (volumeMlTo(inner, topMm) - volumeMlTo(inner, floorMm));
}

/** By halving, since no closed form is at hand. */
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

/** Every way of spreading a layer, and all that differs between them. Films are in mm, of `per-piece` in mL on each piece. */
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

/** Whether a layer goes on after cutting. */
export function isFinish({ spread }: Pick<Layer, 'spread'>): boolean {
  return SPREAD[spread].onPieces;
}

/** Volume that a layer needs for a dose: a film in mm, or mL on each piece, as its spread counts. mL. */
export function volumeOfDose(layer: Layer, ground: Ground, dose: number): number {
  return SPREAD[layer.spread].volumeMl(layer, ground, dose);
}

/** The dose that a volume gives: the inverse of `volumeOfDose`. Nothing to lie on gives 0. */
export function doseOfVolume(layer: Layer, ground: Ground, volumeMl: number): number {
  return volumeMl > 0 ? SPREAD[layer.spread].dose(layer, ground, volumeMl) : 0;
}

/** The dose that a layer asks for in the file, or null where the amounts decide. */
export function doseAsked(layer: Layer, densityGPerMl: number): number | null {
  return SPREAD[layer.spread].doseAsked(layer, densityGPerMl);
}

/** A dose under the name of its unit; the other is 0. */
export interface Dose {
  /** Thickness of the film, mm. */
  readonly filmMm: number;
  /** What goes on each piece, mL. */
  readonly mlPerPiece: number;
}

export function namedDose({ spread }: Pick<Layer, 'spread'>, dose: number): Dose {
  return SPREAD[spread].doseUnit === 'mm' ? { filmMm: dose, mlPerPiece: 0 } : { filmMm: 0, mlPerPiece: dose };
}

export const doseOf = ({ filmMm, mlPerPiece }: Dose) => filmMm + mlPerPiece;
