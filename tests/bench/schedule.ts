/** How far the schedules of sixty generated problems are from the shortest possible ones, which an integer program proves. */
import loader from 'highs';
import { forwardFrom } from '$core/time';
import { DAYS } from '../unit/time/days';
import { exactOf } from '../unit/time/exact';

const SECONDS = 60;
/** Where no schedule was found, the program searches for one within this, min. */
const WITHIN = 600;

export async function benchSchedule(): Promise<string[]> {
  const highs = await loader();
  const proven: number[] = [];
  const open: number[] = [];
  const times: number[] = [];
  let none = 0;
  let missed = 0;
  let unsettled = 0;
  for (const day of DAYS) {
    const started = performance.now();
    const line = forwardFrom(day.activities, day.means, day.windows, 0);
    times.push(performance.now() - started);
    const exact = exactOf(highs, day, line.ok ? line.end : WITHIN, SECONDS);
    if (line.ok) (exact.proven ? proven : open).push(line.end / exact.bound - 1);
    else if (!exact.proven) unsettled++;
    else if (exact.bound === Infinity) none++;
    else missed++;
  }
  const percent = (share: number) => `${(100 * share).toFixed(2)} %`;
  const mean = (list: readonly number[]) => list.reduce((sum, value) => sum + value, 0) / list.length;
  times.sort((a, b) => a - b);
  return [
    `schedules of ${DAYS.length} generated problems of 8-40 steps, compared with a time-indexed integer program (HiGHS, ${SECONDS} s each): ` +
      `over the proven shortest on ${proven.length} problems ${percent(mean(proven))} on average (wanted: under 2 %), ${percent(Math.max(...proven))} at most; ` +
      `${open.length > 0 ? `over the bound on ${open.length} others ${percent(mean(open))} on average; ` : ''}` +
      `${none} have no schedule, which the program proves too${unsettled > 0 ? `, ${unsettled} more could not be settled` : ''}; ${missed} missed`,
    `a schedule takes ${times[times.length / 2]!.toFixed(0)} ms in the median, ${times.at(-1)!.toFixed(0)} ms at most`,
  ];
}
