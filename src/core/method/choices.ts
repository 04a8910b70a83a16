import { STAGES, type Stage } from '../slab';
import { stageRange } from '../sugar';
import type { StepRead } from './follow';

/** A likely answer to the question about a step, and the correction that it makes. */
export type StepChoice = { readonly part: Partial<StepRead> } & (
  | { readonly code: 'temperature'; readonly celsius: number }
  | { readonly code: 'stage'; readonly stage: Stage; readonly celsius: number }
  | { readonly code: 'wait-before'; readonly minutes: number }
  | { readonly code: 'no-end-point' | 'melts-there' | 'not-a-step' | 'as-read' }
);

/** Stages that a boil without an end point is offered. */
const OFFERED: readonly Stage[] = STAGES.filter((stage) => /ball|hard crack/.test(stage));
/** Usual time until a boil takes melted chocolate, min: soft caramel 9 mm thick, at room temperature. */
const COOLS_MIN = 45;

const temperature = (celsius: number): StepChoice => ({ code: 'temperature', celsius, part: { celsius } });
const middleOf = (stage: Stage) => {
  const { fromC, toC } = stageRange(stage);
  return Math.round((fromC + toC) / 2);
};

/** Returns the likely answers to the question about a step; none for a step without a question. */
export function choicesFor({ note, kind }: StepRead): StepChoice[] {
  if (note === null) return [];
  switch (note.code) {
    case 'stage-range':
    case 'sign-range':
      return [...new Set([note.fromC, note.takenC, note.toC])].map(temperature);
    case 'two-temperatures':
      return [note.takenC, note.otherC].map((celsius) => temperature(Math.round(celsius)));
    case 'scale-unknown': {
      const key = kind === 'bake' ? 'ovenC' : 'celsius';
      return [note.takenC, Math.round((note.takenC - 32) / 1.8)].map((celsius) => ({
        ...{ code: 'temperature', celsius, part: { [key]: celsius } },
      }));
    }
    case 'no-end-point':
      return [
        ...OFFERED.map((stage): StepChoice => {
          const celsius = middleOf(stage);
          return { code: 'stage', stage, celsius, part: { celsius, stage } };
        }),
        { code: 'no-end-point', part: {} },
      ];
    case 'on-hot':
      return [
        { code: 'wait-before', minutes: COOLS_MIN, part: { minutes: [COOLS_MIN, COOLS_MIN] } },
        { code: 'melts-there', part: {} },
      ];
    case 'kept-back':
      return [{ code: 'as-read', part: {} }];
    case 'used-up':
    case 'nothing-to-lay':
    case 'not-understood':
      return [
        { code: 'not-a-step', part: { kind: 'other', of: null } },
        { code: 'as-read', part: {} },
      ];
    case 'temperature-out-of-range':
    case 'negative-time':
      return [];
  }
}
