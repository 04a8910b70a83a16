import assert from 'node:assert/strict';
import { isAttended, type Means, type Timed, type Windows } from '$core/time';

/** Asserts that no resource is used twice at once, every link is kept, and attended or hot steps lie in working hours. */
export function assertSound(steps: readonly Timed[], { hands, ovens, rings }: Means, windows: Windows): void {
  const by = new Map(steps.map((step) => [step.activity.id, step]));
  for (const { activity, start, end } of steps) {
    for (const { on, least, most } of activity.after) {
      const wait = start - by.get(on)!.end;
      assert.ok(
        wait >= least - 1e-6 && (most === null || wait <= most + 1e-6),
        `${activity.id} waits ${wait} for ${on}`,
      );
    }
    if (isAttended(activity))
      assert.ok(
        windows.some(([from, to]) => start >= from - 1e-6 && end <= to + 1e-6),
        'hours',
      );
  }
  for (const moment of steps.map(({ start }) => start + 1e-3)) {
    const on = steps.filter(({ start, end }) => start <= moment && end > moment).map(({ activity }) => activity);
    const halves = on.reduce((sum, activity) => sum + { busy: 2, watch: 1, free: 0 }[activity.hands], 0);
    assert.ok(halves <= 2 * hands, 'hands');
    const using = (what: string) => on.filter(({ occupies }) => occupies.includes(what));
    assert.ok(using('ring').length <= rings && using('mixer').length <= 1, 'rings and mixer');
    assert.ok(new Set(using('oven').map(({ ovenC }) => ovenC)).size <= ovens, 'oven temperatures');
  }
}
