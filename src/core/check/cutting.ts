import { behaviourOf } from '../classify';
import { TOOL } from '../cut';
import { layerParts } from '../scale';
import type { CutSpec } from '../slab';
import { outlineAt } from '../tin';
import { check } from './codes';
import type { Facts, Rule } from './types';

/** Smallest piece side that stays whole under a knife, mm. */
const MIN_PIECE_MM = 15;
const MAX_KERF = 0.1;
const MAX_CLIPPED = 0.2;
const MAX_DIAMOND_TRIM = 0.15;

/** Returns the cut of the first slab; `null` if there is nothing to cut. */
function firstCut({ cuts, scaling, slab, order }: Facts) {
  const [cut, laid] = [cuts[0], scaling.slabs[0]];
  // Returns the cut specification. An order has an even grid of its own and uses the slab's tool.
  const { columns, rows, tool, ...others } = slab.cut ?? { columns: 1, rows: 1 };
  const spec: CutSpec = { columns, rows, ...(tool ? { tool } : {}), ...(order ? {} : others) };
  return cut && laid && laid.massG > 0 && cut.pieces.length > 0 ? { cut, laid, spec } : null;
}

/** Returns the behaviour of the top layer with a thickness, and of the layer below it. */
function upperTwo({ slab, mixtures, scaling }: Facts) {
  const layers = scaling.slabs[0]?.layers ?? [];
  const thick = layers.flatMap(({ thicknessMm }, at) => (thicknessMm > 0 ? [at] : []));
  const [under, top] = [thick.at(-2), thick.at(-1)];
  const of = (at: number | undefined) =>
    at === undefined ? null : behaviourOf(layerParts(slab.layers[at]!, slab, mixtures));
  return { top: of(top), under: of(under), at: top ?? 0 };
}

/** Finds pieces so small that they crumble or slip away from the knife. */
const pieceSmall: Rule = (facts) => {
  const found = firstCut(facts);
  const small = found?.cut.pieces.find(
    ({ kind, lengthMm, widthMm }) => kind === 'piece' && Math.min(lengthMm, widthMm) < MIN_PIECE_MM,
  );
  if (!small) return [];
  const sideMm = Math.min(small.lengthMm, small.widthMm);
  return [check('piece-small', '/cut', { sideMm, leastMm: MIN_PIECE_MM })];
};

/** Finds cuts whose kerf wastes too much of the slab. */
const kerfLarge: Rule = (facts) => {
  const found = firstCut(facts);
  const share = found ? found.cut.kerfG / found.laid.massG : 0;
  return share > MAX_KERF ? [check('kerf-large', '/cut/kerfMm', { share })] : [];
};

/** Finds round tins and slanted cuts that leave many clipped pieces. */
const clippedMany: Rule = (facts) => {
  const found = firstCut(facts);
  if (!found) return [];
  const all = found.cut.pieces.reduce((sum, { count }) => sum + count, 0);
  const clipped = found.cut.pieces.reduce((sum, { kind, count }) => sum + (kind === 'rim' ? count : 0), 0);
  if (clipped <= all * MAX_CLIPPED) return [];
  return [check('clipped-many', '/cut', { clipped, pieces: all })];
};

/** Finds cuts that the tool cannot make. Wires and rollers only cut straight through the whole slab. */
const strokesImpossible: Rule = (facts) => {
  const found = firstCut(facts);
  const tool = found?.spec.tool;
  if (!found || !tool || !TOOL[tool].throughOnly) return [];
  const { strips = [], shape = 'rectangle', way = 'grid' } = found.spec;
  const uneven = strips.filter(({ linesMm }) => JSON.stringify(linesMm) !== JSON.stringify(strips[0]!.linesMm)).length;
  if (uneven === 0 && shape === 'rectangle' && way !== 'wedges') return [];
  return [check('strokes-impossible', '/cut/tool', { tool, strips: uneven > 0 ? uneven + 1 : 0 })];
};

/** Finds a brittle top over a soft layer with a cold knife. */
const brittleCutCold: Rule = (facts) => {
  const found = firstCut(facts);
  const tool = found?.spec.tool;
  if (tool !== 'cold blade' && tool !== 'wire') return [];
  const { top, under, at } = upperTwo(facts);
  const soft = under === 'soft boil' || under === 'gel' || under === 'butter-bound' || under === 'loose';
  if (!soft || (top !== 'chocolate' && top !== 'hard boil')) return [];
  return [check('brittle-cut-cold', `/layers/${at}`, { tool })];
};

/** Finds scored cuts in slabs that are not brittle enough to snap. */
const scoreNotBrittle: Rule = (facts) => {
  const found = firstCut(facts);
  if (found?.spec.tool !== 'score and snap') return [];
  const { top, under, at } = upperTwo(facts);
  const brittle = [top, under].every(
    (behaviour) => behaviour === null || behaviour === 'chocolate' || behaviour === 'hard boil',
  );
  return brittle ? [] : [check('score-not-brittle', `/layers/${at}`, {})];
};

/** Finds diamond cuts with too many clipped ends. */
const diamondTrim: Rule = (facts) => {
  const found = firstCut(facts);
  if (found?.spec.shape !== 'diamond') return [];
  const share = found.cut.trimG / found.laid.massG;
  return share > MAX_DIAMOND_TRIM ? [check('diamond-trim', '/cut/shape', { share })] : [];
};

/** Finds bags that the whole slab cannot fill, or that one shard overfills. */
const bagUnreachable: Rule = (facts) => {
  const found = firstCut(facts);
  const { aimG, bagG } = found?.spec.break ?? {};
  if (!found || found.spec.way !== 'break' || bagG === undefined || aimG === undefined) return [];
  const slabsG = facts.scaling.slabs.reduce((sum, { count, massG }) => sum + count * massG, 0);
  return bagG > slabsG || bagG < aimG
    ? [check('bag-unreachable', '/cut/break/bagG', { bagG, slabsG, shardG: aimG })]
    : [];
};

/** Finds piece types that fit no strip of the slab, or that have not been cut yet. */
const kindsDoNotFit: Rule = ({ slab, scaling }) => {
  const { way, kinds = [], strips = [], trimMm = {} } = slab.cut ?? { columns: 1, rows: 1 };
  const laid = scaling.slabs[0];
  if (way !== 'mixed' || !laid) return [];
  const { left = 0, right = 0, front = 0, back = 0 } = trimMm;
  const inside = outlineAt(laid.tin, laid.heightMm / 2);
  const [lengthMm, widthMm] = [inside.lengthMm - left - right, inside.widthMm - front - back];
  const fits = (a: number, b: number) => a <= lengthMm + 1e-6 && b <= widthMm + 1e-6;
  const large = kinds.flatMap((kind, at) =>
    fits(kind.lengthMm, kind.widthMm) || (kind.turn && fits(kind.widthMm, kind.lengthMm))
      ? []
      : [
          check('kind-does-not-fit', `/cut/kinds/${at}`, {
            ...{ name: kind.name, lengthMm: kind.lengthMm, widthMm: kind.widthMm },
            inside: { lengthMm, widthMm },
          }),
        ],
  );
  const uncut = strips.length === 0 ? [check('mixed-uncut', '/cut', { kinds: kinds.length })] : [];
  return [...large, ...uncut];
};

/** All rules about the cut. */
export const CUTTING: readonly Rule[] = [
  pieceSmall,
  kerfLarge,
  clippedMany,
  strokesImpossible,
  brittleCutCold,
  scoreNotBrittle,
  diamondTrim,
  bagUnreachable,
  kindsDoNotFit,
];
