import type { EntryReason } from '$core/stock';

/** Names of the reasons for which stock changes. */
export const ENTRY_REASON_NAMES: Readonly<Record<EntryReason, string>> = {
  delivery: 'Delivery',
  count: 'Stocktake',
  waste: 'Thrown away',
  sale: 'Handed over',
  made: 'Made',
  used: 'Used',
  returned: 'Returned',
};
