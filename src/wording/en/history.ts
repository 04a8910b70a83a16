/** Texts of changes for next time, and names of the tracked figures. */
import type { RunFigureId } from '$core/logbook';
import type { Figures } from '$core/measure';
import type { SlabChange } from '$core/run';
import type { Slab } from '$core/slab';
import { stepInShort, stepsOf } from '$core/time';
import { tinInWords } from '$core/tin';
import { stepText } from './steps';

/** Names of the figures of a run. */
export const RUN_FIGURE_NAMES: Readonly<Record<RunFigureId, string>> = {
  minutes: 'Total time',
  hands: 'Labour',
  boil: 'Boiling time',
  endPoint: 'Peak against end point',
  set: 'Setting time',
  yield: 'Yield',
  pieceG: 'Weight of a piece',
  variation: 'Weight variation',
  rejects: 'Rejects',
  costEach: 'Ingredients per piece',
};

/** 'half as much', '20 % more'. */
function amountText(factor: number): string {
  if (factor === 0.5) return 'half as much';
  if (factor === 2) return 'twice as much';
  const percent = Math.round((factor - 1) * 100);
  return `${Math.abs(percent)} % ${percent < 0 ? 'less' : 'more'}`;
}

/** Describes a change of a slab: 'Treacle caramel: end point 3 °C higher'. */
export function changeText(change: SlabChange, slab: Slab, figures: Figures): string {
  if (change.what === 'tins')
    return `in ${change.tins.map(({ tin, count }) => `${count > 1 ? `${count} x ` : ''}${tinInWords(tin, figures)}`).join(', ')}`;
  if (change.what === 'set') {
    const layer = slab.layers.find(({ id }) => id === change.layer);
    const minMinutes = Math.max(0, (layer?.set?.minMinutes ?? 0) + change.byMinutes);
    return `${layer?.name ?? change.layer}: wait at least ${figures.duration.say(minMinutes)} for it to set`;
  }
  const preparation = slab.preparations.find(({ id }) => id === change.preparation);
  const name = preparation?.name ?? change.preparation;
  switch (change.what) {
    case 'end point':
      return `${name}: end point ${figures.degrees.say(Math.abs(change.byC))} ${change.byC < 0 ? 'lower' : 'higher'}`;
    case 'amount':
      return `${name}: ${amountText(change.factor)}`;
    case 'line':
      return `${preparation?.lines[change.line]?.ingredient ?? 'a line'} in ${name}: ${amountText(change.factor)}`;
    case 'minutes': {
      const step = preparation && stepsOf(preparation).find(({ id }) => id === change.step);
      const text = step ? stepText(step.title, figures) : change.step;
      return `"${stepInShort(text)}": ${Math.abs(Math.round(change.byMinutes))} min ${change.byMinutes < 0 ? 'less' : 'more'}`;
    }
    case 'loss':
      return `${name}: loses ${change.lossPercent.toFixed(1)} %`;
    case 'density':
      return `${name}: ${figures.density.say(change.densityGPerMl)}`;
  }
}
