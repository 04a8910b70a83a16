import { PLACES } from '$core/slab';
import type { DayStep } from '$core/usecases';

/** A lane, with as many rows as simultaneous steps. */
export interface Lane {
  readonly name: string;
  readonly rows: readonly (readonly DayStep[])[];
}

/** Places where layers set, without the room, which always has space. */
const COLD = PLACES.filter((place) => place !== 'room');

/** Distributes steps over rows without overlap. */
function rowsOf(steps: readonly DayStep[]): DayStep[][] {
  const rows: DayStep[][] = [];
  for (const step of [...steps].sort((a, b) => a.start.getTime() - b.start.getTime())) {
    const row = rows.find((row) => row.at(-1)!.end.getTime() <= step.start.getTime());
    if (row) row.push(step);
    else rows.push([step]);
  }
  return rows;
}

/** Groups steps by resource: each appears in every lane it uses; what waits in the room is in the last. */
export function lanesOf(steps: readonly DayStep[]): Lane[] {
  const uses = (...what: readonly string[]) =>
    steps.filter(({ activity }) => activity.occupies.some((thing) => what.includes(thing)));
  const lanes = [
    ['labour', steps.filter(({ activity }) => activity.hands !== 'free')],
    ['hob', uses('ring')],
    ['oven', uses('oven')],
    ['mixer', uses('mixer')],
    ['cold', uses(...COLD)],
    [
      'unattended',
      steps.filter(
        ({ activity }) =>
          activity.hands === 'free' &&
          !activity.occupies.some((thing) => ['oven', 'ring', 'mixer', ...COLD].includes(thing)),
      ),
    ],
  ] as const;
  return lanes.map(([name, list]) => ({ name, rows: rowsOf(list) })).filter(({ rows }) => rows.length > 0);
}
/** A time axis that compresses long gaps without labour. */
export interface Axis {
  readonly x: (moment: number) => number;
  /** Returns the moment at a position, ms. */
  readonly at: (x: number) => number;
  readonly breaks: readonly { readonly x: number; readonly minutes: number }[];
  readonly ticks: readonly { readonly x: number; readonly moment: number }[];
}

const MINUTE = 60_000;
const SHORT_MINUTES = 45;
const GAP_MINUTES = 75;
/** Width of a day and a time, px. */
const TICK_PX = 66;

export function axisOf(steps: readonly DayStep[], width: number): Axis {
  const sorted = [...steps].sort((a, b) => a.start.getTime() - b.start.getTime());
  const last = Math.max(...steps.map(({ end }) => end.getTime()));
  const pieces: { from: number; to: number; shown: number }[] = [];
  let begun = sorted[0]?.start.getTime() ?? 0;
  const until = (moment: number, worked: boolean) => {
    const minutes = (moment - begun) / MINUTE;
    if (minutes <= 0) return;
    pieces.push({ from: begun, to: moment, shown: !worked && minutes > GAP_MINUTES ? SHORT_MINUTES : minutes });
    begun = moment;
  };
  for (const { activity, start, end } of sorted) {
    if (activity.hands === 'free') continue;
    until(start.getTime(), false);
    until(end.getTime(), true);
  }
  until(last, false);
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
    if (place - lastX < TICK_PX) return [];
    lastX = place;
    return [{ x: place, moment: start.getTime() }];
  });
  return { x, at, breaks, ticks };
}
