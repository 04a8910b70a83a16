import type { Outline } from '$core/tin';

/** Returns an outline as an SVG path in mm, its back left corner at the origin and y towards the front. */
export function outlinePath({ lengthMm, widthMm, cornerMm: r }: Outline): string {
  const arc = (x: number, y: number) => (r > 0 ? `A${r} ${r} 0 0 1 ${x} ${y}` : '');
  return [
    `M${r} 0H${lengthMm - r}`,
    arc(lengthMm, r),
    `V${widthMm - r}`,
    arc(lengthMm - r, widthMm),
    `H${r}`,
    arc(0, widthMm - r),
    `V${r}`,
    arc(r, 0),
    'Z',
  ].join('');
}
