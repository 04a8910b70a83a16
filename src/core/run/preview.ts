import type { Happening, RunEvent } from './events';
import { runState, stepsNeeding, type Danger, type RunState } from './state';
import type { RunPlan } from './types';

/** What an entry would change, before it is made. */
export interface Preview {
  readonly state: RunState;
  /** How much later the run ends, min; negative for earlier. */
  readonly laterMinutes: number;
  /** Waits that would exceed their maximum, and do not now. */
  readonly dangers: readonly Danger[];
}

const MINUTE_MS = 60_000;
const NOBODY = '00000000-0000-4000-8000-000000000000';

/** Returns what an entry would change if it were made now. */
export function previewOf(plan: RunPlan, events: readonly RunEvent[], happening: Happening, nowMs: number): Preview {
  const before = runState(plan, events, nowMs);
  const event = { ...happening, id: NOBODY, at: new Date(nowMs).toISOString() } as RunEvent;
  const state = runState(plan, [...events, event], nowMs);
  const isKnown = ({ step, behind }: Danger) =>
    before.dangers.some((own) => own.step === step && own.behind === behind);
  return {
    state,
    laterMinutes: (state.endsAt - before.endsAt) / MINUTE_MS,
    dangers: state.dangers.filter((danger) => !isKnown(danger)),
  };
}

/** Returns the steps that another can be postponed behind: pending ones that do not need it. */
export function stepsToWaitFor({ steps }: RunState, id: string): RunState['steps'] {
  const needing = stepsNeeding(
    steps.map(({ step }) => step),
    id,
  );
  return steps.filter(({ step, endedAt }) => endedAt === null && !needing.has(step.id)).sort((a, b) => a.from - b.from);
}
