import { behaviourOf, type Behaviour } from '../classify';
import { cutSlab, scoredLayer, scoreRangeOf, scoreWindow, snapBreakage } from '../cut';
import type { Larder } from '../larder';
import { figuresIn } from '../measure';
import { isFinish, layerParts } from '../scale';
import type { Setting } from '../setting';
import type { Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import type { PlanOptions } from './planned';
import { scaleSlab } from './scaling';

/** What a layer asks of the knife. */
export interface CutAdvice {
  readonly layer: string | null;
  readonly text: string;
}

/** What breaks, what gives way, what sticks, and what falls apart under a knife. */
const BRITTLE: readonly Behaviour[] = ['chocolate', 'hard boil'];
const SOFT: readonly Behaviour[] = ['gel', 'soft boil', 'butter-bound', 'loose'];
const CRUMBLY: readonly Behaviour[] = ['baked', 'crumb'];

/** A soft piece that stands higher than this many times its shorter side leans and falls. */
const MOST_UPRIGHT = 1;

const STICKS: Partial<Record<Behaviour, string>> = {
  'soft boil': 'sticks: warm the blade, wipe it dry after each stroke, and oil it lightly where it drags',
  gel: 'clings: dip the blade in hot water, and cut with it wet',
  'butter-bound': 'smears when it is warm: chill it, and cut with a warm, dry blade',
};

/**
 * What the stack asks of the knife: a brittle layer over a soft one, what sticks, what crumbles, and soft pieces that stand too high.
 */
export function cutAdvice(slab: Slab, larder: Larder, shop: Shop, options: PlanOptions = {}): CutAdvice[] {
  const { layers, heightMm, leastSideMm, figures } = stackOf(slab, larder, shop, options);
  const advice: CutAdvice[] = [];
  layers.forEach(({ id, name, behaviour }, at) => {
    const under = layers[at - 1];
    if (BRITTLE.includes(behaviour) && under && SOFT.includes(under.behaviour))
      advice.push({
        layer: id,
        text: `${name} over ${under.name} cracks before it is through: draw the warm blade along the line first, then press. 5-10 % of neutral oil in it keeps it from splitting`,
      });
    const sticks = STICKS[behaviour];
    if (sticks) advice.push({ layer: id, text: `${name} ${sticks}` });
    if (CRUMBLY.includes(behaviour))
      advice.push({ layer: id, text: `${name} crumbles: press straight down with a long blade, and do not saw` });
  });
  const soft = layers.filter(({ behaviour }) => SOFT.includes(behaviour));
  const softMm = soft.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0);
  if (softMm > heightMm / 2 && leastSideMm > 0 && heightMm > leastSideMm * MOST_UPRIGHT)
    advice.push({
      layer: null,
      text: `Soft pieces ${figures.length.say(heightMm)} high and ${figures.length.say(leastSideMm)} wide lean and fall: cut them wider, or lay the slab lower`,
    });
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
  const { mixtures, scaling, measures, cutIn } = scaleSlab(laid, larder, shop, options);
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
    figures: figuresIn(shop.shownIn, measures),
  };
}
