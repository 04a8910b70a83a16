import { json } from '@sveltejs/kit';
import { boxAnswers } from '$core/pack';
import { readBody } from '$lib/server/http';
import { readBoxesRequest } from '$lib/server/requests/selling';

/** Returns how each box holds some pieces, the one with the least waste first. */
export async function POST({ request }) {
  const body = await readBody(request, readBoxesRequest);
  if (!body.ok) return body.response;
  const { piece, pieces, boxes, interleafMm } = body.value;
  const { massG = 0, ...sides } = piece;
  const answers = boxAnswers({ ...sides, massG }, pieces, boxes, interleafMm);
  // `storeys` is the older name of `levels`.
  return json({ answers: answers.map((answer) => ({ ...answer, storeys: answer.levels })) });
}
