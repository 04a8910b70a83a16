/** The shop: its settings, and what it has to work with. */
export * from './types';
export * from './schema';
export * from './currency';
