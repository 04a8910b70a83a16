/** Preparations, layers, the slab file: types, schema, reading and writing. */
export * from './types';
export * from './baked';
export * from './divided';
export * from './edit';
export * from './judge';
export * from './meeting';
export * from './pot';
export * from './problems';
export * from './read';
export * from './schema';
export * from './texture';
export * from './fields';
