import { behaviourOf } from '../classify';
import { TOOL } from '../cut';
import { layerParts } from '../scale';
import type { CutSpec } from '../slab';
import { outlineAt } from '../tin';
import { check } from './codes';
import type { Facts, Rule } from './types';

/** Nothing narrower stays whole under a knife, mm. */
const MIN_PIECE_MM = 15;
const MAX_KERF = 0.1;
const MAX_CLIPPED = 0.2;
const MAX_DIAMOND_TRIM = 0.15;

/** What is cut of the first kind of slab; null where there is nothing to cut. */
function firstCut({ cuts, scaling, slab, order }: Facts) {
  const [cut, laid] = [cuts[0], scaling.slabs[0]];
  // An order is cut on an even grid of its own, with the tool that there is.
  const { columns, rows, tool, ...others } = slab.cut ?? { columns: 1, rows: 1 };
  const spec: CutSpec = { columns, rows, ...(tool ? { tool } : {}), ...(order ? {} : others) };
  return cut && laid && laid.massG > 0 && cut.pieces.length > 0 ? { cut, laid, spec } : null;
}

/** The behaviour of the uppermost layer that has a thickness, and of the one that it lies on. */
function upperTwo({ slab, mixtures, scaling }: Facts) {
  const layers = scaling.slabs[0]?.layers ?? [];
  const thick = layers.flatMap(({ thicknessMm }, at) => (thicknessMm > 0 ? [at] : []));
  const [under, top] = [thick.at(-2), thick.at(-1)];
  const of = (at: number | undefined) =>
    at === undefined ? null : behaviourOf(layerParts(slab.layers[at]!, slab, mixtures));
  return { top: of(top), under: of(under), at: top ?? 0 };
}

/** Pieces so small that they crumble, or slip from under the knife. */
const pieceSmall: Rule = (facts) => {
  const found = firstCut(facts);
  const small = found?.cut.pieces.find(
    ({ kind, lengthMm, widthMm }) => kind === 'piece' && Math.min(lengthMm, widthMm) < MIN_PIECE_MM,
  );
  if (!small) return [];
  const sideMm = Math.min(small.lengthMm, small.widthMm);
  return [check('piece-small', '/cut', { sideMm, leastMm: MIN_PIECE_MM })];
};

/** So many wide cuts that too much of the slab goes with them. */
const kerfLarge: Rule = (facts) => {
  const found = firstCut(facts);
  const share = found ? found.cut.kerfG / found.laid.massG : 0;
  return share > MAX_KERF ? [check('kerf-large', '/cut/kerfMm', { share })] : [];
};

/** A round tin, or slanted cuts, that leave many pieces with a side missing. */
const clippedMany: Rule = (facts) => {
  const found = firstCut(facts);
  if (!found) return [];
  const all = found.cut.pieces.reduce((sum, { count }) => sum + count, 0);
  const clipped = found.cut.pieces.reduce((sum, { kind, count }) => sum + (kind === 'rim' ? count : 0), 0);
  if (clipped <= all * MAX_CLIPPED) return [];
  return [check('clipped-many', '/cut', { clipped, pieces: all })];
};

/** Cuts that the tool cannot make: wires and rollers only go straight through the whole slab. */
const strokesImpossible: Rule = (facts) => {
  const found = firstCut(facts);
  const tool = found?.spec.tool;
  if (!found || !tool || !TOOL[tool].throughOnly) return [];
  const { strips = [], shape = 'rectangle', way = 'grid' } = found.spec;
  const uneven = strips.filter(({ linesMm }) => JSON.stringify(linesMm) !== JSON.stringify(strips[0]!.linesMm)).length;
  if (uneven === 0 && shape === 'rectangle' && way !== 'wedges') return [];
  return [check('strokes-impossible', '/cut/tool', { tool, strips: uneven > 0 ? uneven + 1 : 0 })];
};

/** A brittle top over something soft, under a cold knife. */
const brittleCutCold: Rule = (facts) => {
  const found = firstCut(facts);
  const tool = found?.spec.tool;
  if (tool !== 'cold blade' && tool !== 'wire') return [];
  const { top, under, at } = upperTwo(facts);
  const soft = under === 'soft boil' || under === 'gel' || under === 'butter-bound' || under === 'loose';
  if (!soft || (top !== 'chocolate' && top !== 'hard boil')) return [];
  return [check('brittle-cut-cold', `/layers/${at}`, { tool })];
};

/** Scored lines only break where something is brittle. */
const scoreNotBrittle: Rule = (facts) => {
  const found = firstCut(facts);
  if (found?.spec.tool !== 'score and snap') return [];
  const { top, under, at } = upperTwo(facts);
  const brittle = [top, under].every(
    (behaviour) => behaviour === null || behaviour === 'chocolate' || behaviour === 'hard boil',
  );
  return brittle ? [] : [check('score-not-brittle', `/layers/${at}`, {})];
};

/** Diamonds whose clipped ends are a large part of the slab. */
const diamondTrim: Rule = (facts) => {
  const found = firstCut(facts);
  if (found?.spec.shape !== 'diamond') return [];
  const share = found.cut.trimG / found.laid.massG;
  return share > MAX_DIAMOND_TRIM ? [check('diamond-trim', '/cut/shape', { share })] : [];
};

/** A bag that the whole slab does not fill, or that one shard does. */
const bagUnreachable: Rule = (facts) => {
  const found = firstCut(facts);
  const { aimG, bagG } = found?.spec.break ?? {};
  if (!found || found.spec.way !== 'break' || bagG === undefined || aimG === undefined) return [];
  const slabsG = facts.scaling.slabs.reduce((sum, { count, massG }) => sum + count * massG, 0);
  return bagG > slabsG || bagG < aimG
    ? [check('bag-unreachable', '/cut/break/bagG', { bagG, slabsG, shardG: aimG })]
    : [];
};

/** Kinds of piece that no strip of the slab holds, or that nobody has cut yet. */
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

/** Every rule about the cut. */
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
