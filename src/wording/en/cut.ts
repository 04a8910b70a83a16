/** Texts about cutting: the cut, what to have ready, and advice by layer. */
import { isOnLines, type PieceKind, type SlabCut } from '$core/cut';
import type { Figures } from '$core/measure';
import type { CutSpec, CutTool, PieceShape } from '$core/slab';
import type { MixedRefusal } from '$core/fit';
import type { CutAdvice, CutFit, ProposedCut } from '$core/usecases';
import { percent } from './grammar';

const SHAPE_NAMES: Readonly<Record<PieceShape, string>> = {
  rectangle: 'pieces',
  triangle: 'triangles',
  diamond: 'diamonds',
};

/** Describes a cut and its number of pieces: "6 x 4, 24 pieces", "12 Finger, 14 Bite". */
export function cutText(
  spec: CutSpec,
  { columns, rows, pieces }: Pick<SlabCut, 'columns' | 'rows'> & { readonly pieces: readonly PieceKind[] },
  figures: Figures,
): string {
  const count = pieces.reduce((sum, kind) => sum + kind.count, 0);
  const [first] = pieces;
  if (!first) return 'nothing to cut';
  if (first.kind === 'shard') return `broken by hand into about ${count} shards of ${figures.mass.say(first.massG)}`;
  if (pieces.some(({ name }) => name))
    return pieces.map((kind) => `${kind.count} ${kind.name ?? 'clipped'}`).join(', ');
  if (spec.way === 'wedges') return `${count} wedges`;
  const shape = SHAPE_NAMES[spec.shape ?? 'rectangle'];
  return isOnLines(spec) && spec.shape === undefined ? `${columns} x ${rows}, ${count} ${shape}` : `${count} ${shape}`;
}

/** Describes a proposed cut: "24 pieces of 50 x 50 mm, 41 g", "about 30 shards of 20 g". */
export const proposedCutText = ({ pieces, size, massG }: ProposedCut, { mass, size: sizeText }: Figures): string =>
  size
    ? `${pieces} pieces of ${sizeText(size.lengthMm, size.widthMm)}, ${mass.say(massG)}`
    : `about ${pieces} shards of ${mass.say(massG)}`;

const TOOL_THINGS: Readonly<Record<CutTool, readonly string[]>> = {
  'hot blade': ['long blade', 'jug of hot water', 'dry cloth', 'ruler'],
  'cold blade': ['long blade', 'cloth', 'ruler'],
  serrated: ['serrated knife', 'ruler'],
  wire: ['wire cutter'],
  rollers: ['roller cutter'],
  'score and snap': ['scoring knife', 'ruler', 'straight edge to snap over'],
  hand: ['clean gloves', 'tray for the shards'],
};

/** Lists what to have ready for a cut. */
export const thingsForCut = ({ way, tool = 'hot blade' }: CutSpec): readonly string[] =>
  TOOL_THINGS[way === 'break' ? 'hand' : tool];

/** Returns advice for cutting a layer, or a stack. */
export function cutAdviceText(advice: CutAdvice, { length }: Figures): string {
  switch (advice.code) {
    case 'brittle-over-soft':
      return `${advice.name} cracks when it is cut on top of ${advice.below}. Draw a warm blade along the line first, then press. 5-10 % neutral oil in it stops it from splitting`;
    case 'sticky':
      return `${advice.name} sticks. Warm the blade, wipe it dry after each cut, and oil it lightly where it drags`;
    case 'clinging':
      return `${advice.name} clings. Dip the blade in hot water and cut with it wet`;
    case 'smearing':
      return `${advice.name} smears when it is warm. Chill it, and cut with a warm, dry blade`;
    case 'crumbly':
      return `${advice.name} crumbles. Press straight down with a long blade, and do not saw`;
    case 'too-tall':
      return `Soft pieces ${length.say(advice.heightMm)} high and ${length.say(advice.widthMm)} wide fall over. Cut them wider, or make the slab lower`;
  }
}

/** Returns how close a cut comes to its target. */
export function cutFitText(fit: CutFit, figures: Figures): string {
  switch (fit.code) {
    case 'count':
      return fit.more === 0
        ? `${fit.pieces}, as asked`
        : `${Math.abs(fit.more)} ${fit.more > 0 ? 'more' : 'fewer'} than asked`;
    case 'mass':
      return fit.overShare === 0
        ? `${figures.mass.say(fit.massG)}, as asked`
        : `${share(fit.overShare)} ${fit.overShare > 0 ? 'heavier' : 'lighter'} than asked`;
    case 'cost':
      return fit.overShare === 0
        ? 'costs as asked'
        : `costs ${share(fit.overShare)} ${fit.overShare > 0 ? 'more' : 'less'} than asked`;
    case 'stretched':
      return `stretched to ${figures.size(fit.lengthMm, fit.widthMm)}`;
    case 'trimmed':
      return `exact size, ${share(fit.trimShare)} trimmed off`;
  }
}

const share = (of: number) => percent(Math.abs(of), Math.abs(of) < 0.1 ? 1 : 0);

/** Returns why several piece types do not fit. */
export function mixedRefusalText(refusal: MixedRefusal): string {
  switch (refusal.code) {
    case 'not-found-in-time':
      return `No cut with these minimum counts was found in ${refusal.seconds} s. Allow more time, or ask for fewer types`;
    case 'counts-do-not-fit':
      return `These minimum counts do not fit on ${refusal.lengthMm} x ${refusal.widthMm} mm. Ask for fewer, or for smaller pieces`;
  }
}
