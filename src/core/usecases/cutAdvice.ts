import { behaviourOf, type Behaviour } from '../classify';
import { cutSlab, scoredLayer, scoreRangeOf, scoreWindow, snapBreakage } from '../cut';
import type { Larder } from '../larder';
import { isFinish, layerParts } from '../scale';
import type { Setting } from '../setting';
import type { Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import type { PlanOptions } from './planned';
import { scaleSlab } from './scaling';

/** How a layer asks to be cut; `layer` is null for the whole stack. */
export type CutAdvice =
  | { readonly code: 'brittle-over-soft'; readonly layer: string; readonly name: string; readonly below: string }
  | {
      readonly code: 'sticky' | 'clinging' | 'smearing' | 'crumbly';
      readonly layer: string;
      readonly name: string;
    }
  | { readonly code: 'too-tall'; readonly layer: null; readonly heightMm: number; readonly widthMm: number };

/** What breaks, what gives way, what sticks, and what falls apart under a knife. */
const BRITTLE: readonly Behaviour[] = ['chocolate', 'hard boil'];
const SOFT: readonly Behaviour[] = ['gel', 'soft boil', 'butter-bound', 'loose'];
const CRUMBLY: readonly Behaviour[] = ['baked', 'crumb'];

/** A soft piece that stands higher than this many times its shorter side leans and falls. */
const MAX_UPRIGHT = 1;

/** What a soft layer does to a blade. */
const STICKS: Partial<Record<Behaviour, 'sticky' | 'clinging' | 'smearing'>> = {
  'soft boil': 'sticky',
  gel: 'clinging',
  'butter-bound': 'smearing',
};

/**
 * What the stack asks of the knife: a brittle layer over a soft one, what sticks, what crumbles, and soft pieces that stand too high.
 */
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

/** A slab that is scored while it is warm and snapped when it is cold. */
export interface ScoreAdvice {
  /** The layer that decides. */
  readonly layer: string;
  /** From the slab's start, min; null where it never takes a score. */
  readonly fromMinutes: number | null;
  readonly toMinutes: number | null;
  /** From when on it snaps clean, min; null where it never gets cold enough. */
  readonly snapFromMinutes: number | null;
  /** How many pieces of how many are likely to break off their line in one slab, and what those weigh, g. */
  readonly brokenCount: number;
  readonly count: number;
  readonly brokenG: number;
}

/**
 * When to score and when to snap, and what is likely to break beside its line.
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

/** The layers that have a height, as they behave, and the pieces of the first slab. */
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
