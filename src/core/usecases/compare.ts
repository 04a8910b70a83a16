import { plainName } from '../larder';
import type { Plan } from './planned';

/** A figure of both sides, `null` where a side does not have it. */
export interface Beside {
  readonly name: string;
  readonly a: number | null;
  readonly b: number | null;
}

/** Compared figures of a whole slab. */
export type ComparedFigure = 'pieces' | 'pieceG' | 'trimmedG' | 'heightMm' | 'massG' | 'usedCost' | 'pieceCost';

/** Two plans compared. */
export interface PlansCompared {
  /** Layers by id, from the bottom: mm and g. */
  readonly layers: readonly {
    readonly name: string;
    readonly mm: Beside;
    readonly massG: Beside;
    readonly cost: Beside;
  }[];
  /** Lines by preparation and ingredient, g. */
  readonly lines: readonly { readonly preparation: string; readonly massG: Beside; readonly cost: Beside }[];
  /** Figures of the whole slab. */
  readonly whole: readonly (Pick<Beside, 'a' | 'b'> & {
    readonly figure: ComparedFigure;
    readonly unit: 'pieces' | 'g' | 'mm' | 'money';
  })[];
}

interface Side {
  readonly names: { readonly preparations: ReadonlyMap<string, string>; readonly layers: ReadonlyMap<string, string> };
  readonly plan: Plan;
}

const NEAR = 1e-9;

/** Tells whether both sides differ by more than rounding. */
export function isDifferent({ a, b }: Pick<Beside, 'a' | 'b'>): boolean {
  if (a === null || b === null) return a !== b;
  return Math.abs(a - b) > NEAR * Math.max(1, Math.abs(a), Math.abs(b));
}

/** Keys of both sides, those of `a` first in its order. */
function union<T>(a: ReadonlyMap<string, T>, b: ReadonlyMap<string, T>): string[] {
  return [...a.keys(), ...[...b.keys()].filter((key) => !a.has(key))];
}

function layersOf({ plan, names }: Side) {
  const costs = new Map(plan.cost.byLayer.map(({ id, cost }) => [id, cost]));
  return new Map(
    plan.layers.map((layer) => [
      layer.id,
      {
        name: names.layers.get(layer.id) ?? layer.id,
        mm: layer.thicknessMm,
        massG: layer.massG,
        cost: costs.get(layer.id) ?? 0,
      },
    ]),
  );
}

/** Sums lines by preparation and ingredient, so that moved or divided lines still match. */
function linesOf({ plan, names }: Side) {
  const found = new Map<string, { preparation: string; name: string; massG: number | null; cost: number | null }>();
  for (const { id, lines } of plan.preparations) {
    for (const { ingredient, massG, cost } of lines) {
      const key = `${id} ${plainName(ingredient)}`;
      const before = found.get(key);
      const sum = (x: number | null, y: number | null) => (x === null || y === null ? null : x + y);
      found.set(key, {
        preparation: names.preparations.get(id) ?? id,
        name: ingredient,
        massG: before ? sum(before.massG, massG) : massG,
        cost: before ? sum(before.cost, cost) : cost,
      });
    }
  }
  return found;
}

/** Compares two plans: layers by id, lines by preparation and ingredient, and the figures of the whole slab. */
export function comparePlans(a: Side, b: Side): PlansCompared {
  const [la, lb] = [layersOf(a), layersOf(b)];
  const [na, nb] = [linesOf(a), linesOf(b)];
  const pieces = ({ plan }: Side) => plan.cut.pieces.reduce((sum, { count }) => sum + count, 0);
  const piecesG = ({ plan }: Side) => plan.cut.pieces.reduce((sum, { count, massG }) => sum + count * massG, 0);
  const beside = <T>(
    key: string,
    x: ReadonlyMap<string, T>,
    y: ReadonlyMap<string, T>,
    of: (side: T) => number | null,
    name: string,
  ): Beside => {
    const [left, right] = [x.get(key), y.get(key)];
    return { name, a: left ? of(left) : null, b: right ? of(right) : null };
  };
  const both = (figure: ComparedFigure, unit: 'pieces' | 'g' | 'mm' | 'money', of: (side: Side) => number | null) => ({
    figure,
    unit,
    a: of(a),
    b: of(b),
  });
  return {
    layers: union(la, lb).map((key) => {
      const { name } = (la.get(key) ?? lb.get(key))!;
      const at = (of: 'mm' | 'massG' | 'cost') => beside(key, la, lb, (layer) => layer[of], name);
      return { name, mm: at('mm'), massG: at('massG'), cost: at('cost') };
    }),
    lines: union(na, nb).map((key) => {
      const { preparation, name } = (na.get(key) ?? nb.get(key))!;
      const at = (of: 'massG' | 'cost') => beside(key, na, nb, (line) => line[of], name);
      return { preparation, massG: at('massG'), cost: at('cost') };
    }),
    whole: [
      both('pieces', 'pieces', pieces),
      both('pieceG', 'g', (side) => (pieces(side) > 0 ? piecesG(side) / pieces(side) : null)),
      both('trimmedG', 'g', ({ plan }) => plan.cut.trimG + plan.cut.kerfG),
      both('heightMm', 'mm', ({ plan }) => plan.slab.heightMm),
      both('massG', 'g', ({ plan }) => plan.slab.massG),
      both('usedCost', 'money', ({ plan }) => plan.cost.used),
      both('pieceCost', 'money', ({ plan }) => plan.cost.perPiece),
    ],
  };
}
