/** Steps of runs made up for tests. */
import type { RunStep } from '$core/run';

/** Returns a step between two minutes of its run, done by hand unless its part says otherwise. */
export const step = (id: string, from: number, to: number, part: Partial<RunStep> = {}): RunStep => ({
  ...{ id, of: 'p', text: id, minutes: to - from, hands: 'busy', occupies: [], ovenC: null, after: [], caution: null },
  planned: { from, to },
  ...part,
});

/** Returns a link to a step before, with its minimum and maximum wait, min. */
export const after = (on: string, least = 0, most: number | null = null) => ({ on, least, most });
