import type { SlabChange } from '../run';
import {
  endPointC,
  inTins,
  withLayer,
  withPreparation,
  type Line,
  type Preparation,
  type Slab,
  type Step,
  type TitledStep,
} from '../slab';
import { stepsOf } from '../time';

/** Returns steps with their text. */
export type WriteSteps = (steps: readonly TitledStep[]) => Step[];

/** Position of an item in a slab, or -1 if it was removed since the run. */
const at = (things: readonly { readonly id: string }[], id: string) => things.findIndex((thing) => thing.id === id);

const MINUTES_FROM = 0.5;
const plus = (minutes: number, by: number) => Math.max(MINUTES_FROM, minutes + by);

const times = (line: Line, factor: number): Line => ({
  ...line,
  quantity: line.quantity * factor,
  ...(line.also ? { also: { ...line.also, quantity: line.also.quantity * factor } } : {}),
});

function withMinutes(preparation: Preparation, id: string, byMinutes: number, write: WriteSteps): Partial<Preparation> {
  return {
    steps: write(stepsOf(preparation)).map((step) => {
      if (step.id !== id) return step;
      const { leastMinutes, mostMinutes } = step;
      return {
        ...step,
        minutes: plus(step.minutes, byMinutes),
        ...(leastMinutes === undefined ? {} : { leastMinutes: plus(leastMinutes, byMinutes) }),
        ...(mostMinutes === undefined ? {} : { mostMinutes: plus(mostMinutes, byMinutes) }),
      };
    }),
  };
}

/**
 * Returns a slab with a change applied. A change to something that no longer exists is ignored.
 *
 * @param write writes out the usual steps of a preparation that has none, when one of them is changed
 * @returns the same slab where nothing of it is changed
 */
export function changedSlab(slab: Slab, change: SlabChange, write: WriteSteps): Slab {
  if (change.what === 'tins') return inTins(slab, change.tins);
  if (change.what === 'set') {
    const l = at(slab.layers, change.layer);
    const set = slab.layers[l]?.set ?? {};
    const minMinutes = Math.max(0, (set.minMinutes ?? 0) + change.byMinutes);
    return l < 0 ? slab : withLayer(slab, l, { set: { ...set, minMinutes } });
  }
  const p = at(slab.preparations, change.preparation);
  const preparation = slab.preparations[p];
  if (!preparation) return slab;
  const { lines } = preparation;
  switch (change.what) {
    case 'end point': {
      const celsius = endPointC(preparation);
      return celsius === null ? slab : withPreparation(slab, p, { cookTo: { celsius: celsius + change.byC } });
    }
    case 'amount':
      return withPreparation(slab, p, { lines: lines.map((line) => times(line, change.factor)) });
    case 'line':
      return lines[change.line]
        ? withPreparation(slab, p, {
            lines: lines.map((line, l) => (l === change.line ? times(line, change.factor) : line)),
          })
        : slab;
    case 'minutes':
      return stepsOf(preparation).some(({ id }) => id === change.step)
        ? withPreparation(slab, p, withMinutes(preparation, change.step, change.byMinutes, write))
        : slab;
    case 'loss':
      return withPreparation(slab, p, { lossPercent: change.lossPercent });
    case 'density':
      return withPreparation(slab, p, { densityGPerMl: change.densityGPerMl });
  }
}
