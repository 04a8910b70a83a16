/** What pays: sales with their prices and costs, by slab, piece type and channel. */
export * from './demand';
export * from './next';
export * from './profit';
export * from './sale';
