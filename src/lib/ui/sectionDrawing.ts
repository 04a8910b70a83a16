import { lean, longestMm, type Tin } from '$core/tin';
import { SPREAD, type LaidLayer } from '$core/scale';
import { seeded } from './seeded';
import { shard } from './fillTiles';

/** A drawn cross-section: everything in px, at one scale in both directions, with the base of the tin at y = 0 upwards. */
export interface SectionDrawing {
  readonly pxPerMm: number;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Whether the slab continues to the right. */
  readonly torn: boolean;
  readonly wall: string;
  /** The lining paper: inside the wall, and folded over the rim. */
  readonly paper: string;
  /** Scattered pieces on top, by layer. */
  readonly strewn: readonly { readonly layer: LaidLayer; readonly path: string }[];
  /** Coats, by layer: a line of its thickness along the stack. */
  readonly coats: readonly { readonly layer: LaidLayer; readonly path: string; readonly thickPx: number }[];
  readonly strata: readonly {
    readonly layer: LaidLayer;
    readonly path: string;
    readonly topPx: number;
    readonly middlePx: number;
    readonly leftPx: number;
  }[];
}

/**
 * Places rows near their bands, from the bottom, without overlap and within a space.
 *
 * @param wanted where each would lie, px, the lowest first
 */
export function spread(
  wanted: readonly number[],
  { gapPx, fromPx, toPx }: { readonly gapPx: number; readonly fromPx: number; readonly toPx: number },
): number[] {
  const gap = Math.min(gapPx, (toPx - fromPx) / Math.max(1, wanted.length - 1));
  const placed: number[] = [];
  wanted.forEach((y, i) => placed.push(Math.min(y, i === 0 ? toPx : placed[i - 1]! - gap)));
  for (let i = placed.length - 1, least = fromPx; i >= 0; i--, least += gap) {
    if (placed[i]! >= least) break;
    placed[i] = least;
  }
  return placed;
}

/** Returns a ragged edge from bottom to top, for a slab that continues. */
function tear(x: number, fromY: number, toY: number): string {
  const steps = Math.max(1, Math.round((fromY - toY) / 6));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const y = fromY + ((toY - fromY) * i) / steps;
    return `L${(x + (i % 2 === 0 ? 0 : 4)).toFixed(1)} ${y.toFixed(1)}`;
  }).join('');
}

/** Returns the upper edge of a layer: slightly uneven, never below its height. */
function edge(fromX: number, toX: number, y: number, reachPx: number, seed: string): string {
  const random = seeded(seed);
  const steps = Math.max(2, Math.round(Math.abs(toX - fromX) / 9));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const up = i === 0 || i === steps ? 0 : random() * reachPx;
    return `L${(fromX + ((toX - fromX) * i) / steps).toFixed(1)} ${(y - up).toFixed(1)}`;
  }).join('');
}

/** Maximum scale of a thin slab, px per mm. */
const LARGEST = 22;

/** Returns the height of a drawing, mm: the whole tin, or the slab with the bottom of the wall. */
function tallMmOf(tin: Tin, heightMm: number, close: boolean): number {
  const whole = Math.max(tin.depthMm, heightMm) * 1.06 + 1;
  return close && heightMm > 0 ? Math.min(whole, heightMm * 1.14 + 2) : whole;
}

/** Returns the height of the layers, mm. */
const heightOf = (layers: readonly LaidLayer[]) =>
  Math.max(0, ...layers.map(({ fromMm, thicknessMm }) => fromMm + thicknessMm));

/** Returns the height of a slab's drawing, mm; of several side by side, the tallest sets the scale. */
export const sectionTallMm = ({ tin, layers }: { readonly tin: Tin; readonly layers: readonly LaidLayer[] }) =>
  tallMmOf(tin, heightOf(layers), false);

/** Options of a drawing. */
export interface SectionLook {
  /** Space for the drawing, px. */
  readonly width: number;
  readonly height: number;
  /** Maximum scale, px per mm. */
  readonly most?: number;
  /** Only the slab, as large as possible; the tin's wall continues beyond the picture. */
  readonly close?: boolean;
  /** Scale of a drawing of this height, mm. */
  readonly besideMm?: number;
}

/** Returns scattered pieces along the upper face: as many as their mass on that length, a few mm each. */
function pieces(layer: LaidLayer, px: number, fromX: number, toX: number, faceY: number): string {
  const random = seeded(layer.id);
  const shownMm = (toX - fromX) / px;
  const gPerDm2 = layer.massG / (layer.areaMm2 / 10_000);
  const count = Math.round(Math.min(shownMm / 2.5, Math.max(shownMm / 40, (shownMm * gPerDm2) / 60)));
  return Array.from({ length: count }, (_, i) => {
    const radius = Math.max(1.6, px * (0.35 + 0.45 * random()));
    const at = fromX + ((i + 0.15 + 0.7 * random()) / count) * (toX - fromX);
    return shard(random, radius, 6, 0.75)(at, faceY - radius * 0.55);
  }).join('');
}

/** Lays out a cross-section: as much of the slab's length as fits, from its left wall, at one scale for height and length. */
export function sectionDrawing(
  tin: Tin,
  layers: readonly LaidLayer[],
  { width, height, most = LARGEST, close = false, besideMm = 0 }: SectionLook,
): SectionDrawing {
  const heightMm = heightOf(layers);
  const lengthMm = longestMm(tin);
  const out = lean(tin);
  const px = Math.min(height / Math.max(tallMmOf(tin, heightMm, close), besideMm), most);
  const spaceMm = width / px;
  const fullMm = lengthMm + 2 * out * tin.depthMm + 2;
  const torn = fullMm > spaceMm;
  const shownMm = torn ? spaceMm - 2 : fullMm;
  const originMm = 1 + out * tin.depthMm;
  const x = (mm: number) => (originMm + mm) * px;
  const y = (mm: number) => height - 3 - mm * px;
  const right = (atMm: number) => (torn ? shownMm * px : x(lengthMm + out * atMm));

  /** Returns one band of the cross-section between two heights. */
  const band = (layer: LaidLayer, fromMm: number, toMm: number, wallMm: number | null) => {
    const inMm = (lengthMm - longestMm(layer.tin)) / 2;
    const left = (atMm: number) => x(inMm - out * atMm);
    const farSide = torn
      ? tear(right(0), y(fromMm), y(toMm))
      : `L${right(fromMm) - inMm * px} ${y(fromMm)}L${right(toMm) - inMm * px} ${y(toMm)}`;
    const wall =
      wallMm === null
        ? ''
        : `L${left(toMm) + layer.filmMm * px} ${y(toMm)}L${left(wallMm) + layer.filmMm * px} ${y(wallMm)}L${left(wallMm)} ${y(wallMm)}`;
    const rightX = torn ? right(0) : right(toMm) - inMm * px;
    const reach = Math.min(1.8, (toMm - fromMm) * px * 0.12);
    const upper = edge(rightX, left(toMm), y(toMm), reach, `${layer.id}${fromMm > 0 ? '' : 'foot'}`);
    return `M${left(fromMm)} ${y(fromMm)}${farSide}${wall === '' ? upper : wall}Z`;
  };
  const strata = layers.map((layer) => {
    const topMm = layer.fromMm + layer.thicknessMm;
    const foot = layer.footMm > 0 ? band(layer, 0, layer.footMm, null) : '';
    return {
      layer,
      path: band(layer, layer.fromMm, topMm, layer.wallMm) + foot,
      topPx: y(topMm),
      middlePx: (y(layer.fromMm) + y(topMm)) / 2,
      leftPx: x((lengthMm - longestMm(layer.tin)) / 2 - out * topMm),
    };
  });
  const wallRight = torn
    ? `M${x(0)} ${y(0) + 1.5}L${right(0)} ${y(0) + 1.5}`
    : `M${x(0)} ${y(0) + 1.5}L${x(lengthMm)} ${y(0) + 1.5}L${x(lengthMm + out * tin.depthMm) + 1} ${y(tin.depthMm)}`;
  const faceLeft = x(-out * heightMm);
  const faceRight = right(heightMm);
  const strewn = layers
    .filter(
      ({ thicknessMm, massG, spread: way }) =>
        thicknessMm === 0 && massG > 0 && (SPREAD[way].strewn || SPREAD[way].doseUnit === 'mL per piece'),
    )
    .map((layer) => ({ layer, path: pieces(layer, px, faceLeft, faceRight, y(heightMm)) }));
  const coats = layers
    .filter(({ massG, spread: way }) => massG > 0 && SPREAD[way].onPieces && SPREAD[way].doseUnit === 'mm')
    .map((layer) => {
      const thickPx = Math.max(2.5, layer.filmMm * px);
      const [l, r] = [x(0) - thickPx / 2, torn ? right(0) : right(0) + thickPx / 2];
      const [t, b] = [y(heightMm) - thickPx / 2, y(0) - 0.5];
      const far = torn ? '' : `M${r} ${b}L${r} ${t}`;
      return { layer, thickPx, path: `M${l} ${b}L${l} ${t}L${r} ${t}${far}` };
    });
  const rimX = x(-out * tin.depthMm);
  const paperRight = torn
    ? ''
    : `L${x(lengthMm) - 1} ${y(0)}L${x(lengthMm + out * tin.depthMm) - 1} ${y(tin.depthMm)}l9 -7`;
  return {
    pxPerMm: px,
    widthPx: shownMm * px,
    heightPx: height,
    torn,
    wall: `M${x(-out * tin.depthMm) - 1.5} ${y(tin.depthMm)}L${x(0) - 1.5} ${y(0) + 1.5}${wallRight.replace('M', 'L')}`,
    paper: `M${rimX - 7} ${y(tin.depthMm) - 7}L${rimX + 2} ${y(tin.depthMm)}L${x(0) + 1} ${y(0)}${torn ? `L${right(0)} ${y(0)}` : paperRight}`,
    strewn,
    coats,
    strata,
  };
}
