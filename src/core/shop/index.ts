/** The shop's settings and equipment. */
export * from './types';
export * from './schema';
export * from './currency';
