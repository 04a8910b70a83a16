/** A recipe as it is written, read into lines, preparations and slabs. */
export * from './readLine';
export * from './readRecipe';
export * from './kept';
export * from './schemaOrg';
