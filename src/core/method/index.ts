/** The method of a recipe, read sentence by sentence: steps, tin, cut, keeping. */
export { STEP_KINDS, type StepKind } from './kinds';
export type { StepRead } from './steps';
export type * from './notes';
export * from './read';
export * from './toSlab';
