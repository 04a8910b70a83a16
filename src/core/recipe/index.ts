/** Reading a recipe into lines, preparations and slabs. */
export { larderMatch, namesIn } from './name';
export * from './notes';
export * from './readLine';
export * from './readRecipe';
export * from './slabFromRecipe';
export * from './schemaOrg';
export * from './lineInWords';
export * from './lineFromReading';
export * from './packPrice';
export { plainLetters } from './tidy';
export * from './measuresOf';
