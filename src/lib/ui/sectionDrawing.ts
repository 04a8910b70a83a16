import { lean, longestMm, type Tin } from '../../core/tin';
import type { LaidLayer } from '../../core/scale';

/** The section as it is drawn: everything in px, to one scale in both directions, the base of the tin at y = 0 upwards. */
export interface SectionDrawing {
  readonly pxPerMm: number;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Whether the slab goes on to the right of what is shown. */
  readonly torn: boolean;
  readonly wall: string;
  readonly strata: readonly {
    readonly layer: LaidLayer;
    readonly path: string;
    readonly topPx: number;
    readonly middlePx: number;
    readonly leftPx: number;
    readonly labelPx: number;
  }[];
  /** x of each cut that is in sight. */
  readonly cutsPx: readonly number[];
  readonly trimPx: number;
}

const LABEL_GAP = 19;

/** Places labels near their layers without overlap, keeping them within the drawing. */
function spread(wanted: readonly number[], lowest: number): number[] {
  const placed: number[] = [];
  wanted.forEach((y) => placed.push(placed.length === 0 ? y : Math.min(y, placed.at(-1)! - LABEL_GAP)));
  const over = 8 - Math.min(...placed, 8);
  return placed.map((y, i) => Math.min(y + over, lowest - i * LABEL_GAP));
}

/** A ragged edge from the foot to the top, for a slab that goes on. */
function tear(x: number, fromY: number, toY: number): string {
  const steps = Math.max(1, Math.round((fromY - toY) / 6));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const y = fromY + ((toY - fromY) * i) / steps;
    return `L${(x + (i % 2 === 0 ? 0 : 4)).toFixed(1)} ${y.toFixed(1)}`;
  }).join('');
}

/**
 * Lays out the section: as much of the slab's length as fits, from its left wall, at one scale for height and length.
 *
 * @param boxPx space for the drawing
 * @param cutsMm marks along the length, from the left edge at mid-height
 */
export function sectionDrawing(
  tin: Tin,
  layers: readonly LaidLayer[],
  cutsMm: readonly number[],
  trimMm: number,
  boxPx: { readonly width: number; readonly height: number },
  most = 5,
): SectionDrawing {
  const heightMm = Math.max(0, ...layers.map(({ fromMm, thicknessMm }) => fromMm + thicknessMm));
  const tallMm = Math.max(tin.depthMm, heightMm) * 1.06 + 1;
  const lengthMm = longestMm(tin);
  const out = lean(tin);
  const px = Math.min(boxPx.height / tallMm, most);
  const spaceMm = boxPx.width / px;
  const fullMm = lengthMm + 2 * out * tin.depthMm + 2;
  const torn = fullMm > spaceMm;
  const shownMm = torn ? spaceMm - 2 : fullMm;
  const originMm = 1 + out * tin.depthMm;
  const x = (mm: number) => (originMm + mm) * px;
  const y = (mm: number) => boxPx.height - 3 - mm * px;
  const right = (atMm: number) => (torn ? shownMm * px : x(lengthMm + out * atMm));

  /** One band of the section, from a height to a height, in what the layer stands in. */
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
    return `M${left(fromMm)} ${y(fromMm)}${farSide}${wall === '' ? `L${left(toMm)} ${y(toMm)}` : wall}Z`;
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
  const labels = spread(
    strata.map(({ middlePx }) => middlePx),
    boxPx.height - 8,
  );
  const wallRight = torn
    ? `M${x(0)} ${y(0) + 1.5}L${right(0)} ${y(0) + 1.5}`
    : `M${x(0)} ${y(0) + 1.5}L${x(lengthMm)} ${y(0) + 1.5}L${x(lengthMm + out * tin.depthMm) + 1} ${y(tin.depthMm)}`;
  const middleOut = (out * heightMm) / 2;
  return {
    pxPerMm: px,
    widthPx: shownMm * px,
    heightPx: boxPx.height,
    torn,
    wall: `M${x(-out * tin.depthMm) - 1.5} ${y(tin.depthMm)}L${x(0) - 1.5} ${y(0) + 1.5}${wallRight.replace('M', 'L')}`,
    strata: strata.map((drawn, i) => ({ ...drawn, labelPx: labels[i]! })),
    cutsPx: cutsMm.map((mm) => x(mm - middleOut)).filter((at) => at < right(0) - 2),
    trimPx: trimMm > 0 ? x(trimMm - middleOut) : 0,
  };
}
