import type { Larder } from '../larder';
import type { RunRecord } from '../run';
import type { Shop } from '../shop';
import { expandDividedLines, inTins, tinsOf, type Slab } from '../slab';
import { plan } from './plan';
import type { Plan } from './planned';

/**
 * A slab as a run has made it: with what was really weighed, in the tins that it was really laid in. Lines that nobody weighed are as
 * planned.
 *
 * @param slab that the run was begun with
 */
export function slabAsMade(slab: Slab, record: Pick<RunRecord, 'lines' | 'tins'>): Slab {
  const laid = expandDividedLines(slab);
  const masses = new Map(record.lines.map(({ preparation, line, massInG }) => [`${preparation} ${line}`, massInG]));
  const preparations = laid.preparations.map((preparation) => ({
    ...preparation,
    lines: preparation.lines.map(({ part: _part, also: _also, ...line }, l) => {
      const massG = masses.get(`${preparation.id} ${l}`);
      return massG === undefined || massG === null ? line : { ...line, quantity: massG, unit: 'g' as const };
    }),
  }));
  return inTins({ ...slab, preparations }, record.tins ?? tinsOf(slab), { mode: 'scaleFactor', by: 1 });
}

/** What a run has made of its plan, as a plan of its own: thicknesses, masses, pieces and costs as they really were. */
export function planAsMade(slab: Slab, larder: Larder, shop: Shop, record: Pick<RunRecord, 'lines' | 'tins'>): Plan {
  return plan(slabAsMade(slab, record), larder, shop);
}

/** What is otherwise with a layer than planned, for whoever has just weighed something else. */
export interface LayerEffect {
  readonly layer: string;
  readonly name: string;
  readonly plannedMm: number;
  readonly madeMm: number;
}

/** Least difference of thickness that is worth a word, as a share of it. */
const WORTH_SAYING = 0.02;

/** Layers that come out otherwise than planned. */
export function layerEffects(
  {
    layers,
  }: { readonly layers: readonly { readonly id: string; readonly name: string; readonly thicknessMm: number }[] },
  made: Pick<Plan, 'layers'>,
): LayerEffect[] {
  return layers.flatMap(({ id, name, thicknessMm }) => {
    const madeMm = made.layers.find((layer) => layer.id === id)?.thicknessMm ?? thicknessMm;
    return Math.abs(madeMm - thicknessMm) > WORTH_SAYING * thicknessMm
      ? [{ layer: id, name, plannedMm: thicknessMm, madeMm }]
      : [];
  });
}
