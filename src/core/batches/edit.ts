import type { Batch } from './schema';

type BatchTin = Batch['tins'][number];

const countOf = (tins: readonly { readonly count: number }[]) => tins.reduce((sum, { count }) => sum + count, 0);

/** Returns tins with one fewer: the last. */
export const oneTinFewer = <T extends { readonly count: number }>(tins: readonly T[]): T[] =>
  tins.flatMap((tin, i) => (i < tins.length - 1 ? [tin] : tin.count > 1 ? [{ ...tin, count: tin.count - 1 }] : []));

/** Returns a batch in some of its tins: their pieces if each tin says what it gives, otherwise their share. */
function inTins(batch: Batch, tins: readonly BatchTin[]): Batch {
  const share = countOf(tins) / countOf(batch.tins);
  const pieces = batch.pieces.map(({ kind, count }, k) => {
    const isKnown = tins.every((tin) => tin.pieces?.[k] !== undefined);
    const known = tins.reduce((sum, tin) => sum + tin.count * (tin.pieces?.[k] ?? 0), 0);
    return { kind, count: isKnown ? known : Math.floor(count * share) };
  });
  const { scale } = batch;
  const ordered = pieces.reduce((sum, { count }) => sum + count, 0);
  return {
    ...batch,
    ...{ tins, pieces, pinned: [] },
    ...(scale?.mode === 'pieces' ? { scale: { ...scale, count: Math.max(1, ordered) } } : {}),
  };
}

/** Returns a batch in one tin fewer; `null` if it is made in one. */
export const withOneTinFewer = (batch: Batch): Batch | null =>
  countOf(batch.tins) > 1 ? inTins(batch, oneTinFewer(batch.tins)) : null;

/** Returns a batch as two, each with half of the tins; `null` if it is made in one tin. Both are for the same orders. */
export function splitBatch(batch: Batch): readonly [Batch, Batch] | null {
  const all = countOf(batch.tins);
  if (all < 2) return null;
  const half = Math.ceil(all / 2);
  let before = 0;
  const first: BatchTin[] = [];
  const second: BatchTin[] = [];
  for (const tin of batch.tins) {
    const inFirst = Math.max(0, Math.min(tin.count, half - before));
    before += tin.count;
    if (inFirst > 0) first.push({ ...tin, count: inFirst });
    if (inFirst < tin.count) second.push({ ...tin, count: tin.count - inFirst });
  }
  return [inTins(batch, first), inTins(batch, second)];
}

/** Tells whether two batches can be made as one: of the same slab, both cut as the slab is. */
export const canMerge = (a: Batch, b: Batch): boolean => a.slab === b.slab && !a.scale && !b.scale;

/** Returns two batches as one, due when the earlier one is, for the orders of both. */
export function mergedBatch(a: Batch, b: Batch): Batch {
  const tins = [...a.tins];
  for (const own of b.tins) {
    const at = tins.findIndex(({ tin }) => JSON.stringify(tin) === JSON.stringify(own.tin));
    if (at === -1) tins.push(own);
    else tins[at] = { ...tins[at]!, count: tins[at]!.count + own.count };
  }
  return {
    ...a,
    tins,
    due: Date.parse(a.due) <= Date.parse(b.due) ? a.due : b.due,
    pieces: a.pieces.map(({ kind, count }) => ({
      kind,
      count: count + (b.pieces.find((own) => own.kind === kind)?.count ?? 0),
    })),
    orders: [...(a.orders ?? []), ...(b.orders ?? [])],
    pinned: [],
  };
}
