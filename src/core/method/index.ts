/** Reading the method of a recipe, sentence by sentence: steps, tin, cut, storage. */
export { STEP_KINDS, type StepKind } from './kinds';
export type { StepRead } from './follow';
export type { Unnamed } from './leftovers';
export type * from './notes';
export * from './read';
export { isCutStated } from './toSlab';
export { choicesFor, type StepChoice } from './choices';
export type { Sign } from './signs';
export * from './toSlab';
export { assumedOf, type AssumedOfRecipe } from './assumed';
