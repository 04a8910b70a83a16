/** Tins: dimensions, and volume by height. */
export * from './types';
export * from './schema';
export { lean } from './shape';
export * from './sheet';
export * from './inset';
export * from './volume';
export * from './words';
export * from './liner';
