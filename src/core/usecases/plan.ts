import { checksOf, type Check } from '../check';
import { lineCost, slabCost, type SlabCost } from '../cost';
import { cutSlab, UNDIVIDED, type SlabCut, type PieceKind } from '../cut';
import type { Larder } from '../larder';
import { benchAmount, figuresIn, writtenAmount } from '../measure';
import { batchesNeeded, isFinish, tinsIn, wholeThings, type Scaled } from '../scale';
import type { Shop } from '../shop';
import { expandDividedLines, isCutDecided, type Slab } from '../slab';
import type {
  Plan,
  PlannedCut,
  PlannedLayer,
  PlannedLine,
  PlannedPreparation,
  PlannedSlab,
  PlanOptions,
} from './planned';
import { scaleSlab } from './scaling';

/**
 * Computes a plan: from a slab, its tins and cut, the larder and the shop to amounts, thicknesses, pieces, costs and checks. A
 * pure function, used by the browser and the server. All numbers are exact and unrounded.
 *
 * @param written a slab as `readSlab` gives it
 * @param larder as `larderOf` gives it; the slab's own entries win over it
 * @param options tins, scaling and cut; what is left out is the slab's own
 */
export function plan(written: Slab, larder: Larder, shop: Shop, options: PlanOptions = {}): Plan {
  const slab = expandDividedLines(written);
  const { mixtures, slabLarder, measures, scale, cutIn, scaling, stockLimit, tins } = scaleSlab(
    slab,
    larder,
    shop,
    options,
  );
  const figures = figuresIn(shop.shownIn, measures);
  const isUndivided = !options.cut && scale.mode !== 'pieces' && !isCutDecided(slab);
  const cuts = scaling.slabs.map(({ tin, heightMm, layers }) => {
    if (isUndivided) return UNDIVIDED;
    const finishG = layers.filter(isFinish).reduce((sum, { massG }) => sum + massG, 0);
    return cutSlab(
      tin,
      heightMm,
      layers.filter((layer) => !isFinish(layer)),
      cutIn(tin, heightMm),
      finishG,
    );
  });
  const preparations = slab.preparations.map((written, at): PlannedPreparation => {
    const { scaleFactor, leftoverShare } = scaling.preparations[at]!;
    const mixture = mixtures[at]!;
    const batches = batchesNeeded(written, scaleFactor, tinsIn(scaling));
    return {
      id: written.id,
      scaleFactor,
      batches,
      massInG: mixture.massInG * scaleFactor,
      evaporatedG: mixture.evaporatedG * scaleFactor,
      stuckG: mixture.stuckG * scaleFactor,
      massOutG: mixture.massOutG * scaleFactor,
      massOutRangeG: [mixture.massOutRangeG[0] * scaleFactor, mixture.massOutRangeG[1] * scaleFactor],
      waterShare: mixture.waterShare,
      leftoverG: mixture.massOutG * scaleFactor * leftoverShare,
      pot: mixture.pot,
      densityGPerMl: mixture.densityGPerMl,
      densityFrom: mixture.densityFrom,
      vessel: { ...mixture.vessel, volumeMl: (mixture.vessel.volumeMl * scaleFactor) / batches },
      lines: written.lines.map((line, l): PlannedLine => {
        const weighed = mixture.lines[l]!;
        const massG = weighed.massG === null ? null : weighed.massG * scaleFactor;
        const quantity = line.quantity * scaleFactor;
        const measured = benchAmount(quantity, line.unit, massG, measures, shop.scaleStepG, figures);
        return {
          ingredient: line.ingredient,
          massG,
          guess: weighed.guess,
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
    scaling.preparations.map(({ id, shares }, at) => ({
      id,
      shares,
      lines: preparations[at]!.lines.map(({ ingredient, massG }, l) => ({
        name: ingredient,
        ingredient: mixtures[at]!.lines[l]!.ingredient,
        massG,
      })),
    })),
    slab.layers.map(({ id }) => id),
  );
  const found = checksOf({
    slab: options.cut ? { ...slab, cut: options.cut } : slab,
    mixtures,
    scaling,
    stockLimit,
    cuts,
    tins,
    order: scale.mode === 'pieces' ? scale : null,
    measures,
    larder,
    slabLarder,
    shop,
  });
  return {
    preparations,
    layers: layerTotals(scaling),
    ...slabTotals(scaling, cuts, cost, shop),
    asFar: stockLimit,
    wholeThings: wholeThings(slab, scaling.preparations),
    ...separateAcknowledged(found, slab),
  };
}

/** Separates acknowledged checks from open ones. */
export function separateAcknowledged(
  found: readonly Check[],
  { known = [] }: Pick<Slab, 'known'>,
): Pick<Plan, 'checks' | 'acknowledged'> {
  const noteOn = (check: Check) => known.find(({ code, where }) => code === check.code && where === check.where);
  return {
    checks: found.filter((check) => !noteOn(check)),
    acknowledged: found.flatMap((check) => {
      const noted = noteOn(check);
      return noted ? [{ ...check, note: noted.note ?? '' }] : [];
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
      covers:
        coversMm2 === null || !first ? null : (coversMm2 * first.layers[at]!.scaleFactor) / first.layers[at]!.areaMm2,
    };
  });
}

function slabTotals({ slabs }: Scaled, cuts: readonly SlabCut[], cost: SlabCost, { currency }: Shop) {
  const weigh = (value: (cut: SlabCut) => number) =>
    cuts.reduce((sum, cut, at) => sum + slabs[at]!.count * value(cut), 0);
  const sold = (of: (kind: PieceKind) => number) =>
    weigh(({ pieces }) => pieces.reduce((sum, kind) => sum + of(kind), 0));
  const piecesG = sold(({ count, massG }) => count * massG);
  const pieces = sold(({ count }) => count);
  const perGram = piecesG > 0 ? cost.used / piecesG : 0;
  const priced = ({ massVariation, ...cut }: SlabCut, slabCount: number): PlannedCut => ({
    ...cut,
    massVariation,
    pieces: cut.pieces.map((kind) => ({ ...kind, count: kind.count * slabCount, cost: kind.massG * perGram })),
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
    cost: { ...cost, currency, perPiece: pieces > 0 ? cost.used / pieces : null },
    slabs: planned,
  };
}
