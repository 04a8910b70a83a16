/** Fitting: several piece types in one slab, an order in the tins of the rack, shards in bags. */
export * from './linear';
export * from './mixed';
export * from './bags';
export * from './order';
export * from './proposedSizes';
