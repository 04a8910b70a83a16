/** Market days: how much to take, from what was sold before. */
export * from './demand';
export * from './quantity';
export * from './schema';
