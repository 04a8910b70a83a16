import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyBytes, refusal, refused } from '$lib/server/http';
import { addPhoto, photoOf, photoProblem } from '$lib/server/photos';
import { runById } from '$lib/server/runs';

const A_YEAR = 31_536_000;

/** Returns a photo of a run. Photos are immutable. */
export function GET({ params }) {
  const jpeg = photoOf(database(), Number(params.id), params.photo);
  if (!jpeg) return refusal('no-photo');
  return new Response(new Uint8Array(jpeg), {
    headers: { 'Content-Type': 'image/jpeg', 'Cache-Control': `private, max-age=${A_YEAR}, immutable` },
  });
}

/** Adds a photo to a run under an id chosen by the device: a JPEG of at most 1600 pixels and 1 MB. */
export async function PUT({ params, request }) {
  const db = database();
  const body = await bodyBytes(request);
  if (!body.ok) return body.response;
  if (!runById(db, Number(params.id))) return refusal('no-run');
  const wrong = photoProblem(body.value);
  if (wrong) return refused([wrong]);
  switch (addPhoto(db, Number(params.id), params.photo, body.value)) {
    case 'full':
      return refusal('too-many-photos', 200);
    case 'other-under-this-id':
      return refusal('photo-id-used');
    case 'added':
    case 'known':
      return json({ ok: true });
  }
}
