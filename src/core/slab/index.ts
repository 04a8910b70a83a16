/** Preparations, layers and the slab file: types, schema, reading and writing. */
export * from './words';
export * from './types';
export * from './stepTitle';
export * from './baked';
export * from './expandDividedLines';
export * from './inTins';
export * from './shares';
export * from './edit';
export * from './judge';
export * from './cutWork';
export * from './meeting';
export * from './pot';
export * from './namedIn';
export { renameOlderMode, renameOlderFields } from './olderNames';
export * from './read';
export * from './selling';
export * from './usual';
export * from './schema';
