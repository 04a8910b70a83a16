import { shareKept, type Line, type Slab } from '../slab';
import { outlineAt } from '../tin';
import type { Scaled } from './scaled';
import { doseAsked, SPREAD } from './spreads';

/**
 * Returns the slab with its current amounts and tin as the base recipe, without scaling. Its plan stays the same. Unknown fields
 * are kept.
 *
 * @param scaling the slab scaled into exactly one tin
 */
export function rewrittenForTin(slab: Slab, scaling: Scaled): Slab {
  const [only] = scaling.slabs;
  if (!only || scaling.slabs.length > 1 || only.count !== 1) throw new RangeError('Several tins');
  const factors = new Map(scaling.preparations.map(({ id, scaleFactor }) => [id, scaleFactor]));
  const factorOf = (preparation: string) => factors.get(preparation) ?? 1;
  const { lengthMm: length, widthMm: width } = outlineAt(only.tin, 0);
  const { tins: _tins, scale: _scale, ...rest } = slab;
  return {
    ...rest,
    tin: only.sheet ? { ...only.sheet, outlineMm: { length, width } } : only.tin,
    preparations: slab.preparations.map((preparation) => ({
      ...preparation,
      lines: preparation.lines.map((line) => rewrittenLine(line, preparation.id, factorOf)),
    })),
    layers: slab.layers.map((layer, at) => {
      const { filmMm, scaleFactor } = only.layers[at]!;
      const hasFilm = doseAsked(layer, 1) !== null && SPREAD[layer.spread].takesThickness;
      return {
        ...layer,
        ...(hasFilm ? { thicknessMm: filmMm } : {}),
        from: layer.from.map((part) => ({
          ...part,
          share: (part.share * scaleFactor) / factorOf(part.preparation),
        })),
      };
    }),
  };
}

/** Returns a line with its parts, each scaled like the preparation that it goes into. */
function rewrittenLine(line: Line, preparation: string, factorOf: (id: string) => number): Line {
  if (!line.divided?.length) return { ...line, quantity: line.quantity * factorOf(preparation) };
  const parts = line.divided.map((part) => part.share * factorOf(part.preparation ?? preparation));
  const scaleFactor = parts.reduce((sum, part) => sum + part, shareKept(line) * factorOf(preparation));
  if (scaleFactor <= 0) return line;
  const divided = line.divided.map((part, i) => ({ ...part, share: parts[i]! / scaleFactor }));
  return { ...line, quantity: line.quantity * scaleFactor, divided };
}
