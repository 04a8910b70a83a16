import { namesNeeded } from '$core/slab';
import { database } from '$lib/server/db';
import { bodyText, jsonText, readText } from '$lib/server/http';
import { allergensOfSlab } from '$lib/server/labels';
import { ingredientsNamed } from '$lib/server/larder';
import { plannedAsAsked } from '$lib/server/planned';
import { planAnswer } from '$lib/server/planAnswer';
import { RememberedAnswers } from '$lib/server/rememberedAnswers';
import { readPlanRequest } from '$lib/server/requests/plan';
import { shopSettings } from '$lib/server/shop';
import { allTins } from '$lib/server/tins';

const remembered = new RememberedAnswers(8_000_000);

/** Computes a plan with the shop's larder; the slab's own entries win. */
export async function POST({ request }) {
  const text = await bodyText(request);
  if (!text.ok) return text.response;
  const known = remembered.answerTo(text.value);
  if (known !== null) return jsonText(known);
  const body = readText(text.value, readPlanRequest);
  if (!body.ok) return body.response;
  const { slab, shop: overrides, ...asked } = body.value;
  const db = database();
  const names = namesNeeded(slab, asked.scale);
  const readAgain = () => [shopSettings(db), allTins(db), ingredientsNamed(db, names)] as const;
  const read = readAgain();
  const [settings, rack, ingredients] = read;
  const shop = { ...settings, rack, ...overrides };
  const done = await plannedAsAsked(slab, ingredients, shop, asked);
  if (!done.ok) return done.response;
  const answer = JSON.stringify(planAnswer(done.value, slab, shop, allergensOfSlab(slab, ingredients)));
  remembered.remember(text.value, { read, readAgain, answer });
  return jsonText(answer);
}
