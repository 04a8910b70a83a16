import {
  lotsFor,
  takenFromStock,
  type FromStock,
  type Lot,
  type StockLot,
  type TinChoice,
  type Wanted,
} from '../batches';
import { coinDigits } from '../cost';
import { tinYields, type SolveLinear } from '../fit';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import { isCutDecided, tinsOf, type Scale, type Slab } from '../slab';
import { isSheet, sameOnRack, type RackTin, type TinCount } from '../tin';
import { writtenHeightMm } from './heights';
import { pieceSizeFor } from './order';
import { plan } from './plan';
import { priceSlab, runMinutesOf, soldKinds } from './price';
import { Grid, placeBatch, stepsOfBatch, workroomOf } from '../week';
import { workOf } from './timeline';

/** Pieces wanted, and what they may be made from. */
export interface BatchAsk {
  readonly wanted: readonly Wanted[];
  readonly slabs: ReadonlyMap<number, Slab>;
  readonly stock: readonly StockLot[];
  /** Tins to make them in. */
  readonly rack: readonly RackTin[];
  readonly nowMs: number;
}

/** A batch to make, ready by `dueMs`, and begun no earlier than its pieces keep. */
export interface ProposedBatch {
  readonly id: string;
  readonly slab: number;
  /** With the pieces of each type that one such tin gives. */
  readonly tins: readonly (TinCount & { readonly name: string; readonly pieces: readonly number[] })[];
  /** Cut into pieces of the slab's own size, where its tin is another. */
  readonly scale?: Scale;
  readonly pieces: readonly { readonly kind: string | null; readonly count: number }[];
  readonly notBeforeMs: number;
  readonly dueMs: number;
  /** Due time of the last demand that its pieces serve. */
  readonly lastMs: number;
}

/** Why nothing can be proposed for what is wanted of a slab. */
export type NoBatch =
  | { readonly code: 'slab-deleted'; readonly slab: number }
  | { readonly code: 'cut-undecided'; readonly slab: number }
  | { readonly code: 'no-such-piece-type'; readonly slab: number; readonly kinds: readonly string[] }
  | { readonly code: 'no-pieces'; readonly slab: number };

export interface BatchAnswer {
  readonly batches: readonly ProposedBatch[];
  readonly fromStock: readonly FromStock[];
  readonly leftOver: readonly { readonly slab: number; readonly kind: string | null; readonly pieces: number }[];
  /** In the shop's currency. */
  readonly cost: number;
  readonly bound: number;
  readonly proven: boolean;
  readonly missing: readonly NoBatch[];
}

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;
/** More tins, and other batches, take longer than one tin alone. */
const SLACK_MS = 4 * 3_600_000;
/** Shelf life of a slab that does not state one, days. */
export const ASSUMED_KEEP_DAYS = 4;
/** Part of the shelf life that is left to the customer, days. */
const MARGIN_DAYS = 1;

/** How long before they are handed over the pieces of a slab may be made, ms. */
const keepMsOf = (slab: Slab) => Math.max(0, shelfMsOf(slab) - MARGIN_DAYS * DAY_MS);

interface TinOfSlab extends TinChoice {
  readonly rack: RackTin;
  readonly isOwn: boolean;
}

/** Tins that a slab can be made in, with what they give, and what one more and one batch cost, in coins. */
interface Choices {
  readonly kinds: readonly (string | null)[];
  readonly tins: readonly TinOfSlab[];
  readonly batchCost: number;
  readonly size: { readonly lengthMm: number; readonly widthMm: number } | null;
  /** Latest moment at which one tin can begin to be ready by another. */
  readonly beginMs: (dueMs: number) => number;
}

/** Days in which the latest beginning is looked for. */
const DAYS_BACK = 28;

/** Returns the latest beginning of a slab for a due time, alone in the workroom; the due time itself where it does not fit before. */
function latestBegin(slab: Slab, larder: Larder, shop: Shop, nowMs: number): (dueMs: number) => number {
  const origin = nowMs - DAYS_BACK * DAY_MS;
  const { activities } = workOf(slab, larder, shop, { tins: [{ tin: tinsOf(slab)[0]!.tin, count: 1 }] });
  return (dueMs) => {
    const due = Math.floor((dueMs - origin) / MINUTE_MS);
    const days = Math.ceil(due / 1440) + 1;
    const steps = stepsOfBatch({ id: '', activities, tins: [], notBefore: 0, due });
    const grid = new Grid(workroomOf(shop, new Date(origin), days), days * 1440);
    const placed = steps && placeBatch(grid, steps, { direction: -1, limit: due });
    return placed ? origin + Math.min(...placed.starts) * MINUTE_MS : dueMs;
  };
}

/** Returns the tins for a slab: its own as it is cut, and others where pieces of one size fit. */
function choicesFor(slab: Slab, larder: Larder, shop: Shop, rack: readonly RackTin[], nowMs: number): Choices {
  const own = tinsOf(slab)[0]!.tin;
  const inTins = (tin: TinCount['tin'], count: number) => {
    const tins = [{ tin, count }];
    const planned = plan(slab, larder, shop, { tins });
    const minutes = runMinutesOf(workOf(slab, larder, shop, { tins }).activities);
    return { planned, coins: priceSlab(slab, shop, planned, minutes).bill.total };
  };
  const [one, two] = [inTins(own, 1), inTins(own, 2)];
  const perTin = Math.max(0, two.coins - one.coins);
  const kinds = soldKinds(one.planned.cut, shop);
  const ofOwn = rack.find(({ tin }) => sameOnRack(tin, own)) ?? { name: '', count: 1, tin: own };
  const heightMm = writtenHeightMm(slab, larder, shop);
  const isPlain = kinds.length === 1 && slab.cut?.way === undefined && slab.cut?.kinds === undefined && !isSheet(own);
  const size = isPlain ? pieceSizeFor(one.planned, {}) : null;
  const { kerfMm = 0, trimMm } = slab.cut ?? {};
  const ownMm2 = one.planned.layers[0]?.areaMm2 ?? 0;
  const others =
    size && ownMm2 > 0
      ? tinYields(rack, { ...size, count: 1 }, heightMm, kerfMm, trimMm).filter(({ rack: other }) => other !== ofOwn)
      : [];
  return {
    kinds: kinds.map(({ name }) => name),
    tins: [
      { rack: ofOwn, isOwn: true, count: ofOwn.count, cost: perTin, pieces: kinds.map(({ count }) => count) },
      ...others.map(({ rack: other, pieces, areaMm2 }) => ({
        ...{ rack: other, isOwn: false, count: other.count, pieces: [pieces] },
        cost: (perTin * areaMm2) / ownMm2,
      })),
    ],
    batchCost: Math.max(0, one.coins - perTin),
    beginMs: latestBegin(slab, larder, shop, nowMs),
    size,
  };
}

/** Returns the scale of a batch in tins that are not the slab's own: cut into pieces of the slab's own size. */
function scaleFor(counts: readonly number[], { tins, size }: Choices): Scale | undefined {
  const isOther = tins.some(({ isOwn }, t) => !isOwn && counts[t]! > 0);
  if (!isOther || !size) return undefined;
  return { mode: 'pieces', count: counts.reduce((sum, n, t) => sum + n * tins[t]!.pieces[0]!, 0), ...size };
}

/** Returns what is wanted in pieces: a weight is as many of them as reach it on average. */
function inPieces({ grams = 0, ...want }: Wanted, slab: Slab | undefined, larder: Larder, shop: Shop): Wanted {
  if (grams === 0 || !slab) return want;
  const kinds = soldKinds(plan(slab, larder, shop).cut, shop);
  const kind = want.kind === null ? kinds[0] : kinds.find(({ name }) => name === want.kind);
  // A slab without pieces stays wanted, and is said to have none.
  return { ...want, pieces: want.pieces + (kind && kind.massG > 0 ? Math.ceil(grams / kind.massG) : 1) };
}

/** How long the pieces of a slab can lie before they are handed over, ms. */
export const shelfMsOf = ({ keep }: Slab): number => (keep?.days ?? ASSUMED_KEEP_DAYS) * DAY_MS;

/**
 * Returns which batches to make for what is wanted: stock first, oldest first, then for each slab the tins that cost the least in
 * ingredients, labour, energy and left-over pieces. Pieces that a later demand can still use are not left over.
 *
 * @param solve an exact solver
 * @param seconds time limit for all slabs together
 */
export async function batchesFor(
  asked: BatchAsk,
  larder: Larder,
  shop: Shop,
  solve: SolveLinear,
  seconds: number,
): Promise<BatchAnswer> {
  const wantedPieces = asked.wanted.map((want) => inPieces(want, asked.slabs.get(want.slab), larder, shop));
  const { taken, toMake } = takenFromStock(wantedPieces, asked.stock, MARGIN_DAYS * DAY_MS);
  const bySlab = new Map<number, Wanted[]>();
  for (const want of toMake) bySlab.set(want.slab, [...(bySlab.get(want.slab) ?? []), want]);
  const batches: Omit<ProposedBatch, 'id'>[] = [];
  const leftOver: BatchAnswer['leftOver'][number][] = [];
  const missing: NoBatch[] = [];
  let [cost, bound, proven] = [0, 0, true];
  for (const [id, wanted] of bySlab) {
    const slab = asked.slabs.get(id);
    if (!slab) {
      missing.push({ code: 'slab-deleted', slab: id });
      continue;
    }
    const choices = isCutDecided(slab) ? choicesFor(slab, larder, shop, asked.rack, asked.nowMs) : null;
    const { kinds = [] } = choices ?? {};
    const at = (kind: string | null) => (kind === null ? 0 : kinds.indexOf(kind));
    if (!choices) missing.push({ code: 'cut-undecided', slab: id });
    else if (wanted.some(({ kind }) => at(kind) === -1))
      missing.push({ code: 'no-such-piece-type', slab: id, kinds: kinds.flatMap((kind) => kind ?? []) });
    if (!choices || wanted.some(({ kind }) => at(kind) === -1)) continue;
    const dues = [...new Set(wanted.map(({ dueMs }) => dueMs))].sort((a, b) => a - b);
    const demands = dues.map((dueMs) => ({
      ...{ dueMs, beginMs: choices.beginMs(dueMs) },
      pieces: kinds.map((_, k) =>
        wanted
          .filter((want) => want.dueMs === dueMs && at(want.kind) === k)
          .reduce((sum, { pieces }) => sum + pieces, 0),
      ),
    }));
    const keepMs = keepMsOf(slab);
    const share = seconds / Math.max(1, bySlab.size);
    const found = await lotsFor({ ...choices, demands, keepMs }, solve, share);
    if (!found) {
      missing.push({ code: 'no-pieces', slab: id });
      continue;
    }
    batches.push(...found.lots.map((lot) => batchOf(lot, id, choices, keepMs, asked.nowMs)));
    found.leftOver.forEach((pieces, k) => pieces > 0 && leftOver.push({ slab: id, kind: kinds[k]!, pieces }));
    cost += found.cost;
    bound += found.bound;
    proven &&= found.proven;
  }
  const inCurrency = (coins: number) => Math.round(coins) / 10 ** coinDigits(shop.currency);
  return {
    batches: batches.sort((a, b) => a.dueMs - b.dueMs).map((batch, i) => ({ id: String(i + 1), ...batch })),
    ...{ fromStock: taken, leftOver, proven, missing, cost: inCurrency(cost), bound: inCurrency(bound) },
  };
}

function batchOf(lot: Lot, id: number, choices: Choices, keepMs: number, nowMs: number): Omit<ProposedBatch, 'id'> {
  const scale = scaleFor(lot.tins, choices);
  return {
    slab: id,
    tins: lot.tins.flatMap((count, t) => {
      const { rack, pieces } = choices.tins[t]!;
      return count > 0 ? [{ tin: rack.tin, name: rack.name, count, pieces }] : [];
    }),
    ...(scale ? { scale } : {}),
    pieces: lot.pieces.map((count, k) => ({ kind: choices.kinds[k]!, count })),
    ...{ dueMs: lot.dueMs, lastMs: lot.lastMs },
    // Where closed days leave no time to make it so fresh, it is made as late as it can be.
    notBeforeMs: Math.max(nowMs, Math.min(lot.lastMs - keepMs, choices.beginMs(lot.dueMs) - SLACK_MS)),
  };
}
