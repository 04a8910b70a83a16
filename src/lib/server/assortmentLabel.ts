import { USUAL_SHOP } from '$core/shop';
import type { LabelDraft } from '$core/usecases';
import { problem, type Read } from '$core/validation';
import { keepText } from '$wording/label';
import { allAssortments } from './assortments';
import type { Db } from './db/open';
import { allergensOfSlab } from './labels';
import { ingredientsFor } from './larder';
import { wholeShop } from './shop';
import { slabById } from './slabs';
import { runTask, type TaskDone } from './tasks/pool';

/** The label of a pack with several products: each named with its ingredients, and what holds for all of them. */
export interface AssortmentLabel {
  readonly name: string;
  readonly components: readonly { readonly name: string; readonly count: number; readonly text: string }[];
  readonly contains: readonly string[];
  readonly probablyContains: readonly string[];
  readonly unknownFor: readonly string[];
  readonly netG: number;
  /** The earliest of all; `null` where one has no shelf life. */
  readonly bestBefore: string | null;
  /** Storage of all components, each once. */
  readonly keep: readonly string[];
}

/**
 * Drafts the label of an assortment that is packed on a day.
 *
 * @returns `null` if it does not exist
 */
export async function assortmentLabel(
  db: Db,
  id: number,
  madeOn: string,
): Promise<TaskDone<Read<AssortmentLabel>> | null> {
  const assortment = allAssortments(db).find((own) => own.id === id);
  if (!assortment) return null;
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const drafts: { readonly count: number; readonly draft: LabelDraft }[] = [];
  for (const [at, { slab: slabId, kind, count }] of assortment.parts.entries()) {
    const slab = slabById(db, slabId)?.slab;
    if (!slab) return { ok: true, value: { ok: false, problems: [problem(`/parts/${at}/slab`, 'no-such-slab')] } };
    const ingredients = ingredientsFor(db, [slab]);
    const uncertain = allergensOfSlab(slab, ingredients);
    const label = { madeOn, pieces: count, uncertain, alsoMade: [], ...(kind ? { kind } : {}) };
    const done = await runTask('label', { slab, ingredients, shop, asked: {}, label });
    if (!done.ok) return done;
    if (!done.value.ok) return { ok: true, value: done.value };
    drafts.push({ count, draft: done.value.value });
  }
  const each = (of: (draft: LabelDraft) => readonly string[]) => [...new Set(drafts.flatMap(({ draft }) => of(draft)))];
  const dates = drafts.map(({ draft }) => draft.bestBefore);
  return {
    ok: true,
    value: {
      ok: true,
      value: {
        name: assortment.name,
        components: drafts.map(({ count, draft }) => ({ name: draft.name, count, text: draft.text })),
        contains: each(({ contains }) => contains),
        probablyContains: each(({ probablyContains }) => probablyContains),
        unknownFor: each(({ unknownFor }) => unknownFor),
        netG: Math.round(drafts.reduce((sum, { draft }) => sum + draft.netG, 0)),
        bestBefore: dates.includes(null) ? null : (dates.sort()[0] ?? null),
        keep: each(({ keeping }) => [keepText(keeping.place)]),
      },
    },
  };
}
