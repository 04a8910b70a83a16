import type { StrokeOrder } from '$core/cut';
import { outlinePath } from './outlinePath';

const mm = (value: number) => Number(value.toFixed(3));

const escaped = (text: string) =>
  text.replace(/[&<>"]/g, (letter) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[letter]!);

/** Returns a cutting template as SVG in mm: outline and numbered strokes. */
export function templateSvg({ outline, strokes }: StrokeOrder, name: string): string {
  const { lengthMm, widthMm } = outline;
  const lines = strokes.map(({ from, to, number }) => {
    const [x1, y1, x2, y2] = [from[0], widthMm - from[1], to[0], widthMm - to[1]].map(mm) as [
      number,
      number,
      number,
      number,
    ];
    const [x, y] = [mm(x1 + (x2 - x1) * 0.06 + 1), mm(y1 + (y2 - y1) * 0.06 - 1)];
    return `<path d="M${x1} ${y1}L${x2} ${y2}"/><text x="${x}" y="${y}">${number}</text>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(lengthMm)}mm" height="${mm(widthMm)}mm" viewBox="0 0 ${mm(lengthMm)} ${mm(widthMm)}">`,
    `<title>${escaped(name)}</title>`,
    '<style>path{fill:none;stroke:#201b18;stroke-width:.3}text{font:4px sans-serif}</style>',
    `<path d="${outlinePath(outline)}"/>`,
    ...lines,
    '</svg>',
  ].join('\n');
}
