/** The scheduling problem as an integer program over five-minute units, for HiGHS, to compare the core's schedules with. */
import type { Highs } from 'highs';
import { isAttended, type Activity } from '$core/time';
import { UNIT_MINUTES, type MadeUpDay } from './days';

export interface Exact {
  /** No schedule ends before this, min. */
  readonly bound: number;
  /** Whether the bound is the proven shortest. */
  readonly proven: boolean;
}

const units = (minutes: number) => Math.round(minutes / UNIT_MINUTES);
const HALVES = { busy: 2, watch: 1, free: 0 } as const;

/** Earliest and latest starts by the links alone, in units, for a schedule that ends at `end`. */
function startsWithin(activities: readonly Activity[], end: number): { early: number[]; late: number[] } {
  const at = new Map(activities.map(({ id }, i) => [id, i]));
  const early = activities.map(() => 0);
  const late = activities.map(({ minutes }) => end - units(minutes));
  for (let round = 0, changed = true; changed && round < 10_000; round++) {
    changed = false;
    const raise = (list: number[], i: number, to: number, up: boolean) => {
      if (up ? to > list[i]! : to < list[i]!) {
        list[i] = to;
        changed = true;
      }
    };
    activities.forEach(({ after }, i) => {
      for (const { on, least, most } of after) {
        const before = at.get(on)!;
        const d = units(activities[before]!.minutes);
        raise(early, i, early[before]! + d + units(least), true);
        raise(late, before, late[i]! - d - units(least), false);
        if (most === null) continue;
        raise(early, before, early[i]! - d - units(most), true);
        raise(late, i, late[before]! + d + units(most), false);
      }
    });
  }
  return { early, late };
}

/**
 * The program in LP format. s_j_t is 1 when step j has begun by t (the step formulation of Pritsker and others 1969, with links
 * parted by time as in Christofides and others 1987); the end of the day is made least.
 *
 * @param end a length of the day that is known to be possible, units
 */
export function dayProgram({ activities, means, windows }: MadeUpDay, end: number): string {
  const at = new Map(activities.map(({ id }, i) => [id, i]));
  const { early, late } = startsWithin(activities, end);
  /** Tells whether j has started by t: a constant outside its window. */
  const begun = (j: number, t: number): string | 0 | 1 => (t < early[j]! ? 0 : t >= late[j]! ? 1 : `s_${j}_${t}`);
  const rows: string[] = [];
  const sum = (terms: readonly (readonly [number, string | 0 | 1])[], sign: string, right: number) => {
    const constant = terms.reduce((all, [times, name]) => (typeof name === 'number' ? all + times * name : all), 0);
    const names = new Map<string, number>();
    for (const [times, name] of terms) if (typeof name === 'string') names.set(name, (names.get(name) ?? 0) + times);
    const left = [...names].filter(([, times]) => times !== 0);
    if (left.length === 0) return;
    const written = left.map(([name, times]) => `${times < 0 ? '-' : '+'} ${Math.abs(times)} ${name}`).join(' ');
    rows.push(` r${rows.length}: ${written} ${sign} ${right - constant}`);
  };
  activities.forEach(({ minutes, hands, occupies, after }, j) => {
    const d = units(minutes);
    for (let t = early[j]!; t <= late[j]!; t++) {
      const open =
        !isAttended({ hands, occupies }) || windows.some(([from, to]) => t >= units(from) && t + d <= units(to));
      sum(
        [
          [1, begun(j, t - 1)],
          [-1, begun(j, t)],
        ],
        open ? '<=' : '=',
        0,
      );
    }
    for (const { on, least, most } of after) {
      const i = at.get(on)!;
      const far = units(activities[i]!.minutes);
      for (let t = 0; t <= end; t++) {
        sum(
          [
            [1, begun(j, t)],
            [-1, begun(i, t - far - units(least))],
          ],
          '<=',
          0,
        );
        if (most !== null)
          sum(
            [
              [1, begun(i, t - far - units(most))],
              [-1, begun(j, t)],
            ],
            '<=',
            0,
          );
      }
    }
  });
  const binaries = new Set<string>();
  for (let t = 0; t < end; t++) {
    const running = (j: number, times: number): (readonly [number, string | 0 | 1])[] => [
      [times, begun(j, t)],
      [-times, begun(j, t - units(activities[j]!.minutes))],
    ];
    const atMost = (most: number, of: (activity: Activity) => number) =>
      sum(
        activities.flatMap((activity, j) => (of(activity) > 0 ? running(j, of(activity)) : [])),
        '<=',
        most,
      );
    atMost(2 * means.hands, ({ hands }) => HALVES[hands]);
    atMost(means.rings, ({ occupies }) => (occupies.includes('ring') ? 1 : 0));
    atMost(1, ({ occupies }) => (occupies.includes('mixer') ? 1 : 0));
    atMost(5, ({ occupies }) => (occupies.includes('fridge') ? 1 : 0));
    const hot = [...new Set(activities.map(({ ovenC }) => ovenC).filter((celsius) => celsius !== null))];
    if (hot.length === 0) continue;
    for (const c of hot) {
      const within = activities.flatMap(({ ovenC }, j) => (ovenC === c ? running(j, 1) : []));
      sum([...within, [-2, `o_${c}_${t}`]], '<=', 0);
      binaries.add(`o_${c}_${t}`);
    }
    sum(
      hot.map((c) => [1, `o_${c}_${t}`] as const),
      '<=',
      means.ovens,
    );
  }
  // The schedule ends at e units: it has ended by t only when everything has.
  for (let t = 0; t < end; t++) {
    sum(
      [
        [1, `e_${t}`],
        [-1, t + 1 < end ? `e_${t + 1}` : 1],
      ],
      '<=',
      0,
    );
    activities.forEach(({ minutes }, j) =>
      sum(
        [
          [1, `e_${t}`],
          [-1, begun(j, t - units(minutes))],
        ],
        '<=',
        0,
      ),
    );
    binaries.add(`e_${t}`);
  }
  activities.forEach((_, j) => {
    for (let t = early[j]!; t < late[j]!; t++) binaries.add(`s_${j}_${t}`);
  });
  const total = Array.from({ length: end }, (_, t) => `- 1 e_${t}`).join(' ');
  return ['Minimize', ` obj: ${total}`, 'Subject To', ...rows, 'Binary', ` ${[...binaries].join(' ')}`, 'End'].join(
    '\n',
  );
}

/**
 * Returns the proven shortest length of a schedule, or a lower bound where the time is not enough; Infinity where there is no
 * schedule.
 *
 * @param endMinutes the length of a schedule that is known, or one within which to look
 */
export function exactOf(highs: Highs, day: MadeUpDay, endMinutes: number, seconds: number): Exact {
  const end = units(endMinutes);
  return highs.withModel({ format: 'lp', data: dayProgram(day, end) }, (model) => {
    model.options.set({ time_limit: seconds, output_flag: false });
    const { modelStatus } = model.run();
    const { optimal, infeasible, timeLimit } = highs.constants.modelStatus;
    if (modelStatus === infeasible) return { bound: Infinity, proven: true };
    if (modelStatus !== optimal && modelStatus !== timeLimit) throw new Error(`The solver stopped: ${modelStatus}`);
    // Minus one for each unit in which everything has ended already.
    const bound = end + Math.ceil(Number(model.info.get('mip_dual_bound')) - 1e-6);
    return { bound: bound * UNIT_MINUTES, proven: modelStatus === optimal };
  });
}
