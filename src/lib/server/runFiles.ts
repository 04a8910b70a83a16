import { problem, type Problem } from '$core/validation';
import type { Shop } from '$core/shop';
import type { Ingredient } from '$core/larder';
import type { Db } from './db/open';
import { runFile } from './logOut';
import { addPhoto, photoOf, photoProblem, photosOf } from './photos';
import { addEvents, beginRun, runsOfSlab, type StoredRun } from './runs';
import { wholeShop } from './shop';
import type { FilesRead, NamedText, RunText } from './slabFiles';
import { addSlab, slabTexts } from './slabs';

/** Maximum number of recent runs of each slab in a zip, and its maximum size; a backup has all of them. */
const MAX_RUNS = 100;
const MAX_BYTES = 6 * 1_048_576;

/** Returns slab files with their runs: all of the shop's, or some. */
export function slabsWithRuns(db: Db, ids: readonly number[] | null): NamedText[] {
  let left = MAX_BYTES;
  /** Adds a run with its photos while there is room. */
  const fileOf = ({ id, plan }: StoredRun): RunText[] => {
    if (left <= 0) return [];
    const run = runFile(db, id);
    if (!run) return [];
    left -= JSON.stringify(run).length;
    const photos = photosOf(db, id).flatMap((photo) => {
      const jpeg = left > 0 ? photoOf(db, id, photo) : null;
      left -= jpeg?.length ?? 0;
      return jpeg ? [{ id: photo, jpeg }] : [];
    });
    return [{ lot: plan.lot, run, photos }];
  };
  return slabTexts(db, ids).map(({ id, name, text }) => ({
    ...{ name, text },
    runs: left > 0 ? runsOfSlab(db, id, MAX_RUNS).reverse().flatMap(fileOf) : [],
  }));
}

/** Imports slabs and their runs in one transaction. A run whose lot is taken gets another; a run without its slab is listed. */
export function addFromFiles(
  db: Db,
  { slabs, runs, photos }: FilesRead,
  now: string,
): { readonly ids: number[]; readonly runs: number; readonly refused: { file: string; problems: Problem[] }[] } {
  return db.transaction(() => {
    const ids = new Map(slabs.map(({ file, slab }) => [file, addSlab(db, slab, now)]));
    const refused: { file: string; problems: Problem[] }[] = [];
    let count = 0;
    for (const { file, plan, events, slab, ingredients, shop } of runs) {
      const slabId = ids.get(file);
      if (slabId === undefined) {
        refused.push({
          file: `${plan.lot}.run.json`,
          problems: [problem('/file', 'slab-file-not-in-zip', { file })],
        });
        continue;
      }
      const reckoned = {
        ingredients: ingredients as readonly Ingredient[],
        shop: { ...wholeShop(db), ...shop } as Shop,
      };
      const made = beginRun(
        db,
        { slabId, version: 1, slab, begin: plan.begin, ...reckoned, booksStock: false },
        (lot) => ({
          ...plan,
          lot,
          version: 1,
        }),
      );
      addEvents(db, made.id, events);
      for (const { lot, id, jpeg } of photos)
        if (lot === plan.lot && !photoProblem(jpeg)) addPhoto(db, made.id, id, jpeg);
      count += 1;
    }
    return { ids: [...ids.values()], runs: count, refused };
  })();
}
