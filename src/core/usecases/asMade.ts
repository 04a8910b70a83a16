import type { Larder } from '../larder';
import type { RunRecord } from '../run';
import type { Shop } from '../shop';
import { expandDividedLines, inTins, tinsOf, type Slab } from '../slab';
import { plan } from './plan';
import type { Plan } from './planned';

/**
 * Returns a slab as a run made it: with the weighed amounts, in the tins used. Lines that were not weighed are as planned.
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

/** What a run's plan is made of. */
type Made = Pick<RunRecord, 'lines' | 'tins'> & Partial<Pick<RunRecord, 'cameOut'>>;

/**
 * Returns the plan of what a run made: actual thicknesses, masses, pieces and costs. What was weighed out of a pot counts, and not what
 * should have come out of it.
 */
export function planAsMade(slab: Slab, larder: Larder, shop: Shop, { cameOut, ...record }: Made): Plan {
  const made = slabAsMade(slab, record);
  const withoutYields = plan(made, larder, shop);
  if (!cameOut?.size) return withoutYields;
  const preparations = made.preparations.map((preparation, p) => {
    const outG = cameOut.get(preparation.id);
    const { massInG, evaporatedG } = withoutYields.preparations[p]!;
    // Of a boil its water goes first; anything else only has its loss.
    const beforeG = massInG - (preparation.cookTo ? evaporatedG : 0);
    return outG === undefined || beforeG <= 0
      ? preparation
      : { ...preparation, lossPercent: 100 * (1 - outG / beforeG) };
  });
  return plan({ ...made, preparations }, larder, shop);
}

/** A layer that differs from the plan after an amount or a tin was changed. */
export interface LayerEffect {
  readonly layer: string;
  readonly name: string;
  readonly plannedMm: number;
  readonly madeMm: number;
}

/** Minimum relative difference of thickness to report. */
const WORTH_SAYING = 0.02;

/** Returns the layers that differ from the plan. */
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
