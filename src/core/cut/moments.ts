import type { Outline } from '../tin';

/** A point of the slab from above, mm from its middle: to the right and to the back. */
export type Point = readonly [xMm: number, yMm: number];

/** Integrals of 1, x, y, x², xy and y² over an area. The first is the area itself, mm². */
export type Moments = readonly [number, number, number, number, number, number];

/** Beyond any tin: marks an edge that reaches to the wall. */
export const FAR_MM = 2e4;

/** Gauss-Legendre nodes on -1..1. Two points are exact on a straight line here, eight are accurate to 1e-12 on an arc. */
const ON_LINE = [
  [-0.5773502691896258, 1],
  [0.5773502691896258, 1],
] as const;
const ON_ARC = [
  [-0.9602898564975363, 0.10122853629037626],
  [-0.7966664774136267, 0.22238103445337448],
  [-0.525532409916329, 0.31370664587788727],
  [-0.1834346424956498, 0.362683783378362],
  [0.1834346424956498, 0.362683783378362],
  [0.525532409916329, 0.31370664587788727],
  [0.7966664774136267, 0.22238103445337448],
  [0.9602898564975363, 0.10122853629037626],
] as const;

/**
 * Returns the moments of a polygon clipped to an outline.
 *
 * The polygon is the signed sum of the triangles between its edges and the middle, and an outline is seen whole from its middle; so
 * each edge counts for itself, as the area that the middle sweeps along it: the edge where it is inside, the outline where it is
 * beyond. What two pieces share as an edge counts once each way, and the pieces of a slab add up to it exactly.
 * A homogeneous polynomial of degree d over a swept area is 1/(d + 2) of its integral along the way (Green; Euler).
 *
 * @param polygon corners in order, either way round; corners may be as far out as FAR_MM
 */
export function momentsWithin(inside: Outline, polygon: readonly Point[]): Moments {
  const outline = inside.cornerMm < MIN_CORNER_MM ? { ...inside, cornerMm: 0 } : inside;
  const sums = [0, 0, 0, 0, 0, 0];
  // An outline is convex: a shape whose corners are inside lies inside.
  const isInside = polygon.every((point) => holds(outline, point));
  const walls = isInside ? [] : wallsOf(outline);
  polygon.forEach((from, at) => {
    const to = polygon[(at + 1) % polygon.length]!;
    if (isInside) sweepLine(sums, from, to);
    else sweepEdge(sums, outline, walls, from, to);
  });
  const sign = sums[0]! < 0 ? -1 : 1;
  return sums.map((sum) => sum * sign) as unknown as Moments;
}

/** Returns the moments of a rectangle from x to x and from y to y; zero where it is inverted. */
export function rectangleMoments([x1, x2, y1, y2]: readonly [number, number, number, number]): Moments {
  if (x2 <= x1 || y2 <= y1) return [0, 0, 0, 0, 0, 0];
  const [wide, tall] = [x2 - x1, y2 - y1];
  const [x, y] = [(x1 + x2) / 2, (y1 + y2) / 2];
  const area = wide * tall;
  return [area, area * x, area * y, area * (x * x + wide ** 2 / 12), area * x * y, area * (y * y + tall ** 2 / 12)];
}

/** Tells whether a point lies within an outline. */
export function holds({ lengthMm, widthMm, cornerMm: r }: Outline, [x, y]: Point): boolean {
  const [u, v] = [Math.abs(x) - (lengthMm / 2 - r), Math.abs(y) - (widthMm / 2 - r)];
  return u <= r && v <= r && (u <= 0 || v <= 0 || u * u + v * v <= r * r);
}

function sweepEdge(sums: number[], outline: Outline, walls: readonly Wall[], from: Point, to: Point) {
  const inside = clipped(outline, from, to);
  if (!inside) return sweepWalls(sums, walls, from, to);
  const [enter, leave] = inside;
  sweepWalls(sums, walls, from, enter);
  sweepLine(sums, enter, leave);
  sweepWalls(sums, walls, leave, to);
}

function add(sums: number[], x: number, y: number, crossed: number) {
  sums[0]! += crossed / 2;
  sums[1]! += (x * crossed) / 3;
  sums[2]! += (y * crossed) / 3;
  sums[3]! += (x * x * crossed) / 4;
  sums[4]! += (x * y * crossed) / 4;
  sums[5]! += (y * y * crossed) / 4;
}

function sweepLine(sums: number[], [x1, y1]: Point, [x2, y2]: Point) {
  const crossed = (x1 * y2 - x2 * y1) / 2;
  if (crossed === 0) return;
  for (const [node, weight] of ON_LINE) {
    add(sums, (x1 + x2 + node * (x2 - x1)) / 2, (y1 + y2 + node * (y2 - y1)) / 2, crossed * weight);
  }
}

/** Returns the moments of a part of the outline, counter-clockwise between two angles at the middle. */
type Wall =
  | { readonly from: number; readonly to: number; readonly normal: Point; readonly offMm: number }
  | {
      readonly from: number;
      readonly to: number;
      readonly centre: Point;
      readonly radiusMm: number;
      readonly quarter: number;
    };

const TURN = 2 * Math.PI;
const ROUNDING_MM = 1e-9;
/** Corners too small to measure count as square, since rounding would hide their ends. */
const MIN_CORNER_MM = 1e-3;

function wallsOf({ lengthMm, widthMm, cornerMm: r }: Outline): Wall[] {
  const [a, b] = [lengthMm / 2, widthMm / 2];
  /** Angles at which the corner of the first quadrant starts and ends, seen from the middle. The others mirror it. */
  const [begin, end] = [Math.atan2(b - r, a), Math.atan2(b, a - r)];
  const half = Math.PI;
  const corner = (quarter: number, from: number, to: number): Wall => {
    const [x, y] = [quarter % 3 === 0 ? a - r : r - a, quarter < 2 ? b - r : r - b];
    return { from, to, centre: [x, y], radiusMm: r, quarter };
  };
  const sides: Wall[] = [
    { from: -begin, to: begin, normal: [1, 0], offMm: a },
    { from: end, to: half - end, normal: [0, 1], offMm: b },
    { from: half - begin, to: half + begin, normal: [-1, 0], offMm: a },
    { from: half + end, to: TURN - end, normal: [0, -1], offMm: b },
  ];
  if (r === 0) return sides;
  return [
    ...sides,
    corner(0, begin, end),
    corner(1, half - end, half - begin),
    corner(2, half + begin, half + end),
    corner(3, TURN - end, TURN - begin),
  ];
}

/** Returns the moments swept along the outline between two rays, the short way round. */
function sweepWalls(sums: number[], walls: readonly Wall[], [x1, y1]: Point, [x2, y2]: Point) {
  // Distances below rounding sweep nothing, also beside the middle, where a ray has no direction.
  if (Math.abs(x2 - x1) + Math.abs(y2 - y1) < ROUNDING_MM) return;
  const turned = Math.atan2(x1 * y2 - x2 * y1, x1 * x2 + y1 * y2);
  const begin = Math.atan2(y1, x1);
  const [low, high] = turned > 0 ? [begin, begin + turned] : [begin + turned, begin];
  const sign = Math.sign(turned);
  for (const round of low < 0 ? [-TURN, 0] : [0, TURN]) {
    for (const wall of walls) {
      const from = Math.max(low, wall.from + round);
      const to = Math.min(high, wall.to + round);
      if (to > from) sweepWall(sums, wall, from, to, sign);
    }
  }
}

function sweepWall(sums: number[], wall: Wall, from: number, to: number, sign: number) {
  if ('normal' in wall) {
    const [nx, ny] = wall.normal;
    const at = (angle: number): Point => {
      const [c, s] = [Math.cos(angle), Math.sin(angle)];
      const far = wall.offMm / (nx * c + ny * s);
      return [far * c, far * s];
    };
    return sign > 0 ? sweepLine(sums, at(from), at(to)) : sweepLine(sums, at(to), at(from));
  }
  const { centre, radiusMm: r, quarter } = wall;
  const [begin, end] = [turnAt(centre, r, quarter, from), turnAt(centre, r, quarter, to)];
  const half = (end - begin) / 2;
  for (const [node, weight] of ON_ARC) {
    const turn = begin + half * (1 + node);
    const [c, s] = [Math.cos(turn), Math.sin(turn)];
    const [x, y] = [centre[0] + r * c, centre[1] + r * s];
    add(sums, x, y, sign * weight * half * r * (x * c + y * s));
  }
}

/** Returns where a ray from the middle meets the corner circle of a quadrant, as an angle of that circle. */
function turnAt([cx, cy]: Point, r: number, quarter: number, angle: number): number {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const along = cx * c + cy * s;
  const far = along + Math.sqrt(Math.max(0, r * r - (cx * cx + cy * cy - along * along)));
  const turn = Math.atan2(far * s - cy, far * c - cx);
  return turn < (quarter * Math.PI) / 2 - 1e-6 ? turn + TURN : turn;
}

/** Clips a line to an outline; `null` if none of it is inside. */
export function clipped(
  { lengthMm, widthMm, cornerMm: r }: Outline,
  from: Point,
  to: Point,
): readonly [Point, Point] | null {
  const [a, b] = [lengthMm / 2, widthMm / 2];
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  let [enter, leave] = [0, 1];
  for (const [p, q] of [
    [-dx, from[0] + a],
    [dx, a - from[0]],
    [-dy, from[1] + b],
    [dy, b - from[1]],
  ] as const) {
    if (p === 0) {
      if (q < 0) return null;
    } else if (p < 0) enter = Math.max(enter, q / p);
    else leave = Math.min(leave, q / p);
  }
  if (enter >= leave) return null;
  const at = (t: number): Point => [from[0] + t * dx, from[1] + t * dy];
  if (r > 0) {
    for (const [sx, sy] of [
      [1, 1],
      [-1, 1],
      [-1, -1],
      [1, -1],
    ] as const) {
      const [cx, cy] = [sx * (a - r), sy * (b - r)];
      /** Beyond the circle within this corner's square. */
      const beyond = ([x, y]: Point) => (x - cx) * sx > 0 && (y - cy) * sy > 0 && Math.hypot(x - cx, y - cy) > r;
      const [first, last] = [beyond(at(enter)), beyond(at(leave))];
      if (!first && !last) continue;
      const roots = onCircle(from[0] - cx, from[1] - cy, dx, dy, r);
      if (first && last) {
        if (!roots || roots[1] <= enter || roots[0] >= leave) return null;
        [enter, leave] = [Math.max(enter, roots[0]), Math.min(leave, roots[1])];
      } else if (!roots) return null;
      else if (first) enter = Math.max(enter, roots[0]);
      else leave = Math.min(leave, roots[1]);
    }
    if (enter >= leave) return null;
  }
  return [at(enter), at(leave)];
}

function onCircle(x: number, y: number, dx: number, dy: number, r: number): readonly [number, number] | null {
  const [a, half, c] = [dx * dx + dy * dy, x * dx + y * dy, x * x + y * y - r * r];
  const root = half * half - a * c;
  if (root <= 0 || a === 0) return null;
  return [(-half - Math.sqrt(root)) / a, (-half + Math.sqrt(root)) / a];
}
