/** What a tin holds at a height. */
export * from './types';
export * from './inset';
export * from './volume';
export * from './words';
