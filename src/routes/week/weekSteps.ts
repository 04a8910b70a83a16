import type { RunningBatch, WeekPlanStep } from '$core/usecases';
import type { StoredBatch } from '$lib/server/week';

/** Returns what is left of runs in progress as steps of the stage. The first person is taken to do the work, in the first oven. */
export const runningSteps = (
  running: readonly RunningBatch[],
  people: readonly string[],
  oven: string,
): WeekPlanStep[] =>
  running.flatMap(({ id: batch, steps }) =>
    steps.map(({ id, of, text, hands, occupies, ovenC, areaMm2, shelves, from, to }) => ({
      ...{ batch, step: id, of, title: { code: 'written', text } as const, caution: null },
      ...{ start: from, end: to, tins: [], after: [] },
      hands: hands === 'free' ? null : (people[0] ?? null),
      attention: hands === 'busy' ? 1 : hands === 'watch' ? 0.5 : 0,
      attended: hands !== 'free' || occupies.includes('oven') || occupies.includes('ring'),
      uses: occupies.map((resource) => ({
        resource: resource === 'oven' ? oven : resource,
        ...(ovenC === null ? {} : { celsius: ovenC }),
        ...(areaMm2 === undefined ? {} : { areaMm2 }),
        ...(shelves === undefined ? {} : { shelves }),
      })),
    })),
  );

/** Returns the stored steps of batches that are not begun, with their moments. */
export const storedSteps = (batches: readonly StoredBatch[]): WeekPlanStep[] =>
  batches
    .filter(({ run }) => run === null)
    .flatMap(({ placed }) => placed ?? [])
    .map(({ start, end, uses, ...step }) => ({
      ...step,
      ...{ start: new Date(start), end: new Date(end) },
      uses: uses.map(({ until, ...use }) => ({ ...use, ...(until ? { until: new Date(until) } : {}) })),
    }));
