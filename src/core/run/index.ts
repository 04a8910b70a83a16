/** A run: one actual making of a slab, as events that are only ever added to, and what they have made of its plan. */
export * from './events';
export * from './types';
export * from './state';
export * from './change';
export * from './record';
export * from './file';
