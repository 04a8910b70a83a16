import { shareKept, type Line, type Slab } from '../slab';
import { outlineAt } from '../tin';
import type { Scaled } from './scaled';
import { filmAsked } from './spreads';

/**
 * The slab written anew for the one tin that it is made in: amounts as they are now, shares as they fall, no scaling left.
 * Its plan is the same. Fields that are not known here are kept.
 *
 * @param result the slab scaled into exactly one tin
 */
export function rewrittenForTin(slab: Slab, result: Scaled): Slab {
  const [made] = result.slabs;
  if (!made || result.slabs.length > 1 || made.count !== 1) throw new Error('A slab is written for one tin');
  const by = new Map(result.preparations.map((one) => [one.id, one]));
  const { tins: _tins, scale: _scale, ...rest } = slab;
  return {
    ...rest,
    tin: made.sheet
      ? { ...made.sheet, outlineMm: { length: outlineAt(made.tin, 0).lengthMm, width: outlineAt(made.tin, 0).widthMm } }
      : made.tin,
    preparations: slab.preparations.map((preparation) => ({
      ...preparation,
      lines: preparation.lines.map((line) => rewrittenLine(line, preparation.id, (id) => by.get(id)?.multiple ?? 1)),
    })),
    layers: slab.layers.map((layer, at) => ({
      ...layer,
      ...(filmAsked(layer, 1) === null || layer.spread === 'per-piece' ? {} : { thicknessMm: made.layers[at]!.film }),
      from: layer.from.map((part) => {
        const { multiple } = by.get(part.preparation)!;
        const { factor } = made.layers.find(({ id }) => id === layer.id)!;
        return { ...part, share: (part.share * factor) / multiple };
      }),
    })),
  };
}

/** A line with its parts, each made as many times as the preparation that it goes into. */
function rewrittenLine(line: Line, preparation: string, multipleOf: (id: string) => number): Line {
  if (!line.divided?.length) return { ...line, quantity: line.quantity * multipleOf(preparation) };
  const parts = line.divided.map((part) => part.share * multipleOf(part.preparation ?? preparation));
  const times = parts.reduce((sum, part) => sum + part, shareKept(line) * multipleOf(preparation));
  if (times <= 0) return line;
  const divided = line.divided.map((part, i) => ({ ...part, share: parts[i]! / times }));
  return { ...line, quantity: line.quantity * times, divided };
}
