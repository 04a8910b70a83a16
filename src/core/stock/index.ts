/** The ledger of stock: entries that are only added, what they come to by lot, and what runs and orders book. */
export * from './schema';
export * from './held';
export * from './run';
export * from './booked';
