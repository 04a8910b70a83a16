import { ELEMENT_NAMES, keepText, labelProblemText } from '$wording/label';
import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { allergensOfSlab, allergensOfSlabs } from '$lib/server/labels';
import { ingredientsFor } from '$lib/server/larder';
import { readLabelRequest } from '$lib/server/requests/selling';
import { wholeShop } from '$lib/server/shop';
import { runTask } from '$lib/server/tasks/pool';

/** Drafts the label of a slab. Local food law decides. */
export async function POST({ request }) {
  const body = await readBody(request, readLabelRequest);
  if (!body.ok) return body.response;
  const { slab, shop: overrides, madeOn, lot, profile, kind, pack, alsoMade = [], ...asked } = body.value;
  const db = database();
  const ingredients = ingredientsFor(db, [slab], asked.scale);
  const uncertain = allergensOfSlab(slab, ingredients);
  const label = {
    ...{ madeOn, lot, profile, kind, pieces: pack?.pieces, uncertain },
    alsoMade: allergensOfSlabs(db, alsoMade),
  };
  const done = await runTask('label', { slab, ingredients, shop: { ...wholeShop(db), ...overrides }, asked, label });
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const { problems, ...draft } = done.value.value;
  const messages = problems.map((found) => ({ ...found, message: labelProblemText(found) }));
  const lacks = draft.lacks.map((code) => ({ code, message: ELEMENT_NAMES[code] }));
  return json({ ...draft, lacks, keep: keepText(draft.keeping.place), problems: messages });
}
