/** Validation against schemas: building blocks, problems with their places, limits of fields, and safe JSON. */
export * from './codes';
export * from './types';
export * from './fields';
export * from './dates';
export * from './problems';
export * from './json';
export * from './numberLimits';
export * from './jsonSchema';
