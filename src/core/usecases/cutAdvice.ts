import { behaviourOf, type Behaviour } from '../classify';
import { cutSlab, scoredLayer, scoreRangeOf, scoreWindow, snapBreakage } from '../cut';
import type { Larder } from '../larder';
import { isFinish, layerParts } from '../scale';
import type { Setting } from '../setting';
import type { Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import type { PlanOptions } from './planned';
import { scaleSlab } from './scaling';

/** Advice for cutting a layer; `layer` is `null` for the whole stack. */
export type CutAdvice =
  | { readonly code: 'brittle-over-soft'; readonly layer: string; readonly name: string; readonly below: string }
  | {
      readonly code: 'sticky' | 'clinging' | 'smearing' | 'crumbly';
      readonly layer: string;
      readonly name: string;
    }
  | { readonly code: 'too-tall'; readonly layer: null; readonly heightMm: number; readonly widthMm: number };

/** Kinds of advice: layers that break, give way, stick, or crumble under a knife. */
const BRITTLE: readonly Behaviour[] = ['chocolate', 'hard boil'];
const SOFT: readonly Behaviour[] = ['gel', 'soft boil', 'butter-bound', 'loose'];
const CRUMBLY: readonly Behaviour[] = ['baked', 'crumb'];

/** A soft piece higher than this many times its shorter side leans. */
const MAX_UPRIGHT = 1;

/** How soft layers affect a blade. */
const STICKS: Partial<Record<Behaviour, 'sticky' | 'clinging' | 'smearing'>> = {
  'soft boil': 'sticky',
  gel: 'clinging',
  'butter-bound': 'smearing',
};

/** Returns advice for cutting a stack: a brittle layer over a soft one, sticky or crumbly layers, and soft pieces that are too high. */
export function cutAdvice(slab: Slab, larder: Larder, shop: Shop, options: PlanOptions = {}): CutAdvice[] {
  const { layers, heightMm, leastSideMm } = stackOf(slab, larder, shop, options);
  const advice: CutAdvice[] = [];
  layers.forEach(({ id, name, behaviour }, at) => {
    const under = layers[at - 1];
    if (BRITTLE.includes(behaviour) && under && SOFT.includes(under.behaviour))
      advice.push({ code: 'brittle-over-soft', layer: id, name, below: under.name });
    const sticks = STICKS[behaviour];
    if (sticks) advice.push({ code: sticks, layer: id, name });
    if (CRUMBLY.includes(behaviour)) advice.push({ code: 'crumbly', layer: id, name });
  });
  const soft = layers.filter(({ behaviour }) => SOFT.includes(behaviour));
  const softMm = soft.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0);
  if (softMm > heightMm / 2 && leastSideMm > 0 && heightMm > leastSideMm * MAX_UPRIGHT)
    advice.push({ code: 'too-tall', layer: null, heightMm, widthMm: leastSideMm });
  return advice;
}

/** Scoring and snapping of a slab that is scored warm and snapped cold. */
export interface ScoreAdvice {
  /** The layer that is scored. */
  readonly layer: string;
  /** Scoring window from the slab's start, min; `null` if it cannot be scored. */
  readonly fromMinutes: number | null;
  readonly toMinutes: number | null;
  /** When it snaps cleanly, min; `null` if it never gets cold enough. */
  readonly snapFromMinutes: number | null;
  /** Pieces likely to break off the line in one slab, out of how many, and their mass, g. */
  readonly brokenCount: number;
  readonly count: number;
  readonly brokenG: number;
}

/**
 * Returns when to score and snap, and the likely breakage.
 *
 * @param setting how the slab sets where it stands
 * @returns null where no layer snaps
 */
export function scoreAdvice(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  setting: Setting,
  options: PlanOptions = {},
): ScoreAdvice | null {
  const { layers, heightMm, leastSideMm, count, massG } = stackOf(slab, larder, shop, options);
  const scored = scoredLayer(layers);
  const curve = setting.layers.find(({ id }) => id === scored?.id)?.curve;
  if (!scored || !curve) return null;
  const window = scoreWindow(curve.meanC, scoreRangeOf(scored.behaviour)!);
  const brokenCount = Math.round(count * snapBreakage(heightMm, leastSideMm));
  return {
    layer: scored.name,
    fromMinutes: window?.fromMinutes ?? null,
    toMinutes: window?.toMinutes ?? null,
    snapFromMinutes: setting.cutWindow.fromMinutes,
    brokenCount,
    count,
    brokenG: brokenCount * massG,
  };
}

/** Returns the layers with a height and their behaviour, and the pieces of the first slab. */
function stackOf(slab: Slab, larder: Larder, shop: Shop, options: PlanOptions) {
  const laid = expandDividedLines(slab);
  const { mixtures, scaling, cutIn } = scaleSlab(laid, larder, shop, options);
  const first = scaling.slabs[0]!;
  const layers = laid.layers.flatMap((layer, at) => {
    const { thicknessMm } = first.layers[at]!;
    return thicknessMm > 0
      ? [{ id: layer.id, name: layer.name, thicknessMm, behaviour: behaviourOf(layerParts(layer, laid, mixtures)) }]
      : [];
  });
  const { tin, heightMm } = first;
  const strata = first.layers.filter((layer) => !isFinish(layer));
  const { pieces } = cutSlab(tin, heightMm, strata, cutIn(tin, heightMm));
  const count = pieces.reduce((sum, kind) => sum + kind.count, 0);
  return {
    layers,
    heightMm,
    leastSideMm:
      pieces.length > 0 ? Math.min(...pieces.map(({ lengthMm, widthMm }) => Math.min(lengthMm, widthMm))) : 0,
    count,
    massG: count > 0 ? pieces.reduce((sum, kind) => sum + kind.massG * kind.count, 0) / count : 0,
  };
}
