/** What a slab costs. */
export * from './cents';
export * from './price';
export * from './slabCost';
