import { assumedOfRecipeText, lineNotesText, measuresAssumedText, questionsOf, stepNoteText } from '$wording/reading';
import { json } from '@sveltejs/kit';
import { setImmediate } from 'node:timers/promises';
import { figuresIn, type Measures } from '$core/measure';
import { assumedOf, readMethod, slabFromMethod } from '$core/method';
import { measuresOf, recipeReadings, type LineRead } from '$core/recipe';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { ingredientsFor, shelfLarder } from '$lib/server/larder';
import { runTask } from '$lib/server/tasks/pool';
import { readPasted } from '$lib/server/requests/kept';
import { shopSettings } from '$lib/server/shop';

/** Time to read before other requests are served, ms. */
const STRETCH_MS = 20;
/** Methods of longer recipes are read in a thread: up to this they take some 50 ms. */
const SHORT = { lines: 40, letters: 4000 } as const;

/** Reads a pasted recipe line by line against the larder, then its method; with `slab` also what is made of it, and what is open. */
export async function POST({ request }) {
  const body = await readBody(request, readPasted);
  if (!body.ok) return body.response;
  const db = database();
  const { text } = body.value;
  const measures = body.value.measures ?? measuresOf(text) ?? shopSettings(db).measures;
  const lines: LineRead[] = [];
  let until = performance.now() + STRETCH_MS;
  for (const read of recipeReadings(text, measures, shelfLarder(db))) {
    lines.push(read);
    if (performance.now() < until) continue;
    await setImmediate();
    until = performance.now() + STRETCH_MS;
  }
  const isLong = lines.length > SHORT.lines || text.length > SHORT.letters;
  const done = isLong ? await runTask('method', { lines, measures }) : null;
  if (done && !done.ok) return done.response;
  const { method, slab } = done ? done.value : followed(lines, measures);
  const { tin, cut, keep, steps } = method;
  const shop = shopSettings(db);
  const figures = figuresIn(shop.shownIn, measures);
  const proposed = body.value.slab
    ? await runTask('proposals', { slab, ingredients: ingredientsFor(db, [slab]), shop })
    : null;
  if (proposed && !proposed.ok) return proposed.response;
  return json({
    ...{ tin, cut, keep },
    lines: lines.map((line) => ({ ...line, why: lineNotesText(line.notes) })),
    steps: steps.map((step) => ({ ...step, why: step.note ? stepNoteText(step.note) : '' })),
    ...(proposed
      ? {
          slab,
          assumed: [
            ...(body.value.measures
              ? []
              : [
                  {
                    ...{ path: '/measures', code: 'measures-assumed' },
                    why: measuresAssumedText(measures, measuresOf(text) !== null),
                  },
                ]),
            ...assumedOf(method, slab).map((assumed) => ({
              ...{ path: assumed.path, code: assumed.code, why: assumedOfRecipeText(assumed, slab, figures) },
            })),
          ],
          questions: questionsOf({ lines, method, slab, ...proposed.value }, figures),
        }
      : {}),
  });
}

function followed(lines: readonly LineRead[], measures: Measures) {
  const read = readMethod(lines, '', measures);
  return { method: read.method, slab: slabFromMethod(read) };
}
