import { MAX_GRID, type CutSpec } from '../slab';
import type { Outline } from '../tin';
import type { Layout, Region, Stroke } from './region';
import { FAR_MM, momentsWithin, type Point } from './moments';

const TURN = 2 * Math.PI;
const MAX_STEPS = 40;

const towards = (angle: number, far: number): Point => [far * Math.cos(angle), far * Math.sin(angle)];

/** Returns the area between two rays from the middle. */
function between(from: number, to: number, apex: Point, far: number): Point[] {
  const parts = Math.max(2, Math.ceil((to - from) / 0.7));
  return [apex, ...Array.from({ length: parts + 1 }, (_, i) => towards(from + ((to - from) * i) / parts, far))];
}

/** Returns rays from the middle with equal areas between them, the first towards the back. In a round tin their angles are equal too. */
function rays(outline: Outline, count: number): number[] {
  const even = Array.from({ length: count + 1 }, (_, i) => TURN / 4 + (TURN * i) / count);
  if (outline.cornerMm * 2 >= Math.max(outline.lengthMm, outline.widthMm) - 1e-9) return even;
  const area = (from: number, to: number) =>
    to - from < 1e-12 ? 0 : momentsWithin(outline, between(from, to, [0, 0], FAR_MM))[0];
  const eachMm2 = area(TURN / 4, TURN / 4 + TURN / 2) * (2 / count);
  const found = [TURN / 4];
  for (let i = 1; i < count; i++) {
    const from = found[i - 1]!;
    let [low, high] = [from, from + TURN * 0.75];
    let to = from + (2 * eachMm2) / rimAt(outline, from) ** 2;
    // Newton's method within bounds: the area grows by half the square of the distance to the wall per radian.
    for (let n = 0; n < MAX_STEPS; n++) {
      if (to <= low || to >= high) to = (low + high) / 2;
      const missingMm2 = eachMm2 - area(from, to);
      if (Math.abs(missingMm2) < eachMm2 * 1e-10) break;
      if (missingMm2 > 0) low = to;
      else high = to;
      to += (2 * missingMm2) / rimAt(outline, to) ** 2;
    }
    found.push(to);
  }
  return [...found, TURN / 4 + TURN];
}

/**
 * Lays out wedges of equal area from the middle; `columns` is their number. Both sides of a cut lose half the kerf. Trims do not
 * apply: every wedge reaches to the wall.
 *
 * @returns null where the kerf leaves nothing
 */
export function wedges(outline: Outline, cut: CutSpec): Layout | null {
  const count = cut.columns;
  const kerfMm = cut.kerfMm ?? 0;
  if (count > MAX_GRID || count < 2) return null;
  const angles = rays(outline, count);
  const wallMm = Math.max(outline.lengthMm, outline.widthMm);
  const regions: Region[] = [];
  for (let i = 0; i < count; i++) {
    const [from, to] = [angles[i]!, angles[i + 1]!];
    const half = (to - from) / 2;
    // Distance at which both sides meet after moving inward by half a kerf.
    const backMm = half > TURN / 4 - 1e-9 ? kerfMm / 2 : kerfMm / 2 / Math.sin(half);
    if (backMm * 2 >= Math.min(outline.lengthMm, outline.widthMm)) return null;
    const apex = towards((from + to) / 2, backMm);
    const moved = (points: readonly Point[]) =>
      points.map(([x, y], at): Point => (at === 0 ? [x, y] : [x + apex[0], y + apex[1]]));
    const radiusMm = rimAt(outline, (from + to) / 2);
    const faceMm2 = momentsWithin(outline, moved(between(from, to, apex, FAR_MM)))[0];
    regions.push({
      face: moved(between(from, to, apex, wallMm)),
      takes: moved(between(from, to, apex, FAR_MM)),
      lengthMm: radiusMm,
      widthMm: 2 * radiusMm * Math.sin(Math.min(half, TURN / 4)),
      faceMm2,
    });
  }
  return {
    outline,
    regions,
    frame: [-Infinity, Infinity, -Infinity, Infinity],
    strokes: strokesThrough(outline, angles.slice(0, -1)),
    marksMm: { length: [], width: [] },
  };
}

/** Returns the distance from the middle to the wall, mm. */
function rimAt({ lengthMm, widthMm, cornerMm: r }: Outline, angle: number): number {
  const [c, s] = [Math.abs(Math.cos(angle)), Math.abs(Math.sin(angle))];
  const [a, b] = [lengthMm / 2, widthMm / 2];
  const straight = Math.min(c > 0 ? a / c : Infinity, s > 0 ? b / s : Infinity);
  const [x, y] = [straight * c - (a - r), straight * s - (b - r)];
  if (x <= 0 || y <= 0) return straight;
  const along = (a - r) * c + (b - r) * s;
  return along + Math.sqrt(Math.max(0, r * r - ((a - r) ** 2 + (b - r) ** 2 - along * along)));
}

/** Opposite rays form one stroke through the middle. */
function strokesThrough(outline: Outline, angles: readonly number[]): Stroke[] {
  const done = new Set<number>();
  return angles.flatMap((angle, i): Stroke[] => {
    if (done.has(i)) return [];
    const across = angles.findIndex((other, at) => at > i && Math.abs(other - angle - TURN / 2) < 1e-6);
    if (across !== -1) done.add(across);
    const to = towards(angle + TURN / 2, rimAt(outline, angle + TURN / 2));
    return [{ from: towards(angle, rimAt(outline, angle)), to: across === -1 ? [0, 0] : to, set: 'from the middle' }];
  });
}
