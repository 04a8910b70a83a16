/** Reading the method of a recipe, sentence by sentence: steps, tin, cut, storage. */
export { STEP_KINDS, type StepKind } from './kinds';
export type { StepRead } from './follow';
export type * from './notes';
export * from './read';
export * from './toSlab';
export { assumedOf, type AssumedOfRecipe } from './assumed';
