import { openLineText } from '$wording/label';
import { json } from '@sveltejs/kit';
import { ALLERGENS, ingredientNamed, larderOf } from '$core/larder';
import { namesNeeded } from '$core/slab';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { ingredientsNamed } from '$lib/server/larder';
import { readFreeFromRequest } from '$lib/server/requests/selling';
import { wholeShop } from '$lib/server/shop';
import { runTask } from '$lib/server/tasks/pool';

type Allergen = (typeof ALLERGENS)[number];

/** Returns a slab without an allergen: its substitutions, lines without a substitute, and what else changes. */
export async function POST({ request }) {
  const body = await readBody(request, readFreeFromRequest);
  if (!body.ok) return body.response;
  const { slab, shop: overrides, allergen, answers } = body.value;
  const db = database();
  const named = ingredientsNamed(db, namesNeeded(slab));
  const larder = larderOf(named);
  const instead = namesNeeded(slab).flatMap(
    (name) => ingredientNamed(name, larder)?.alternatives?.map(({ ingredient }) => ingredient) ?? [],
  );
  const ingredients = [...named, ...ingredientsNamed(db, [...instead, ...Object.values(answers ?? {})])];
  const shop = { ...wholeShop(db), ...overrides };
  const done = await runTask('freeFrom', {
    slab,
    ingredients,
    shop,
    asked: {},
    allergen: allergen as Allergen,
    answers,
  });
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const open = done.value.value.open.map((line) => ({ ...line, why: openLineText(line) }));
  return json({ ...done.value.value, open });
}
