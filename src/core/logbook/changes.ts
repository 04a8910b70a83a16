import type { Figures } from '../measure';
import type { SlabChange } from '../run';
import { endPointC, inTins, withLayer, withPreparation, type Line, type Preparation, type Slab } from '../slab';
import { stepInShort, stepsOf } from '../time';
import { tinInWords } from '../tin';

/** Where in a slab something is, or -1: what a run was made of may have been taken out since. */
const at = (things: readonly { readonly id: string }[], id: string) => things.findIndex((thing) => thing.id === id);

const MINUTES_FROM = 0.5;
const plus = (minutes: number, by: number) => Math.max(MINUTES_FROM, minutes + by);

const times = (line: Line, factor: number): Line => ({
  ...line,
  quantity: line.quantity * factor,
  ...(line.also ? { also: { ...line.also, quantity: line.also.quantity * factor } } : {}),
});

function withMinutes(preparation: Preparation, id: string, byMinutes: number): Partial<Preparation> {
  return {
    steps: stepsOf(preparation).map((step) => {
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
 * A slab with what a run has asked for. What the change speaks of may be gone from the slab: it is then left as it is.
 *
 * @returns the same slab where nothing of it is changed
 */
export function changedSlab(slab: Slab, change: SlabChange): Slab {
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
        ? withPreparation(slab, p, withMinutes(preparation, change.step, change.byMinutes))
        : slab;
    case 'loss':
      return withPreparation(slab, p, { lossPercent: change.lossPercent });
    case 'density':
      return withPreparation(slab, p, { densityGPerMl: change.densityGPerMl });
  }
}

/** 'half as much', '20 % more'. */
function amountInWords(factor: number): string {
  if (factor === 0.5) return 'half as much';
  if (factor === 2) return 'twice as much';
  const percent = Math.round((factor - 1) * 100);
  return `${Math.abs(percent)} % ${percent < 0 ? 'less' : 'more'}`;
}

const moreOf = (by: number, said: string) => `${said} ${by < 0 ? 'less' : 'more'}`;

/** What a change is, in the slab's own terms and the shop's own units: 'Treacle caramel: end point 3 °C higher'. */
export function changeInWords(change: SlabChange, slab: Slab, figures: Figures): string {
  if (change.what === 'tins')
    return `in ${change.tins.map(({ tin, count }) => `${count > 1 ? `${count} x ` : ''}${tinInWords(tin, figures)}`).join(', ')}`;
  if (change.what === 'set') {
    const layer = slab.layers.find(({ id }) => id === change.layer);
    const least = Math.max(0, (layer?.set?.minMinutes ?? 0) + change.byMinutes);
    return `${layer?.name ?? change.layer}: at least ${figures.duration.say(least)} to set`;
  }
  const preparation = slab.preparations.find(({ id }) => id === change.preparation);
  const name = preparation?.name ?? change.preparation;
  switch (change.what) {
    case 'end point':
      return `${name}: end point ${figures.degrees.say(Math.abs(change.byC))} ${change.byC < 0 ? 'lower' : 'higher'}`;
    case 'amount':
      return `${name}: ${amountInWords(change.factor)}`;
    case 'line':
      return `${preparation?.lines[change.line]?.ingredient ?? 'a line'} in ${name}: ${amountInWords(change.factor)}`;
    case 'minutes': {
      const step = preparation && stepsOf(preparation, figures).find(({ id }) => id === change.step);
      return `"${stepInShort(step?.text ?? change.step)}": ${moreOf(change.byMinutes, `${Math.abs(Math.round(change.byMinutes))} min`)}`;
    }
    case 'loss':
      return `${name}: loses ${change.lossPercent.toFixed(1)} %`;
    case 'density':
      return `${name}: ${figures.density.say(change.densityGPerMl)}`;
  }
}
