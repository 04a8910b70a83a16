import { secondReading, type Warning } from '../check';
import { inCurrency, lineCost, slabCost, type SlabCost } from '../cost';
import { cutBySize, evenCut, pieceFaces, type EvenCut, type PieceKind } from '../cut';
import { larderOf, type Larder } from '../larder';
import { benchAmount, writtenAmount } from '../measure';
import {
  asFarAs,
  cooksNeeded,
  isFinish,
  prepared,
  rewrittenForTin,
  scaled,
  type AsFar,
  type LaidSlab,
  type Prepared,
  type Scaled,
  type WholeThing,
  wholeThings,
} from '../scale';
import type { Shop } from '../shop';
import { laidOut, type CutSpec, type LaidOutSlab, type PotLine, type Scale, type Slab } from '../slab';
import { type TinCount, type SheetTin, type Tin } from '../tin';

/** A line as it is to be measured, for all slabs together. */
export interface PlannedLine {
  readonly ingredient: string;
  /** g, or null where it cannot be weighed. */
  readonly massG: number | null;
  /** The written amount times the multiple, in the written unit. */
  readonly quantity: number;
  readonly asWritten: string;
  readonly measured: string;
  /** What measuring so misses, as a share of the exact figure. */
  readonly measuredError: number;
  readonly cost: number | null;
  /** Where the whole line stands, and the part of it that this is, for a line that was divided. */
  readonly part: PotLine['part'] | null;
}

export interface PlannedPreparation {
  readonly id: string;
  readonly multiple: number;
  readonly cooks: number;
  readonly massInG: number;
  readonly evaporatedG: number;
  readonly stuckG: number;
  readonly massOutG: number;
  /** Least and most that comes out; they differ where something is boiled. */
  readonly massOutRangeG: readonly [number, number];
  /** Share of water in what comes out, 0 to 1, or null where it is not known. */
  readonly waterShare: number | null;
  readonly leftoverG: number;
  /** What is in the pot when it boils, as written, g. */
  readonly pot: Prepared['pot'];
  readonly densityGPerMl: number;
  readonly densityFrom: Prepared['densityFrom'];
  /** The pot or bowl that one cook needs, mL to the brim. */
  readonly vessel: { readonly kind: 'pot' | 'bowl'; readonly volumeMl: number; readonly times: number };
  readonly lines: readonly PlannedLine[];
}

/** A layer over all slabs: mass, volume and area in total, thickness as it stands in the first. */
export interface PlannedLayer {
  readonly id: string;
  readonly massG: number;
  readonly thicknessMm: number;
  readonly areaMm2: number;
  readonly volumeMl: number;
  /** For a scatter whose grains are known: how much of the face one layer of them covers, 1 being all of it. */
  readonly covers: number | null;
}

export interface PricedPieces extends PieceKind {
  /** Cost of one, by its mass. */
  readonly cost: number;
}

export interface PlannedCut extends Omit<EvenCut, 'pieces'> {
  readonly pieces: readonly PricedPieces[];
}

export interface PlannedSlab {
  readonly tin: Tin;
  readonly sheet: SheetTin | null;
  readonly count: number;
  readonly layers: LaidSlab['layers'];
  readonly slab: { readonly massG: number; readonly heightMm: number; readonly tinDepthMm: number };
  readonly cut: PlannedCut;
}

export interface Plan {
  readonly preparations: readonly PlannedPreparation[];
  readonly layers: readonly PlannedLayer[];
  readonly slab: PlannedSlab['slab'];
  readonly cut: PlannedCut;
  readonly cost: SlabCost & { readonly currency: string; readonly perPiece: number };
  /** Where the cupboard sets the size: which line is the limit, and what is left of the others. */
  readonly asFar: AsFar | null;
  /** Counted things that do not come out whole, with the nearest that do. */
  readonly wholeThings: readonly WholeThing[];
  readonly warnings: readonly Warning[];
  /** Warnings that the maker has marked as known, with the note. */
  readonly settled: readonly (Warning & { readonly note: string })[];
  /** Each kind of slab that is made; the totals above are over all of them. */
  readonly slabs: readonly PlannedSlab[];
}

/** What a plan may be asked to do otherwise than the slab says of itself. */
export interface Asked {
  readonly tins?: readonly TinCount[] | undefined;
  readonly scale?: Scale | undefined;
  readonly cut?: CutSpec | undefined;
}

const UNCUT: CutSpec = { columns: 1, rows: 1 };

/** The tins that a slab is made in: those chosen for it, else the one it is written for. */
export function tinsOf(slab: Slab): readonly TinCount[] {
  return slab.tins ?? [{ tin: slab.tin, count: 1 }];
}

/** The scaling that a slab asks for: what it says, else the written thickness of every layer. */
export function scaleOf(slab: Slab): Scale {
  return slab.scale ?? { mode: 'same-thickness' };
}

/** How the slab is cut in a tin: as asked, or for an order into pieces of its size. */
function cutFor(cut: CutSpec, scale: Scale): (tin: Tin, heightMm: number) => CutSpec {
  if (scale.mode !== 'pieces') return () => cut;
  return (tin, heightMm) => cutBySize(tin, heightMm, scale, cut.kerfMm) ?? cut;
}

/** Weighs the preparations and puts the slab in its tins: what a plan, and the heat through it, are worked out from. */
export function scaledFor(
  slab: LaidOutSlab,
  larder: Larder,
  shop: Shop,
  { tins, scale, cut = slab.cut ?? UNCUT }: Asked,
) {
  const measures = slab.measures ?? shop.measures;
  const own = slab.larder ? larderOf(inCurrency(slab.larder, shop.currency)) : undefined;
  const made = slab.preparations.map((one) => prepared(one, larder, own, measures));
  const byId = new Map(made.map((one) => [one.id, one]));
  const mode = scale ?? scaleOf(slab);
  const cutIn = cutFor(cut, mode);
  const facesOf = (tin: Tin, heightMm: number) => pieceFaces(tin, heightMm, cutIn(tin, heightMm));
  const asFar = mode.mode === 'as-far-as' ? asFarAs(mode.have, slab, made, larder, own, measures) : null;
  const known = mode.mode === 'as-far-as' ? ({ mode: 'multiple', by: asFar?.by ?? 1 } as const) : mode;
  const asked = tins ?? tinsOf(slab);
  return { made, own, measures, mode, cutIn, asFar, tins: asked, into: scaled(slab, byId, asked, known, facesOf) };
}

/**
 * The slab written anew for the one tin that it is made in: its amounts as they are now, nothing left to scale.
 *
 * @param slab one that is made in a single tin
 */
export function writtenForItsTin(slab: Slab, larder: Larder, shop: Shop): Slab {
  return rewrittenForTin(slab, scaledFor(laidOut(slab), larder, shop, {}).into);
}

/**
 * The whole computation: from a slab, the tins, the cut, the larder and the shop to amounts, thicknesses, pieces, costs and
 * warnings. A pure function; the browser and the server call the same one. All numbers are exact and unrounded.
 *
 * @param written a slab as `readSlab` gives it
 * @param larder as `larderOf` gives it; the slab's own entries win over it
 * @param asked tins, scaling and cut; what is left out is the slab's own
 */
export function plan(written: Slab, larder: Larder, shop: Shop, asked: Asked = {}): Plan {
  const slab = laidOut(written);
  const cut = asked.cut ?? slab.cut ?? UNCUT;
  const { made, own, measures, mode, cutIn, into, asFar, tins } = scaledFor(slab, larder, shop, { ...asked, cut });
  const cuts = into.slabs.map(({ tin, heightMm, layers }) => {
    const finishG = layers.filter(isFinish).reduce((sum, { massG }) => sum + massG, 0);
    return evenCut(
      tin,
      heightMm,
      layers.filter((one) => !isFinish(one)),
      cutIn(tin, heightMm),
      finishG,
    );
  });
  const preparations = slab.preparations.map((written, at): PlannedPreparation => {
    const { multiple, leftoverShare } = into.preparations[at]!;
    const one = made[at]!;
    const cooks = cooksNeeded(written, multiple);
    return {
      id: written.id,
      multiple,
      cooks,
      massInG: one.massInG * multiple,
      evaporatedG: one.evaporatedG * multiple,
      stuckG: one.stuckG * multiple,
      massOutG: one.massOutG * multiple,
      massOutRangeG: [one.massOutRangeG[0] * multiple, one.massOutRangeG[1] * multiple],
      waterShare: one.waterShare,
      leftoverG: one.massOutG * multiple * leftoverShare,
      pot: one.pot,
      densityGPerMl: one.densityGPerMl,
      densityFrom: one.densityFrom,
      vessel: { ...one.vessel, volumeMl: (one.vessel.volumeMl * multiple) / cooks },
      lines: written.lines.map((line, l): PlannedLine => {
        const weighed = one.lines[l]!;
        const massG = weighed.massG === null ? null : weighed.massG * multiple;
        const quantity = line.quantity * multiple;
        const measured = benchAmount(quantity, line.unit, massG, measures, shop.scaleStepG);
        return {
          ingredient: line.ingredient,
          massG,
          quantity,
          asWritten: writtenAmount(line.quantity, line.unit),
          measured: measured.text,
          measuredError: measured.error,
          cost: lineCost({ name: line.ingredient, ingredient: weighed.ingredient, massG }),
          part: line.part ?? null,
        };
      }),
    };
  });
  const cost = slabCost(
    into.preparations.map(({ id, shares }, at) => ({
      id,
      shares,
      lines: preparations[at]!.lines.map(({ ingredient, massG }, l) => ({
        name: ingredient,
        ingredient: made[at]!.lines[l]!.ingredient,
        massG,
      })),
    })),
    slab.layers.map(({ id }) => id),
  );
  const found = secondReading({
    slab,
    made,
    scaled: into,
    asFar,
    cuts,
    tins,
    order: mode.mode === 'pieces' ? mode : null,
    measures,
    larder,
    own,
    shop,
  });
  return {
    preparations,
    layers: layerTotals(into),
    ...slabTotals(into, cuts, cost, shop),
    asFar,
    wholeThings: wholeThings(slab, into.preparations),
    ...sorted(found, slab),
  };
}

/** Parts what the maker has marked as known from what there is to look at. */
function sorted(found: readonly Warning[], { known = [] }: Pick<Slab, 'known'>): Pick<Plan, 'warnings' | 'settled'> {
  const mark = (warning: Warning) => known.find(({ code, where }) => code === warning.code && where === warning.where);
  return {
    warnings: found.filter((one) => !mark(one)),
    settled: found.flatMap((one) => {
      const marked = mark(one);
      return marked ? [{ ...one, note: marked.note ?? '' }] : [];
    }),
  };
}

function layerTotals({ slabs, written }: Scaled): PlannedLayer[] {
  const [first] = slabs;
  return written.map(({ layer, coversMm2 }, at) => {
    const total = (of: 'massG' | 'areaMm2' | 'volumeMl') =>
      slabs.reduce((sum, { layers, count }) => sum + count * layers[at]![of], 0);
    return {
      id: layer.id,
      massG: total('massG'),
      thicknessMm: first?.layers[at]!.thicknessMm ?? 0,
      areaMm2: total('areaMm2'),
      volumeMl: total('volumeMl'),
      covers: coversMm2 === null || !first ? null : (coversMm2 * first.layers[at]!.factor) / first.layers[at]!.areaMm2,
    };
  });
}

function slabTotals({ slabs }: Scaled, cuts: readonly EvenCut[], cost: SlabCost, { currency }: Shop) {
  const weigh = (value: (cut: EvenCut) => number) =>
    cuts.reduce((sum, cut, at) => sum + slabs[at]!.count * value(cut), 0);
  const sold = (of: (kind: PieceKind) => number) =>
    weigh(({ pieces }) => pieces.reduce((sum, kind) => sum + of(kind), 0));
  const piecesG = sold(({ count, massG }) => count * massG);
  const pieces = sold(({ count }) => count);
  const perGram = piecesG > 0 ? cost.used / piecesG : 0;
  const priced = (cut: EvenCut, times: number): PlannedCut => ({
    ...cut,
    pieces: cut.pieces.map((kind) => ({ ...kind, count: kind.count * times, cost: kind.massG * perGram })),
  });
  const planned = slabs.map(({ tin, sheet, count, layers, heightMm, massG }, at): PlannedSlab => ({
    tin,
    sheet,
    count,
    layers,
    slab: { massG, heightMm, tinDepthMm: tin.depthMm },
    cut: priced(cuts[at]!, 1),
  }));
  const first = planned[0]!;
  return {
    slab: { ...first.slab, massG: slabs.reduce((sum, { massG, count }) => sum + count * massG, 0) },
    cut: {
      ...first.cut,
      pieces: cuts.flatMap((cut, at) => priced(cut, slabs[at]!.count).pieces),
      trimG: weigh(({ trimG }) => trimG),
      kerfG: weigh(({ kerfG }) => kerfG),
    },
    cost: { ...cost, currency, perPiece: pieces > 0 ? cost.used / pieces : 0 },
    slabs: planned,
  };
}
