/** A label draft: ingredients, allergens, nutrition, storage. Local food law decides. */
export * from './types';
export * from './nutrients';
export * from './profiles';
export * from './nutrition';
export * from './rounding';
export * from './serving';
export * from './ingredients';
export * from './allergenTerms';
export * from './keeping';
