import { withOneTinFewer, type Batch } from '$core/batches';
import type { DueOrder } from '$core/orders';
import type { WeekChangeOut } from '$core/usecases';
import { ask, type Answer } from '$lib/api';
import type { StoredBatch } from '$lib/server/week';

/** Requests that change the week. */

/** Returns what of a batch is sent. */
export const bodyOf = ({ id: _id, revision: _revision, placed: _placed, run: _run, ...batch }: StoredBatch): Batch =>
  batch;

export const putBatch = (batch: StoredBatch, change: Partial<Batch>): Promise<Answer<unknown>> =>
  ask('PUT', `/api/week/batches/${batch.id}`, { revision: batch.revision, ...bodyOf(batch), ...change });

export const deleteBatch = ({ id, revision }: StoredBatch): Promise<Answer<unknown>> =>
  ask('DELETE', `/api/week/batches/${id}?revision=${revision}`);

/** Pins one step of a batch to a moment; its other pins stay. */
export const pinStep = (batch: StoredBatch, step: string, at: Date): Promise<Answer<unknown>> =>
  putBatch(batch, {
    pinned: [...(batch.pinned ?? []).filter((own) => own.step !== step), { step, start: at.toISOString() }],
  });

/** What a change that helps is applied to. */
interface ApplyTo {
  readonly batches: readonly StoredBatch[];
  readonly orders: readonly DueOrder[];
  readonly rack: readonly { readonly name: string; readonly count: number; readonly id?: number }[];
}

/** Returns the requests that apply a change that helps. A later due time is that of the batch and of its orders. */
export function applyChange(change: WeekChangeOut, { batches, orders, rack }: ApplyTo): Promise<Answer<unknown>>[] {
  const byId = (id: string) => batches.filter((batch) => String(batch.id) === id);
  switch (change.what) {
    case 'hours':
      return [ask('POST', '/api/week/hours', { person: change.person, from: change.from, to: change.to })];
    case 'tin':
      return rack
        .filter(({ name, id }) => name === change.tin && id !== undefined)
        .map((tin) => ask('PUT', `/api/tins/${tin.id}`, { ...tin, count: tin.count + change.count }));
    case 'fewer-tins':
      return byId(change.batch).flatMap((batch) => {
        const fewer = withOneTinFewer(bodyOf(batch));
        return fewer ? [putBatch(batch, fewer)] : [];
      });
    case 'apart':
      return change.batches.flatMap(byId).map((batch) => putBatch(batch, { takes: [] }));
    case 'due': {
      const due = change.due.toISOString();
      return byId(change.batch).flatMap((batch) => [
        putBatch(batch, { due }),
        ...orders
          .filter((order) =>
            (batch.orders ?? []).some(
              ({ order: id, occurrence = '' }) => id === order.id && occurrence === (order.occurrence ?? ''),
            ),
          )
          .map((order) => moveOrder(order, due)),
      ]);
    }
  }
}

function moveOrder({ id, revision, occurrence, ...order }: DueOrder, due: string): Promise<Answer<unknown>> {
  const at = occurrence ? `?occurrence=${encodeURIComponent(occurrence)}` : '';
  return ask('PUT', `/api/orders/${id}${at}`, { revision, ...(occurrence ? { due } : { ...order, due }) });
}
