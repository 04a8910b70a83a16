import type { Point } from '$core/cut';
import type { Outline } from '$core/tin';

/** The slab from above in its drawing: front edge at the bottom, with one scale both ways. */
export interface View {
  readonly outline: Outline;
  readonly px: number;
  readonly lengthPx: number;
  readonly widthPx: number;
  /** Position in the drawing of a place, mm from the left or front. */
  readonly x: (fromLeftMm: number) => number;
  readonly y: (fromFrontMm: number) => number;
  /** A corner, mm from the middle of the slab, as path coordinates. */
  readonly at: (point: Point) => string;
}

/** Returns the largest centred view of an outline in a drawing. */
export function viewOf(
  outline: Outline,
  picture: { readonly width: number; readonly height: number },
  pad: { readonly left: number; readonly top: number; readonly right: number; readonly bottom: number },
): View {
  const [wide, high] = [picture.width - pad.left - pad.right, picture.height - pad.top - pad.bottom];
  const px = Math.min(wide / outline.lengthMm, high / outline.widthMm);
  const [lengthPx, widthPx] = [outline.lengthMm * px, outline.widthMm * px];
  const leftPx = pad.left + (wide - lengthPx) / 2;
  const footPx = pad.top + (high + widthPx) / 2;
  const x = (fromLeftMm: number) => leftPx + fromLeftMm * px;
  const y = (fromFrontMm: number) => footPx - fromFrontMm * px;
  return {
    outline,
    px,
    lengthPx,
    widthPx,
    x,
    y,
    at: ([mx, my]) => `${x(outline.lengthMm / 2 + mx).toFixed(1)} ${y(outline.widthMm / 2 + my).toFixed(1)}`,
  };
}
