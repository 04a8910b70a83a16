/** Texts about a week: why a batch is late, and what would help. */
import type { LateInWeek, NoBatch, WeekChangeOut } from '$core/usecases';
import type { Scarce } from '$core/week';
import { plural } from './grammar';

/** Formats a moment in the shop's locale and zone. */
export type SayMoment = (moment: Date) => string;

const IN_USE: Readonly<Record<Scarce, string>> = {
  people: 'Nobody is free for it in time',
  oven: 'The oven is in use',
  ring: 'The hob is in use',
  mixer: 'The mixer is in use',
  board: 'The cutting board is in use',
  fridge: 'The fridge is full',
  freezer: 'The freezer is full',
  tins: 'Its tins are in use',
};

/** Returns why a batch is late, without a full stop. */
export function lateText(because: LateInWeek['because'], sayMoment: SayMoment): string {
  switch (because.code) {
    case 'fits-nowhere':
      return 'One of its steps fits into no working hours, or needs what the workroom does not have';
    case 'begins-too-late':
      return `Even alone in the workroom it is done ${sayMoment(because.earliest)} at the earliest`;
    case 'in-use':
      return IN_USE[because.resource];
    case 'too-much':
      return 'There is too much work before it';
  }
}

/**
 * Returns a change that would help, as an instruction.
 *
 * @param nameOf the name of a batch
 */
export function wayOutText(change: WeekChangeOut, nameOf: (batch: string) => string, sayMoment: SayMoment): string {
  switch (change.what) {
    case 'due':
      return `Hand over ${nameOf(change.batch)} later, ${sayMoment(change.due)}`;
    case 'hours':
      return `Extra hours for ${change.person}, ${sayMoment(change.from)} to ${sayMoment(change.to)}`;
    case 'tin':
      return `Add ${change.count === 1 ? 'another' : `${change.count} more`} ${change.tin}`;
    case 'fewer-tins':
      return `Make ${nameOf(change.batch)} in ${plural(change.tins, 'tin', 'tins')}`;
    case 'apart':
      return `Cook for ${change.batches.map(nameOf).join(' and ')} separately`;
  }
}

/** Returns what is late after a change. */
export const stillLateText = (minutes: number, sayDuration: (minutes: number) => string): string =>
  minutes === 0 ? 'nothing late' : `still ${sayDuration(minutes)} late`;

/** Returns why nothing is planned for a slab that is ordered. */
export function noBatchText(because: NoBatch, slab: string): string {
  switch (because.code) {
    case 'slab-deleted':
      return 'An order names a slab that was deleted. Change its lines, or delete the order.';
    case 'cut-undecided':
      return `${slab} is not cut yet. Decide its cut, then plan its orders.`;
    case 'no-such-piece-type':
      return `${slab} has no such piece type any more. Change the orders that name it.`;
    case 'no-pieces':
      return `No tin gives the pieces of ${slab} that are ordered. Choose another tin for it.`;
  }
}
