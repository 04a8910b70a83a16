/** The week: the batches of several slabs planned in one workroom. */
export * from './types';
export * from './workroom';
export * from './together';
export * from './steps';
export * from './grid';
export * from './place';
export * from './score';
export * from './justify';
export { gridOf, type WeekQuestion } from './board';
export * from './search';
export * from './bounds';
export * from './late';
export * from './waysOut';
