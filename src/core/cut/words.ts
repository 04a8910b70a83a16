import type { Figures } from '../measure';
import type { CutSpec } from '../slab';
import type { PieceKind, SlabCut } from './cutSlab';
import { isOnLines } from './layout';
import { TOOL } from './tools';

const NAMES = { rectangle: 'pieces', triangle: 'triangles', diamond: 'diamonds' } as const;

/** How a slab is divided and what comes of it, in a few words: "6 x 4, 24 pieces", "12 Finger, 14 Bite". */
export function cutInWords(spec: CutSpec, { columns, rows, pieces }: SlabCutPieces, figures: Figures): string {
  const count = pieces.reduce((sum, kind) => sum + kind.count, 0);
  const [first] = pieces;
  if (!first) return 'nothing to cut';
  if (first.kind === 'shard') return `broken by hand into about ${count} shards of ${figures.mass.say(first.massG)}`;
  if (pieces.some(({ name }) => name))
    return pieces.map((kind) => `${kind.count} ${kind.name ?? 'clipped'}`).join(', ');
  if (spec.way === 'wedges') return `${count} wedges`;
  const shape = NAMES[spec.shape ?? 'rectangle'];
  return isOnLines(spec) && spec.shape === undefined ? `${columns} x ${rows}, ${count} ${shape}` : `${count} ${shape}`;
}

type SlabCutPieces = Pick<SlabCut, 'columns' | 'rows'> & { readonly pieces: readonly PieceKind[] };

/** What to have at hand for a cut: the tool, and what goes with it. */
export const cutThings = ({ way, tool = 'hot blade' }: CutSpec): readonly string[] =>
  TOOL[way === 'break' ? 'hand' : tool].things;
