import { json } from '@sveltejs/kit';
import { larderOf } from '../../../core/larder';
import { readRecipe } from '../../../core/recipe';
import { database } from '$lib/server/db';
import { bodyJson, refused } from '$lib/server/http';
import { allIngredients } from '$lib/server/larder';
import { readPasted } from '$lib/server/requests/kept';
import { shopSettings } from '$lib/server/shop';

/** Reads a recipe as it was pasted, line by line, against the shop's larder. */
export async function POST({ request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const read = readPasted(body.value);
  if (!read.ok) return refused(read.problems);
  const db = database();
  const { text, measures = shopSettings(db).measures } = read.value;
  return json({ lines: readRecipe(text, measures, larderOf(allIngredients(db))) });
}
