import type { Look } from '$core/classify';
import type { Texture } from '$core/slab';
import { seeded } from './seeded';

/** One tile of a cut face: a background with marks. Repeated in both directions it has no seam. */
export interface FillTile {
  readonly size: number;
  readonly marks: readonly TileMark[];
}

/** A path with its style, in the colours of the theme. */
export interface TileMark {
  readonly d: string;
  /** A class of `Fills.svelte`. */
  readonly look: 'dark' | 'light' | 'hole' | 'line' | 'crease' | 'ring' | 'piece' | 'shine';
}

const SIZE = 150;
type Draw = (x: number, y: number) => string;

const tenth = (value: number) => value.toFixed(1);

/** Draws a shape at a place, and again across each edge that it reaches, so that tiles join. */
function joined(draw: Draw, x: number, y: number, reach: number): string {
  const over = (at: number) => [0, ...(at < reach ? [SIZE] : []), ...(at > SIZE - reach ? [-SIZE] : [])];
  return over(x)
    .flatMap((dx) => over(y).map((dy) => draw(x + dx, y + dy)))
    .join('');
}

/** Returns an irregular polygon round a place, flattened and rotated. */
export function shard(random: () => number, radius: number, corners: number, flat = 1): Draw {
  const turn = random() * Math.PI;
  const points = Array.from({ length: corners }, (_, i) => {
    const angle = ((i + (random() - 0.5) * 0.7) / corners) * 2 * Math.PI;
    const r = radius * (0.72 + 0.5 * random());
    const [across, down] = [Math.cos(angle) * r, Math.sin(angle) * r * flat];
    return [across * Math.cos(turn) - down * Math.sin(turn), across * Math.sin(turn) + down * Math.cos(turn)] as const;
  });
  return (x, y) => `M${points.map(([dx, dy]) => `${tenth(x + dx)} ${tenth(y + dy)}`).join('L')}Z`;
}

const circle =
  (radius: number): Draw =>
  (x, y) =>
    `M${tenth(x - radius)} ${tenth(y)}a${tenth(radius)} ${tenth(radius)} 0 1 0 ${tenth(2 * radius)} 0a${tenth(radius)} ${tenth(radius)} 0 1 0 ${tenth(-2 * radius)} 0`;

const stroke =
  (dx: number, dy: number): Draw =>
  (x, y) =>
    `M${tenth(x)} ${tenth(y)}l${tenth(dx)} ${tenth(dy)}`;

/** Returns shapes scattered over the tile. */
function strewn(random: () => number, count: number, shape: () => readonly [draw: Draw, reach: number]): string {
  return Array.from({ length: count }, () => {
    const [draw, reach] = shape();
    return joined(draw, random() * SIZE, random() * SIZE, reach);
  }).join('');
}

/** Returns places that keep a distance, also across the edges of the tile: for whole nuts and large bubbles. */
function apart(random: () => number, radii: readonly number[]): { x: number; y: number; r: number }[] {
  const placed: { x: number; y: number; r: number }[] = [];
  const far = (a: number, b: number) => Math.min(Math.abs(a - b), SIZE - Math.abs(a - b));
  for (const r of radii)
    for (let tries = 0; tries < 60; tries++) {
      const [x, y] = [random() * SIZE, random() * SIZE];
      if (placed.some((other) => Math.hypot(far(x, other.x), far(y, other.y)) < (r + other.r) * 0.9)) continue;
      placed.push({ x, y, r });
      break;
    }
  return placed;
}

const many = (count: number, of: (i: number) => number) => Array.from({ length: count }, (_, i) => of(i));

const TILES: Readonly<Record<Texture, (random: () => number) => readonly TileMark[]>> = {
  // Baked or pressed crumb with air pockets.
  crumb: (random) => {
    const grain = (least: number, more: number) => () =>
      [shard(random, least + more * random(), 5 + Math.floor(random() * 2), 0.75), 5] as const;
    return [
      { look: 'light', d: strewn(random, 70, grain(0.9, 1.5)) },
      { look: 'dark', d: strewn(random, 95, grain(0.8, 1.9)) },
      { look: 'hole', d: strewn(random, 16, () => [shard(random, 1.4 + random() * 1.6, 7, 0.5), 5] as const) },
    ];
  },
  // Caramel and jelly: depth, flow and a few bubbles.
  smooth: (random) => [
    { look: 'line', d: strewn(random, 11, () => [stroke(12 + random() * 34, random() - 0.5), 48] as const) },
    { look: 'shine', d: strewn(random, 9, () => [circle(0.6 + random() * 1.1), 4] as const) },
  ],
  // Beaten or boiled sugar: small facets that glint.
  crystal: (random) => {
    const facet = (size: number) => () => [shard(random, size * (0.5 + random()), 4), 5] as const;
    return [
      { look: 'dark', d: strewn(random, 120, facet(1)) },
      { look: 'light', d: strewn(random, 120, facet(1.1)) },
      { look: 'shine', d: strewn(random, 26, facet(0.7)) },
    ];
  },
  // Beaten whites and nougat.
  air: (random) => {
    const bubbles = apart(random, [...many(10, () => 5.5 + random() * 3.5), ...many(60, () => 1 + random() * 2.6)]);
    const draw = (of: (r: number) => Draw, dx = 0) =>
      bubbles.map(({ x, y, r }) => joined(of(r), x + dx * r, y + dx * r, 12)).join('');
    return [
      { look: 'ring', d: draw((r) => circle(r)) },
      { look: 'shine', d: draw((r) => circle(r * 0.3), -0.3) },
    ];
  },
  // Whole and broken nuts in a binder.
  nut: (random) => {
    const places = apart(random, [...many(13, () => 11 + random() * 5), ...many(22, () => 3 + random() * 3)]);
    const pieces = places.map(({ x, y, r }) => {
      const draw = shard(random, r, 7, 0.72);
      return { edge: joined(draw, x, y, 20), x, y, r };
    });
    const crease = pieces
      .filter(({ r }) => r > 8)
      .map(({ x, y, r }) =>
        joined(
          (cx, cy) => `M${tenth(cx - r / 2)} ${tenth(cy)}q${tenth(r / 2)} ${tenth(-r / 2)} ${tenth(r)} 0`,
          x,
          y,
          20,
        ),
      );
    return [
      { look: 'piece', d: pieces.map(({ edge }) => edge).join('') },
      { look: 'crease', d: crease.join('') },
      { look: 'dark', d: strewn(random, 40, () => [shard(random, 0.8, 5), 4] as const) },
    ];
  },
  // Broken chocolate: dark, with the short lines of a snap.
  chocolate: (random) => [
    {
      look: 'line',
      d: strewn(random, 34, () => {
        const [length, lean] = [4 + random() * 11, -0.5 + random() * 1.1];
        return [
          (x, y) =>
            `M${tenth(x)} ${tenth(y)}q${tenth(length / 2)} ${tenth(-lean * 6)} ${tenth(length)} ${tenth(-lean * 9)}`,
          18,
        ] as const;
      }),
    },
    { look: 'dark', d: strewn(random, 30, () => [stroke(2 + random() * 5, random() * 3 - 1.5), 9] as const) },
  ],
};

/** Tile of each kind of cut face. */
export const fillTile = (look: Look): FillTile => ({ size: SIZE, marks: TILES[textureIn(look)](seeded(look)) });

const textureIn = (look: Look): Texture =>
  look === 'milk-chocolate' || look === 'white-chocolate' ? 'chocolate' : look;
