import type { Step } from './types';
import type { Place } from './words';

/** Tins of a schedule that go through a step together, counted from 1. */
export interface TinGroup {
  readonly from: number;
  readonly to: number;
  readonly of: number;
}

/** Title of a step: text by the maker, or a code with figures whose text comes from `wording`. */
export type StepAction =
  | { readonly code: 'written'; readonly text: string }
  | { readonly code: 'boil'; readonly name: string; readonly celsius: number }
  | { readonly code: 'melt' | 'mix' | 'finish'; readonly name: string }
  /** Weigh off a mixture that is cooked with another batch. */
  | { readonly code: 'take'; readonly name: string; readonly massG: number; readonly from: string }
  | { readonly code: 'lay'; readonly name: string; readonly isScattered: boolean }
  | { readonly code: 'set'; readonly name: string; readonly place: Place }
  | { readonly code: 'cut'; readonly how: 'cut' | 'snap' | 'break' }
  | { readonly code: 'weigh' | 'combine' | 'score' | 'pack' }
  | { readonly code: 'simmer-water' | 'melt-over-steam' | 'melt-on-low-heat' }
  | { readonly code: 'scatter-on-slab' | 'cover-slab' | 'spread-on-slab' }
  | {
      readonly code: 'melt-in-bursts';
      readonly bursts: number;
      readonly seconds: number;
      /** Seconds of the last burst. */
      readonly lastSeconds: number;
    };

/** An action, its tins, and its number of repeats. */
export type StepTitle = StepAction & {
  readonly tins?: TinGroup;
  /** Above 1 for a step that is repeated for each boil. */
  readonly times?: number;
  /** Which boil of several, counted from 1. */
  readonly boil?: { readonly at: number; readonly of: number };
  /** Names of other slabs whose mixture is in the pot. */
  readonly alsoFor?: readonly string[];
};

/** A step of a preparation whose text may still be a code. */
export type TitledStep = Omit<Step, 'text'> & { readonly title: StepTitle };

/** Returns a written step with its text as its title. */
export const titled = ({ text, ...step }: Step): TitledStep => ({ ...step, title: { code: 'written', text } });
