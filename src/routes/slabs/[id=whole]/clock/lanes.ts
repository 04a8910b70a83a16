import type { DayStep } from '../../../../core/timelineFor';

export interface Lane {
  readonly name: string;
  readonly steps: readonly DayStep[];
}

const COLD = ['fridge', 'freezer', 'marble'];

/** Steps by what they need: each shows in every lane that it takes up; what nobody does lies in the last. */
export function lanesOf(steps: readonly DayStep[]): Lane[] {
  const uses = (what: string) => steps.filter(({ activity }) => activity.occupies.includes(what));
  const lanes: Lane[] = [
    { name: 'hands', steps: steps.filter(({ activity }) => activity.hands !== 'free') },
    { name: 'hob', steps: uses('ring') },
    { name: 'oven', steps: uses('oven') },
    { name: 'cold', steps: steps.filter(({ activity }) => activity.occupies.some((one) => COLD.includes(one))) },
    {
      name: 'by itself',
      steps: steps.filter(
        ({ activity }) =>
          activity.hands === 'free' && !activity.occupies.some((one) => one === 'oven' || one === 'ring'),
      ),
    },
  ];
  return lanes.filter((lane, i) => i === 0 || lane.steps.length > 0);
}

/** A time axis on which long stretches without work are drawn short. */
export interface Axis {
  readonly x: (moment: number) => number;
  /** The moment at a place, ms. */
  readonly at: (x: number) => number;
  readonly breaks: readonly { readonly x: number; readonly minutes: number }[];
  readonly ticks: readonly { readonly x: number; readonly moment: number }[];
}

const MINUTE = 60_000;
const SHORT_MINUTES = 40;
const GAP_MINUTES = 75;

export function axisOf(steps: readonly DayStep[], width: number): Axis {
  const sorted = [...steps].sort((a, b) => a.start.getTime() - b.start.getTime());
  const pieces: { from: number; to: number; shown: number }[] = [];
  let end = sorted[0]?.start.getTime() ?? 0;
  for (const { start, end: until } of sorted) {
    const gap = (start.getTime() - end) / MINUTE;
    if (gap > 0) pieces.push({ from: end, to: start.getTime(), shown: gap > GAP_MINUTES ? SHORT_MINUTES : gap });
    const from = Math.max(end, start.getTime());
    if (until.getTime() > from) pieces.push({ from, to: until.getTime(), shown: (until.getTime() - from) / MINUTE });
    end = Math.max(end, until.getTime());
  }
  const total = Math.max(
    1,
    pieces.reduce((sum, { shown }) => sum + shown, 0),
  );
  let along = 0;
  const laid = pieces.map((piece) => {
    const x0 = (along / total) * width;
    along += piece.shown;
    return { ...piece, x0, x1: (along / total) * width };
  });
  const x = (moment: number) => {
    const piece = laid.find(({ from, to }) => moment >= from && moment <= to);
    if (!piece) return moment <= (laid[0]?.from ?? 0) ? 0 : width;
    return piece.x0 + ((moment - piece.from) / (piece.to - piece.from)) * (piece.x1 - piece.x0);
  };
  const at = (place: number) => {
    const piece = laid.find(({ x0, x1 }) => place >= x0 && place <= x1) ?? laid.at(-1);
    if (!piece) return 0;
    return piece.from + ((place - piece.x0) / (piece.x1 - piece.x0)) * (piece.to - piece.from);
  };
  const breaks = laid
    .filter(({ from, to, shown }) => (to - from) / MINUTE > shown + 1)
    .map(({ from, to, x0, x1 }) => ({ x: (x0 + x1) / 2, minutes: (to - from) / MINUTE }));
  let lastX = -Infinity;
  const ticks = sorted.flatMap(({ start }) => {
    const place = x(start.getTime());
    if (place - lastX < 46) return [];
    lastX = place;
    return [{ x: place, moment: start.getTime() }];
  });
  return { x, at, breaks, ticks };
}
