import { mixedCut, type Kind, type MixedAnswer, type MixedQuestion, type SolveLinear } from '../fit';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import type { CutSpec, Slab } from '../slab';
import { outlineAt } from '../tin';
import { plan } from './plan';
import type { PlannedSlab, PlanOptions } from './planned';

/** A piece type in a slab or a request. */
type AskedKind = Pick<Kind, 'id' | 'lengthMm' | 'widthMm'> & {
  readonly [F in 'value' | 'least' | 'most' | 'turn']?: Kind[F] | undefined;
};

/** Returns the piece types of a cut with defaults: as many as fit, and a value in proportion to the size. */
export function kindsOf({ kinds = [] }: { readonly kinds?: readonly AskedKind[] | undefined }): Kind[] {
  return kinds.map(({ id, lengthMm, widthMm, value = (lengthMm * widthMm) / 1000, least = 0, most, turn = false }) => ({
    id,
    lengthMm,
    widthMm,
    value,
    least,
    most: most ?? null,
    turn,
  }));
}

/** Returns the area for several piece types: the inside between the trims. */
export function mixedQuestion({ tin, slab }: PlannedSlab, cut: CutSpec, kinds: readonly Kind[]): MixedQuestion {
  const { lengthMm, widthMm } = outlineAt(tin, slab.heightMm / 2);
  const { left = 0, right = 0, front = 0, back = 0 } = cut.trimMm ?? {};
  return {
    lengthMm: Math.max(0, lengthMm - left - right),
    widthMm: Math.max(0, widthMm - front - back),
    kerfMm: cut.kerfMm ?? 0,
    kinds,
  };
}

/** Returns the best cut of a slab's first tin into several piece types. */
export function mixedSlab(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  options: PlanOptions,
  kinds: readonly Kind[],
  solve: SolveLinear,
  seconds: number,
): Promise<MixedAnswer> {
  const [first] = plan(slab, larder, shop, options).slabs;
  return mixedCut(mixedQuestion(first!, options.cut ?? slab.cut ?? { columns: 1, rows: 1 }, kinds), solve, seconds);
}

/** Returns the strips of an answer for a slab file, shifted by the trims. */
export function stripsOfAnswer({ strips }: MixedAnswer, cut: CutSpec): NonNullable<CutSpec['strips']> {
  const { left = 0, front = 0 } = cut.trimMm ?? {};
  return strips.map(({ along, atMm, sizeMm, pieces }) => {
    const [start, across] = along === 'length' ? [left, front] : [front, left];
    const ends = pieces.map((piece) => start + piece.atMm + (along === 'length' ? piece.lengthMm : piece.widthMm));
    return {
      atMm: atMm + across,
      widthMm: sizeMm,
      linesMm: ends,
      ...(along === 'width' ? { along } : {}),
      kinds: [...pieces.map(({ id }) => id), ''],
    };
  });
}
