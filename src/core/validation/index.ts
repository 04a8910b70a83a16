/** Holding what was read against a schema: building blocks, problems with their places, limits of fields, JSON that can be kept. */
export * from './codes';
export * from './types';
export * from './fields';
export * from './dates';
export * from './problems';
export * from './json';
export * from './numberLimits';
export * from './jsonSchema';
