import type { CutSpec } from '../slab';
import type { Outline } from '../tin';
import type { Box, Layout, Region, Stroke } from './region';
import type { Point } from './moments';

type Strip = NonNullable<CutSpec['strips']>[number];

/** Places closer than this count as the same. */
const SAME_MM = 0.05;

/**
 * Strips over the whole slab, each cut across on its own, into pieces or, where the strips name them, into kinds; a kind that is
 * narrower than its strip is trimmed to its width.
 *
 * @returns null where strips overlap, reach beyond the slab, or a line leaves no piece
 */
export function stripsOf(outline: Outline, cut: CutSpec): Layout | null {
  const turned = cut.strips![0]!.along === 'width';
  const strips = [...cut.strips!].sort((strip, other) => strip.atMm - other.atMm);
  if (strips.some(({ along = 'length' }) => (along === 'width') !== turned)) return null;
  const { left = 0, right = 0, front = 0, back = 0 } = cut.trimMm ?? {};
  // Sides along the strips and across them.
  const [alongMm, acrossMm] = turned ? [outline.widthMm, outline.lengthMm] : [outline.lengthMm, outline.widthMm];
  const [startMm, endMm] = turned ? [front, alongMm - back] : [left, alongMm - right];
  const kerfMm = cut.kerfMm ?? 0;
  const [a, b] = [alongMm / 2, acrossMm / 2];
  const place = (u: number, v: number): Point => (turned ? [v, u] : [u, v]);
  const box = (u1: number, u2: number, v1: number, v2: number): Box => (turned ? [v1, v2, u1, u2] : [u1, u2, v1, v2]);
  const toWall = (at: number, from: number, to: number) =>
    at <= from + 1e-9 ? -Infinity : at >= to - 1e-9 ? Infinity : at;
  const widths = new Map((cut.kinds ?? []).map((kind) => [kind.id, kind]));
  const regions: Region[] = [];
  const strokes: Stroke[] = [];
  let lastMm = -SAME_MM;
  for (const strip of strips) {
    const [lowMm, highMm] = [strip.atMm, strip.atMm + strip.widthMm];
    if (lowMm < lastMm - SAME_MM || highMm > acrossMm + SAME_MM) return null;
    lastMm = highMm;
    const spans = spansOf(strip, startMm, endMm, kerfMm);
    if (!spans) return null;
    if (lowMm > SAME_MM)
      strokes.push({ from: place(-a, lowMm - b), to: place(a, lowMm - b), set: turned ? 'across' : 'along' });
    spans.forEach(([from, to], i) => {
      const name = strip.kinds?.[i];
      const kind = name ? widths.get(name) : undefined;
      // A rotated piece has its width along the strip.
      const wideMm = kind
        ? Math.abs(to - from - kind.lengthMm) < SAME_MM
          ? kind.widthMm
          : kind.lengthMm
        : strip.widthMm;
      const upTo = Math.min(highMm, lowMm + wideMm);
      const region = (v1: number, v2: number, id: string | undefined): Region => {
        const [u1, u2] = [from - a, to - a];
        const face = [place(u1, v1 - b), place(u2, v1 - b), place(u2, v2 - b), place(u1, v2 - b)];
        return {
          face: turned ? [...face].reverse() : face,
          takes: box(toWall(u1, -a, a), toWall(u2, -a, a), toWall(v1 - b, -b, b), toWall(v2 - b, -b, b)),
          lengthMm: turned ? v2 - v1 : to - from,
          widthMm: turned ? to - from : v2 - v1,
          faceMm2: (to - from) * (v2 - v1),
          ...(id === undefined ? {} : { kind: id }),
        };
      };
      regions.push(region(lowMm, upTo, strip.kinds ? (name ?? '') : undefined));
      if (upTo + kerfMm < highMm - SAME_MM) {
        regions.push(region(upTo + kerfMm, highMm, ''));
        strokes.push({
          from: place(from - a, upTo - b),
          to: place(to - a, upTo - b),
          set: turned ? 'across' : 'along',
        });
      }
    });
    for (const at of [
      ...(startMm > 0 ? [startMm] : []),
      ...strip.linesMm.filter((at) => at < endMm - SAME_MM),
      ...(endMm < alongMm ? [endMm] : []),
    ]) {
      strokes.push({ from: place(at - a, lowMm - b), to: place(at - a, highMm - b), set: turned ? 'along' : 'across' });
    }
  }
  const [first, last] = [strips[0]!.atMm, strips.at(-1)!.atMm + strips.at(-1)!.widthMm];
  if (last < acrossMm - SAME_MM)
    strokes.push({ from: place(-a, last - b), to: place(a, last - b), set: turned ? 'across' : 'along' });
  const marks = strips.flatMap(({ atMm }) => (atMm > SAME_MM ? [atMm] : []));
  return {
    outline,
    regions,
    frame: box(toWall(startMm - a, -a, a), toWall(endMm - a, -a, a), toWall(first - b, -b, b), toWall(last - b, -b, b)),
    strokes,
    marksMm: turned ? { length: marks, width: [] } : { length: [], width: marks },
  };
}

function spansOf(
  { linesMm }: Strip,
  startMm: number,
  endMm: number,
  kerfMm: number,
): (readonly [number, number])[] | null {
  const lines = [...linesMm].sort((line, other) => line - other);
  const from = [startMm, ...lines.map((at) => at + kerfMm)];
  const spans = from.map((at, i) => [at, lines[i] ?? endMm] as const);
  return spans.some(([near, far], i) => far - near <= (i === spans.length - 1 ? -kerfMm - SAME_MM : 0))
    ? null
    : spans.filter(([near, far]) => far - near > SAME_MM);
}
