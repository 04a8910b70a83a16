/** From orders to batches: stock first, then which tins to make for which due time. */
export * from './schema';
export * from './edit';
export * from './lots';
export * from './stock';
