import type { Layer, Line, Preparation, Slab } from './types';

/** Small edits of a slab, each returning a new slab. Positions are those of the file. */

/** Returns an unused id of the form p1, p2 and so on. */
export function freshId(prefix: string, things: readonly { readonly id: string }[]): string {
  const taken = new Set(things.map(({ id }) => id));
  let n = things.length + 1;
  while (taken.has(`${prefix}${n}`)) n += 1;
  return `${prefix}${n}`;
}

const replaced = <T>(list: readonly T[], at: number, part: Partial<T>): T[] =>
  list.map((item, i) => (i === at ? { ...item, ...part } : item));

export function withPreparation(slab: Slab, at: number, part: Partial<Preparation>): Slab {
  return { ...slab, preparations: replaced(slab.preparations, at, part) };
}

export function withLine(slab: Slab, at: number, line: number, part: Partial<Line>): Slab {
  return withPreparation(slab, at, { lines: replaced(slab.preparations[at]!.lines, line, part) });
}

/** Returns the slab with lines inserted into a preparation at a position, or at its end. */
export function addedLines(slab: Slab, at: number, lines: readonly Line[], position = Infinity): Slab {
  const before = slab.preparations[at]!.lines;
  return withPreparation(slab, at, { lines: [...before.slice(0, position), ...lines, ...before.slice(position)] });
}

export function addedPreparation(slab: Slab, name: string): Slab {
  const id = freshId('p', slab.preparations);
  return { ...slab, preparations: [...slab.preparations, { id, name, lines: [] }] };
}

/** Returns the slab without a preparation. Its layers lose that share, and parts of lines that went into it return to their line. */
export function withoutPreparation(slab: Slab, at: number): Slab {
  const gone = slab.preparations[at]!.id;
  return {
    ...slab,
    preparations: slab.preparations
      .filter((_, i) => i !== at)
      .map((preparation) => ({
        ...preparation,
        lines: preparation.lines.map((line) => {
          const divided = line.divided?.filter(({ preparation }) => preparation !== gone);
          return divided && divided.length !== line.divided?.length ? { ...line, divided } : line;
        }),
      })),
    layers: slab.layers.map((layer) => ({
      ...layer,
      from: layer.from.filter(({ preparation }) => preparation !== gone),
    })),
  };
}

export function withLayer(slab: Slab, at: number, part: Partial<Layer>): Slab {
  return { ...slab, layers: replaced(slab.layers, at, part) };
}

/**
 * Returns the slab with a new level layer on top, made from the preparation with the layer's name, otherwise the first with
 * something left.
 *
 * @param name what it is called, or empty to call it after what it is laid from
 */
export function addedLayer(slab: Slab, name: string): Slab {
  const taken = (id: string) =>
    slab.layers.flatMap(({ from }) => from).reduce((sum, part) => sum + (part.preparation === id ? part.share : 0), 0);
  const spares = slab.preparations.filter(({ id }) => taken(id) < 1 - 1e-9);
  const plain = (text: string) => text.trim().toLowerCase();
  const spare = spares.find((preparation) => plain(preparation.name) === plain(name)) ?? spares[0];
  const from = spare ? [{ preparation: spare.id, share: 1 - taken(spare.id) }] : [];
  const called = name.trim() || spare?.name || `Layer ${slab.layers.length + 1}`;
  return { ...slab, layers: [...slab.layers, { id: freshId('l', slab.layers), name: called, from, spread: 'level' }] };
}

export function withoutLayer(slab: Slab, at: number): Slab {
  return { ...slab, layers: slab.layers.filter((_, i) => i !== at) };
}

/** Returns a list with one item moved to another position. */
export function moved<T>(list: readonly T[], from: number, to: number): T[] {
  const rest = list.filter((_, i) => i !== from);
  const moved = list[from];
  return moved === undefined ? [...list] : [...rest.slice(0, to), moved, ...rest.slice(to)];
}

/** An empty slab in a common tin. */
export function blankSlab(name: string): Slab {
  return {
    format: 'knife-tray/slab',
    version: 1,
    name,
    tin: { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 10, flareDeg: 0 },
    preparations: [],
    layers: [],
    cut: { columns: 6, rows: 4, trimMm: { left: 5, right: 5, front: 5, back: 5 }, kerfMm: 0 },
  };
}
