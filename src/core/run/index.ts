/** A run: one actual batch of a slab as append-only events, and the state derived from them. */
export * from './events';
export * from './types';
export * from './state';
export * from './preview';
export * from './change';
export * from './record';
export * from './file';
