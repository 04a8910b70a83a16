import { earliestEnds } from './bounds';
import { Grid } from './grid';
import { placeBatch, takeBatch } from './place';
import { gridOf, type WeekQuestion } from './board';
import type { WeekFound } from './search';
import { lateness } from './score';
import { membersOf } from './together';
import type { Workroom } from './types';

/** Resources that can hold up a batch. */
export const SCARCE = ['people', 'oven', 'ring', 'mixer', 'board', 'fridge', 'freezer', 'tins'] as const;
export type Scarce = (typeof SCARCE)[number];

/** Why a batch is late. */
export type LateReason =
  /** A step is longer than the hours, or needs what the workroom does not have. */
  | { readonly code: 'fits-nowhere' }
  /** Even alone in the workroom it ends only then, min. */
  | { readonly code: 'begins-too-late'; readonly earliest: number }
  /** Others use what it needs. */
  | { readonly code: 'in-use'; readonly resource: Scarce }
  /** Several things together hold it up. */
  | { readonly code: 'too-much' };

export interface LateBatch {
  readonly batch: string;
  /** `null` if it is not placed at all. */
  readonly minutes: number | null;
  readonly because: LateReason;
}

/** Returns a workroom with enough of one resource. */
function withEnough(workroom: Workroom, of: Scarce): Workroom {
  const [first] = workroom.ovens;
  switch (of) {
    case 'people':
      return { ...workroom, people: [...workroom.people, ...workroom.people] };
    case 'oven':
      return { ...workroom, ovens: [...workroom.ovens, ...(first ? [{ ...first, name: '' }] : [])] };
    case 'ring':
      return { ...workroom, rings: workroom.rings + 100 };
    case 'mixer':
      return { ...workroom, mixers: workroom.mixers + 100 };
    case 'board':
      return { ...workroom, boards: workroom.boards + 100 };
    case 'fridge':
      return { ...workroom, fridgeMm2: null };
    case 'freezer':
      return { ...workroom, freezerMm2: null };
    case 'tins':
      return { ...workroom, tins: new Map() };
  }
}

/** Returns the batches that end after their due times, or fit nowhere, with what is in their way. */
export function lateBatches(question: WeekQuestion, { placements }: WeekFound): LateBatch[] {
  const { batches, workroom, minutes } = question;
  const empty = new Grid(workroom, minutes);
  const grids = new Map<Scarce, Grid>();
  /** Returns the grid of the plan, with enough of one resource. */
  function gridWithEnough(scarce: Scarce): Grid {
    const known = grids.get(scarce);
    if (known) return known;
    const grid = gridOf({ ...question, workroom: withEnough(workroom, scarce) });
    batches.forEach((of, b) => placements[b] && takeBatch(grid, of, placements[b], 1));
    grids.set(scarce, grid);
    return grid;
  }
  /** Tells whether a batch would be on time with enough of one resource, and the other batches where they are. */
  function isInTimeWithEnough(scarce: Scarce, b: number): boolean {
    const [of, was] = [batches[b]!, placements[b]];
    const grid = gridWithEnough(scarce);
    if (was) takeBatch(grid, of, was, -1);
    const found = placeBatch(grid, of, { direction: -1, limit: of.batch.due });
    if (found) takeBatch(grid, of, found, -1);
    if (was) takeBatch(grid, of, was, 1);
    return found !== null;
  }
  return batches.flatMap((of, b): LateBatch[] => {
    const placement = placements[b];
    const members = placement
      ? lateness(of, placement).filter(({ minutes }) => minutes > 0)
      : membersOf(of.batch).map(({ id }) => ({ id, minutes: null }));
    if (members.length === 0) return [];
    const ends = earliestEnds(empty, of);
    const tooLate = ends && membersOf(of.batch).flatMap(({ id, due }) => (ends.get(id)! > due ? [ends.get(id)!] : []));
    const because = (): LateReason => {
      if (tooLate === null) return { code: 'fits-nowhere' };
      if (tooLate.length > 0) return { code: 'begins-too-late', earliest: Math.max(...tooLate) };
      const resource = SCARCE.find((scarce) => isInTimeWithEnough(scarce, b));
      return resource ? { code: 'in-use', resource } : { code: 'too-much' };
    };
    const reason = because();
    return members.map(({ id, minutes }) => ({ batch: id, minutes, because: reason }));
  });
}
