/** A draft of the label: ingredients, allergens, nutrition, keeping. Local food law decides. */
export * from './types';
export * from './nutrition';
export * from './ingredients';
export * from './keeping';
