import type { Held } from '../validation';
import type { assortmentSchema, occurrenceSchema, OrderStatus, orderSchema } from './schema';

/** An order as it is sent and stored. */
export type Order = Held<typeof orderSchema>;
export type OrderLine = Order['lines'][number];
export type Assortment = Held<typeof assortmentSchema>;
/** What differs at one occurrence of a standing order. */
export type OccurrenceChange = Held<typeof occurrenceSchema>;

/** An order with its number, and the revision that shows whether somebody else has changed it. */
export type StoredOrder = Order & { readonly id: number; readonly revision: number; readonly status: OrderStatus };
export type StoredAssortment = Assortment & { readonly id: number; readonly revision: number };

/** An order at one due time. `occurrence` is the moment that the rule gives it, for a standing order. */
export interface DueOrder extends Omit<StoredOrder, 'repeat'> {
  readonly repeat?: string | undefined;
  readonly occurrence?: string;
}
