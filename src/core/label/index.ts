/** A label draft: ingredients, allergens, nutrition, storage. Local food law decides. */
export * from './types';
export * from './nutrition';
export * from './ingredients';
export * from './keeping';
