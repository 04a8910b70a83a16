/** Ingredients: density, composition, packs, allergens; finding one by a written name. */
export * from './types';
export * from './allergenLists';
export * from './schema';
export * from './match';
export * from './allergens';
export * from './allergenNames';
export * from './density';
export * from './countableAs';
export * from './cells';
export * from './columns';
export * from './table';
