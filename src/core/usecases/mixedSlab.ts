import { mixedCut, type Kind, type MixedAnswer, type MixedQuestion, type SolveLinear } from '../fit';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import type { CutSpec, Slab } from '../slab';
import { outlineAt } from '../tin';
import { plan } from './plan';
import type { PlannedSlab, PlanOptions } from './planned';

/** A kind as a slab or a service asks for it. */
type AskedKind = Pick<Kind, 'id' | 'lengthMm' | 'widthMm'> & {
  readonly [F in 'value' | 'least' | 'most' | 'turn']?: Kind[F] | undefined;
};

/** The kinds of a cut, with what they do not say taken as usual: as many as fit, and as much worth as they are large. */
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

/** What a slab offers to several kinds of piece: its inside between the trims. */
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

/** The best cut of a slab's first tin into several kinds. */
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

/** The strips of an answer as a slab file has them, moved by the trims. */
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
