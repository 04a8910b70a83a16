/** Cost of a slab and its selling price. */
export * from './cents';
export * from './money';
export * from './price';
export * from './slabCost';
export * from './pricing';
export * from './asked';
export * from './bill';
export * from './earned';
