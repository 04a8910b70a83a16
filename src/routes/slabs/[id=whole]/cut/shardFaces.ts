import { Delaunay } from 'd3-delaunay';
import type { Point } from '$core/cut';
import { seeded } from '$lib/ui/seeded';

/** Maximum number of drawn shards. */
const MAX_DRAWN = 400;

/**
 * Returns a drawing of a slab broken into shards: a seeded division of its area, the same for the same slab.
 *
 * @param count how many shards
 * @param spread how unevenly it breaks: 0 makes them nearly alike
 * @returns their corners, mm from the middle
 */
export function shardFaces(size: { lengthMm: number; widthMm: number }, count: number, spread: number): Point[][] {
  const { lengthMm, widthMm } = size;
  const n = Math.min(MAX_DRAWN, count);
  const random = seeded(`${lengthMm} ${widthMm} ${n}`);
  const bounds: [number, number, number, number] = [-lengthMm / 2, -widthMm / 2, lengthMm / 2, widthMm / 2];
  let points = Array.from({ length: n }, (): [number, number] => [
    (random() - 0.5) * lengthMm,
    (random() - 0.5) * widthMm,
  ]);
  // Each round of moving the seeds to the centres makes shards more alike; a rough break stops early.
  const rounds = Math.max(1, Math.round(6 * (1 - spread)));
  for (let i = 0; i < rounds; i++) {
    const cells = Delaunay.from(points).voronoi(bounds);
    points = points.map((point, at) => middleOf(cells.cellPolygon(at)) ?? point);
  }
  const cells = Delaunay.from(points).voronoi(bounds);
  return points.flatMap((_, at) => {
    const corners = cells.cellPolygon(at) as [number, number][] | null;
    return corners ? [corners.slice(0, -1)] : [];
  });
}

function middleOf(corners: ArrayLike<[number, number]> | null): [number, number] | null {
  if (!corners) return null;
  const points = Array.from(corners).slice(0, -1);
  const sum = points.reduce<[number, number]>(([x, y], point) => [x + point[0], y + point[1]], [0, 0]);
  return [sum[0] / points.length, sum[1] / points.length];
}
